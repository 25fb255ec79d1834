package farglass.core.bout;

import farglass.core.fact.Tie;
import java.util.HashSet;
import java.util.Set;

/** Awards that the referee took back, or corrected by another. */
public final class TakenBack {
    private TakenBack() {}

    /**
     * {@return ids of awards that do not count at that instant: those taken back or corrected by then, and those that only say so}
     *
     * @param micros on the bout's timeline; what has no time counts from the start
     */
    public static Set<String> by(Bout bout, long micros) {
        Set<String> ids = new HashSet<>();
        for (Moment moment : bout.moments()) {
            if (moment.atMicros().orElse(0) <= micros) {
                ids.addAll(by(moment));
            }
        }
        return ids;
    }

    /** {@return ids of the awards that count no longer from that moment on} Of most moments none. */
    public static Set<String> by(Moment moment) {
        Set<String> ids = new HashSet<>();
        moment.telling().tied(Tie.WITHDRAWS).forEach(ids::add);
        if (!ids.isEmpty()) {
            ids.add(moment.id());
        }
        moment.telling().tied(Tie.CORRECTS).forEach(ids::add);
        return ids;
    }
}
