package farglass.library.table;

import farglass.core.Spelling;
import farglass.core.bout.Became;
import farglass.core.bout.Deed;
import farglass.core.bout.Header;
import farglass.core.bout.Motive;
import farglass.core.bout.Times;
import farglass.core.entry.Position;
import farglass.core.entry.Technique;
import farglass.core.entry.Term;
import farglass.core.fact.Certainty;
import farglass.core.fact.Fact;
import farglass.core.lexicon.Lexicon;
import farglass.core.naming.Words;
import farglass.core.notation.BoutFile;
import farglass.core.notation.Diagnostic;
import farglass.core.side.Line;
import farglass.core.side.OwnedSide;
import farglass.core.side.Seat;
import farglass.core.side.Settled;
import farglass.core.side.Side;
import farglass.core.side.Stage;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalLong;

/** One row of a table as the line of a bout file. No cell's text gets into the line but as a known word or in quotes. */
final class RowReader {
    private static final int MOST_LETTERS = 4_000;

    private final Table.Row row;
    private final List<String> headings;
    private final Mapping mapping;
    private final Header header;
    private final Lexicon lexicon;
    private final List<Diagnostic> diagnostics;
    private final Map<String, Integer> unknown;
    private final List<String> fields = new ArrayList<>();
    private final List<String> notes = new ArrayList<>();
    private Optional<Long> at = Optional.empty();
    private Optional<Seat> actor = Optional.empty();
    private Optional<Technique> technique = Optional.empty();
    private Optional<Settled> reached = Optional.empty();

    RowReader(
            Table.Row row,
            List<String> headings,
            Mapping mapping,
            Header header,
            Lexicon lexicon,
            List<Diagnostic> diagnostics,
            Map<String, Integer> unknown) {
        this.row = row;
        this.headings = headings;
        this.mapping = mapping;
        this.header = header;
        this.lexicon = lexicon;
        this.diagnostics = diagnostics;
        this.unknown = unknown;
    }

    /** {@return when it happened, once the line was made} */
    Optional<Long> at() {
        return at;
    }

    String line() {
        String time = time();
        actor = who();
        String what = what();
        settled();
        side();
        word(Column.OUTCOME, CellWords::outcome, Became.values());
        word(Column.LINE, cell -> named(cell, Line.values()), Line.values(), "line ");
        word(Column.STAGE, cell -> named(cell, Stage.values()), Stage.values(), "stage ");
        word(Column.MOTIVE, cell -> named(cell, Motive.values()), Motive.values(), "motive ");
        word(Column.CERTAINTY, cell -> named(cell, Certainty.values()), Certainty.values());
        fields.remove("sure");
        told(Column.PRIVATE).ifPresent(cell -> CellWords.yes(cell)
                .ifPresentOrElse(
                        yes -> {
                            if (yes) {
                                fields.add("private");
                            }
                        },
                        () -> error(Column.PRIVATE, "\"%s\" is neither yes nor no", cell)));
        told(Column.MORE).ifPresent(this::more);
        told(Column.NOTE).ifPresent(cell -> notes.add(unquoted(cell)));
        if (!notes.isEmpty()) {
            fields.add("note " + BoutFile.quoted(String.join(" ", notes)));
        }
        told(Column.ID).ifPresent(cell -> fields.add("id " + BoutFile.quoted(cell)));
        return time + " " + actor.map(Seat::name).orElse("-") + " " + what
                + (fields.isEmpty() ? "" : "; " + String.join("; ", fields));
    }

    private static String unquoted(String cell) {
        return cell.startsWith("\"") ? BoutFile.unquoted(cell).orElse(cell) : cell;
    }

    private int index(Column column) {
        for (int i = 0; i < headings.size(); i++) {
            if (mapping.columns().getOrDefault(headings.get(i), Column.NOTHING) == column) {
                return i;
            }
        }
        return -1;
    }

    private Optional<String> told(Column column) {
        int index = index(column);
        if (index < 0 || row.cells().get(index).isBlank()) {
            return Optional.empty();
        }
        String cell = row.cells().get(index).strip();
        if (cell.length() > MOST_LETTERS) {
            error(column, "this cell has %s letters, and no word of a bout is longer than 4000", "" + cell.length());
            return Optional.empty();
        }
        return Optional.of(cell);
    }

