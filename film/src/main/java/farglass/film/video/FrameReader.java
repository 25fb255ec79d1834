package farglass.film.video;

import static org.bytedeco.ffmpeg.global.avutil.av_frame_alloc;
import static org.bytedeco.ffmpeg.global.avutil.av_frame_free;

import farglass.film.FilmException;
import farglass.film.Frame;
import farglass.film.index.FrameIndex;
import farglass.film.index.FrameTimes;
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
    /** Where the last seek went. */
    private int sought;

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
        VideoStream stream = VideoStream.open(path);
        stream.use(index);
        return new FrameReader(stream, index, times);
    }

    int position() {
        return position;
    }

    /** {@return whether decoding on from here gets to that frame sooner than from its keyframe} */
    boolean isOnTheWayTo(int wanted) {
        return position >= index.keyBefore(wanted) && position < wanted;
    }

    /**
     * Goes to the keyframe from which that frame can be decoded, and decodes it. Some containers seek to a keyframe after the one asked
     * for; then we ask for ever earlier ones.
     */
    void goToKeyOf(int wanted, IntPredicate keeps, Shelf shelf) {
        int key = index.keyBefore(wanted);
        for (int from = key; ; from = index.keyBefore(Math.max(0, from - 1))) {
            stream.seek(from);
            position = -1;
            sought = from;
            if (next(keeps, shelf) && position <= key || from == 0) {
                return;
            }
        }
    }

    /** Decodes one frame. {@return false at the end of the film} */
    boolean next(IntPredicate keeps, Shelf shelf) {
        do {
            if (!stream.next(decoded)) {
                return false;
            }
            // What leans on pictures before the one sought comes out spoilt, and is no frame to count on.
        } while (VideoStream.frame(decoded) < sought);
        position = VideoStream.frame(decoded);
        if (keeps.test(position)) {
            shelf.put(position, picture.of(decoded, times.micros(position)));
        }
        return true;
    }

    /** What comes before that frame need not come out. */
    void wantFrom(int frame) {
        stream.wantFrom(frame);
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
