package farglass.core.estimate;

import java.util.function.DoubleUnaryOperator;

/**
 * Finds the value below which so much of a belief lies, by Newton's steps, and by halving where they leave the bracket.
 *
 * @param below how much of the belief lies below a value, in [0, 1]; rises with it
 * @param density its slope there
 */
record Quantile(DoubleUnaryOperator below, DoubleUnaryOperator density) {
    private static final double CLOSE = 1e-6;
    private static final int MOST_STEPS = 200;

    /**
     * {@return the value, to six digits}
     *
     * @param probability in (0, 1)
     * @param start where to begin, within the bracket
     * @param least it is not below that
     * @param most it is not above that
     */
    double of(double probability, double start, double least, double most) {
        double low = least;
        double high = most;
        double at = start;
        for (int i = 0; i < MOST_STEPS && high - low > CLOSE * high; i++) {
            double off = below.applyAsDouble(at) - probability;
            if (off > 0) {
                high = at;
            } else {
                low = at;
            }
            double slope = density.applyAsDouble(at);
            double next = slope > 0 && Double.isFinite(slope) ? at - off / slope : Double.NaN;
            if (next > low && next < high && Math.abs(next - at) < CLOSE * at) {
                return next;
            }
            at = next > low && next < high ? next : low + (high - low) / 2;
        }
        return at;
    }
}
