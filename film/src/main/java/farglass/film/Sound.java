package farglass.film;

/** What can be heard of a film, at its own speed only. */
public interface Sound extends AutoCloseable {
    /**
     * Plays from that instant until {@link #stop}.
     *
     * @param micros from the film's first frame
     */
    void play(long micros);

    void stop();

    @Override
    void close();
}
