package farglass.core.simulate.sheet;

import java.util.List;
import java.util.function.ToDoubleFunction;
import java.util.random.RandomGenerator;

/** Draws. */
public final class Chance {
    private Chance() {}

    /** {@return the probability moved by so much on the log-odds scale} */
    public static double shifted(double probability, double logOdds) {
        double p = Math.min(0.995, Math.max(0.005, probability));
        double odds = Math.log(p / (1 - p)) + logOdds;
        return 1 / (1 + Math.exp(-odds));
    }

    /** {@return one of them, by weight} */
    public static <T> T of(List<T> all, ToDoubleFunction<T> weight, RandomGenerator random) {
        double total = all.stream().mapToDouble(weight).sum();
        double left = random.nextDouble() * total;
        for (T each : all) {
            left -= weight.applyAsDouble(each);
            if (left < 0) {
                return each;
            }
        }
        return all.get(all.size() - 1);
    }
}
