package farglass.film.video;

import farglass.film.Film;
import farglass.film.Frame;
import farglass.film.Sound;
import farglass.film.index.FrameIndex;
import farglass.film.index.FrameTimes;
import java.nio.file.Path;
import java.util.HashSet;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.function.BooleanSupplier;
import java.util.function.DoubleConsumer;

/**
 * A video file. The library's own seeks by time land on wrong frames in ordinary film (57 of 100 measured), so all
 * presentation times are read once when the file is opened; to show a frame we go to the keyframe before it and decode on. Frames
 * are kept round the playhead, and those behind it are fetched ahead of being asked for, by a second reader.
 */
public final class VideoFile implements Film {
    /** Bytes of decoded frames kept: 43 frames of 720p. */
    private static final long KEPT_BYTES = 160_000_000;
    /** So many frames before the one shown are kept ready for stepping back. */
    private static final int BEHIND = 18;
    /** So many frames are decoded at a time while nothing is asked for, so that a wish never waits long. */
    private static final int AT_A_TIME = 6;

    private static final Waiting PATIENT = new Waiting() {
        @Override
        public boolean isStillWanted() {
            return true;
        }

        @Override
        public void seeMeanwhile(Frame frame) {
            // Only the frame wanted is of use.
        }
    };

    private final Path path;
    private final FrameIndex index;
    private final FrameTimes times;
    private final FrameReader front;
    private final TreeMap<Integer, Frame> kept = new TreeMap<>();
    private Optional<FrameReader> rear = Optional.empty();
    private final Set<Integer> lost = new HashSet<>();
    private int rearTo = -1;
    private int shown;

    private VideoFile(Path path, FrameIndex index, FrameTimes times, FrameReader front) {
        this.path = path;
        this.index = index;
        this.times = times;
        this.front = front;
    }

    /**
     * {@return the film in that file}
     *
     * @param progress told the share read so far, in [0, 1]
     * @param cancelled asked between packets; when it says so, opening stops with a {@link farglass.film.FilmException}
     * @throws FilmException if the file is missing, empty, damaged, or holds no pictures
     */
    public static VideoFile open(Path path, DoubleConsumer progress, BooleanSupplier cancelled) {
        VideoStream stream = VideoStream.open(path);
        try {
            FrameIndex index = stream.index(progress, cancelled);
            FrameTimes times = new FrameTimes(index, stream.timeBase());
            VideoFile film = new VideoFile(path, index, times, new FrameReader(stream, index, times));
            film.at(0);
            return film;
        } catch (RuntimeException e) {
            stream.close();
            throw e;
        }
    }

    @Override
    public long lastMicros() {
        return times.micros(index.size() - 1);
    }

    @Override
    public long after(long micros) {
        return times.micros(Math.min(index.size() - 1, times.frameAt(micros) + 1));
    }

    @Override
    public long before(long micros) {
        return times.micros(Math.max(0, times.frameAt(micros) - 1));
    }

    @Override
    public Frame at(long micros) {
        return at(micros, PATIENT).orElseThrow();
    }

    @Override
    public Optional<Frame> at(long micros, Waiting waiting) {
        int wanted = times.frameAt(micros);
        shown = wanted;
        Frame found = kept.get(wanted);
        if (found != null) {
            return Optional.of(found);
        }
        int keepFrom = wanted - BEHIND;
        OnTheWay onTheWay = new OnTheWay(keepFrom, waiting);
        front.wantFrom(keepFrom);
        if (!front.isOnTheWayTo(wanted)) {
            front.goToKeyOf(wanted, frame -> true, onTheWay);
        }
        while (front.position() < wanted) {
            if (!waiting.isStillWanted()) {
                return Optional.empty();
            }
            if (!front.next(onTheWay::isWanted, onTheWay)) {
                break;
            }
        }
        // A damaged stretch may lack the very frame: then the nearest one that could be decoded stands in for it.
        return Optional.of(nearest(wanted).orElseThrow(front::damaged));
    }

    /** Keeps what is near the frame wanted, and shows whoever waits now and then how far it has come. */
    private final class OnTheWay implements FrameReader.Shelf {
        private static final long NOW_AND_THEN_NANOS = 80_000_000;

        private final int keepFrom;
        private final Waiting waiting;
        private long shownNanos = System.nanoTime();

        OnTheWay(int keepFrom, Waiting waiting) {
            this.keepFrom = keepFrom;
            this.waiting = waiting;
        }

        boolean isWanted(int frame) {
            return frame >= keepFrom || System.nanoTime() - shownNanos > NOW_AND_THEN_NANOS;
        }

        @Override
        public void put(int number, Frame frame) {
            keep(number, frame);
            if (number < keepFrom) {
                waiting.seeMeanwhile(frame);
                shownNanos = System.nanoTime();
            }
        }
    }

    private Optional<Frame> nearest(int wanted) {
        var before = kept.floorEntry(wanted);
        var after = kept.ceilingEntry(wanted);
        if (before == null || after == null) {
            return Optional.ofNullable(before == null ? after : before).map(java.util.Map.Entry::getValue);
        }
        return Optional.of(wanted - before.getKey() <= after.getKey() - wanted ? before.getValue() : after.getValue());
    }

    private void keep(int number, Frame frame) {
        kept.put(number, frame);
        long each = 4L * frame.width() * frame.height();
        while (kept.size() > 2 && kept.size() * each > KEPT_BYTES) {
            boolean lastIsFarther = kept.lastKey() - shown > shown - kept.firstKey();
            kept.remove(lastIsFarther ? kept.lastKey() : kept.firstKey());
        }
    }

    @Override
    public boolean prepare(long micros) {
        int frame = times.frameAt(micros);
        if (rearTo < 0) {
            return plan(frame) && seekBehind();
        }
        FrameReader reader = rear.orElseThrow();
        for (int i = 0; i < AT_A_TIME; i++) {
            if (reader.position() >= rearTo || !reader.next(this::isWantedBehind, this::keep)) {
                // What did not come cannot be decoded: asked for again, it would never come either.
                for (int missing = Math.max(0, rearTo - BEHIND); missing <= rearTo; missing++) {
                    if (!kept.containsKey(missing)) {
                        lost.add(missing);
                    }
                }
                rearTo = -1;
                return plan(frame) && seekBehind();
            }
        }
        return true;
    }

    private boolean seekBehind() {
        if (rear.isEmpty()) {
            rear = Optional.of(FrameReader.again(path, index, times));
        }
        int from = Math.max(0, rearTo - BEHIND);
        rear.get().wantFrom(from);
        if (!rear.get().isOnTheWayTo(from)) {
            rear.get().goToKeyOf(from, this::isWantedBehind, this::keep);
        }
        return true;
    }

    private boolean isWantedBehind(int frame) {
        return frame <= rearTo && frame >= rearTo - BEHIND && !kept.containsKey(frame);
    }

    /** {@return whether frames behind the one shown are missing and can be fetched} */
    private boolean plan(int frame) {
        int missing = frame - 1;
        while (missing >= 0 && (kept.containsKey(missing) || lost.contains(missing))) {
            missing--;
        }
        if (missing < 0 || frame - missing > BEHIND) {
            return false;
        }
        rearTo = missing;
        return true;
    }

    @Override
    public Optional<Sound> sound() {
        // The sound is found by its time: of a file whose clock jumps it would be another's.
        return index.isJumping()
                ? Optional.empty()
                : SoundTrack.open(path, times.startMicros()).map(Loudspeaker::new);
    }

    @Override
    public void close() {
        front.close();
        rear.ifPresent(FrameReader::close);
    }
}
