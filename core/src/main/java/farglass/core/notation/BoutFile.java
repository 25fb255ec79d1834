package farglass.core.notation;

import farglass.core.bout.Bout;
import farglass.core.bout.Deed;
import farglass.core.bout.Fact;
import farglass.core.bout.Settled;
import farglass.core.lexicon.Lexicon;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** The bout file: one bout as plain text, one moment a line. Grammar in docs/bout-file.md. */
public final class BoutFile {
    /** First line of every bout file of this format. */
    public static final String FIRST_LINE = "far-glass bout 1";

    private BoutFile() {}

    /**
     * What came of reading a text.
     *
     * @param bout the bout; empty when there are errors
     * @param diagnostics errors and warnings in order of line, at most {@link BoutReader#MOST_ERRORS} errors
     * @param lines the line in which each moment stands, by its id; empty where the text had none
     */
    public record Reading(Optional<Bout> bout, List<Diagnostic> diagnostics, Map<String, Integer> lines) {
        public Reading {
            diagnostics = List.copyOf(diagnostics);
            lines = Map.copyOf(lines);
        }

        public Reading(Optional<Bout> bout, List<Diagnostic> diagnostics) {
            this(bout, diagnostics, Map.of());
        }
    }

    /** {@return the bout that a text holds, or why it holds none} Never throws for bad text; linear in its length. */
    public static Reading parse(CharSequence text, Lexicon lexicon) {
        return new BoutReader(text, lexicon).read();
    }

    /** {@return the text of a bout} Reading it gives an equal bout. */
    public static String print(Bout bout) {
        return new BoutPrinter(bout).print();
    }

    /** {@return one moment's line, its id always written} */
    public static String line(farglass.core.bout.Moment moment) {
        return MomentPrinter.line(moment, "");
    }

    /** {@return one field of a moment as it stands in a bout file, such as {@code grip A left hand on B collar}} */
    public static String field(Fact fact) {
        return FactPrinter.field(fact);
    }

    /** {@return the fact that such a field tells; empty for any other text} */
    public static Optional<Fact> fact(String field, Lexicon lexicon) {
        Cursor cursor = new Cursor(field, 1);
        FactReader reader = new FactReader(cursor, new Words(cursor, lexicon, new ArrayList<>()));
        String key = cursor.word();
        try {
            Optional<Fact> fact = reader.knows(key) ? Optional.of(reader.read(key)) : Optional.empty();
            return cursor.atEnd() ? fact : Optional.empty();
        } catch (Cursor.Wrong notOne) {
            // A plain "no": the caller keeps the text as words.
            return Optional.empty();
        }
    }

    /** {@return the facts of several such fields between semicolons; empty if one of them is none} */
    public static Optional<List<Fact>> facts(String fields, Lexicon lexicon) {
        Cursor cursor = new Cursor(fields, 1);
        FactReader reader = new FactReader(cursor, new Words(cursor, lexicon, new ArrayList<>()));
        List<Fact> facts = new ArrayList<>();
        try {
            while (!cursor.atEnd()) {
                String key = cursor.word();
                if (!reader.knows(key)) {
                    return Optional.empty();
                }
                facts.add(reader.read(key));
                if (!cursor.atEnd() && !cursor.take(";")) {
                    return Optional.empty();
                }
            }
            return Optional.of(facts);
        } catch (Cursor.Wrong notOne) {
            return Optional.empty();
        }
    }

    /** {@return where a moment settled, as it stands behind the arrow} */
    public static String settled(Settled settled) {
        return MomentPrinter.settled(settled);
    }

    /** {@return the position, and who is on top, that such a text tells; empty for any other} */
    public static Optional<Settled> settled(String text, Lexicon lexicon) {
        Cursor cursor = new Cursor(text, 1);
        try {
            Optional<Settled> settled = new Words(cursor, lexicon, new ArrayList<>()).settled();
            return cursor.atEnd() ? settled : Optional.empty();
        } catch (Cursor.Wrong notOne) {
            return Optional.empty();
        }
    }

    /** {@return words in double quotes, as a bout file writes them} */
    public static String quoted(String words) {
        return Quoting.quoted(words);
    }

    /** {@return the words between such quotes; empty for a text that is no quotation} */
    public static Optional<String> unquoted(String text) {
        Cursor cursor = new Cursor(text, 1);
        try {
            String words = cursor.quoted();
            return cursor.atEnd() ? Optional.of(words) : Optional.empty();
        } catch (Cursor.Wrong notOne) {
            return Optional.empty();
        }
    }

    /** {@return what a moment is about, as it stands in a bout file} */
    public static String deed(Deed deed) {
        return MomentPrinter.deed(deed);
    }

    /** {@return the award, stoppage, period or other happening that such a text tells; empty for any other} */
    public static Optional<Deed> happening(String text, Lexicon lexicon) {
        Cursor cursor = new Cursor(text, 1);
        try {
            Optional<Deed> deed = new DeedReader(cursor, new Words(cursor, lexicon, new ArrayList<>())).reserved();
            return cursor.atEnd() ? deed : Optional.empty();
        } catch (Cursor.Wrong notOne) {
            return Optional.empty();
        }
    }
}
