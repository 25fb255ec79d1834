package farglass.library;

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
        Refused(String sentence) {
            super(sentence);
        }
    }

    /** The library can be read here and now, but not written. */
    public static final class ReadOnly extends LibraryException {
        ReadOnly(String reason) {
            super("Nothing was changed: " + reason);
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
