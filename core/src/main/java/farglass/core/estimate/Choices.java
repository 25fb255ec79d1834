package farglass.core.estimate;

import java.io.DataInput;
import java.io.DataOutput;
import java.io.IOException;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.IntFunction;
import java.util.function.ToIntFunction;

/**
 * One athlete's chances, added up over bouts: all that estimates need to know of them. Linear in what was taken, however many options
 * there are that were not.
 */
public final class Choices {
    /**
     * What is added up of one option.
     *
     * @param raw as it is shown
     * @param weighed after the weights of bouts
     * @param squares sum of the squared counts over the chances of each bout
     */
    private record Sum(int raw, double weighed, double squares) {
        private static final Sum NONE = new Sum(0, 0, 0);

        Sum and(Sum more) {
            return new Sum(raw + more.raw, weighed + more.weighed, squares + more.squares);
        }
    }

    private final Map<String, Sum> options = new HashMap<>();
    private int bouts;
    private int raw;
    private double weighed;
    private double rawSquares;
    private double squares;

    /**
     * Adds up.
     *
     * @param weights of these bouts, each in (0, 1]
     */
    public Choices(List<OptionsTaken> taken, List<Double> weights) {
        for (int i = 0; i < taken.size(); i++) {
            OptionsTaken bout = taken.get(i);
            double weight = weights.get(i);
            if (bout.chances() > 0) {
                bout(bout.chances(), weight);
                bout.options()
                        .forEach((option, times) -> options.merge(
                                option,
                                new Sum(times, weight * times, (double) times * times / bout.chances()),
                                Sum::and));
            }
        }
    }

    private void bout(int chances, double weight) {
        bouts++;
        raw += chances;
        weighed += weight * chances;
        rawSquares += (double) chances * chances;
        squares += weight * chances * chances;
    }

    /** Adds up option after option. */
    public static final class Adding {
        private final Choices sums = new Choices(List.of(), List.of());
        private final int[] chances;
        private final double[] weights;

        /** @param chances of each bout, 1 or more @param weights of each bout, in (0, 1] */
        public Adding(int[] chances, double[] weights) {
            this.chances = chances;
            this.weights = weights;
            for (int i = 0; i < chances.length; i++) {
                sums.bout(chances[i], weights[i]);
            }
        }

        /** Adds an option. @param bouts in which of the bouts it was taken @param times how often in each of those */
        public void add(String option, int[] bouts, int[] times) {
            int raw = 0;
            double weighed = 0;
            double squared = 0;
            for (int k = 0; k < bouts.length; k++) {
                int bout = bouts[k];
                raw += times[k];
                weighed += weights[bout] * times[k];
                squared += (double) times[k] * times[k] / chances[bout];
            }
            sums.options.put(option, new Sum(raw, weighed, squared));
        }

        /** {@return all that was added; nothing may be added after it} */
        public Choices sums() {
            return sums;
        }
    }

    /** {@return the same of bouts that all weigh alike} */
    public static Choices alike(List<OptionsTaken> taken) {
        return new Choices(taken, Collections.nCopies(taken.size(), 1.0));
    }

    /** {@return every option that was taken} */
    public Set<String> options() {
        return options.keySet();
    }

    /** {@return raw chances, as shown} */
    public int chances() {
        return raw;
    }

    /** {@return how often the option was taken, as shown} */
    public int taken(String option) {
        return options.getOrDefault(option, Sum.NONE).raw();
    }

    int bouts() {
        return bouts;
    }

    double rawSquares() {
        return rawSquares;
    }

    /** {@return the sum over bouts of the squared counts of an option over their chances, unweighted} */
    double squares(String option) {
        return options.getOrDefault(option, Sum.NONE).squares();
    }

    /** {@return chances and successes, as many as they are worth after weights and the likeness within bouts} */
    EffectiveCounts effective(String option, double likeness) {
        double effect = weighed == 0 ? 1 : 1 + (squares / weighed - 1) * likeness;
        double successes = options.getOrDefault(option, Sum.NONE).weighed() / effect;
        // Rounding must not leave fewer chances than successes.
        return new EffectiveCounts(successes, Math.max(weighed / effect, successes));
    }

    private Choices(DataInput in, IntFunction<String> names) throws IOException {
        bouts = in.readInt();
        raw = in.readInt();
        weighed = in.readDouble();
        rawSquares = in.readDouble();
        squares = in.readDouble();
        for (int left = in.readInt(); left > 0; left--) {
            options.put(names.apply(in.readInt()), new Sum(in.readInt(), in.readDouble(), in.readDouble()));
        }
    }

    /** {@return the sums that were written there} @param names of options, by their numbers */
    public static Choices read(DataInput in, IntFunction<String> names) throws IOException {
        return new Choices(in, names);
    }

    /** Writes the sums. @param numbers a number for the name of each option */
    public void write(DataOutput out, ToIntFunction<String> numbers) throws IOException {
        out.writeInt(bouts);
        out.writeInt(raw);
        out.writeDouble(weighed);
        out.writeDouble(rawSquares);
        out.writeDouble(squares);
        out.writeInt(options.size());
        for (Map.Entry<String, Sum> option : options.entrySet()) {
            out.writeInt(numbers.applyAsInt(option.getKey()));
            out.writeInt(option.getValue().raw());
            out.writeDouble(option.getValue().weighed());
            out.writeDouble(option.getValue().squares());
        }
    }
}
