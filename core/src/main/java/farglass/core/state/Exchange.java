package farglass.core.state;

import farglass.core.bout.Moment;
import java.util.List;

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

    static List<Exchange> of(List<Moment> moments, Timeline timeline) {
        List<Exchange> exchanges = new java.util.ArrayList<>();
        List<Moment> open = new java.util.ArrayList<>();
        Stand from = null;
        for (Moment moment : moments) {
            Stand before = timeline.before(moment);
            Stand after = timeline.after(moment);
            if (from == null || open.isEmpty() && before.position().isSettled()) {
                from = before;
            }
            open.add(moment);
            if (after.position().isSettled() && !after.equals(from)) {
                exchanges.add(new Exchange(from, after, open));
                open = new java.util.ArrayList<>();
                from = after;
            }
        }
        if (!open.isEmpty()) {
            exchanges.add(new Exchange(from, from, open));
        }
        return exchanges;
    }
}
