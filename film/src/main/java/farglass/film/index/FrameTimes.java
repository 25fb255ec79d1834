package farglass.film.index;

import static org.bytedeco.ffmpeg.global.avutil.AV_ROUND_DOWN;
import static org.bytedeco.ffmpeg.global.avutil.av_rescale_q;
import static org.bytedeco.ffmpeg.global.avutil.av_rescale_q_rnd;

import org.bytedeco.ffmpeg.avutil.AVRational;

/** Frames of a video by presentation time in microseconds from the first, whatever time base the stream counts in. */
public final class FrameTimes {
    private static final AVRational MICROS = new AVRational().num(1).den(1_000_000);

    private final FrameIndex index;
    private final AVRational timeBase;

    public FrameTimes(FrameIndex index, AVRational timeBase) {
        this.index = index;
        this.timeBase = timeBase;
    }

    /** {@return time of the first frame on the file's own clock, which its sound shares} */
    public long startMicros() {
        return av_rescale_q(index.pts(0), timeBase, MICROS);
    }

    public long micros(int frame) {
        return av_rescale_q(index.pts(frame) - index.pts(0), timeBase, MICROS);
    }

    /** {@return the last frame whose time is not after that instant} */
    public int frameAt(long micros) {
        int frame =
                index.frameAt(index.pts(0) + av_rescale_q_rnd(Math.max(0, micros), MICROS, timeBase, AV_ROUND_DOWN));
        // Microseconds are rounded, so a frame whose time was asked for may lie a little behind it in the time base of
        // the file.
        return frame + 1 < index.size() && micros(frame + 1) <= micros ? frame + 1 : frame;
    }
}
