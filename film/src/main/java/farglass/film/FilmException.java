package farglass.film;

/** A film that cannot be opened or read: what, where, and the way out. */
public final class FilmException extends RuntimeException {
    public FilmException(String message) {
        super(message);
    }

    public FilmException(String message, Throwable cause) {
        super(message, cause);
    }
}
