package farglass.core.state;

import farglass.core.bout.Moment;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;

/**
 * What happened from one settled position to the next.
 *
 * @param from where it began
 * @param to where it ended; the same as {@code from} where the bout or the coverage ended first
 * @param moments in order, the one that led to {@code to} last
 */
public record Exchange(Stand from, Stand to, List<Moment> moments) {
    public Exchange {
        moments = List.copyOf(moments);
    }

    /** {@return the exchanges of these moments} @param standBefore where the two were before each @param standAfter and after it */
    static List<Exchange> of(
            List<Moment> moments, Function<Moment, Stand> standBefore, Function<Moment, Stand> standAfter) {
        List<Exchange> exchanges = new ArrayList<>();
        List<Moment> open = new ArrayList<>();
        Stand from = null;
        for (Moment moment : moments) {
            Stand before = standBefore.apply(moment);
            Stand after = standAfter.apply(moment);
            if (from == null || open.isEmpty() && before.position().isSettled()) {
                from = before;
            }
            open.add(moment);
            if (after.position().isSettled() && !after.equals(from)) {
                exchanges.add(new Exchange(from, after, open));
                open = new ArrayList<>();
                from = after;
            }
        }
        if (!open.isEmpty()) {
            exchanges.add(new Exchange(from, from, open));
        }
        return exchanges;
    }
}
