package farglass.core.coverage;

import farglass.core.estimate.Choices;
import farglass.core.estimate.OptionsTaken;
import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;

/**
 * Athletes who choose among five options, each in his own way and with a form of the day.
 *
 * @param truths the first athlete's shares over all bouts that could have been fought
 * @param unusual how far the first athlete's liking of each option is from the mean, in standard deviations
 * @param athletes what each of them took
 */
record MadeUpChoices(double[] truths, double[] unusual, List<Choices> athletes) {
    static final List<String> OPTIONS = List.of("a", "b", "c", "d", "e");
    /** How ordinary athletes like them: from two in five to one in twenty, about. */
    private static final double[] LIKING = {0, -0.3, -0.8, -1.3, -2};

    private static final int FORMS = 1500;

    record Plan(int athletes, double between, double form, int bouts, double chances) {}

    static MadeUpChoices of(Plan plan, SplittableRandom random) {
        List<Choices> athletes = new ArrayList<>();
        double[] truths = new double[OPTIONS.size()];
        double[] unusual = new double[OPTIONS.size()];
        for (int athlete = 0; athlete < plan.athletes(); athlete++) {
            double[] habit = new double[OPTIONS.size()];
            for (int i = 0; i < habit.length; i++) {
                double z = random.nextGaussian();
                habit[i] = LIKING[i] + plan.between() * z;
                unusual[i] = athlete == 0 ? z : unusual[i];
            }
            if (athlete == 0) {
                for (int form = 0; form < FORMS; form++) {
                    double[] shares = shares(habit, plan.form(), random);
                    for (int i = 0; i < shares.length; i++) {
                        truths[i] += shares[i] / FORMS;
                    }
                }
            }
            List<OptionsTaken> bouts = new ArrayList<>();
            for (int bout = 0; bout < plan.bouts(); bout++) {
                double[] shares = shares(habit, plan.form(), random);
                List<String> taken = new ArrayList<>();
                for (int many = (int) Math.round(random.nextExponential() * plan.chances()); many > 0; many--) {
                    taken.add(OPTIONS.get(drawn(shares, random)));
                }
                bouts.add(OptionsTaken.of(taken));
            }
            athletes.add(Choices.alike(bouts));
        }
        return new MadeUpChoices(truths, unusual, athletes);
    }

    private static double[] shares(double[] habit, double form, SplittableRandom random) {
        double[] shares = new double[habit.length];
        double sum = 0;
        for (int i = 0; i < habit.length; i++) {
            shares[i] = Math.exp(habit[i] + form * random.nextGaussian());
            sum += shares[i];
        }
        for (int i = 0; i < habit.length; i++) {
            shares[i] /= sum;
        }
        return shares;
    }

    private static int drawn(double[] shares, SplittableRandom random) {
        double at = random.nextDouble();
        for (int i = 0; i < shares.length - 1; i++) {
            at -= shares[i];
            if (at < 0) {
                return i;
            }
        }
        return shares.length - 1;
    }
}
