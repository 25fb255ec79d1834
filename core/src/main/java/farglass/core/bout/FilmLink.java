package farglass.core.bout;

/**
 * A film that shows the bout.
 *
 * @param path where it is, as the user gave it; relative paths start at the library's folder
 * @param startMicros instant of the film, in microseconds, at which the bout's timeline is 0
 */
public record FilmLink(String path, long startMicros) {
    public long toFilm(long boutMicros) {
        return boutMicros + startMicros;
    }

    public long toBout(long filmMicros) {
        return filmMicros - startMicros;
    }
}
