package farglass.core.estimate;

import java.util.List;
import java.util.Optional;
import org.apache.commons.statistics.distribution.NormalDistribution;

/**
 * How a share changes over the years: a weighted logistic line, believed to be flat until bouts say otherwise, and its uncertainty by
 * Laplace's method. Moments of one bout are alike: each bout's chances are divided by 1 + (n - 1) x likeness.
 * <p>Source of the method: D. J. C. MacKay, "Information Theory, Inference, and Learning Algorithms" (2003), chapters 27 and 41.
 *
 * @param middle logit of the share half way between the first bout and the last
 * @param rise by how many logits it rises from the first bout to the last
 * @param middleVariance of the belief in {@code middle}
 * @param riseVariance of the belief in {@code rise}
 * @param covariance of the two
 */
public record Trend(double middle, double rise, double middleVariance, double riseVariance, double covariance)
        implements Difference {
    /** With fewer bouts in which there was a chance, nothing is said of a trend. */
    public static final int FEWEST_BOUTS = 6;
    /** Nor where the last of them is not so much later than the first, in years. */
    public static final double SHORTEST_YEARS = 0.5;

    /** How far shares are believed to rise or fall, before any bout is seen: standard deviation, in logits; measured by ClaimsRun. */
    static final double USUAL_RISE = 0.6;

    private static final double USUAL_MIDDLE = 2;
    private static final int POINTS = 15;
    private static final int MOST_STEPS = 50;

    /**
     * {@return the trend; empty where the bouts are too few, or lie too close together}
     *
     * @param likeness of moments of one bout, in [0, 1)
     */
    public static Optional<Trend> of(List<DatedCount> bouts, double likeness) {
        List<DatedCount> seen =
                bouts.stream().filter(bout -> bout.chances() > 0).toList();
        double first = seen.stream().mapToDouble(DatedCount::years).min().orElse(0);
        double last = seen.stream().mapToDouble(DatedCount::years).max().orElse(0);
        if (seen.size() < FEWEST_BOUTS || last - first < SHORTEST_YEARS) {
            return Optional.empty();
        }
        double middle = 0;
        double rise = 0;
        // Newton's steps; the logarithm of the belief has one top.
        for (int step = 0; step < MOST_STEPS; step++) {
            Curve at = curve(seen, likeness, first, last, middle, rise);
            double determinant = at.middle() * at.rise() - at.both() * at.both();
            double byMiddle = (at.rise() * at.towardsMiddle() - at.both() * at.towardsRise()) / determinant;
            double byRise = (at.middle() * at.towardsRise() - at.both() * at.towardsMiddle()) / determinant;
            // From far away a whole step may overshoot.
            double part = Math.min(1, 2 / Math.max(Math.abs(byMiddle), Math.abs(byRise)));
            middle += part * byMiddle;
            rise += part * byRise;
            if (Math.abs(byMiddle) + Math.abs(byRise) < 1e-9) {
                break;
            }
        }
        Curve top = curve(seen, likeness, first, last, middle, rise);
        double determinant = top.middle() * top.rise() - top.both() * top.both();
        return Optional.of(new Trend(
                middle, rise, top.rise() / determinant, top.middle() / determinant, -top.both() / determinant));
    }

    /** The slope of the logarithm of the belief, and how it bends downwards. */
    private record Curve(double towardsMiddle, double towardsRise, double middle, double rise, double both) {}

    private static Curve curve(
            List<DatedCount> bouts, double likeness, double first, double last, double middle, double rise) {
        double towardsMiddle = -middle / (USUAL_MIDDLE * USUAL_MIDDLE);
        double towardsRise = -rise / (USUAL_RISE * USUAL_RISE);
        double bendMiddle = 1 / (USUAL_MIDDLE * USUAL_MIDDLE);
        double bendRise = 1 / (USUAL_RISE * USUAL_RISE);
        double bendBoth = 0;
        for (DatedCount bout : bouts) {
            double at = (bout.years() - first) / (last - first) - 0.5;
            double worth = bout.weight() / (1 + (bout.chances() - 1) * likeness);
            double share = share(middle + rise * at);
            double off = worth * (bout.successes() - bout.chances() * share);
            double bend = worth * bout.chances() * share * (1 - share);
            towardsMiddle += off;
            towardsRise += off * at;
            bendMiddle += bend;
            bendRise += bend * at * at;
            bendBoth += bend * at;
        }
        return new Curve(towardsMiddle, towardsRise, bendMiddle, bendRise, bendBoth);
    }

    private static double share(double logit) {
        return 1 / (1 + Math.exp(-logit));
    }

    private static double change(double middle, double rise) {
        return share(middle + rise / 2) - share(middle - rise / 2);
    }

    /** {@return by how much the share rises from the first bout to the last, at the likeliest line, in (-1, 1)} */
    public double change() {
        return change(middle, rise);
    }

    /** By the midpoint rule over the middle; given that, one rise alone makes a change of the margin. */
    @Override
    public Wrong wrong(double margin) {
        NormalDistribution middles = NormalDistribution.of(middle, Math.sqrt(middleVariance));
        double slope = covariance / middleVariance;
        double left = Math.sqrt(riseVariance - covariance * slope);
        double notAbove = 0;
        double notBelow = 0;
        for (int i = 0; i < POINTS; i++) {
            double at = middles.inverseCumulativeProbability((i + 0.5) / POINTS);
            NormalDistribution rises = NormalDistribution.of(rise + slope * (at - middle), left);
            double enough = riseFor(at, margin);
            notAbove += rises.cumulativeProbability(enough);
            notBelow += rises.survivalProbability(-enough);
        }
        return new Wrong(notAbove / POINTS, notBelow / POINTS);
    }

    @Override
    public double atLeastWrong(double margin) {
        Wrong wrong = wrong(margin);
        return Math.min(wrong.notAbove(), wrong.notBelow());
    }

    /** {@return the rise in logits that changes the share by that much, found by halving} */
    private static double riseFor(double middle, double change) {
        double low = 0;
        double high = 80;
        for (int i = 0; i < MOST_STEPS; i++) {
            double at = (low + high) / 2;
            if (change(middle, at) < change) {
                low = at;
            } else {
                high = at;
            }
        }
        return (low + high) / 2;
    }
}
