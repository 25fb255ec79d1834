package farglass.film.video;

import static org.bytedeco.ffmpeg.global.avutil.AV_PIX_FMT_BGRA;
import static org.bytedeco.ffmpeg.global.swscale.SWS_BILINEAR;
import static org.bytedeco.ffmpeg.global.swscale.sws_freeContext;
import static org.bytedeco.ffmpeg.global.swscale.sws_getCachedContext;
import static org.bytedeco.ffmpeg.global.swscale.sws_scale;

import farglass.film.FilmException;
import farglass.film.Frame;
import java.nio.ByteOrder;
import org.bytedeco.ffmpeg.avutil.AVFrame;
import org.bytedeco.ffmpeg.swscale.SwsContext;
import org.bytedeco.ffmpeg.swscale.SwsFilter;
import org.bytedeco.javacpp.BytePointer;
import org.bytedeco.javacpp.DoublePointer;
import org.bytedeco.javacpp.IntPointer;
import org.bytedeco.javacpp.PointerPointer;

/** Turns decoded frames into pixels of the screen, no larger than any screen of ours shows them. */
final class Picture implements AutoCloseable {
    /** Larger pictures cost memory and time, and are scaled down on the screen anyhow. */
    private static final int WIDEST = 1280;

    private final double pixelAspect;
    private final int quarterTurns;
    private final BytePointer[] planes = new BytePointer[1];
    private SwsContext scaler;
    private int room;

    Picture(VideoStream stream) {
        this.pixelAspect = stream.pixelAspect();
        this.quarterTurns = stream.quarterTurns();
    }

    Frame of(AVFrame frame, long micros) {
        double shownWidth = frame.width() * pixelAspect;
        double scale = Math.min(1, WIDEST / shownWidth);
        int width = Math.max(2, (int) Math.round(shownWidth * scale));
        int height = Math.max(2, (int) Math.round(frame.height() * scale));
        scaler = sws_getCachedContext(
                scaler,
                frame.width(),
                frame.height(),
                frame.format(),
                width,
                height,
                AV_PIX_FMT_BGRA,
                SWS_BILINEAR,
                (SwsFilter) null,
                (SwsFilter) null,
                (DoublePointer) null);
        if (scaler == null) {
            throw new FilmException(
                    "The pictures of this film are stored in a way that cannot be shown. Convert it to MP4 (H.264).");
        }
        int bytes = width * height * 4;
        if (room < bytes) {
            close(planes[0]);
            // The scaler writes in blocks, and may touch a little beyond the last row.
            planes[0] = new BytePointer(bytes + 64L);
            room = bytes;
        }
        try (PointerPointer<BytePointer> target = new PointerPointer<>(planes);
                IntPointer stride = new IntPointer(new int[] {width * 4})) {
            if (sws_scale(scaler, frame.data(), frame.linesize(), 0, frame.height(), target, stride) < 0) {
                throw new FilmException("This picture of the film is damaged. Go on a little.");
            }
        }
        int[] argb = new int[width * height];
        planes[0].position(0).limit(bytes);
        planes[0].asByteBuffer().order(ByteOrder.LITTLE_ENDIAN).asIntBuffer().get(argb);
        return turned(new Frame(micros, width, height, argb), quarterTurns);
    }

    /** {@return the picture turned to the right by so many quarters} */
    static Frame turned(Frame frame, int quarters) {
        if (quarters == 0) {
            return frame;
        }
        int width = frame.width();
        int height = frame.height();
        int newWidth = quarters == 2 ? width : height;
        int[] to = new int[width * height];
        for (int y = 0; y < height; y++) {
            for (int x = 0; x < width; x++) {
                int newX = quarters == 1 ? height - 1 - y : quarters == 2 ? width - 1 - x : y;
                int newY = quarters == 1 ? x : quarters == 2 ? height - 1 - y : width - 1 - x;
                to[newY * newWidth + newX] = frame.argb()[y * width + x];
            }
        }
        return new Frame(frame.atMicros(), newWidth, quarters == 2 ? height : width, to);
    }

    private static void close(BytePointer pointer) {
        if (pointer != null) {
            pointer.close();
        }
    }

    @Override
    public void close() {
        close(planes[0]);
        sws_freeContext(scaler);
    }
}
