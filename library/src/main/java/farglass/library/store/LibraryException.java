package farglass.library.store;

/** Something about a library that the user must hear of: what, where, and the way out. */
public class LibraryException extends RuntimeException {
    public LibraryException(String message) {
        super(message);
    }

    public LibraryException(String message, Throwable cause) {
        super(message, cause);
    }

    /** Somebody else has changed the same meanwhile; the message names both versions. */
    public static final class Refused extends LibraryException {
        public Refused(String sentence) {
            super(sentence);
        }
    }

    /** The library can be read here and now, but not written. */
    public static class ReadOnly extends LibraryException {
        private final String reason;

        ReadOnly(String reason) {
            super("Nothing was changed: " + reason);
            this.reason = reason;
        }

        /** {@return why, as a sentence of its own} */
        public String reason() {
            return reason;
        }
    }

    /** Another Far Glass has the library open, and may write it. */
    public static final class OpenElsewhere extends ReadOnly {
        OpenElsewhere(String reason) {
            super(reason);
        }
    }

    /** The file is a library, and parts of it cannot be read. */
    public static final class Damaged extends LibraryException {
        Damaged(String message, Throwable cause) {
            super(message, cause);
        }
    }

    /** The file was written by a newer Far Glass. */
    public static final class Newer extends LibraryException {
        Newer(String message) {
            super(message);
        }
    }
}
