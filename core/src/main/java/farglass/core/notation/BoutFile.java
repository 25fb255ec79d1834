package farglass.core.notation;

import farglass.core.bout.Bout;
import farglass.core.bout.Deed;
import farglass.core.bout.Fact;
import farglass.core.lexicon.Lexicon;
import java.util.ArrayList;
import java.util.List;
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
     */
    public record Reading(Optional<Bout> bout, List<Diagnostic> diagnostics) {
        public Reading {
            diagnostics = List.copyOf(diagnostics);
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
