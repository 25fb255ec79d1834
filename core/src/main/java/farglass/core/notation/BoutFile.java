package farglass.core.notation;

import farglass.core.bout.Bout;
import farglass.core.lexicon.Lexicon;
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
        return BoutPrinter.line(moment, "");
    }
}
