package farglass.film.video;

import static org.bytedeco.ffmpeg.global.avutil.AV_PIX_FMT_YUV420P;
import static org.bytedeco.ffmpeg.global.avutil.AV_PIX_FMT_YUVJ420P;

import farglass.film.Frame;
import farglass.film.reel.VideoWriter;
import java.nio.file.Path;

/** Makes real video files for the tests. Every frame shows its own number, as black and white fields. */
public final class Clip {
    private static final int FIELDS = 12;

    private Clip() {}

    /**
     * Writes a clip.
     *
     * @param codec an encoder's name; the container follows from the path's ending
     * @param millis presentation time of each frame
     */
    public static Path write(Path path, String codec, int width, int height, int group, int betweens, long[] millis) {
        // Motion JPEG knows only pictures of the full range of levels.
        int pixels = codec.equals("mjpeg") ? AV_PIX_FMT_YUVJ420P : AV_PIX_FMT_YUV420P;
        return write(path, width, height, new VideoWriter.Packing(codec, pixels, group, betweens, 0), millis);
    }

    public static Path write(Path path, int width, int height, VideoWriter.Packing packing, long[] millis) {
        try (VideoWriter writer = new VideoWriter(path, width, height, packing)) {
            int[] argb = new int[width * height];
            for (int i = 0; i < millis.length; i++) {
                draw(argb, i, width, height);
                writer.add(argb, millis[i]);
            }
            writer.finish();
        }
        return path;
    }

    private static void draw(int[] argb, int number, int width, int height) {
        for (int x = 0; x < width; x++) {
            argb[x] = (number >> (x * FIELDS / width) & 1) == 1 ? 0xffdcdcdc : 0xff1e1e1e;
        }
        for (int y = 1; y < height; y++) {
            System.arraycopy(argb, 0, argb, y * width, width);
        }
    }

    /** {@return the number the frame shows} */
    public static int number(Frame frame) {
        int number = 0;
        for (int field = 0; field < FIELDS; field++) {
            int x = (2 * field + 1) * frame.width() / (2 * FIELDS);
            int pixel = frame.argb()[frame.height() / 2 * frame.width() + x];
            number |= (pixel >> 8 & 0xff) > 128 ? 1 << field : 0;
        }
        return number;
    }
}