    private void error(Column column, String message, String... words) {
        say(Diagnostic.Severity.ERROR, column, message, words);
    }

    private void say(Diagnostic.Severity severity, Column column, String message, String... words) {
        Object[] clean = Arrays.stream(words)
                .map(word -> word.replaceAll("\\p{Cntrl}", "?"))
                .map(word -> word.length() > 80 ? word.substring(0, 80) + "…" : word)
                .toArray();
        diagnostics.add(new Diagnostic(row.line(), index(column) + 1, severity, message.formatted(clean)));
    }

    private String time() {
        Optional<String> cell = told(Column.TIME).filter(text -> !text.equals("?"));
        if (cell.isEmpty()) {
            return "?";
        }
        OptionalLong micros = mapping.times().read(cell.get());
        if (micros.isEmpty()) {
            error(
                    Column.TIME,
                    "\"%s\" is no time as this table is said to write them (%s); mend the cell, or choose another notation",
                    cell.get(),
                    mapping.times().label());
            return "?";
        }
        at = Optional.of(micros.getAsLong());
        return Times.exact(micros.getAsLong());
    }

    private Optional<Seat> who() {
        Optional<String> cell = told(Column.WHO).filter(text -> !text.equals("-"));
        if (cell.isEmpty()) {
            return Optional.empty();
        }
        for (Seat seat : Seat.values()) {
            if (cell.get().equals(seat.name())) {
                return Optional.of(seat);
            }
        }
        String plain = Words.plain(cell.get());
        List<Seat> named = Arrays.stream(Seat.values())
                .filter(seat -> {
                    String name = Words.plain(header.contestant(seat).name());
                    return plain.equals(name) || Arrays.asList(name.split(" ")).contains(plain);
                })
                .toList();
        // What the table is said to call them counts only where the names themselves do not tell.
        List<Seat> fits = !named.isEmpty()
                ? named
                : Arrays.stream(Seat.values())
                        .filter(seat -> plain.equals(Words.plain(seat == Seat.A ? mapping.a() : mapping.b())))
                        .toList();
        if (fits.size() == 1) {
            return Optional.of(fits.get(0));
        }
        if (fits.isEmpty()) {
            error(
                    Column.WHO,
                    "\"%s\" is neither %s nor %s; say above whom the table means by it, or mend the cell",
                    cell.get(),
                    header.a().name(),
                    header.b().name());
        } else {
            error(Column.WHO, "\"%s\" can be either of the two; write the whole name", cell.get());
        }
        return Optional.empty();
    }

    private String what() {
        Optional<String> cell = told(Column.WHAT);
        if (cell.isEmpty()) {
            return told(Column.POSITION).isPresent() ? "reached" : "mark";
        }
        String text = cell.get();
        if (text.equals("mark") || text.equals("reached")) {
            return text;
        }
        Optional<Deed> happening = BoutFile.happening(text, lexicon);
        if (happening.isPresent()) {
            return BoutFile.deed(happening.get());
        }
        Optional<Deed> quoted = BoutFile.unnamed(text, lexicon);
        if (quoted.isPresent()) {
            return BoutFile.deed(quoted.get());
        }
        Optional<Term> term = Optional.ofNullable(mapping.words().get(Words.plain(text)))
                .flatMap(lexicon::term)
                .or(() -> lexicon.technique(text).map(Term.class::cast))
                .or(() -> lexicon.find(text));
        technique = term.flatMap(Term::asTechnique);
        if (technique.isPresent()) {
            boolean several = mapping.words().get(Words.plain(text)) == null
                    && lexicon.technique(text).isEmpty()
                    && lexicon.meanings(text).size() > 1;
            // Which of several things is meant depends on where the two are, and that the bout file's reader knows.
            return several ? text : technique.get().key();
        }
        Optional<Position> place = term.flatMap(Term::asPosition);
        if (place.isPresent()) {
            reached = Optional.of(new Settled(place.get().key(), top(place.get()), false));
            return "reached";
        }
        unknown.merge(text, 1, Integer::sum);
        say(
                Diagnostic.Severity.WARNING,
                Column.WHAT,
                "\"%s\" is not in the lexicon; it is kept as words%s",
                text,
                lexicon.nearest(text)
                        .map(near -> ". The nearest word is \"" + near.label() + "\"")
                        .orElse(""));
        return BoutFile.quoted(text);
    }

