package farglass.core.coverage;

import farglass.core.estimate.BoutCount;
import farglass.core.estimate.Likeness;
import farglass.core.estimate.Prior;
import farglass.core.estimate.Share;
import farglass.core.estimate.Shares;
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
    }

    static void print(String title, Map<String, Coverage> rows) {
        System.out.println(title);
        rows.forEach((row, coverage) -> System.out.printf(Locale.ROOT, "  %-46s %s%n", row, coverage));
    }

    private static Share share(List<BoutCount> own, List<List<BoutCount>> others) {
        List<List<BoutCount>> all = new ArrayList<>(others);
        all.add(own);
        double likeness = Likeness.pooled(all);
        return Shares.yesOrNo(own, Prior.learned(others, 0.5, likeness, weakShare), likeness);
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
}
