package farglass.core.coverage;

import farglass.core.estimate.BoutCount;
import farglass.core.estimate.Choices;
import farglass.core.estimate.OptionShares;
import farglass.core.estimate.Population;
import farglass.core.estimate.Prior;
import farglass.core.estimate.Share;
import farglass.core.estimate.Shares;
import farglass.core.estimate.time.BoutRate;
import farglass.core.estimate.time.Durations;
import farglass.core.estimate.time.Exposure;
import farglass.core.estimate.time.OtherRates;
import farglass.core.estimate.time.Rate;
import farglass.core.estimate.time.Rates;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.SplittableRandom;

/**
 * Prints how often the intervals hold the truth, where it is known: by how many bouts were seen, how uneven the chances are, how unusual
 * the athlete is. {@code CoverageTest} runs a short form of it.
 * <p>mvn -q -B -pl core test-compile, then java -cp ... farglass.core.coverage.CoverageRun 40, and another weight of the weak belief behind it
 */
public final class CoverageRun {
    private static final long SEED = 20261125;
    static final int ATHLETES = 20;

    private static double weakShare = Prior.SHOWN;

    private CoverageRun() {}

    public static void main(String[] arguments) {
        int libraries = arguments.length > 0 ? Integer.parseInt(arguments[0]) : 40;
        weakShare = arguments.length > 1 ? Double.parseDouble(arguments[1]) : Prior.SHOWN;
        print("Shares: 80 % and 95 % intervals, (mean width of the 80 %, how many)", shares(libraries));
        print("Options that one to five bouts of the whole library tell of", small(libraries * 40));
        print("Options of one choice", options(libraries * 10));
        print("Rates per minute", rates(libraries * 5));
        print("Durations, 80 % twice, width in seconds", durations(libraries * 10));
    }

    static void print(String title, Map<String, Coverage> rows) {
        System.out.println(title);
        rows.forEach((row, coverage) -> System.out.printf(Locale.ROOT, "  %-46s %s%n", row, coverage));
    }

    private static Share share(Choices own, List<Choices> others) {
        List<Choices> all = new ArrayList<>(others);
        all.add(own);
        double likeness = Population.of(all).likeness(List.of(BoutCount.YES));
        Prior prior = Population.of(others).all(likeness).prior(BoutCount.YES, 0.5, weakShare);
        return Shares.yesOrNo(own, BoutCount.YES, prior, likeness);
    }

    /** {@return coverage by bouts and chances, all and in parts} */
    static Map<String, Coverage> shares(int libraries) {
        Map<String, Coverage> rows = new LinkedHashMap<>();
        SplittableRandom random = new SplittableRandom(SEED);
        for (int bouts : new int[] {3, 8, 20}) {
            for (double chances : new double[] {6, 1.5}) {
                String row = "%d bouts, %.1f chances".formatted(bouts, chances);
                for (double mean : new double[] {0.04, 0.1, 0.3, 0.5}) {
                    for (double between : new double[] {0.4, 0.8, 1.2}) {
                        for (double form : new double[] {0.6, 1.0}) {
                            for (int i = 0; i < libraries; i++) {
                                var plan = new MadeUpLibrary.Plan(ATHLETES, mean, between, form, bouts, chances);
                                held(MadeUpLibrary.of(plan, random), row, "mean %.2f".formatted(mean), rows);
                            }
                        }
                    }
                }
            }
        }
        return rows;
    }

    private static void held(MadeUpLibrary library, String row, String mean, Map<String, Coverage> rows) {
        // Four athletes of each library: the others are nearly the same for all of them.
        for (int athlete = 0; athlete < 4; athlete++) {
            Share share = share(library.bouts().get(athlete), library.others(athlete));
            if (share.chances() == 0) {
                continue;
            }
            double truth = library.truths()[athlete];
            List<String> parts = new ArrayList<>(List.of("all", row, mean));
            if (Math.abs(library.unusual()[athlete]) > 1.5) {
                parts.addAll(List.of("unusual", row + ", unusual"));
            }
            if (share.successes() == 0) {
                parts.addAll(List.of("none seen", row + ", none seen"));
            }
            parts.forEach(part -> rows.computeIfAbsent(part, any -> new Coverage())
                    .add(share.low95(), share.low80(), share.high80(), share.high95(), truth));
        }
    }

    /** {@return coverage where the whole library holds one to five bouts: nobody to compare with} */
    static Map<String, Coverage> small(int libraries) {
        Map<String, Coverage> rows = new LinkedHashMap<>();
        SplittableRandom random = new SplittableRandom(SEED);
        for (int bouts = 1; bouts <= 5; bouts++) {
            for (double mean : new double[] {0.04, 0.1, 0.3, 0.5}) {
                for (double between : new double[] {0.4, 0.8, 1.2}) {
                    for (int i = 0; i < libraries / 20; i++) {
                        MadeUpLibrary library =
                                MadeUpLibrary.of(new MadeUpLibrary.Plan(2, mean, between, 0.8, bouts, 3), random);
                        Share share = share(library.bouts().get(0), library.others(0));
                        if (share.chances() > 0) {
                            for (String part : Arrays.asList("all", bouts + " bouts", "mean %.2f".formatted(mean))) {
                                rows.computeIfAbsent(part, any -> new Coverage())
                                        .add(
                                                share.low95(),
                                                share.low80(),
                                                share.high80(),
                                                share.high95(),
                                                library.truths()[0]);
                            }
                        }
                    }
                }
            }
        }
        return rows;
    }

