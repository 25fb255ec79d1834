package farglass.film.reel;

import static org.bytedeco.ffmpeg.global.avcodec.AV_CODEC_FLAG_GLOBAL_HEADER;
import static org.bytedeco.ffmpeg.global.avcodec.AV_CODEC_ID_MPEG2VIDEO;
import static org.bytedeco.ffmpeg.global.avcodec.av_packet_alloc;
import static org.bytedeco.ffmpeg.global.avcodec.av_packet_free;
import static org.bytedeco.ffmpeg.global.avcodec.av_packet_rescale_ts;
import static org.bytedeco.ffmpeg.global.avcodec.avcodec_alloc_context3;
import static org.bytedeco.ffmpeg.global.avcodec.avcodec_find_encoder_by_name;
import static org.bytedeco.ffmpeg.global.avcodec.avcodec_free_context;
import static org.bytedeco.ffmpeg.global.avcodec.avcodec_open2;
import static org.bytedeco.ffmpeg.global.avcodec.avcodec_parameters_from_context;
import static org.bytedeco.ffmpeg.global.avcodec.avcodec_receive_packet;
import static org.bytedeco.ffmpeg.global.avcodec.avcodec_send_frame;
import static org.bytedeco.ffmpeg.global.avformat.AVFMT_GLOBALHEADER;
import static org.bytedeco.ffmpeg.global.avformat.AVIO_FLAG_WRITE;
import static org.bytedeco.ffmpeg.global.avformat.av_interleaved_write_frame;
import static org.bytedeco.ffmpeg.global.avformat.av_write_trailer;
import static org.bytedeco.ffmpeg.global.avformat.avformat_alloc_output_context2;
import static org.bytedeco.ffmpeg.global.avformat.avformat_free_context;
import static org.bytedeco.ffmpeg.global.avformat.avformat_new_stream;
import static org.bytedeco.ffmpeg.global.avformat.avformat_write_header;
import static org.bytedeco.ffmpeg.global.avformat.avio_closep;
import static org.bytedeco.ffmpeg.global.avformat.avio_open;
import static org.bytedeco.ffmpeg.global.avutil.AV_LOG_QUIET;
import static org.bytedeco.ffmpeg.global.avutil.AV_PIX_FMT_BGRA;
import static org.bytedeco.ffmpeg.global.avutil.av_frame_alloc;
import static org.bytedeco.ffmpeg.global.avutil.av_frame_free;
import static org.bytedeco.ffmpeg.global.avutil.av_frame_get_buffer;
import static org.bytedeco.ffmpeg.global.avutil.av_frame_make_writable;
import static org.bytedeco.ffmpeg.global.avutil.av_log_set_level;
import static org.bytedeco.ffmpeg.global.avutil.av_make_q;
import static org.bytedeco.ffmpeg.global.swscale.SWS_BILINEAR;
import static org.bytedeco.ffmpeg.global.swscale.sws_freeContext;
import static org.bytedeco.ffmpeg.global.swscale.sws_getContext;
import static org.bytedeco.ffmpeg.global.swscale.sws_scale;

import farglass.film.FilmException;
import farglass.film.video.Rotation;
import java.nio.ByteOrder;
import java.nio.file.Path;
import org.bytedeco.ffmpeg.avcodec.AVCodec;
import org.bytedeco.ffmpeg.avcodec.AVCodecContext;
import org.bytedeco.ffmpeg.avcodec.AVPacket;
import org.bytedeco.ffmpeg.avformat.AVFormatContext;
import org.bytedeco.ffmpeg.avformat.AVIOContext;
import org.bytedeco.ffmpeg.avformat.AVStream;
import org.bytedeco.ffmpeg.avutil.AVDictionary;
import org.bytedeco.ffmpeg.avutil.AVFrame;
import org.bytedeco.ffmpeg.swscale.SwsContext;
import org.bytedeco.ffmpeg.swscale.SwsFilter;
import org.bytedeco.javacpp.BytePointer;
import org.bytedeco.javacpp.DoublePointer;
import org.bytedeco.javacpp.IntPointer;
import org.bytedeco.javacpp.PointerPointer;

/** Writes pictures into a new video file, one after another. The container follows from the name's ending. */
public final class VideoWriter implements AutoCloseable {
    /**
     * How a video is packed.
     *
     * @param codec an encoder's name
     * @param pixelFormat one of the codec's own pixel formats
     * @param group frames from one keyframe to the next
     * @param betweens frames between two reference frames
     * @param quarterTurns by how much a player must turn it to the right, as phones write it
     */
    public record Packing(String codec, int pixelFormat, int group, int betweens, int quarterTurns) {}

    static {
        // What goes wrong is told by us, in words, and not printed by the encoder.
        av_log_set_level(AV_LOG_QUIET);
    }

