package farglass.core.pick;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;

/**
 * How often what followed what. The share of a thing in a context is smoothed by what a coarser context says: with {@code c} how often
 * the thing was seen there, {@code n} how often anything was, and {@code k} how many different things were,
 * <pre>(max(0, c - d) + (s + d k) p) / (n + s)</pre>
 * where {@code p} is the share in the coarser context, {@code s} the strength and {@code d} the discount. What was seen once says more
 * about how much is still unseen than about itself, so every thing gives the same {@code d} away, and what comes again and again is
 * nearly believed. The shares of all things add up to one.
 * <p>Source: Y. W. Teh, "A hierarchical Bayesian language model based on Pitman-Yor processes", Proceedings of the 44th Annual Meeting of
 * the ACL (2006), pp. 985-992, with one table for each thing seen, which is interpolated absolute discounting.
 */
final class SequenceCounts<T> {
    /** Chances that a coarser context weighs; with these three the picks of the demo are honest and those of bouts told by hand no worse. */
    private static final double STRENGTH = 8;

    /** What every thing seen in a context gives away for what was not seen there, in chances. */
    private static final double DISCOUNT = 0.75;

    /** Chances that the share weighs from which is begun: what people usually do is more than one bout. */
    private static final double OF_START = 120;

    /** What was seen in one context. */
    static final class Row<T> {
        private final Map<T, Integer> each = new LinkedHashMap<>();
        private int total;

        Set<T> seen() {
            return each.keySet();
        }
    }

    private final Map<String, Row<T>> rows = new LinkedHashMap<>();

    void add(String context, T thing, int times) {
        Row<T> row = rows.computeIfAbsent(context, any -> new Row<>());
        row.total += times;
        if (row.each.merge(thing, times, Integer::sum) == 0) {
            row.each.remove(thing);
        }
        if (row.total == 0) {
            rows.remove(context);
        }
    }

    /** {@return the rows of those contexts that were ever met, in the same order} */
    List<Row<T>> rows(List<String> contexts) {
        return contexts.stream().map(rows::get).filter(Objects::nonNull).toList();
    }

    /**
     * {@return the share of that thing, in [0, 1]}
     *
     * @param rows the coarsest first
     * @param start its share where nothing was ever seen
     */
    static <T> double share(List<Row<T>> rows, T thing, double start) {
        double share = start;
        double strength = OF_START;
        for (Row<T> row : rows) {
            double own = Math.max(0, row.each.getOrDefault(thing, 0) - DISCOUNT);
            double givenAway = DISCOUNT * row.each.size();
            share = (own + (strength + givenAway) * share) / (row.total + strength);
            strength = STRENGTH;
        }
        return share;
    }
}