    /** {@return coverage of the usual length of a stay, 80 % only; runs in which nothing but a count is said are left out} */
    static Map<String, Coverage> durations(int draws) {
        Map<String, Coverage> rows = new LinkedHashMap<>();
        SplittableRandom random = new SplittableRandom(SEED);
        for (int bouts : new int[] {5, 8, 20}) {
            for (double chances : new double[] {6, 1.5}) {
                for (double shape : new double[] {0.8, 1.4}) {
                    for (double form : new double[] {0.3, 0.6}) {
                        for (int i = 0; i < draws; i++) {
                            MadeUpStays made =
                                    MadeUpStays.of(new MadeUpStays.Plan(bouts, chances, shape, form), random);
                            Durations durations = Durations.of(made.stays());
                            if (durations.low80().isPresent()) {
                                double low = durations.low80().getAsDouble();
                                double high = durations.high80().getAsDouble();
                                for (String part : List.of("all", "%d bouts, %.1f stays".formatted(bouts, chances))) {
                                    rows.computeIfAbsent(part, any -> new Coverage())
                                            .add(low, low, high, high, made.median());
                                }
                            }
                        }
                    }
                }
            }
        }
        return rows;
    }

    /** {@return coverage of rates per minute, by bouts and how often it happens} */
    static Map<String, Coverage> rates(int libraries) {
        Map<String, Coverage> rows = new LinkedHashMap<>();
        SplittableRandom random = new SplittableRandom(SEED);
        for (int bouts : new int[] {3, 8, 20}) {
            for (double mean : new double[] {0.05, 0.3, 1}) {
                for (double between : new double[] {0.4, 0.8}) {
                    for (double form : new double[] {0.3, 0.6}) {
                        for (int i = 0; i < libraries; i++) {
                            List<Exposure> all = new ArrayList<>();
                            double truth = 0;
                            for (int athlete = 0; athlete < ATHLETES; athlete++) {
                                double habit = mean * Math.exp(between * random.nextGaussian());
                                // The mean of a lognormal form of the day.
                                truth = athlete == 0 ? habit * Math.exp(form * form / 2) : truth;
                                all.add(Exposure.of(bouts(bouts, habit, form, random)));
                            }
                            Rate rate = Rates.of(all.get(0), new OtherRates(all.subList(1, all.size()), 0.1));
                            for (String part : List.of(
                                    "all", bouts + " bouts", String.format(Locale.ROOT, "mean %.2f a minute", mean))) {
                                rows.computeIfAbsent(part, any -> new Coverage())
                                        .add(rate.low95(), rate.low80(), rate.high80(), rate.high95(), truth);
                            }
                        }
                    }
                }
            }
        }
        return rows;
    }

    private static List<BoutRate> bouts(int many, double habit, double form, SplittableRandom random) {
        List<BoutRate> bouts = new ArrayList<>();
        for (int i = 0; i < many; i++) {
            double minutes = 0.05 + 3 * random.nextExponential();
            double rate = habit * Math.exp(form * random.nextGaussian());
            int times = 0;
            for (double at = random.nextExponential() / rate; at < minutes; at += random.nextExponential() / rate) {
                times++;
            }
            bouts.add(new BoutRate(1, times, minutes));
        }
        return bouts;
    }

    /** {@return coverage of the shares of five options of one choice, those that the athlete was seen to take} */
    static Map<String, Coverage> options(int libraries) {
        Map<String, Coverage> rows = new LinkedHashMap<>();
        SplittableRandom random = new SplittableRandom(SEED);
        for (int bouts : new int[] {3, 8, 20}) {
            for (double between : new double[] {0.4, 0.8, 1.2}) {
                for (double form : new double[] {0.6, 1.0}) {
                    for (int i = 0; i < libraries; i++) {
                        MadeUpChoices made =
                                MadeUpChoices.of(new MadeUpChoices.Plan(ATHLETES, between, form, bouts, 4), random);
                        List<Choices> athletes = made.athletes();
                        Map<String, Share> shares = new OptionShares(
                                        Population.of(athletes.subList(1, ATHLETES))
                                                .all(Population.of(athletes).likeness(MadeUpChoices.OPTIONS)),
                                        MadeUpChoices.OPTIONS,
                                        weakShare)
                                .of(athletes.get(0));
                        shares.forEach((option, share) -> {
                            int at = MadeUpChoices.OPTIONS.indexOf(option);
                            List<String> parts = new ArrayList<>(
                                    List.of("all", bouts + " bouts", "between %.1f".formatted(between)));
                            if (Math.abs(made.unusual()[at]) > 1.5) {
                                parts.add("unusual");
                            }
                            parts.forEach(part -> rows.computeIfAbsent(part, any -> new Coverage())
                                    .add(
                                            share.low95(),
                                            share.low80(),
                                            share.high80(),
                                            share.high95(),
                                            made.truths()[at]));
                        });
                    }
                }
            }
        }
        return rows;
    }
}
