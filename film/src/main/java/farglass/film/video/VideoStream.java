package farglass.film.video;

import static org.bytedeco.ffmpeg.global.avcodec.AVDISCARD_DEFAULT;
import static org.bytedeco.ffmpeg.global.avcodec.AVDISCARD_NONREF;
import static org.bytedeco.ffmpeg.global.avcodec.AV_CODEC_ID_H264;
import static org.bytedeco.ffmpeg.global.avcodec.AV_CODEC_ID_MPEG1VIDEO;
import static org.bytedeco.ffmpeg.global.avcodec.AV_CODEC_ID_MPEG2VIDEO;
import static org.bytedeco.ffmpeg.global.avcodec.AV_CODEC_ID_MPEG4;
import static org.bytedeco.ffmpeg.global.avcodec.AV_PKT_FLAG_DISCARD;
import static org.bytedeco.ffmpeg.global.avcodec.AV_PKT_FLAG_KEY;
import static org.bytedeco.ffmpeg.global.avcodec.av_packet_alloc;
import static org.bytedeco.ffmpeg.global.avcodec.av_packet_free;
import static org.bytedeco.ffmpeg.global.avcodec.av_packet_unref;
import static org.bytedeco.ffmpeg.global.avcodec.avcodec_alloc_context3;
import static org.bytedeco.ffmpeg.global.avcodec.avcodec_free_context;
import static org.bytedeco.ffmpeg.global.avcodec.avcodec_open2;
import static org.bytedeco.ffmpeg.global.avcodec.avcodec_parameters_to_context;
import static org.bytedeco.ffmpeg.global.avformat.AVFMT_NOTIMESTAMPS;
import static org.bytedeco.ffmpeg.global.avformat.AVFMT_TS_DISCONT;
import static org.bytedeco.ffmpeg.global.avformat.AVSEEK_FLAG_BACKWARD;
import static org.bytedeco.ffmpeg.global.avformat.AVSEEK_FLAG_BYTE;
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

