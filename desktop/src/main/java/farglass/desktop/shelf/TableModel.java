package farglass.desktop.shelf;

import farglass.core.bout.Contestant;
import farglass.core.bout.Header;
import farglass.core.change.Change;
import farglass.core.entry.Term;
import farglass.core.lexicon.Lexicon;
import farglass.core.naming.Words;
import farglass.core.notation.Diagnostic;
import farglass.core.prose.HowMany;
import farglass.core.study.Athlete;
import farglass.desktop.desk.Desk;
import farglass.desktop.desk.Work;
import farglass.library.Library;
import farglass.library.contents.OwnWords;
import farglass.library.table.Column;
import farglass.library.table.Mapping;
import farglass.library.table.Table;
import farglass.library.table.TableImport;
import farglass.library.table.TimeNotation;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;

/** A spreadsheet on its way in: what its columns are taken for, and what would come of it. Nothing is imported before the end. */
final class TableModel {
    private final Desk desk;
    private final Table table;
    private final String id = Library.newId();
    private final ReadOnlyObjectWrapper<Mapping> mapping;
    private final ReadOnlyObjectWrapper<Optional<TableImport.Preview>> preview =
            new ReadOnlyObjectWrapper<>(Optional.empty());
    private String a;
    private String b;

    TableModel(Desk desk, Table table, String a) {
        this.desk = desk;
        this.table = table;
        Mapping guessed = Mapping.guessed(table, lexicon());
        this.mapping = new ReadOnlyObjectWrapper<>(kept(guessed));
        this.a = known(mapping.get().a()).orElse(a);
        this.b = known(mapping.get().b()).filter(name -> !name.equals(this.a)).orElse("unknown");
        refresh();
    }

    /** A mapping kept for a table with these headings is used again. */
    private Mapping kept(Mapping guessed) {
        return desk.contents().words().mappings().stream()
                .flatMap(each -> Mapping.read(each.text()).stream())
                .filter(each -> each.fits(table))
                .findFirst()
                .orElse(guessed);
    }

    /** {@return the one athlete of the library whom the table's word can mean} */
    private Optional<String> known(String called) {
        String plain = Words.plain(called);
        List<String> fits = desk.contents().athletes().stream()
                .map(Athlete::name)
                .filter(name -> !plain.isEmpty() && Words.holds(name, plain))
                .toList();
        return fits.size() == 1 ? Optional.of(fits.get(0)) : Optional.empty();
    }

    private Lexicon lexicon() {
        return desk.lexicon();
    }

    private void refresh() {
        Mapping now = mapping.get();
        Header header = Header.between(
                Contestant.named(a.isBlank() ? "unknown" : a), Contestant.named(b.isBlank() ? "unknown" : b));
        desk.work()
                .latest(
                        this,
                        "Reading the table",
                        (progress, cancelled) -> TableImport.preview(table, now, id, header, lexicon()),
                        Work.Listener.of(
                                result -> preview.set(Optional.of(result)),
                                desk.messages()::fail,
                                () -> preview.set(Optional.empty())));
    }

    void column(String heading, Column column) {
        mapping.set(mapping.get().with(heading, column));
        refresh();
    }

    void times(TimeNotation times) {
        mapping.set(mapping.get().with(times));
        refresh();
    }

    /** Says what the table's words for the two are; empty where it uses their names. */
    void called(String forA, String forB) {
        mapping.set(mapping.get().between(forA, forB));
        refresh();
    }

    void names(String newA, String newB) {
        a = newA.strip();
        b = newB.strip();
        refresh();
    }

    /** Takes a word of the table for an entry. {@return what is wrong; empty if it was taken} */
    String meaning(String word, String entry) {
        Optional<Term> term = lexicon().find(entry);
        if (!entry.isBlank() && term.isEmpty()) {
            return "\u201c%s\u201d is not in the lexicon.".formatted(entry);
        }
        mapping.set(mapping.get().meaning(word, term.map(Term::key).orElse("")));
        refresh();
        return "";
    }

    /** {@return the first cells of a column, for showing what it holds} */
    String sample(String heading) {
        int index = table.headings().indexOf(heading);
        return String.join(
                " \u00b7 ",
                table.rows().stream()
                        .map(row -> row.cells().get(index).strip())
                        .filter(cell -> !cell.isEmpty())
                        .distinct()
                        .limit(3)
                        .map(cell -> cell.length() > 24 ? cell.substring(0, 24) + "\u2026" : cell)
                        .toList());
    }

    /** {@return what would come of it, in a sentence} */
    String summary() {
        if (preview.get().isEmpty()) {
            return "Reading the table\u2026";
        }
        TableImport.Preview now = preview.get().get();
        long errors = now.diagnostics().stream().filter(Diagnostic::error).count();
        if (now.bout().isEmpty()) {
            return "Nothing can be imported yet: %s to mend, here or in the file."
                    .formatted(HowMany.of(errors, "cell"));
        }
        int unknown = now.unknown().size();
        return "%s to import%s."
                .formatted(
                        HowMany.of(now.bout().get().moments().size(), "moment"),
                        unknown == 0 ? "" : ", %s kept as words".formatted(HowMany.of(unknown, "word")));
    }

    List<String> messages() {
        return preview.get().stream()
                .flatMap(now -> now.diagnostics().stream())
                .filter(Diagnostic::error)
                .limit(8)
                .map(each -> "line %d, column %d: %s".formatted(each.line(), each.column(), each.message()))
                .toList();
    }

    /** Imports the bout, and keeps the mapping under a name if one is given. {@return what is wrong; empty if it goes in} */
    String importUnder(String keptName) {
        Optional<farglass.core.bout.Bout> bout = preview.get().flatMap(TableImport.Preview::bout);
        if (bout.isEmpty()) {
            return summary();
        }
        String name = keptName.strip();
        String text = mapping.get().print();
        Optional<OwnWords.KeptMapping> same = desk.contents().words().mappings().stream()
                .filter(each -> each.name().equals(name))
                .findFirst();
        String what = "Import %s from a table"
                .formatted(HowMany.of(bout.get().moments().size(), "moment"));
        List<Change> changes = new ArrayList<>(List.of(Change.added(bout.get())));
        if (!name.isEmpty()) {
            changes.add(new Change.OfMapping(
                    same.map(OwnWords.KeptMapping::id).orElseGet(Library::newId),
                    name,
                    same.map(OwnWords.KeptMapping::text),
                    text));
        }
        desk.change(what, changes)
                .thenAccept(act -> desk.messages().say(what + ": done. Edit its header for event, date and rules."));
        return "";
    }

    Table table() {
        return table;
    }

    ReadOnlyObjectProperty<Mapping> mappingProperty() {
        return mapping.getReadOnlyProperty();
    }

    ReadOnlyObjectProperty<Optional<TableImport.Preview>> previewProperty() {
        return preview.getReadOnlyProperty();
    }

    Desk desk() {
        return desk;
    }

    String a() {
        return a;
    }

    String b() {
        return b;
    }
}
