package farglass.film;

import static org.bytedeco.ffmpeg.global.avcodec.AV_PKT_FLAG_DISCARD;
import static org.bytedeco.ffmpeg.global.avcodec.AV_PKT_FLAG_KEY;
import static org.bytedeco.ffmpeg.global.avcodec.av_packet_alloc;
import static org.bytedeco.ffmpeg.global.avcodec.av_packet_free;
import static org.bytedeco.ffmpeg.global.avcodec.av_packet_unref;
import static org.bytedeco.ffmpeg.global.avcodec.avcodec_alloc_context3;
import static org.bytedeco.ffmpeg.global.avcodec.avcodec_free_context;
import static org.bytedeco.ffmpeg.global.avcodec.avcodec_open2;
import static org.bytedeco.ffmpeg.global.avcodec.avcodec_parameters_to_context;
import static org.bytedeco.ffmpeg.global.avformat.AVSEEK_FLAG_BACKWARD;
import static org.bytedeco.ffmpeg.global.avformat.av_find_best_stream;
import static org.bytedeco.ffmpeg.global.avformat.av_read_frame;
import static org.bytedeco.ffmpeg.global.avformat.av_seek_frame;
import static org.bytedeco.ffmpeg.global.avformat.avformat_close_input;
import static org.bytedeco.ffmpeg.global.avformat.avformat_find_stream_info;
import static org.bytedeco.ffmpeg.global.avformat.avformat_open_input;
import static org.bytedeco.ffmpeg.global.avutil.AVMEDIA_TYPE_VIDEO;
import static org.bytedeco.ffmpeg.global.avutil.AV_LOG_QUIET;
import static org.bytedeco.ffmpeg.global.avutil.AV_NOPTS_VALUE;
import static org.bytedeco.ffmpeg.global.avutil.av_log_set_level;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Map;
import java.util.TreeMap;
import java.util.function.BooleanSupplier;
import java.util.function.DoubleConsumer;
import org.bytedeco.ffmpeg.avcodec.AVCodec;
import org.bytedeco.ffmpeg.avcodec.AVCodecContext;
import org.bytedeco.ffmpeg.avcodec.AVPacket;
import org.bytedeco.ffmpeg.avformat.AVFormatContext;
import org.bytedeco.ffmpeg.avformat.AVStream;
import org.bytedeco.ffmpeg.avutil.AVDictionary;
import org.bytedeco.ffmpeg.avutil.AVFrame;
import org.bytedeco.ffmpeg.avutil.AVRational;
import org.bytedeco.javacpp.PointerPointer;

/** The first video stream of a file: packets in, decoded frames out. Holds native memory until closed. */
final class VideoStream implements AutoCloseable {
    static {
        // What goes wrong with a file is told by us, in words, and not printed by the decoder.
        av_log_set_level(AV_LOG_QUIET);
    }

    private final Path path;
    private final AVFormatContext format;
    private final int number;
    private final AVStream stream;
    private final AVCodecContext codec;
    private final AVPacket packet = av_packet_alloc();
    private final Packets packets;

    private VideoStream(Path path, AVFormatContext format, int number, AVCodecContext codec) {
        this.path = path;
        this.format = format;
        this.number = number;
        this.stream = format.streams(number);
        this.codec = codec;
        this.packets = new Packets(format, number, codec);
    }

