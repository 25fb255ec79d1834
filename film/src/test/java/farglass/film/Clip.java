package farglass.film;

import static org.bytedeco.ffmpeg.global.avcodec.*;
import static org.bytedeco.ffmpeg.global.avformat.*;
import static org.bytedeco.ffmpeg.global.avutil.*;

import java.nio.file.Path;
import org.bytedeco.ffmpeg.avcodec.AVCodec;
import org.bytedeco.ffmpeg.avcodec.AVCodecContext;
import org.bytedeco.ffmpeg.avcodec.AVPacket;
import org.bytedeco.ffmpeg.avformat.AVFormatContext;
import org.bytedeco.ffmpeg.avformat.AVIOContext;
import org.bytedeco.ffmpeg.avformat.AVStream;
import org.bytedeco.ffmpeg.avutil.AVDictionary;
import org.bytedeco.ffmpeg.avutil.AVFrame;
import org.bytedeco.javacpp.BytePointer;

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
        AVFormatContext format = new AVFormatContext(null);
        check(avformat_alloc_output_context2(format, null, null, path.toString()), "container");
        AVCodec encoder = avcodec_find_encoder_by_name(codec);
        AVStream stream = avformat_new_stream(format, encoder);
        AVCodecContext context = avcodec_alloc_context3(encoder);
        context.width(width).height(height).pix_fmt(AV_PIX_FMT_YUV420P).bit_rate(4_000_000);
        context.time_base(av_make_q(1, 1000));
        context.framerate(av_make_q(25, 1));
        context.gop_size(group).max_b_frames(betweens);
        if ((format.oformat().flags() & AVFMT_GLOBALHEADER) != 0) {
            context.flags(context.flags() | AV_CODEC_FLAG_GLOBAL_HEADER);
        }
        check(avcodec_open2(context, encoder, (AVDictionary) null), "encoder");
        avcodec_parameters_from_context(stream.codecpar(), context);
        stream.time_base(context.time_base());
        AVIOContext out = new AVIOContext(null);
        check(avio_open(out, path.toString(), AVIO_FLAG_WRITE), "file");
        format.pb(out);
        check(avformat_write_header(format, (AVDictionary) null), "header");
        AVFrame frame = av_frame_alloc();
        frame.format(AV_PIX_FMT_YUV420P);
        frame.width(width);
        frame.height(height);
        av_frame_get_buffer(frame, 0);
        for (int i = 0; i < millis.length; i++) {
            av_frame_make_writable(frame);
            draw(frame, i, width, height);
            frame.pts(millis[i]);
            frame.duration(40);
            encode(context, frame, format, stream);
        }
        encode(context, null, format, stream);
        av_write_trailer(format);
        av_frame_free(frame);
        avcodec_free_context(context);
        avio_closep(format.pb());
        avformat_free_context(format);
        return path;
    }

    private static void encode(AVCodecContext context, AVFrame frame, AVFormatContext format, AVStream stream) {
        check(avcodec_send_frame(context, frame), "frame");
        AVPacket packet = av_packet_alloc();
        while (avcodec_receive_packet(context, packet) >= 0) {
            packet.stream_index(stream.index());
            packet.duration(40);
            av_packet_rescale_ts(packet, context.time_base(), stream.time_base());
            check(av_interleaved_write_frame(format, packet), "packet");
        }
        av_packet_free(packet);
    }

    private static void draw(AVFrame frame, int number, int width, int height) {
        BytePointer luma = frame.data(0).capacity((long) frame.linesize(0) * height);
        byte[] row = new byte[width];
        for (int x = 0; x < width; x++) {
            row[x] = (byte) ((number >> (x * FIELDS / width) & 1) == 1 ? 220 : 30);
        }
        for (int y = 0; y < height; y++) {
            luma.position((long) y * frame.linesize(0)).put(row);
        }
        for (int plane = 1; plane < 3; plane++) {
            BytePointer chroma = frame.data(plane).capacity((long) frame.linesize(plane) * height / 2);
            byte[] grey = new byte[frame.linesize(plane)];
            java.util.Arrays.fill(grey, (byte) 128);
            for (int y = 0; y < height / 2; y++) {
                chroma.position((long) y * frame.linesize(plane)).put(grey);
            }
        }
    }

    /** {@return the number the frame shows} */
    static int number(Frame frame) {
        int number = 0;
        for (int field = 0; field < FIELDS; field++) {
            int x = (2 * field + 1) * frame.width() / (2 * FIELDS);
            int pixel = frame.argb()[frame.height() / 2 * frame.width() + x];
            number |= (pixel >> 8 & 0xff) > 128 ? 1 << field : 0;
        }
        return number;
    }

    private static void check(int code, String what) {
        if (code < 0) {
            throw new IllegalStateException("The clip's %s could not be made: %d".formatted(what, code));
        }
    }
}
