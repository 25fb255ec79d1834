package farglass.core.corpus;

import java.util.Map;
import java.util.function.Function;

/**
 * What was worked out before. Nothing is worked out under a lock of the map: who counts bouts on several threads is given parts of other
 * counts while waiting for the last one, and may be given one that asks for the same; both would then wait for each other for ever. Two
 * threads may so work out the same twice, and the first to be done is believed.
 */
final class Remembered {
    private Remembered() {}

    /**
     * {@return what is known under that key; worked out where nothing is}
     *
     * @param known may be asked and added to by many threads
     * @param making gives the same whenever it is asked
     */
    static <K, V> V of(Map<K, V> known, K key, Function<K, V> making) {
        V before = known.get(key);
        if (before != null) {
            return before;
        }
        V made = making.apply(key);
        V other = known.putIfAbsent(key, made);
        return other != null ? other : made;
    }
}