    private Optional<Seat> top(Position position) {
        if (!position.hasTop()) {
            return Optional.empty();
        }
        Optional<Seat> told = told(Column.TOP).flatMap(cell -> Arrays.stream(Seat.values())
                .filter(seat -> cell.equals(seat.name())
                        || Words.plain(cell).equals(Words.plain(seat == Seat.A ? mapping.a() : mapping.b()))
                        || Words.plain(cell)
                                .equals(Words.plain(header.contestant(seat).name())))
                .findFirst());
        return told.isPresent() || position.family().isGuard() && actor.isEmpty()
                ? told
                : actor.map(seat -> position.family().isGuard() ? seat.other() : seat);
    }

    private void settled() {
        Optional<String> cell = told(Column.POSITION);
        if (cell.isEmpty()) {
            reached.ifPresent(where -> fields.add("-> " + BoutFile.settled(where)));
            return;
        }
        Optional<Settled> exact = BoutFile.settled(cell.get(), lexicon);
        if (exact.isPresent() && exact.get().top().isPresent()) {
            fields.add("-> " + BoutFile.settled(exact.get()));
            return;
        }
        Optional<Position> place = Optional.ofNullable(mapping.words().get(Words.plain(cell.get())))
                .flatMap(lexicon::term)
                .or(() -> lexicon.find(cell.get()))
                .flatMap(Term::asPosition);
        if (exact.isPresent()) {
            Settled where = exact.get();
            Optional<Seat> top = told(Column.TOP).isPresent()
                    ? lexicon.position(where.position()).flatMap(this::top)
                    : Optional.empty();
            fields.add("-> "
                    + BoutFile.settled(
                            new Settled(where.position(), top, where.side(), where.passing(), where.workedOut())));
        } else if (place.isPresent()) {
            fields.add("-> " + BoutFile.settled(new Settled(place.get().key(), top(place.get()), false)));
        } else {
            unknown.merge(cell.get(), 1, Integer::sum);
            say(
                    Diagnostic.Severity.WARNING,
                    Column.POSITION,
                    "\"%s\" is no position of the lexicon; it is kept in the note",
                    cell.get());
            notes.add("Reached: " + cell.get() + ".");
        }
    }

    private void side() {
        Optional<String> cell = told(Column.SIDE);
        if (cell.isEmpty()) {
            return;
        }
        if (cell.get().matches("[AB] (left|right)")) {
            fields.add("side " + cell.get());
            return;
        }
        Optional<Side> side = CellWords.side(cell.get());
        if (side.isPresent() && actor.isPresent()) {
            boolean theirs = technique
                    .filter(known -> known.sideRule().belongsToReceiver())
                    .isPresent();
            OwnedSide owned = new OwnedSide(theirs ? actor.get().other() : actor.get(), side.get());
            fields.add("side " + owned.owner() + " " + owned.side().label());
        } else {
            say(
                    Diagnostic.Severity.WARNING,
                    Column.SIDE,
                    "\"%s\" names no side of anybody here; it is kept in the note",
                    cell.get());
            notes.add("Side: " + cell.get() + ".");
        }
    }

    private interface Reading<E> {
        Optional<E> of(String cell);
    }

    private <E extends Enum<E>> void word(Column column, Reading<E> reading, E[] all) {
        word(column, reading, all, "");
    }

    private <E extends Enum<E>> void word(Column column, Reading<E> reading, E[] all, String before) {
        told(column).ifPresent(cell -> reading.of(cell)
                .ifPresentOrElse(
                        value -> fields.add(before + Spelling.of(value)),
                        () -> error(
                                column,
                                "\"%s\" is none of %s",
                                cell,
                                String.join(
                                        ", ",
                                        Arrays.stream(all).map(Spelling::of).toList()))));
    }

    private static <E extends Enum<E>> Optional<E> named(String cell, E[] all) {
        return Arrays.stream(all)
                .filter(value -> Words.plain(Spelling.of(value)).equals(Words.plain(cell)))
                .findFirst();
    }

    private void more(String cell) {
        Optional<List<Fact>> facts = BoutFile.facts(cell, lexicon);
        if (facts.isEmpty()) {
            error(Column.MORE, "\"%s\" does not read as fields of a bout file", cell);
            return;
        }
        facts.get().forEach(fact -> fields.add(BoutFile.field(fact)));
    }
}
