package farglass.film.index;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.BitSet;
import java.util.Comparator;
import java.util.List;
import java.util.stream.IntStream;

/** What was noted of the packets of a video while its file was read once, in the order in which they stand there. */
public final class PacketLog {
    private static final int AT_FIRST = 1024;

    private long[] stamps = new long[AT_FIRST];
    private long[] orders = new long[AT_FIRST];
    private long[] places = new long[AT_FIRST];
    private final BitSet keys = new BitSet();
    private final List<Half> halves = new ArrayList<>();
    private int size;

    /**
     * A packet with only the second half of a picture.
     *
     * @param packet the one with the first half
     * @param stamp what it tells of its time, as of a packet of its own
     * @param place the byte at which it begins; below 0 if nobody knows
     */
    record Half(int packet, long stamp, long place) {}

    /**
     * Notes a packet.
     *
     * @param stamp when it is shown or, of a file that does not tell that, when it is decoded; in the stream's own time base
     * @param order the one with the lower number is shown first; where the stamp tells when it is shown, the stamp
     * @param place the byte at which it begins; below 0 if nobody knows
     */
    public void add(long stamp, long order, long place, boolean key) {
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

    /** Notes the second half of the picture of the last packet. */
    public void addHalf(long stamp, long place) {
        halves.add(new Half(size - 1, stamp, place));
    }

    List<Half> halves() {
        return List.copyOf(halves);
    }

    public boolean isEmpty() {
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

    /** {@return the packets as they are shown; of several with the same time only the first} */
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
