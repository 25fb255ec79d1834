package farglass.core.state;

/**
 * Part of a bout's timeline.
 *
 * @param fromMicros where it begins, within it
 * @param toMicros where it ends; that instant lies no more within it, and {@link Long#MAX_VALUE} has no end
 */
public record Stretch(long fromMicros, long toMicros) {
    /** {@return whether the instant lies within it} */
    public boolean holds(long micros) {
        return fromMicros <= micros && micros < toMicros;
    }

    /** {@return what lies in both; of no length where nothing does} */
    public Stretch and(Stretch other) {
        long from = Math.max(fromMicros, other.fromMicros);
        return new Stretch(from, Math.max(from, Math.min(toMicros, other.toMicros)));
    }

    public boolean isEmpty() {
        return toMicros <= fromMicros;
    }
}
