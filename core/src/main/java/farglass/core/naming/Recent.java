package farglass.core.naming;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.function.Function;

/**
 * What was lately worked out: of one line the same words are looked at several times, as a whole and as a part, and again at the next key.
 *
 * @param <K> what it depends on, and on nothing else
 */
final class Recent<K, V> {
    private final Function<K, V> work;
    private final Map<K, V> kept;

    /** @param most so many are kept, those that were asked for last */
    Recent(int most, Function<K, V> work) {
        this.work = work;
        this.kept = new LinkedHashMap<>(16, 0.75f, true) {
            @Override
            protected boolean removeEldestEntry(Map.Entry<K, V> eldest) {
                return size() > most;
            }
        };
    }

    V of(K key) {
        synchronized (kept) {
            V known = kept.get(key);
            if (known != null) {
                return known;
            }
        }
        // Outside: whoever else reads meanwhile does not wait for it.
        V made = work.apply(key);
        synchronized (kept) {
            kept.put(key, made);
        }
        return made;
    }
}
