package farglass.core.notation;

/**
 * Something in a text that could not be read as it stands.
 *
 * @param line from 1
 * @param column from 1, in characters
 * @param message what was expected and how to mend it
 */
public record Diagnostic(int line, int column, Severity severity, String message) {
    /** What it does to the text. */
    public enum Severity {
        /** Refuses it. */
        ERROR,
        WARNING,
        /** What was understood in part, and loses nothing. */
        NOTED;

        /** {@return the severity as it stands before a message} */
        public String label() {
            return switch (this) {
                case ERROR -> "error";
                case WARNING -> "warning";
                case NOTED -> "noted";
            };
        }
    }

    /** {@return whether it refuses the text} */
    public boolean error() {
        return severity == Severity.ERROR;
    }

    /** {@return the diagnostic as compilers write it, after the file's name} */
    public String in(String file) {
        return "%s:%d:%d: %s%s".formatted(file, line, column, error() ? "" : severity.label() + ": ", message);
    }
}
