package farglass.core.bout;

import java.util.Locale;
import java.util.OptionalLong;

/**
 * A stretch of the footage that is not the live match.
 *
 * @param fromMicros start on the bout's timeline
 * @param toMicros end, at or after it
 * @param liveMicros for a replay, the live instant it shows again
 */
public record Segment(Kind kind, long fromMicros, long toMicros, OptionalLong liveMicros) {
    /** What a stretch shows. Only live footage ever counts. */
    public enum Kind {
        LIVE,
        REPLAY,
        STOPPAGE,
        REFERENCE,
        DEMONSTRATION,
        TALK;

        /** {@return the word for it in files and on screen} */
        public String label() {
            return name().toLowerCase(Locale.ROOT);
        }
    }

    public Segment {
        if (fromMicros < 0 || toMicros < fromMicros) {
            throw new IllegalArgumentException(
                    "A segment needs 0 <= from <= to but got " + fromMicros + " to " + toMicros);
        }
        if (liveMicros.isPresent() && liveMicros.getAsLong() < 0) {
            throw new IllegalArgumentException("The live instant of a replay cannot be before the bout");
        }
    }

    public boolean holds(long micros) {
        return fromMicros <= micros && micros < toMicros;
    }

    /** {@return whether what is seen here happened there and then} */
    public boolean isLive() {
        return kind == Kind.LIVE || kind == Kind.STOPPAGE;
    }
}
