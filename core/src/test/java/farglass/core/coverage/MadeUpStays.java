package farglass.core.coverage;

import farglass.core.estimate.time.Stay;
import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;

/**
 * Stays of one athlete, whose usual length is known: longer in some bouts than in others, and not all seen to end.
 *
 * @param median over all bouts that could have been fought, in seconds
 */
record MadeUpStays(double median, List<Stay> stays) {
    /**
     * @param shape of the Weibull distribution of stays: below 1 most end soon and some last, above 1 they are alike
     * @param form standard deviation between bouts, of the logarithm
     */
    record Plan(int bouts, double chances, double shape, double form) {}

    private static final double SCALE = 20;

    static MadeUpStays of(Plan plan, SplittableRandom random) {
        List<Stay> stays = new ArrayList<>();
        for (int bout = 0; bout < plan.bouts(); bout++) {
            double scale = SCALE * Math.exp(plan.form() * random.nextGaussian());
            int many = (int) Math.round(random.nextExponential() * plan.chances());
            for (int i = 0; i < many; i++) {
                double lasts = scale * Math.pow(random.nextExponential(), 1 / plan.shape());
                double seen = 2.5 * SCALE * random.nextExponential();
                stays.add(new Stay(Math.min(lasts, seen), lasts <= seen, "b" + bout));
            }
        }
        return new MadeUpStays(median(plan), stays);
    }

    /** {@return the length that half of all stays outlast, found by halving} */
    private static double median(Plan plan) {
        double low = 0;
        double high = 100 * SCALE;
        while (high - low > 1e-9 * high) {
            double at = (low + high) / 2;
            if (outlast(at, plan) > 0.5) {
                low = at;
            } else {
                high = at;
            }
        }
        return low;
    }

    private static double outlast(double seconds, Plan plan) {
        double sum = 0;
        double weights = 0;
        for (int i = 0; i < 121; i++) {
            double z = -6 + i * 0.1;
            double weight = Math.exp(-z * z / 2);
            sum += weight * Math.exp(-Math.pow(seconds / (SCALE * Math.exp(plan.form() * z)), plan.shape()));
            weights += weight;
        }
        return sum / weights;
    }
}
