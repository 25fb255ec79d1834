package farglass.core.estimate;

import java.util.function.DoubleFunction;
import org.apache.commons.statistics.distribution.NormalDistribution;

/**
 * Finds the value below which so much of a belief lies: by Newton's steps, and by halving where they leave the bracket. The steps are taken
 * where a belief is nearly a straight line, as a probability plot draws it: the normal score of the probability against the logit of a
 * share, or the logarithm of a rate. There some three of them are enough.
 *
 * @param belief how much of it lies below a value, which rises with the value, and its density there
 */
public record Quantile(DoubleFunction<At> belief, Scale scale) {
    /** The belief at one value. @param below how much of it lies below, in [0, 1] */
    public record At(double below, double density) {}

    /** On which a belief is nearly normal. */
    public enum Scale {
        LOGIT {
            @Override
            double slope(double value) {
                return value * (1 - value);
            }

            @Override
            double moved(double value, double by) {
                return value / (value + (1 - value) * Math.exp(-by));
            }
        },
        LOG {
            @Override
            double slope(double value) {
                return value;
            }

            @Override
            double moved(double value, double by) {
                return value * Math.exp(by);
            }
        };

        /** {@return by how much the value rises with the scale} */
        abstract double slope(double value);

        abstract double moved(double value, double by);
    }

    private static final NormalDistribution NORMAL = NormalDistribution.of(0, 1);
    private static final double CLOSE = 1e-6;
    /** After a step so small on the scale the next would be smaller than its square: measured by QuantileTest. */
    private static final double LAST_STEP = 1e-3;

    private static final int MOST_STEPS = 200;

    /**
     * {@return the value, to six digits of it or of the probability}
     *
     * @param probability in (0, 1)
     * @param start where to begin, within the bracket
     * @param least it is not below that
     * @param most it is not above that
     */
    public double of(double probability, double start, double least, double most) {
        double score = NORMAL.inverseCumulativeProbability(probability);
        double low = least;
        double high = most;
        double value = start;
        for (int i = 0; i < MOST_STEPS && high - low > CLOSE * high; i++) {
            At at = belief.apply(value);
            if (at.below() > probability) {
                high = value;
            } else {
                low = value;
            }
            double reached = NORMAL.inverseCumulativeProbability(at.below());
            double step = (score - reached) * NORMAL.density(reached) / (at.density() * scale.slope(value));
            double next = scale.moved(value, step);
            // Far out there is no slope, and the step is no number.
            boolean within = next > low && next < high;
            if (within && Math.abs(step) < LAST_STEP) {
                return next;
            }
            value = within ? next : low + (high - low) / 2;
        }
        return value;
    }
}
