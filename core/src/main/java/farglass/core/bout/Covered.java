package farglass.core.bout;

import farglass.core.fact.Layer;

/**
 * A stretch of the bout that was looked at for one layer, in microseconds from its start.
 *
 * @param declared whether a person said so; otherwise the film was played through there
 */
public record Covered(Layer layer, long fromMicros, long toMicros, boolean declared) {
    public Covered {
        if (fromMicros < 0 || toMicros < fromMicros) {
            throw new IllegalArgumentException(
                    "A covered stretch needs 0 <= from <= to but got " + fromMicros + " to " + toMicros);
        }
    }
}
