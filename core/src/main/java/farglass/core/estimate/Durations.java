package farglass.core.estimate;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.random.RandomGenerator;

/**
 * How long a stay usually lasts: the Kaplan-Meier median, and its spread when whole bouts are drawn anew.
 * <p>Source: E. L. Kaplan and P. Meier, "Nonparametric estimation from incomplete observations", Journal of the American
 * Statistical Association 53 (1958), pp. 457-481.
 *
 * @param median seconds; empty if fewer than half the stays were seen to end
 * @param low80 lower end of the 80 % bootstrap interval, seconds; empty with fewer than three bouts
 * @param high80 its upper end; infinite if many draws have no median
 */
public record Durations(OptionalDouble median, OptionalDouble low80, OptionalDouble high80, int stays, int ended) {
    private static final int DRAWS = 400;
    private static final int FEWEST_BOUTS = 3;

    /** {@return the durations of these stays} */
    public static Durations of(List<Stay> stays, RandomGenerator random) {
        Map<String, List<Stay>> byBout = new LinkedHashMap<>();
        stays.forEach(stay ->
                byBout.computeIfAbsent(stay.bout(), bout -> new ArrayList<>()).add(stay));
        int ended = (int) stays.stream().filter(Stay::ended).count();
        OptionalDouble median = median(stays);
        if (byBout.size() < FEWEST_BOUTS || median.isEmpty()) {
            return new Durations(median, OptionalDouble.empty(), OptionalDouble.empty(), stays.size(), ended);
        }
        List<List<Stay>> bouts = List.copyOf(byBout.values());
        double[] medians = new double[DRAWS];
        for (int draw = 0; draw < DRAWS; draw++) {
            List<Stay> drawn = new ArrayList<>();
            for (int i = 0; i < bouts.size(); i++) {
                drawn.addAll(bouts.get(random.nextInt(bouts.size())));
            }
            medians[draw] = median(drawn).orElse(Double.POSITIVE_INFINITY);
        }
        Arrays.sort(medians);
        return new Durations(
                median,
                OptionalDouble.of(medians[DRAWS / 10]),
                OptionalDouble.of(medians[DRAWS * 9 / 10]),
                stays.size(),
                ended);
    }

    private static OptionalDouble median(List<Stay> stays) {
        for (Step step : survival(stays)) {
            // A product of fractions may miss one half by its last digit.
            if (step.surviving() <= 0.5 + 1e-12) {
                return OptionalDouble.of(step.seconds());
            }
        }
        return OptionalDouble.empty();
    }

    /** @param surviving share of stays that last longer than so many seconds, in [0, 1] */
    public record Step(double seconds, double surviving) {}

    /** {@return the survival curve: one step at each duration at which a stay ended} */
    public static List<Step> survival(List<Stay> stays) {
        List<Stay> inOrder =
                stays.stream().sorted(Comparator.comparingDouble(Stay::seconds)).toList();
        List<Step> steps = new ArrayList<>();
        double surviving = 1;
        int atRisk = inOrder.size();
        for (int i = 0; i < inOrder.size(); ) {
            double now = inOrder.get(i).seconds();
            int ends = 0;
            int leave = 0;
            for (; i < inOrder.size() && inOrder.get(i).seconds() == now; i++) {
                ends += inOrder.get(i).ended() ? 1 : 0;
                leave++;
            }
            if (ends > 0) {
                surviving *= 1 - (double) ends / atRisk;
                steps.add(new Step(now, surviving));
            }
            atRisk -= leave;
        }
        return steps;
    }
}
