package farglass.film;

import java.util.Optional;

/**
 * Moving pictures that can be looked at in any instant. Not safe for several threads: one player asks at a time.
 */
public interface Film extends AutoCloseable {
    /** {@return the presentation time of the last frame, in microseconds from the first} */
    long lastMicros();

    /**
     * {@return the frame on screen at that instant: the last one whose time is not after it}
     *
     * @param micros from the first frame; an instant outside the film gives the nearest frame
     * @throws FilmException if the film cannot be read there
     */
    Frame at(long micros);

    /** Somebody who waits for a frame that may take long to come. */
    interface Waiting {
        /** {@return whether the frame is still wanted} Asked again and again. */
        boolean isStillWanted();

        /** Is given a frame that lies on the way to the one wanted, some time before it. */
        void seeMeanwhile(Frame frame);
    }

    /**
     * {@return the frame on screen at that instant, as {@link #at(long)}; empty if it was no longer wanted before it came}
     *
     * @throws FilmException if the film cannot be read there
     */
    default Optional<Frame> at(long micros, Waiting waiting) {
        return Optional.of(at(micros));
    }

    /** {@return the time of the frame after the one on screen at that instant; that one's own if it is the last} */
    long after(long micros);

    /** {@return the time of the frame before the one on screen at that instant; that one's own if it is the first} */
    long before(long micros);

    /**
     * Fetches a little of what will soon be asked for, such as the frames behind the one shown; called while nothing else is.
     *
     * @param micros the instant now shown
     * @return whether there is more to fetch
     */
    default boolean prepare(long micros) {
        return false;
    }

    /** {@return what can be heard of the film; empty for a silent one} */
    default Optional<Sound> sound() {
        return Optional.empty();
    }

    @Override
    void close();
}
