package farglass.desktop;

import farglass.film.Film;
import farglass.film.Frame;

/** A film of one pixel, 25 frames a second. */
public record BlankFilm(long lastMicros) implements Film {
    private static final long FRAME = 40_000;

    @Override
    public Frame at(long micros) {
        return new Frame(micros, 1, 1, new int[1]);
    }

    @Override
    public long after(long micros) {
        return micros + FRAME;
    }

    @Override
    public long before(long micros) {
        return micros - FRAME;
    }

    @Override
    public void close() {}
}
