package farglass.core.coverage;

import farglass.core.estimate.BoutCount;
import farglass.core.estimate.Choices;
import farglass.core.estimate.Comparison;
import farglass.core.estimate.Difference;
import farglass.core.estimate.Population;
import farglass.core.estimate.Shares;
import farglass.core.estimate.Trend;
import farglass.core.question.Claims;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.SplittableRandom;

/**
 * Prints how often a page of twenty figures claims a difference that is none, and how many true ones it finds.
 * <p>mvn -q -B -pl core test-compile, then java -cp ... farglass.core.coverage.ClaimsRun 320
 */
public final class ClaimsRun {
    private static final long SEED = 20261125;
    private static final int FIGURES = 20;
    private static final double[] MEANS = {0.04, 0.1, 0.3, 0.5};
    private static final double LARGE = 0.15;

    private ClaimsRun() {}

    /**
     * What came of many pages.
     *
     * @param pages with any claim
     * @param wrong claims of wrong sign or trivial size
     * @param large true differences of fifteen points or more
     * @param found of these
     */
    record Tally(int all, int pages, int claims, int wrong, int large, int found) {
        Tally and(Tally more) {
            return new Tally(
                    all + more.all,
                    pages + more.pages,
                    claims + more.claims,
                    wrong + more.wrong,
                    large + more.large,
                    found + more.found);
        }

        double pagesWithAny() {
            return 100.0 * pages / all;
        }

        double wrongShare() {
            return claims == 0 ? 0 : 100.0 * wrong / claims;
        }

        double foundShare() {
            return large == 0 ? 0 : 100.0 * found / large;
        }

        @Override
        public String toString() {
            return String.format(
                    Locale.ROOT,
                    "any claim on %4.1f %% of %d pages; %d claims, wrong or trivial %4.1f %%; found %4.1f %% of %d large ones",
                    pagesWithAny(),
                    all,
                    claims,
                    wrongShare(),
                    foundShare(),
                    large);
        }
    }

    public static void main(String[] arguments) {
        int pages = arguments.length > 0 ? Integer.parseInt(arguments[0]) : 320;
        for (double between : new double[] {0, 0.6}) {
            for (boolean even : new boolean[] {true, false}) {
                for (int bouts : new int[] {4, 8, 20}) {
                    String row = String.format(
                            Locale.ROOT,
                            "between athletes %.1f, %-6s chances, %2d bouts: ",
                            between,
                            even ? "even" : "uneven",
                            bouts);
                    System.out.println(row + run(pages, between, bouts, even));
                    System.out.println(row + "sides, " + sides(pages, between, bouts, even));
                }
            }
        }
        for (double drift : new double[] {0, 0.6, 1.2}) {
            for (int bouts : new int[] {8, 20, 40}) {
                System.out.println(String.format(
                        Locale.ROOT,
                        "rise over the years %.1f, uneven chances, %2d bouts: %s",
                        drift,
                        bouts,
                        trends(pages, drift, bouts, false)));
            }
        }
    }

    /** {@return what came of pages of figures} */
    static Tally run(int pages, double between, int bouts, boolean even) {
        return run(pages, between, bouts, even, false);
    }

    /** {@return the same of sides, of which the athletes have no preference in the mean: each held against one half} */
    static Tally sides(int pages, double between, int bouts, boolean even) {
        return run(pages, between, bouts, even, true);
    }

    /**
     * {@return the same of trends over the years: each athlete's share rises or falls in a straight line of logits, by {@code drift} in the
     * standard deviation from the first bout to the last}
     */
    static Tally trends(int pages, double drift, int bouts, boolean even) {
        SplittableRandom random = new SplittableRandom(SEED);
        Tally all = new Tally(0, 0, 0, 0, 0, 0);
        for (int page = 0; page < pages; page++) {
            Map<String, Difference> family = new LinkedHashMap<>();
            Map<String, Double> differences = new LinkedHashMap<>();
            for (int figure = 0; figure < FIGURES; figure++) {
                String id = "figure " + figure;
                MadeUpYears years = MadeUpYears.of(MEANS[figure % MEANS.length], drift, bouts, even, random);
                Trend.of(years.bouts(), years.likeness()).ifPresent(trend -> family.put(id, trend));
                differences.put(id, years.change());
            }
            all = all.and(judged(Claims.of(family), differences));
        }
        return all;
    }

    private static Tally run(int pages, double between, int bouts, boolean even, boolean sides) {
        SplittableRandom random = new SplittableRandom(SEED);
        Tally all = new Tally(0, 0, 0, 0, 0, 0);
        for (int page = 0; page < pages; page++) {
            Map<String, Comparison> family = new LinkedHashMap<>();
            Map<String, Double> differences = new LinkedHashMap<>();
            for (int figure = 0; figure < FIGURES; figure++) {
                double mean = sides ? 0.5 : MEANS[figure % MEANS.length];
                var plan = new MadeUpLibrary.Plan(CoverageRun.ATHLETES, mean, between, 0.6, bouts, even ? -6 : 6);
                MadeUpLibrary library = MadeUpLibrary.of(plan, random);
                String id = "figure " + figure;
                Choices own = library.bouts().get(0);
                double likeness = Population.of(library.bouts()).likeness(List.of(BoutCount.YES));
                Shares.comparison(own, Population.of(library.others(0)).all(likeness), BoutCount.YES)
                        .map(with -> sides ? Comparison.with(with.own(), 0.5) : with)
                        .ifPresent(comparison -> family.put(id, comparison));
                differences.put(id, library.truths()[0] - MadeUpLibrary.populationMean(plan));
            }
            all = all.and(judged(Claims.of(family), differences));
        }
        return all;
    }

    /** {@return what came of one page, of which the true differences are known} */
    private static Tally judged(Claims made, Map<String, Double> differences) {
        int claims = 0;
        int wrong = 0;
        int large = 0;
        int found = 0;
        for (Map.Entry<String, Double> each : differences.entrySet()) {
            double difference = each.getValue();
            boolean claimed = made.of(each.getKey()).isPresent();
            boolean right = made.of(each.getKey())
                    .filter(way ->
                            way == Claims.Direction.MORE ? difference >= Claims.TRIVIAL : difference <= -Claims.TRIVIAL)
                    .isPresent();
            boolean isLarge = Math.abs(difference) >= LARGE;
            claims += claimed ? 1 : 0;
            wrong += claimed && !right ? 1 : 0;
            large += isLarge ? 1 : 0;
            found += isLarge && right ? 1 : 0;
        }
        return new Tally(1, made.size() > 0 ? 1 : 0, claims, wrong, large, found);
    }
}