    static VideoStream open(Path path) {
        checkFile(path);
        AVFormatContext format = new AVFormatContext(null);
        // The "file:" prefix keeps a name with a colon from being read as a network address.
        if (avformat_open_input(format, "file:" + path.toAbsolutePath(), null, null) < 0) {
            throw new FilmException(
                    "%s is no video that can be read. Choose an MP4, MOV, MKV or WebM file, or convert it to one."
                            .formatted(path));
        }
        try {
            AVCodec decoder = new AVCodec(null);
            int number = -1;
            if (avformat_find_stream_info(format, (PointerPointer<?>) null) >= 0) {
                PointerPointer<AVCodec> found = new PointerPointer<>(1);
                number = av_find_best_stream(format, AVMEDIA_TYPE_VIDEO, -1, -1, found, 0);
                decoder = number < 0 ? decoder : found.get(AVCodec.class);
            }
            if (number < 0) {
                throw new FilmException(
                        "%s holds no pictures that can be shown: it is sound only, empty, or damaged. Choose another file."
                                .formatted(path));
            }
            AVCodecContext codec = avcodec_alloc_context3(decoder);
            avcodec_parameters_to_context(codec, format.streams(number).codecpar());
            codec.thread_count(0);
            if (avcodec_open2(codec, decoder, (AVDictionary) null) < 0) {
                avcodec_free_context(codec);
                throw new FilmException(
                        "%s is packed in a way that is not supported. Convert it to H.264 in MP4.".formatted(path));
            }
            return new VideoStream(path, format, number, codec);
        } catch (RuntimeException e) {
            avformat_close_input(format);
            throw e;
        }
    }

    private static void checkFile(Path path) {
        if (!Files.isRegularFile(path)) {
            throw new FilmException("There is no film at %s. It may have been moved or renamed: choose where it is now."
                    .formatted(path));
        }
        try {
            if (Files.size(path) == 0) {
                throw new FilmException("%s is empty. Copy the film again from where it came.".formatted(path));
            }
        } catch (IOException e) {
            throw new FilmException("%s cannot be read. Check that you may open it.".formatted(path), e);
        }
    }

    FilmException damaged() {
        return new FilmException(
                "No picture of %s can be shown there: the file is damaged. Copy it again from where it came."
                        .formatted(path));
    }

    AVRational timeBase() {
        return stream.time_base();
    }

    AVCodecContext codec() {
        return codec;
    }

    /** {@return pixels as wide as they are high = 1; some cameras store narrower ones} */
    double pixelAspect() {
        AVRational aspect = stream.codecpar().sample_aspect_ratio();
        return aspect.num() > 0 && aspect.den() > 0 ? (double) aspect.num() / aspect.den() : 1;
    }

    int quarterTurns() {
        return Rotation.read(stream);
    }

    /** Reads every packet once, decodes none. */
    FrameIndex index(DoubleConsumer progress, BooleanSupplier cancelled) {
        Map<Long, Boolean> frames = new TreeMap<>();
        long size = Math.max(1, path.toFile().length());
        while (av_read_frame(format, packet) >= 0) {
            // An edit list may say that some frames are only there to decode others: they are never shown.
            boolean shown = (packet.flags() & AV_PKT_FLAG_DISCARD) == 0;
            if (packet.stream_index() == number && shown) {
                long pts = packet.pts() != AV_NOPTS_VALUE ? packet.pts() : packet.dts();
                if (pts != AV_NOPTS_VALUE) {
                    frames.merge(pts, (packet.flags() & AV_PKT_FLAG_KEY) != 0, Boolean::logicalOr);
                }
                progress.accept(Math.min(1, Math.max(0, packet.pos()) / (double) size));
            }
            av_packet_unref(packet);
            if (cancelled.getAsBoolean()) {
                throw new FilmException("Opening %s was stopped.".formatted(path));
            }
        }
        if (frames.isEmpty()) {
            throw damaged();
        }
        long[] pts = frames.keySet().stream().mapToLong(Long::longValue).toArray();
        boolean[] keys = new boolean[pts.length];
        for (int i = 0; i < pts.length; i++) {
            keys[i] = frames.get(pts[i]);
        }
        seek(pts[0], true);
        return new FrameIndex(pts, keys);
    }

    void seek(long pts, boolean toStart) {
        av_seek_frame(format, number, toStart ? Math.min(0, pts) : pts, AVSEEK_FLAG_BACKWARD);
        packets.restart();
    }

    /** Decodes the next frame, in order of presentation. {@return false at the end of the film} */
    boolean next(AVFrame into) {
        return packets.next(into);
    }

    @Override
    public void close() {
        packets.close();
        av_packet_free(packet);
        avcodec_free_context(codec);
        avformat_close_input(format);
    }
}
