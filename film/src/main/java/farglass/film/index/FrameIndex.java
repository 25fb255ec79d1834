package farglass.film.index;

import static org.bytedeco.ffmpeg.global.avutil.AV_NOPTS_VALUE;

import java.util.Arrays;
import java.util.HashMap;
import java.util.Map;
import java.util.stream.IntStream;
import java.util.stream.LongStream;

/**
 * All frames of a video in order of presentation: when each is shown, which can be decoded without others, and how the packet of each is
 * found again.
 */
public final class FrameIndex {
    /** Where several packets begin at one place, the times of the first ones behind it are guessed wrong: we begin so many before. */
    private static final int LEAD = 4;

    private final long[] pts;
    private final boolean[] keys;
    private final long[] asked;
    private final long[] places;
    private final long[] marks;
    private final int[] marked;
    private final boolean byPlace;
    private final boolean untold;
    private final boolean jumping;

    /**
     * Puts them in order.
     *
     * @param log every packet that becomes a picture; at least one
     * @param jumping whether the file's own clock jumps, and was carried on
     */
    public FrameIndex(PacketLog log, boolean jumping) {
        this.jumping = jumping;
        int[] shown = log.asShown();
        asked = Arrays.stream(shown).mapToLong(log::stamp).toArray();
        byPlace = log.isTellingPlaces();
        places = Arrays.stream(shown)
                .mapToLong(packet -> log.place(byPlace ? packet : Math.max(0, packet - LEAD)))
                .toArray();
        // Where only times of decoding are told, the first is taken for the time of the picture shown first, and so on.
        pts = Arrays.stream(asked).sorted().toArray();
        keys = new boolean[shown.length];
        for (int frame = 0; frame < shown.length; frame++) {
            keys[frame] = log.isKey(shown[frame]);
        }
        int[] frames = frames(log, shown);
        long[] named = LongStream.concat(
                        Arrays.stream(byPlace ? places : asked),
                        log.halves().stream().mapToLong(half -> byPlace ? half.place() : half.stamp()))
                .toArray();
        int[] sorted = PacketLog.sorted(named);
        marks = Arrays.stream(sorted).mapToLong(at -> named[at]).toArray();
        marked = Arrays.stream(sorted).map(at -> frames[at]).toArray();
        untold = log.halves().stream().anyMatch(half -> byPlace ? half.place() < 0 : half.stamp() == AV_NOPTS_VALUE);
    }

    /** {@return which frame each mark leads to: that of the packets as they are shown, then of second halves} */
    private static int[] frames(PacketLog log, int[] shown) {
        Map<Integer, Integer> frameOf = new HashMap<>();
        if (!log.halves().isEmpty()) {
            IntStream.range(0, shown.length).forEach(frame -> frameOf.put(shown[frame], frame));
        }
        return IntStream.concat(
                        IntStream.range(0, shown.length),
                        log.halves().stream().mapToInt(half -> frameOf.getOrDefault(half.packet(), -1)))
                .toArray();
    }

    /** {@return whether the file's own clock jumps in it: then nothing is found in the file by a time} */
    public boolean isJumping() {
        return jumping;
    }

    public int size() {
        return pts.length;
    }

    long pts(int frame) {
        return pts[frame];
    }

    /** {@return the time by which the file is asked for the packet of that frame} */
    public long asked(int frame) {
        return asked[frame];
    }

    /** {@return from which byte of the file the packet of that frame is read; below 0 if nobody knows} */
    public long place(int frame) {
        return places[frame];
    }

    /** {@return whether packets are known by where they stand; otherwise by the time they tell} */
    public boolean isByPlace() {
        return byPlace;
    }

    /** {@return whether some packets with the second half of a picture tell neither a time nor a place, so that only the order tells them} */
    public boolean hasUntoldHalves() {
        return untold;
    }

    /**
     * {@return the frame that packet becomes; below 0 if it is none}
     *
     * @param mark where it stands in the file, or the time it tells
     */
    public int frameOf(long mark) {
        int found = Arrays.binarySearch(marks, mark);
        return found < 0 ? -1 : marked[found];
    }

    /** {@return the last frame not after that time; the first if all are} */
    int frameAt(long time) {
        int found = Arrays.binarySearch(pts, time);
        return found >= 0 ? found : Math.max(0, -found - 2);
    }

    /** {@return the nearest keyframe at or before that frame} */
    public int keyBefore(int frame) {
        int at = frame;
        while (at > 0 && !keys[at]) {
            at--;
        }
        return at;
    }
}
