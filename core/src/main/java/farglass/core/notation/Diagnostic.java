package farglass.core.notation;

/**
 * Something in a text that could not be read as it stands.
 *
 * @param line from 1
 * @param column from 1, in characters
 * @param error whether it refuses the file; otherwise it is a warning
 * @param message what was expected and how to mend it
 */
public record Diagnostic(int line, int column, boolean error, String message) {
    /** {@return the diagnostic as compilers write it, after the file's name} */
    public String in(String file) {
        return "%s:%d:%d: %s%s".formatted(file, line, column, error ? "" : "warning: ", message);
    }
}
