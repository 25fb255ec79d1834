package farglass.core.coverage;

import farglass.core.estimate.BoutCount;
import farglass.core.estimate.Choices;
import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;
import java.util.random.RandomGenerator;

/**
 * Athletes with known habits and their bouts, to see how often an interval holds the truth. It knows nothing of the actor that makes the
 * demo.
 *
 * @param truths each athlete's share over all bouts that could have been fought
 * @param unusual each athlete's distance from the mean, in standard deviations between athletes
 * @param bouts what was seen of each
 */
record MadeUpLibrary(double[] truths, double[] unusual, List<Choices> bouts) {
    /**
     * What a library is made with.
     *
     * @param mean share of an ordinary athlete on an ordinary day
     * @param between standard deviation between athletes, in logits
     * @param form standard deviation between the bouts of one athlete, in logits
     * @param bouts of each athlete
     * @param chances mean number of chances of a bout, exponentially distributed, so that many bouts have none; below 0 just as many, less
     *     the sign, in each
     */
    record Plan(int athletes, double mean, double between, double form, int bouts, double chances) {}

    static MadeUpLibrary of(Plan plan, SplittableRandom random) {
        double[] truths = new double[plan.athletes()];
        double[] unusual = new double[plan.athletes()];
        List<Choices> bouts = new ArrayList<>();
        for (int athlete = 0; athlete < plan.athletes(); athlete++) {
            unusual[athlete] = random.nextGaussian();
            double habit = Math.log(plan.mean() / (1 - plan.mean())) + plan.between() * unusual[athlete];
            truths[athlete] = overAllForms(habit, plan.form());
            List<BoutCount> own = new ArrayList<>();
            for (int bout = 0; bout < plan.bouts(); bout++) {
                double share = share(habit + plan.form() * random.nextGaussian());
                double many = plan.chances() < 0 ? -plan.chances() : random.nextExponential() * plan.chances();
                int chances = (int) Math.round(many);
                own.add(new BoutCount(1, binomial(chances, share, random), chances));
            }
            bouts.add(BoutCount.choices(own));
        }
        return new MadeUpLibrary(truths, unusual, bouts);
    }

    /** {@return all athletes' bouts but this one's} */
    List<Choices> others(int athlete) {
        List<Choices> others = new ArrayList<>(bouts);
        others.remove(athlete);
        return others;
    }

    static int binomial(int chances, double share, RandomGenerator random) {
        int successes = 0;
        for (int i = 0; i < chances; i++) {
            successes += random.nextDouble() < share ? 1 : 0;
        }
        return successes;
    }

    /** {@return the mean share of all athletes that such a library could hold} */
    static double populationMean(Plan plan) {
        // The sum of two normal distributions is one.
        double both = Math.sqrt(plan.between() * plan.between() + plan.form() * plan.form());
        return overAllForms(Math.log(plan.mean() / (1 - plan.mean())), both);
    }

    static double share(double logit) {
        return 1 / (1 + Math.exp(-logit));
    }

    /** {@return the mean share over the form of the day, by the midpoint rule over six standard deviations each way} */
    static double overAllForms(double habit, double form) {
        double sum = 0;
        double weights = 0;
        for (int i = 0; i < 121; i++) {
            double z = -6 + i * 0.1;
            double weight = Math.exp(-z * z / 2);
            sum += weight * share(habit + form * z);
            weights += weight;
        }
        return sum / weights;
    }
}
