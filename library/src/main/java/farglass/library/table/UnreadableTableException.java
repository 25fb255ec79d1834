package farglass.library.table;

import farglass.core.notation.Diagnostic;

/** A text that is no table, or too large a one: where, and how to mend it. */
public final class UnreadableTableException extends RuntimeException {
    private static final long serialVersionUID = 1;

    private final long line;
    private final String what;

    /** @param line of the text, from 1 */
    public UnreadableTableException(long line, String what) {
        super("line %d: %s".formatted(line, what));
        this.line = line;
        this.what = what;
    }

    public Diagnostic diagnostic() {
        return new Diagnostic((int) line, 1, Diagnostic.Severity.ERROR, what);
    }
}
