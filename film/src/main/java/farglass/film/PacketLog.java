package farglass.film;

import java.util.Arrays;
import java.util.BitSet;
import java.util.Comparator;
import java.util.stream.IntStream;

/** What was noted of the packets of a video while its file was read once, in the order in which they stand there. */
final class PacketLog {
    private static final int AT_FIRST = 1024;

    private long[] stamps = new long[AT_FIRST];
    private long[] orders = new long[AT_FIRST];
    private long[] places = new long[AT_FIRST];
    private final BitSet keys = new BitSet();
    private int size;

    /**
     * Notes a packet.
     *
     * @param stamp when it is shown or, of a file that does not tell that, when it is decoded; in the stream's own time base
     * @param order the one with the lower number is shown first; where the stamp tells when it is shown, the stamp
     * @param place the byte at which it begins; below 0 if nobody knows
     */
    void add(long stamp, long order, long place, boolean key) {
        if (size == stamps.length) {
            stamps = Arrays.copyOf(stamps, 2 * size);
            orders = Arrays.copyOf(orders, 2 * size);
            places = Arrays.copyOf(places, 2 * size);
        }
        stamps[size] = stamp;
        orders[size] = order;
        // Of several frames in one part of a file only the first is told where it begins: the others begin behind it.
        places[size] = place < 0 && size > 0 ? places[size - 1] : place;
        keys.set(size, key);
        size++;
    }

    boolean isEmpty() {
        return size == 0;
    }

    boolean isKey(int packet) {
        return keys.get(packet);
    }

    long stamp(int packet) {
        return stamps[packet];
    }

    long place(int packet) {
        return places[packet];
    }

    /** {@return whether each packet begins at a byte of its own, behind the one before} */
    boolean isTellingPlaces() {
        return size > 0
                && places[0] >= 0
                && IntStream.range(1, size).allMatch(packet -> places[packet] > places[packet - 1]);
    }

    /** {@return the packets as they are shown; of several that are one picture, as its two halves may be, only the first} */
    int[] asShown() {
        int[] sorted = sorted(Arrays.copyOf(orders, size));
        return IntStream.range(0, size)
                .filter(at -> at == 0 || orders[sorted[at]] != orders[sorted[at - 1]])
                .map(at -> sorted[at])
                .toArray();
    }

    /** {@return where the values stand, the least first, equal ones as they stood} Linear where they are nearly in order. */
    static int[] sorted(long[] values) {
        return IntStream.range(0, values.length)
                .boxed()
                .sorted(Comparator.comparingLong(at -> values[at]))
                .mapToInt(Integer::intValue)
                .toArray();
    }
}