    private static final int FRAME_MILLIS = 40;
    private static final int FRAMES_PER_SECOND = 1000 / FRAME_MILLIS;

    private final Path path;
    private final AVFormatContext format = new AVFormatContext(null);
    private final AVStream stream;
    private final AVCodecContext context;
    private final AVFrame frame = av_frame_alloc();
    private final SwsContext scaler;
    private final BytePointer pixels;
    private final int width;
    private final int height;
    private final int ticksPerSecond;

    /**
     * Begins the file.
     *
     * @param width even
     * @param height even
     * @throws FilmException if it cannot be written there
     */
    public VideoWriter(Path path, int width, int height, Packing packing) {
        this.path = path;
        this.width = width;
        this.height = height;
        check(avformat_alloc_output_context2(format, null, null, path.toString()));
        AVCodec encoder = avcodec_find_encoder_by_name(packing.codec());
        check(encoder == null ? -1 : 0);
        stream = avformat_new_stream(format, encoder);
        context = avcodec_alloc_context3(encoder);
        context.width(width).height(height).pix_fmt(packing.pixelFormat()).bit_rate(4_000_000);
        ticksPerSecond = isOfFixedRate(encoder) ? FRAMES_PER_SECOND : 1000;
        context.time_base(av_make_q(1, ticksPerSecond));
        context.framerate(av_make_q(FRAMES_PER_SECOND, 1));
        context.gop_size(packing.group()).max_b_frames(packing.betweens());
        if ((format.oformat().flags() & AVFMT_GLOBALHEADER) != 0) {
            context.flags(context.flags() | AV_CODEC_FLAG_GLOBAL_HEADER);
        }
        check(avcodec_open2(context, encoder, (AVDictionary) null));
        check(avcodec_parameters_from_context(stream.codecpar(), context));
        if (packing.quarterTurns() != 0) {
            Rotation.write(stream, packing.quarterTurns());
        }
        stream.time_base(context.time_base());
        AVIOContext out = new AVIOContext(null);
        check(avio_open(out, path.toString(), AVIO_FLAG_WRITE));
        format.pb(out);
        check(avformat_write_header(format, (AVDictionary) null));
        frame.format(packing.pixelFormat());
        frame.width(width);
        frame.height(height);
        check(av_frame_get_buffer(frame, 0));
        scaler = sws_getContext(
                width,
                height,
                AV_PIX_FMT_BGRA,
                width,
                height,
                packing.pixelFormat(),
                SWS_BILINEAR,
                (SwsFilter) null,
                (SwsFilter) null,
                (DoublePointer) null);
        check(scaler == null ? -1 : 0);
        pixels = new BytePointer(4L * width * height);
    }

    /** {@return whether this packing knows some rates only, and no pictures that come unevenly} */
    private boolean isOfFixedRate(AVCodec encoder) {
        return encoder.id() == AV_CODEC_ID_MPEG2VIDEO
                || format.oformat().name().getString().equals("avi");
    }

    /**
     * Writes the next picture.
     *
     * @param argb width x height pixels, row by row
     * @param millis its presentation time; later than the one before
     */
    public void add(int[] argb, long millis) {
        check(av_frame_make_writable(frame));
        pixels.position(0)
                .asByteBuffer()
                .order(ByteOrder.LITTLE_ENDIAN)
                .asIntBuffer()
                .put(argb, 0, width * height);
        try (PointerPointer<BytePointer> from = new PointerPointer<>(new BytePointer[] {pixels});
                IntPointer stride = new IntPointer(new int[] {4 * width})) {
            check(sws_scale(scaler, from, stride, 0, height, frame.data(), frame.linesize()));
        }
        frame.pts(millis * ticksPerSecond / 1000);
        frame.duration(ticksPerFrame());
        encode(frame);
    }

    private void encode(AVFrame next) {
        check(avcodec_send_frame(context, next));
        AVPacket packet = av_packet_alloc();
        while (avcodec_receive_packet(context, packet) >= 0) {
            packet.stream_index(stream.index());
            packet.duration(ticksPerFrame());
            av_packet_rescale_ts(packet, context.time_base(), stream.time_base());
            check(av_interleaved_write_frame(format, packet));
        }
        av_packet_free(packet);
    }

    private int ticksPerFrame() {
        return ticksPerSecond / FRAMES_PER_SECOND;
    }

    /** Writes what is still held back, and the end of the file. */
    public void finish() {
        encode(null);
        check(av_write_trailer(format));
    }

    @Override
    public void close() {
        av_frame_free(frame);
        avcodec_free_context(context);
        avio_closep(format.pb());
        avformat_free_context(format);
        sws_freeContext(scaler);
        pixels.close();
    }

    private void check(int code) {
        if (code < 0) {
            throw new FilmException(
                    "%s could not be written. Check that there is room on the disk and that the folder may be written."
                            .formatted(path));
        }
    }
}
