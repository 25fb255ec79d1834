package farglass.core.scribe;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;

/**
 * How often what followed what. Shares are smoothed by what a coarser context says: (n(x) + s p(x)) / (n + s), with n the count of the
 * context. That is the posterior mean under a Dirichlet prior of strength s round the coarser share.
 * <p>Source: D. J. C. MacKay and L. C. Bauman Peto, "A hierarchical Dirichlet language model", Natural Language Engineering 1 (1995),
 * pp. 289-307.
 */
final class Counts<T> {
    /** Chances that a coarser context weighs; between 8 and 25 the picks of the demo are equally good and honest. */
    private static final double STRENGTH = 15;

    /** Chances that the share weighs from which is begun: what people usually do is more than one bout. */
    private static final double OF_START = 60;

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
            share = (row.each.getOrDefault(thing, 0) + strength * share) / (row.total + strength);
            strength = STRENGTH;
        }
        return share;
    }
}
