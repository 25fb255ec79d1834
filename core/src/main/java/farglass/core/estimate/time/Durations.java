package farglass.core.estimate.time;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import org.apache.commons.statistics.distribution.TDistribution;

/**
 * How long a stay usually lasts: the Kaplan-Meier median, and the lengths that it may well be, from the band round the curve. Below five
 * bouts or eight endings nothing but the count.
 * <p>Sources: E. L. Kaplan and P. Meier, "Nonparametric estimation from incomplete observations", Journal of the American Statistical
 * Association 53 (1958), pp. 457-481; R. Brookmeyer and J. Crowley, "A confidence interval for the median survival time", Biometrics 38
 * (1982), pp. 29-41, on the scale log(-log S); the variance is that between bouts, where it is larger: Z. Ying and L. J. Wei, "The
 * Kaplan-Meier estimate for dependent failure time observations", Journal of Multivariate Analysis 50 (1994), pp. 17-29.
 *
 * @param median seconds; empty where there is too little, or fewer than half the stays were seen to end
 * @param low80 lower end of the 80 % interval, seconds
 * @param high80 its upper end; infinite where the curve does not fall far enough
 * @param stays how many were seen
 * @param ended how many of them were seen to end
 */
public record Durations(OptionalDouble median, OptionalDouble low80, OptionalDouble high80, int stays, int ended) {
    public static final int FEWEST_BOUTS = 5;
    public static final int FEWEST_ENDINGS = 8;
    private static final double HALF = 0.5;

    /** {@return the durations of these stays} */
    public static Durations of(List<Stay> stays) {
        int ended = (int) stays.stream().filter(Stay::ended).count();
        int bouts = (int) stays.stream().map(Stay::bout).distinct().count();
        if (bouts < FEWEST_BOUTS || ended < FEWEST_ENDINGS) {
            return new Durations(
                    OptionalDouble.empty(), OptionalDouble.empty(), OptionalDouble.empty(), stays.size(), ended);
        }
        double quantile = TDistribution.of(bouts - 1.0).inverseCumulativeProbability(0.9);
        double few = bouts / (bouts - 1.0);
        double median = Double.POSITIVE_INFINITY;
        double low = Double.POSITIVE_INFINITY;
        double high = Double.POSITIVE_INFINITY;
        for (Step step : survival(stays)) {
            // A product of fractions may miss one half by its last digit.
            if (step.surviving() <= HALF + 1e-12) {
                median = Math.min(median, step.seconds());
            }
            double hazard = -Math.log(step.surviving());
            double away = quantile * Math.sqrt(few * step.variance()) / hazard;
            boolean gone = step.surviving() <= 0;
            if (gone || Math.pow(step.surviving(), Math.exp(away)) <= HALF) {
                low = Math.min(low, step.seconds());
            }
            if (gone || Math.pow(step.surviving(), Math.exp(-away)) < HALF) {
                high = Math.min(high, step.seconds());
            }
        }
        return Double.isInfinite(median)
                ? new Durations(
                        OptionalDouble.empty(), OptionalDouble.empty(), OptionalDouble.empty(), stays.size(), ended)
                : new Durations(
                        OptionalDouble.of(median),
                        OptionalDouble.of(low),
                        OptionalDouble.of(high),
                        stays.size(),
                        ended);
    }

    /**
     * One step of the survival curve.
     *
     * @param surviving share of stays that last longer than so many seconds, in [0, 1]
     * @param variance of the cumulative hazard up to there: Greenwood's, or that between bouts if it is larger
     */
    public record Step(double seconds, double surviving, double variance) {}

    /** {@return the survival curve: one step at each duration at which a stay ended} */
    public static List<Step> survival(List<Stay> stays) {
        List<Stay> inOrder =
                stays.stream().sorted(Comparator.comparingDouble(Stay::seconds)).toList();
        Map<String, Integer> bouts = new HashMap<>();
        stays.forEach(stay -> bouts.putIfAbsent(stay.bout(), bouts.size()));
        int[] left = new int[bouts.size()];
        stays.forEach(stay -> left[bouts.get(stay.bout())]++);
        // What each bout adds to the cumulative hazard beyond what all stays at risk would have led one to expect.
        double[] excess = new double[left.length];
        List<Step> steps = new ArrayList<>();
        double surviving = 1;
        double greenwood = 0;
        double atRisk = inOrder.size();
        for (int i = 0; i < inOrder.size(); ) {
            double now = inOrder.get(i).seconds();
            int from = i;
            int ends = 0;
            for (; i < inOrder.size() && inOrder.get(i).seconds() == now; i++) {
                ends += inOrder.get(i).ended() ? 1 : 0;
            }
            List<Stay> leaving = inOrder.subList(from, i);
            if (ends > 0) {
                surviving *= 1 - ends / atRisk;
                greenwood += atRisk > ends ? ends / (atRisk * (atRisk - ends)) : 0;
                for (int bout = 0; bout < left.length; bout++) {
                    excess[bout] -= left[bout] * ends / (atRisk * atRisk);
                }
                for (Stay stay : leaving) {
                    excess[bouts.get(stay.bout())] += (stay.ended() ? 1 : 0) / atRisk;
                }
                double between = 0;
                for (double each : excess) {
                    between += each * each;
                }
                steps.add(new Step(now, surviving, Math.max(greenwood, between)));
            }
            leaving.forEach(stay -> left[bouts.get(stay.bout())]--);
            atRisk -= leaving.size();
        }
        return steps;
    }
}