import farglass.film.FilmException;
import farglass.film.index.Fields;
import farglass.film.index.FrameIndex;
import farglass.film.index.PacketLog;
import farglass.film.index.PictureOrder;
import farglass.film.index.StreamClock;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import java.util.Set;
import java.util.function.BooleanSupplier;
import java.util.function.DoubleConsumer;
import org.bytedeco.ffmpeg.avcodec.AVCodec;
import org.bytedeco.ffmpeg.avcodec.AVCodecContext;
import org.bytedeco.ffmpeg.avcodec.AVCodecParameters;
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

    /** Files that tell of some pictures only when they are decoded: AVI, and program streams as discs and old recorders hold them. */
    private static final Set<String> TELLING_DECODING = Set.of("avi", "mpeg");

    private static final Set<Integer> LEAVING_OUT =
            Set.of(AV_CODEC_ID_H264, AV_CODEC_ID_MPEG1VIDEO, AV_CODEC_ID_MPEG2VIDEO, AV_CODEC_ID_MPEG4);

    private final Path path;
    private final AVFormatContext format;
    private final int number;
    private final AVStream stream;
    private final AVCodecContext codec;
    private final AVPacket packet = av_packet_alloc();
    private final Packets packets;
    /** Whether the file tells of every packet when it is decoded, but not of all when they are shown. */
    private final boolean tellsNoPresentation;
    /** Whether packets tell for sure which pictures no other leans on, so that those can be left out. */
    private final boolean isLeavingOutSafe;

    private Optional<FrameIndex> index = Optional.empty();
    private int wantedFrom;
    /** The frame of the packet read last; below 0 if it is none. */
    private int named = -1;
    /** Whether what comes lies before the keyframe sought, where times may be guessed wrong. */
    private boolean beforeKey;

    private VideoStream(
            Path path, AVFormatContext format, int number, AVCodecContext codec, Optional<Unpacking> unpacking) {
        this.path = path;
        this.format = format;
        this.number = number;
        this.stream = format.streams(number);
        this.codec = codec;
        this.tellsNoPresentation =
                TELLING_DECODING.contains(format.iformat().name().getString());
        this.isLeavingOutSafe = LEAVING_OUT.contains(codec.codec_id());
        this.packets = new Packets(format, number, codec, this::name, unpacking);
    }

    static VideoStream open(Path path) {
        checkFile(path);
        AVFormatContext format = new AVFormatContext(null);
        // The "file:" prefix keeps a name with a colon from being read as a network address.
        if (avformat_open_input(format, "file:" + path.toAbsolutePath(), null, null) < 0) {
            throw new FilmException(
                    "%s is no video that can be read, or not yet: an MP4 can be opened once it is written to its end. Choose an MP4, MOV, MKV or WebM file, or convert it to one."
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
            if ((format.iformat().flags() & AVFMT_NOTIMESTAMPS) != 0) {
                throw new FilmException(
                        "%s holds bare pictures and does not tell when each is shown. Convert it to MP4."
                                .formatted(path));
            }
            AVCodecContext codec = avcodec_alloc_context3(decoder);
            codec.thread_count(0);
            Optional<Unpacking> unpacking = Unpacking.of(format.streams(number));
            AVCodecParameters told = unpacking
                    .map(Unpacking::parameters)
                    .orElse(format.streams(number).codecpar());
            if (avcodec_parameters_to_context(codec, told) < 0
                    || avcodec_open2(codec, decoder, (AVDictionary) null) < 0) {
                avcodec_free_context(codec);
                throw new FilmException(
                        "%s is packed in a way that is not supported. Convert it to H.264 in MP4.".formatted(path));
            }
            return new VideoStream(path, format, number, codec, unpacking);
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
        PacketLog log = new PacketLog();
        AVRational unit = timeBase();
        StreamClock clock = new StreamClock(Math.max(1, unit.den() / Math.max(1, unit.num())));
        long size = Math.max(1, path.toFile().length());
        try (PictureOrder pictures = new PictureOrder(codec);
                Fields fields = new Fields(codec)) {
            while (av_read_frame(format, packet) >= 0) {
                if (packet.stream_index() == number) {
                    note(log, pictures, fields, clock);
                    progress.accept(Math.min(1, Math.max(0, packet.pos()) / (double) size));
                }
                av_packet_unref(packet);
                if (cancelled.getAsBoolean()) {
                    throw new FilmException("Opening %s was stopped.".formatted(path));
                }
            }
        }
        if (log.isEmpty()) {
            throw damaged();
        }
        index = Optional.of(new FrameIndex(log, clock.jumps() > 0));
        if (index.get().isJumping() && !index.get().isByPlace()) {
            throw new FilmException(
                    "The clock of %s begins anew in the middle of it, so that two pictures have one time. Convert it to MP4."
                            .formatted(path));
        }
        return index.get();
    }

    /** Transport and program streams may; every other file has one clock. */
    private boolean canJump() {
        return (format.iformat().flags() & AVFMT_TS_DISCONT) != 0;
    }

    private void note(PacketLog log, PictureOrder pictures, Fields fields, StreamClock clock) {
        long shift = canJump() && packet.dts() != AV_NOPTS_VALUE ? clock.shift(packet.dts()) : 0;
        long stamp = stamp(packet) == AV_NOPTS_VALUE ? AV_NOPTS_VALUE : stamp(packet) + shift;
        long order = tellsNoPresentation ? pictures.next(packet) : stamp;
        // An edit list may say that some frames are only there to decode others: they are never shown.
        boolean shown = (packet.flags() & AV_PKT_FLAG_DISCARD) == 0;
        if (fields.isSecond(packet) && !log.isEmpty()) {
            log.addHalf(stamp, packet.pos());
        } else if (shown && stamp != AV_NOPTS_VALUE) {
            boolean key = (packet.flags() & AV_PKT_FLAG_KEY) != 0 && !pictures.isDelayed();
            log.add(stamp, order, packet.pos(), key);
        }
    }

    /** {@return the time a packet tells, as its file tells it} */
    private long stamp(AVPacket packet) {
        return tellsNoPresentation || packet.pts() == AV_NOPTS_VALUE ? packet.dts() : packet.pts();
    }

    /** Uses an index read before, by another reader of the same file. */
    void use(FrameIndex known) {
        index = Optional.of(known);
    }

    /**
     * Goes to the packet of a keyframe, or in front of it.
     *
     * @throws FilmException if the file cannot be read from there
     */
    void seek(int key) {
        FrameIndex frames = index.orElseThrow();
        // Files without an index of their own are searched for a time by guesses; where the packet stands we know.
        boolean byByte = canJump() && frames.place(key) >= 0;
        int found = byByte
                ? av_seek_frame(format, number, frames.place(key), AVSEEK_FLAG_BYTE)
                : av_seek_frame(
                        format,
                        number,
                        key == 0 ? Math.min(0, frames.asked(0)) : frames.asked(key),
                        AVSEEK_FLAG_BACKWARD);
        if (found < 0) {
            throw damaged();
        }
        beforeKey = byByte && !frames.isByPlace();
        named = -1;
        packets.restart();
    }

    /**
     * Decoders give pictures in another order than they get packets, and guess at times where a file does not tell them. So each packet
     * is given the number of its frame instead of a time, and the picture comes out with it.
     */
    private void name(AVPacket read) {
        beforeKey &= (read.flags() & AV_PKT_FLAG_KEY) == 0;
        int frame = index.filter(known -> !beforeKey)
                .map(known -> frameOf(known, read))
                .orElse(-1);
        named = frame;
        read.pts(frame < 0 ? AV_NOPTS_VALUE : frame);
        read.dts(AV_NOPTS_VALUE);
        codec.skip_frame(frame < wantedFrom && isLeavingOutSafe ? AVDISCARD_NONREF : AVDISCARD_DEFAULT);
    }

    private int frameOf(FrameIndex known, AVPacket read) {
        long mark = known.isByPlace() ? read.pos() : stamp(read);
        boolean isUntold = known.isByPlace() ? mark < 0 : mark == AV_NOPTS_VALUE;
        return isUntold && known.hasUntoldHalves() ? named : known.frameOf(mark);
    }

    /**
     * Pictures before that frame need not be shown: those that no other leans on are not even decoded, which is as much as two thirds.
     */
    void wantFrom(int frame) {
        wantedFrom = frame;
    }

    /** Decodes the next frame, in order of presentation. {@return false at the end of the film} */
    boolean next(AVFrame into) {
        return packets.next(into);
    }

    /** {@return which frame was decoded; below 0 for a picture that is none of the film} */
    static int frame(AVFrame decoded) {
        return decoded.pts() == AV_NOPTS_VALUE ? -1 : (int) decoded.pts();
    }

    @Override
    public void close() {
        packets.close();
        av_packet_free(packet);
        avcodec_free_context(codec);
        avformat_close_input(format);
    }
}
