package farglass.desktop.lexicon;

import farglass.core.bout.Bout;
import farglass.core.bout.Moment;
import farglass.core.side.Settled;
import java.util.Collection;
import java.util.HashMap;
import java.util.Map;
import java.util.TreeMap;
import java.util.function.BooleanSupplier;

/**
 * How often each entry of the lexicon occurs in a library, and each word that has none.
 *
 * @param entries moments by key: in which a technique was done, or a position reached
 * @param unnamed moments by their words
 */
record WordCounts(Map<String, Integer> entries, Map<String, Integer> unnamed) {
    static final WordCounts NONE = new WordCounts(Map.of(), Map.of());

    /** Looks through every moment: not on the interface thread. */
    static WordCounts of(Collection<Bout> bouts, BooleanSupplier cancelled) {
        Map<String, Integer> entries = new HashMap<>();
        Map<String, Integer> unnamed = new TreeMap<>();
        for (Bout bout : bouts) {
            if (cancelled.getAsBoolean()) {
                return NONE;
            }
            for (Moment moment : bout.moments()) {
                moment.deed().unnamed().ifPresent(deed -> unnamed.merge(deed.words(), 1, Integer::sum));
                moment.technique().ifPresent(key -> entries.merge(key, 1, Integer::sum));
                moment.settled().map(Settled::position).ifPresent(key -> entries.merge(key, 1, Integer::sum));
            }
        }
        return new WordCounts(entries, unnamed);
    }
}
