package farglass.library.table;

/** A text that is no table, or too large a one: where, and how to mend it. */
public final class UnreadableTableException extends RuntimeException {
    private static final long serialVersionUID = 1;

    public UnreadableTableException(String message) {
        super(message);
    }
}
