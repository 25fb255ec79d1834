package farglass.film;

import static org.bytedeco.ffmpeg.global.avutil.av_frame_alloc;
import static org.bytedeco.ffmpeg.global.avutil.av_frame_free;
import static org.bytedeco.ffmpeg.global.avutil.av_rescale_q;

import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.function.BooleanSupplier;
import java.util.function.DoubleConsumer;
import org.bytedeco.ffmpeg.avutil.AVFrame;
import org.bytedeco.ffmpeg.avutil.AVRational;

/**
 * A video file. The library's own seeks by time land on wrong frames in ordinary film (57 of 100 measured), so all
 * presentation times are read once when the file is opened; to show a frame we go to the keyframe before it and decode on.
 */
public final class VideoFile implements Film {
    /** Decoded frames kept round the playhead, for stepping back without decoding the whole group again. */
    private static final int KEPT = 48;

    private static final AVRational MICROS = new AVRational().num(1).den(1_000_000);

    private final VideoStream stream;
    private final FrameIndex index;
    private final Picture picture;
    private final AVFrame decoded = av_frame_alloc();
    private final Map<Integer, Frame> kept = new LinkedHashMap<>(KEPT * 2, 0.75f, true) {
        @Override
        protected boolean removeEldestEntry(Map.Entry<Integer, Frame> eldest) {
            return size() > KEPT;
        }
    };
    /** The frame the decoder gave last; -1 after a seek. */
    private int position = -1;

    private VideoFile(VideoStream stream, FrameIndex index) {
        this.stream = stream;
        this.index = index;
        this.picture = new Picture(stream);
    }

    /**
     * {@return the film in that file}
     *
     * @param progress told the share read so far, in [0, 1]
     * @param cancelled asked between packets; when it says so, opening stops with a {@link FilmException}
     * @throws FilmException if the file is missing, empty, damaged, or holds no pictures
     */
    public static VideoFile open(Path path, DoubleConsumer progress, BooleanSupplier cancelled) {
        VideoStream stream = VideoStream.open(path);
        try {
            FrameIndex index = stream.index(progress, cancelled);
            VideoFile film = new VideoFile(stream, index);
            film.at(0);
            return film;
        } catch (RuntimeException e) {
            stream.close();
            throw e;
        }
    }

    private long micros(int frame) {
        return av_rescale_q(index.pts(frame) - index.pts(0), stream.timeBase(), MICROS);
    }

    private int frameAt(long micros) {
        int frame = index.frameAt(index.pts(0) + av_rescale_q(Math.max(0, micros), MICROS, stream.timeBase()));
        // Rounding between the two time bases may fall one short of a frame whose exact time was asked for.
        return frame + 1 < index.size() && micros(frame + 1) <= micros ? frame + 1 : frame;
    }

    @Override
    public long lastMicros() {
        return micros(index.size() - 1);
    }

    @Override
    public long after(long micros) {
        return micros(Math.min(index.size() - 1, frameAt(micros) + 1));
    }

    @Override
    public long before(long micros) {
        return micros(Math.max(0, frameAt(micros) - 1));
    }

    @Override
    public Frame at(long micros) {
        int wanted = frameAt(micros);
        Frame found = kept.get(wanted);
        if (found != null) {
            return found;
        }
        int key = index.keyBefore(wanted);
        boolean onTheWay = position >= key && position < wanted;
        if (!onTheWay) {
            goTo(key);
        }
        return decodeTo(wanted);
    }

    /** Some containers seek to a keyframe after the one asked for; then we ask for ever earlier ones. */
    private void goTo(int key) {
        for (int from = key; ; from = index.keyBefore(Math.max(0, from - 1))) {
            stream.seek(index.pts(from), from == 0);
            position = -1;
            if (!stream.next(decoded)) {
                throw stream.damaged();
            }
            int landed = keep();
            if (landed <= key || from == 0) {
                return;
            }
        }
    }

    private Frame decodeTo(int wanted) {
        Frame last = kept.get(position);
        while (position < wanted && stream.next(decoded)) {
            keep();
            last = kept.get(position);
        }
        // A damaged stretch may lack the very frame: then the nearest one that could be decoded stands in for it.
        Frame found = kept.getOrDefault(wanted, last);
        if (found == null) {
            throw stream.damaged();
        }
        return found;
    }

    private int keep() {
        position = index.frameAt(decoded.best_effort_timestamp());
        kept.put(position, picture.of(decoded, micros(position)));
        return position;
    }

    @Override
    public void close() {
        av_frame_free(decoded);
        picture.close();
        stream.close();
    }
}
