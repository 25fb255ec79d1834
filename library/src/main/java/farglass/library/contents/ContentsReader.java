package farglass.library.contents;

import farglass.core.bout.Bout;
import farglass.core.plan.GamePlan;
import farglass.core.study.Athlete;
import farglass.core.study.Study;
import farglass.library.changelog.Act;
import farglass.library.store.LibraryException;
import farglass.library.store.Row;
import farglass.library.store.Store;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.DoubleConsumer;
import java.util.function.Function;
import java.util.stream.Collectors;

/** Reads all of a library. What cannot be believed is left out by name, and never locks up what can. */
public final class ContentsReader {
    private final Store store;
    private final List<Damage> damage = new ArrayList<>();
    private final Map<String, String> names = new HashMap<>();

    public ContentsReader(Store store) {
        this.store = store;
    }

    /** {@return everything} @param progress told how much of the moments was read, in [0, 1] */
    public Contents whole(DoubleConsumer progress) {
        Map<String, ToldMoments> moments = MomentsReading.all(store, progress);
        List<Athlete> athletes = athletes();
        Map<String, String> sealed =
                store.allIfThere("seal", "key").stream().collect(Collectors.toMap(Row::key, row -> row.text("digest")));
        List<Bout> bouts = new ArrayList<>();
        for (Row row : store.all("bout", "key")) {
            ToldMoments happened = moments.getOrDefault(row.key(), new ToldMoments());
            String found = happened.seal().with(row);
            Optional<String> expected = Optional.ofNullable(sealed.remove(row.key()));
            if (happened.unreadable().isPresent()) {
                leaveOut(row, happened.unreadable().get());
            } else if (expected.filter(seal -> !seal.equals(found)).isPresent()) {
                leaveOut(row, "it is not as it was written (its checksum differs)");
            } else {
                told(row, bout -> BoutRows.bout(bout, happened.moments(), names::get))
                        .ifPresent(bouts::add);
            }
        }
        sealed.keySet()
                .forEach(gone -> damage.add(new Damage(
                        "a bout", Optional.of(gone), "it was written as " + gone + " and is not there any more")));
        bouts.sort(Contents.IN_ORDER);
        return all(athletes, bouts);
    }

    /** {@return everything without what happened in any bout} */
    public Contents ahead() {
        List<Athlete> athletes = athletes();
        List<Bout> bouts = new ArrayList<>();
        for (Row row : store.all("bout", "key")) {
            told(row, bout -> BoutRows.bout(bout, List.of(), names::get)).ifPresent(bouts::add);
        }
        bouts.sort(Contents.IN_ORDER);
        return all(athletes, bouts);
    }

    /** {@return what the library holds after the act, reading only what the act touched} */
    public Contents after(Contents before, Act act, Function<String, Optional<Bout>> bout) {
        List<Bout> bouts = new ArrayList<>(before.bouts());
        bouts.removeIf(old -> act.bouts().contains(old.id()));
        act.bouts().forEach(id -> bout.apply(id).ifPresent(bouts::add));
        bouts.sort(Contents.IN_ORDER);
        List<Damage> still = before.damage().stream()
                .filter(old -> old.bout().filter(act.bouts()::contains).isEmpty())
                .toList();
        return act.others()
                ? with(bouts, still)
                : new Contents(
                        before.athletes(),
                        bouts,
                        before.studies(),
                        before.plans(),
                        before.words(),
                        before.today(),
                        still);
    }

    /** {@return the rest, with these bouts} @param known what was damaged before, and still is */
    private Contents with(List<Bout> bouts, List<Damage> known) {
        Contents read = all(athletes(), bouts);
        Set<Damage> both = new HashSet<>(read.damage());
        // Entries that are no bouts were looked at just now.
        known.stream().filter(old -> old.bout().isPresent()).forEach(both::add);
        return new Contents(
                read.athletes(), bouts, read.studies(), read.plans(), read.words(), read.today(), List.copyOf(both));
    }

    private Contents all(List<Athlete> athletes, List<Bout> bouts) {
        return new Contents(athletes, bouts, studies(), plans(), words(), today(), damage);
    }

    private void leaveOut(Row bout, String reason) {
        damage.add(new Damage(words(bout), Optional.of(bout.key()), reason));
    }

    /** Of a bout that cannot be read as a whole, what its row says. */
    private String words(Row row) {
        if (!row.table().equals("bout")) {
            return row.table().replace('_', ' ') + " " + row.key();
        }
        String day = row.columns().get("held_on") instanceof String known ? ", " + known : "";
        return "%s \u2013 %s%s".formatted(name(row, "a"), name(row, "b"), day);
    }

    private String name(Row bout, String column) {
        return names.getOrDefault(String.valueOf(bout.columns().get(column)), "unknown");
    }

    private <T> Optional<T> told(Row row, Function<Row, T> reading) {
        try {
            return Optional.of(row.told(reading));
        } catch (LibraryException.Damaged e) {
            damage.add(new Damage(
                    words(row),
                    row.table().equals("bout") ? Optional.of(row.key()) : Optional.empty(),
                    e.getMessage()));
            return Optional.empty();
        }
    }

    private List<Athlete> athletes() {
        List<Athlete> athletes = new ArrayList<>();
        for (Row row : store.all("athlete", "name")) {
            told(row, athlete -> new Athlete(athlete.key(), athlete.text("name")))
                    .ifPresent(athletes::add);
        }
        athletes.forEach(athlete -> names.put(athlete.id(), athlete.name()));
        return athletes;
    }

    private List<Study> studies() {
        Map<String, String> focuses = new HashMap<>();
        store.allIfThere("study_focus", "key").forEach(row -> focuses.put(row.key(), row.text("focus")));
        List<Study> studies = new ArrayList<>();
        for (Row row : store.all("study", "key")) {
            told(
                            row,
                            study -> StudyRows.study(
                                    study,
                                    store.where("study_subject", "study", study.key(), "ord"),
                                    Optional.ofNullable(focuses.get(study.key()))))
                    .ifPresent(studies::add);
        }
        return studies;
    }

    private List<GamePlan> plans() {
        List<GamePlan> plans = new ArrayList<>();
        for (Row row : store.all("plan", "key")) {
            told(row, plan -> StudyRows.plan(plan, store.where("plan_line", "plan", plan.key(), "ord")))
                    .ifPresent(plans::add);
        }
        return plans;
    }

    private OwnWords words() {
        return new OwnWords(
                store.allIfThere("term", "key").stream()
                        .map(row -> row.told(term -> new OwnWords.Stanza(term.key(), term.text("stanza"))))
                        .toList(),
                store.allIfThere("mapping", "name").stream()
                        .map(row -> row.told(
                                each -> new OwnWords.KeptMapping(each.key(), each.text("name"), each.text("text"))))
                        .toList());
    }

    private Optional<LocalDate> today() {
        return store.allIfThere("about", "key").stream()
                .filter(row -> row.key().equals("today"))
                .findFirst()
                .flatMap(row -> told(row, about -> LocalDate.parse(about.text("value"))));
    }
}
