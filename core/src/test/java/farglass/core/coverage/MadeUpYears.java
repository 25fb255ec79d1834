package farglass.core.coverage;

import farglass.core.estimate.BoutCount;
import farglass.core.estimate.Choices;
import farglass.core.estimate.DatedCount;
import farglass.core.estimate.Population;
import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;

/**
 * One athlete whose share rises or falls over three years by a known line, among others who do so too.
 *
 * @param bouts of the athlete
 * @param likeness of moments of one bout, as a library of all of them shows it
 * @param change of the true share from the first of these bouts to the last
 */
record MadeUpYears(List<DatedCount> bouts, double likeness, double change) {
    private static final double YEARS = 3;
    private static final double BETWEEN = 0.6;
    private static final double FORM = 0.6;

    /**
     * {@return an athlete of such a library}
     *
     * @param drift standard deviation, between athletes, of the rise over all years, in logits
     * @param even whether every bout has six chances; else their number is exponential, six in the mean
     */
    static MadeUpYears of(double mean, double drift, int bouts, boolean even, SplittableRandom random) {
        List<Choices> library = new ArrayList<>();
        List<DatedCount> first = List.of();
        double change = 0;
        for (int athlete = 0; athlete < CoverageRun.ATHLETES; athlete++) {
            double habit = Math.log(mean / (1 - mean)) + BETWEEN * random.nextGaussian();
            double rise = drift * random.nextGaussian() / YEARS;
            List<DatedCount> own = new ArrayList<>();
            for (int bout = 0; bout < bouts; bout++) {
                double at = YEARS * random.nextDouble();
                double logit = habit + rise * (at - YEARS / 2) + FORM * random.nextGaussian();
                int chances = (int) Math.round(even ? 6 : 6 * random.nextExponential());
                own.add(new DatedCount(
                        at, 1, MadeUpLibrary.binomial(chances, MadeUpLibrary.share(logit), random), chances));
            }
            library.add(BoutCount.choices(own.stream()
                    .map(bout -> new BoutCount(1, bout.successes(), bout.chances()))
                    .toList()));
            if (athlete == 0) {
                first = own;
                change = change(own, habit, rise);
            }
        }
        return new MadeUpYears(first, Population.of(library).likeness(List.of(BoutCount.YES)), change);
    }

    private static double change(List<DatedCount> bouts, double habit, double rise) {
        double[] years = bouts.stream()
                .filter(bout -> bout.chances() > 0)
                .mapToDouble(DatedCount::years)
                .sorted()
                .toArray();
        return years.length == 0
                ? 0
                : MadeUpLibrary.overAllForms(habit + rise * (years[years.length - 1] - YEARS / 2), FORM)
                        - MadeUpLibrary.overAllForms(habit + rise * (years[0] - YEARS / 2), FORM);
    }
}
