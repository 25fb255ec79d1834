package farglass.film;

import static org.bytedeco.ffmpeg.global.avutil.av_frame_alloc;
import static org.bytedeco.ffmpeg.global.avutil.av_frame_free;

import java.nio.file.Path;
import java.util.function.IntPredicate;
import org.bytedeco.ffmpeg.avutil.AVFrame;

/**
 * Decodes a video from a keyframe onwards. Only frames that are wanted become pixels: turning one into pixels costs as much as
 * decoding it.
 */
final class FrameReader implements AutoCloseable {
    private final VideoStream stream;
    private final FrameIndex index;
    private final FrameTimes times;
    private final Picture picture;
    private final AVFrame decoded = av_frame_alloc();
    /** The frame the decoder gave last; -1 after a seek. */
    private int position = -1;

    /** Told of every frame that became pixels. */
    interface Shelf {
        void put(int number, Frame frame);
    }

    FrameReader(VideoStream stream, FrameIndex index, FrameTimes times) {
        this.stream = stream;
        this.index = index;
        this.times = times;
        this.picture = new Picture(stream);
    }

    static FrameReader again(Path path, FrameIndex index, FrameTimes times) {
        return new FrameReader(VideoStream.open(path), index, times);
    }

    int position() {
        return position;
    }

    /** {@return whether decoding on from here gets to that frame sooner than from its keyframe} */
    boolean isOnTheWayTo(int wanted) {
        return position >= index.keyBefore(wanted) && position < wanted;
    }

    /** Some containers seek to a keyframe after the one asked for; then we ask for ever earlier ones. */
    void goToKeyOf(int wanted, IntPredicate keeps, Shelf shelf) {
        int key = index.keyBefore(wanted);
        for (int from = key; ; from = index.keyBefore(Math.max(0, from - 1))) {
            stream.seek(index.pts(from), from == 0);
            position = -1;
            if (!next(keeps, shelf)) {
                throw stream.damaged();
            }
            if (position <= key || from == 0) {
                return;
            }
        }
    }

    /** Decodes one frame. {@return false at the end of the film} */
    boolean next(IntPredicate keeps, Shelf shelf) {
        if (!stream.next(decoded)) {
            return false;
        }
        position = index.frameAt(decoded.best_effort_timestamp());
        if (keeps.test(position)) {
            shelf.put(position, picture.of(decoded, times.micros(position)));
        }
        return true;
    }

    FilmException damaged() {
        return stream.damaged();
    }

    @Override
    public void close() {
        av_frame_free(decoded);
        picture.close();
        stream.close();
    }
}
