package farglass.library;

import java.util.List;

/** Order keys with room between them, so that putting one moment between two writes one row and not all after it. */
final class Order {
    /** Below this distance halving soon meets the end of a double's digits. */
    private static final double LEAST_GAP = 1e-6;

    private Order() {}

    /**
     * {@return increasing keys, the old ones kept wherever they are in order}
     *
     * @param before the old key of each, in the new order; null where there is none
     */
    static double[] of(List<Double> before) {
        double[] keys = new double[before.size()];
        double last = 0;
        for (int i = 0; i < keys.length; i++) {
            Double old = before.get(i);
            double next = nextKept(before, i, last);
            keys[i] = old != null && old > last && old <= next
                    ? old
                    : Double.isInfinite(next) ? last + 1 : (last + next) / 2;
            if (keys[i] - last < LEAST_GAP) {
                return renumbered(keys.length);
            }
            last = keys[i];
        }
        return keys;
    }

    private static double nextKept(List<Double> before, int from, double above) {
        for (int i = from; i < before.size(); i++) {
            if (before.get(i) != null && before.get(i) > above) {
                return before.get(i);
            }
        }
        return Double.POSITIVE_INFINITY;
    }

    private static double[] renumbered(int count) {
        double[] keys = new double[count];
        for (int i = 0; i < count; i++) {
            keys[i] = i + 1;
        }
        return keys;
    }
}
