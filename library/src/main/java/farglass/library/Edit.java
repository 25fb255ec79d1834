package farglass.library;

import farglass.core.bout.Bout;
import farglass.core.bout.Moment;
import farglass.core.change.Change;
import farglass.core.change.Outcome;
import farglass.core.plan.GamePlan;
import farglass.core.study.Athlete;
import farglass.core.study.Study;
import farglass.library.changelog.ActWriter;
import farglass.library.contents.BoutRows;
import farglass.library.contents.MomentRows;
import farglass.library.contents.OnDisk;
import farglass.library.contents.OwnWords;
import farglass.library.contents.StudyRows;
import farglass.library.store.LibraryException;
import farglass.library.store.Row;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** Writes values as rows within one act. Only rows that differ are written. */
final class Edit {
    private final ActWriter writer;

    Edit(ActWriter writer) {
        this.writer = writer;
    }

    /**
     * Lays a change onto what is on disk.
     *
     * @throws LibraryException.Refused if somebody else has changed the same
     */
    void lay(Change change) {
        Change laid = change.onto(new OnDisk(writer.store(), writer::check)).match(Outcome.Laid::what, refused -> {
            throw new LibraryException.Refused(refused.sentence());
        });
        laid.match(writing).run();
    }

    private final Change.Cases<Runnable> writing = new Change.Cases<>(
            of -> () -> of.wanted().ifPresentOrElse(this::put, () -> removeBout(of.id())),
            of -> () -> of.wanted().ifPresentOrElse(this::put, () -> removeStudy(of.id())),
            of -> () -> put(of.wanted()),
            of -> () -> put(of.wanted()),
            of -> () -> of.wanted()
                    .ifPresentOrElse(text -> put(new OwnWords.Stanza(of.key(), text)), () -> removeTerm(of.key())),
            of -> () -> put(new OwnWords.KeptMapping(of.id(), of.name(), of.wanted())),
            of -> () -> today(of.day()));

    /** {@return the athlete of that name, made if there is none} */
    Athlete athlete(String name) {
        String wanted = name.strip();
        return writer.store().where("athlete", "name", wanted, "key").stream()
                .findFirst()
                .map(row -> new Athlete(row.key(), row.text("name")))
                .orElseGet(() -> {
                    Athlete made = new Athlete(ActWriter.newId(), wanted);
                    put(made);
                    return made;
                });
    }

    void put(Athlete athlete) {
        writer.put(new Row("athlete", athlete.id(), Map.of("name", athlete.name())));
    }

    /** Writes a bout and its moments; moments that the bout no longer has are taken out. */
    void put(Bout bout) {
        writer.put(BoutRows.row(
                bout,
                athlete(bout.header().a().name()).id(),
                athlete(bout.header().b().name()).id()));
        Map<String, Row> before = new HashMap<>();
        writer.store().where("moment", "bout", bout.id(), "ord").forEach(row -> before.put(row.key(), row));
        List<Moment> moments = bout.moments();
        double[] order = Order.of(moments.stream()
                .map(moment -> before.get(MomentRows.key(bout.id(), moment.id())))
                .map(row -> row == null ? null : (Double) row.columns().get("ord"))
                .toList());
        Set<String> gone = new HashSet<>(before.keySet());
        for (int i = 0; i < moments.size(); i++) {
            Row row = MomentRows.row(bout.id(), moments.get(i), order[i]);
            gone.remove(row.key());
            writer.put(row, Optional.ofNullable(before.get(row.key())));
        }
        gone.stream().sorted().forEach(key -> writer.remove("moment", key));
    }

    void removeBout(String id) {
        writer.store().where("moment", "bout", id, "key").forEach(row -> writer.remove("moment", row.key()));
        writer.remove("bout", id);
    }

    void put(Study study) {
        putGroup(StudyRows.rows(study), "study_subject", "study", study.id());
        study.focus()
                .ifPresentOrElse(
                        focus -> writer.put(new Row("study_focus", study.id(), Map.of("focus", focus))),
                        () -> writer.remove("study_focus", study.id()));
    }

    void removeStudy(String id) {
        for (Row plan : writer.store().where("plan", "study", id, "key")) {
            removeGroup("plan", plan.key(), "plan_line", "plan");
        }
        writer.remove("study_focus", id);
        removeGroup("study", id, "study_subject", "study");
    }

    void put(GamePlan plan) {
        putGroup(StudyRows.rows(plan), "plan_line", "plan", plan.id());
    }

    /** Adds to the lexicon of this library, or changes an addition; it is never lost by an update of the shipped one. */
    void put(OwnWords.Stanza addition) {
        writer.put(new Row("term", addition.key(), Map.of("stanza", addition.text())));
    }

    void removeTerm(String key) {
        writer.remove("term", key);
    }

    void put(OwnWords.KeptMapping mapping) {
        writer.put(new Row("mapping", mapping.id(), Map.of("name", mapping.name(), "text", mapping.text())));
    }

    /** Says which day this library takes for today: for made-up bouts. */
    void today(java.time.LocalDate day) {
        writer.put(new Row("about", "today", Map.of("value", day.toString())));
    }

    private void putGroup(List<Row> rows, String childTable, String parentColumn, String parent) {
        Set<String> kept = new HashSet<>();
        for (Row row : rows) {
            writer.put(row);
            kept.add(row.key());
        }
        for (Row child : writer.store().where(childTable, parentColumn, parent, "key")) {
            if (!kept.contains(child.key())) {
                writer.remove(childTable, child.key());
            }
        }
    }

    private void removeGroup(String table, String key, String childTable, String parentColumn) {
        writer.store().where(childTable, parentColumn, key, "key").forEach(row -> writer.remove(childTable, row.key()));
        writer.remove(table, key);
    }
}
