package farglass.core.pass;

import farglass.core.bout.Bout;
import farglass.core.bout.Covered;
import farglass.core.bout.Moment;
import farglass.core.fact.Layer;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;

/** What of a bout a pass has looked through, when questions are asked in another order than the film's. */
public final class LookedThrough {
    private LookedThrough() {}

    /**
     * {@return the longest stretches that hold a question that was replied to and none that is open} From the start of the bout, or just
     * behind an open question, to just behind the last one replied to.
     *
     * @param replied ids of the moments that were asked about
     * @param open ids of those that still are to be asked about
     */
    public static List<Covered> stretches(Bout bout, Layer layer, Set<String> replied, Set<String> open) {
        List<Covered> stretches = new ArrayList<>();
        long from = 0;
        long last = -1;
        long at = 0;
        for (Moment moment : bout.moments()) {
            at = moment.atMicros().orElse(at);
            if (open.contains(moment.id())) {
                // At one instant with a question that is open, nothing can be called looked through.
                long to = Math.min(last + 1, at);
                if (last >= from && to > from) {
                    stretches.add(new Covered(layer, from, to, true));
                }
                from = at + 1;
                last = -1;
            } else if (replied.contains(moment.id())) {
                last = at;
            }
        }
        if (last >= from) {
            stretches.add(new Covered(layer, from, last + 1, true));
        }
        return stretches;
    }
}
