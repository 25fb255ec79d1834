package farglass.film.video;

import static org.bytedeco.ffmpeg.global.avcodec.avcodec_alloc_context3;
import static org.bytedeco.ffmpeg.global.avcodec.avcodec_free_context;
import static org.bytedeco.ffmpeg.global.avcodec.avcodec_open2;
import static org.bytedeco.ffmpeg.global.avcodec.avcodec_parameters_to_context;
import static org.bytedeco.ffmpeg.global.avformat.AVSEEK_FLAG_BACKWARD;
import static org.bytedeco.ffmpeg.global.avformat.av_find_best_stream;
import static org.bytedeco.ffmpeg.global.avformat.av_seek_frame;
import static org.bytedeco.ffmpeg.global.avformat.avformat_close_input;
import static org.bytedeco.ffmpeg.global.avformat.avformat_find_stream_info;
import static org.bytedeco.ffmpeg.global.avformat.avformat_open_input;
import static org.bytedeco.ffmpeg.global.avutil.AVMEDIA_TYPE_AUDIO;
import static org.bytedeco.ffmpeg.global.avutil.AV_SAMPLE_FMT_S16;
import static org.bytedeco.ffmpeg.global.avutil.av_channel_layout_default;
import static org.bytedeco.ffmpeg.global.avutil.av_frame_alloc;
import static org.bytedeco.ffmpeg.global.avutil.av_frame_free;
import static org.bytedeco.ffmpeg.global.avutil.av_make_q;
import static org.bytedeco.ffmpeg.global.avutil.av_rescale_q;
import static org.bytedeco.ffmpeg.global.swresample.swr_alloc_set_opts2;
import static org.bytedeco.ffmpeg.global.swresample.swr_convert;
import static org.bytedeco.ffmpeg.global.swresample.swr_free;
import static org.bytedeco.ffmpeg.global.swresample.swr_get_out_samples;
import static org.bytedeco.ffmpeg.global.swresample.swr_init;

import java.nio.file.Path;
import java.util.Optional;
import org.bytedeco.ffmpeg.avcodec.AVCodec;
import org.bytedeco.ffmpeg.avcodec.AVCodecContext;
import org.bytedeco.ffmpeg.avformat.AVFormatContext;
import org.bytedeco.ffmpeg.avutil.AVChannelLayout;
import org.bytedeco.ffmpeg.avutil.AVDictionary;
import org.bytedeco.ffmpeg.avutil.AVFrame;
import org.bytedeco.ffmpeg.swresample.SwrContext;
import org.bytedeco.javacpp.BytePointer;
import org.bytedeco.javacpp.PointerPointer;

/** The first sound of a video file, as {@value #RATE} samples a second of 16 bits in two channels. */
final class SoundTrack implements AutoCloseable {
    static final int RATE = 44_100;
    static final int CHANNELS = 2;
    private static final int FRAME_BYTES = 2 * CHANNELS;

    private final AVFormatContext format;
    private final int number;
    private final AVCodecContext codec;
    private final SwrContext resampler = new SwrContext(null);
    private final Packets packets;
    private final AVFrame frame = av_frame_alloc();
    private final long filmStartMicros;
    private final boolean canBeHeard;
    private long wantedMicros;

    private SoundTrack(AVFormatContext format, int number, AVCodecContext codec, long filmStartMicros) {
        this.format = format;
        this.number = number;
        this.codec = codec;
        this.packets = new Packets(format, number, codec, packet -> {}, Optional.empty());
        this.filmStartMicros = filmStartMicros;
        AVChannelLayout stereo = new AVChannelLayout();
        av_channel_layout_default(stereo, CHANNELS);
        canBeHeard = swr_alloc_set_opts2(
                                resampler,
                                stereo,
                                AV_SAMPLE_FMT_S16,
                                RATE,
                                codec.ch_layout(),
                                codec.sample_fmt(),
                                codec.sample_rate(),
                                0,
                                null)
                        >= 0
                && swr_init(resampler) >= 0;
    }

    /**
     * {@return the sound of that file; empty if it has none that can be heard}
     *
     * @param filmStartMicros time of the first picture on the file's own clock
     */
    static Optional<SoundTrack> open(Path path, long filmStartMicros) {
        AVFormatContext format = new AVFormatContext(null);
        if (avformat_open_input(format, "file:" + path.toAbsolutePath(), null, null) < 0) {
            return Optional.empty();
        }
        AVCodec decoder = new AVCodec(null);
        int number = -1;
        if (avformat_find_stream_info(format, (PointerPointer<?>) null) >= 0) {
            PointerPointer<AVCodec> found = new PointerPointer<>(1);
            number = av_find_best_stream(format, AVMEDIA_TYPE_AUDIO, -1, -1, found, 0);
            decoder = number < 0 ? decoder : found.get(AVCodec.class);
        }
        AVCodecContext codec = number < 0 ? null : avcodec_alloc_context3(decoder);
        if (codec == null
                || avcodec_parameters_to_context(codec, format.streams(number).codecpar()) < 0
                || avcodec_open2(codec, decoder, (AVDictionary) null) < 0) {
            if (codec != null) {
                avcodec_free_context(codec);
            }
            avformat_close_input(format);
            return Optional.empty();
        }
        SoundTrack track = new SoundTrack(format, number, codec, filmStartMicros);
        if (track.canBeHeard) {
            return Optional.of(track);
        }
        track.close();
        return Optional.empty();
    }

    /** Goes to that instant of the film; the next samples begin there. */
    void seek(long micros) {
        wantedMicros = micros + filmStartMicros;
        long pts = av_rescale_q(
                wantedMicros, av_make_q(1, 1_000_000), format.streams(number).time_base());
        av_seek_frame(format, number, pts, AVSEEK_FLAG_BACKWARD);
        packets.restart();
        // Begun anew, the resampler forgets the last samples of where it was before.
        swr_init(resampler);
    }

    /** {@return the next samples, both channels in turn, two bytes each, the lower first; none at the end} */
    byte[] next() {
        while (packets.next(frame)) {
            byte[] samples = fromWanted(resampled());
            if (samples.length > 0) {
                return samples;
            }
        }
        return new byte[0];
    }

    private byte[] resampled() {
        int room = swr_get_out_samples(resampler, frame.nb_samples());
        try (BytePointer out = new BytePointer((long) Math.max(1, room) * FRAME_BYTES);
                PointerPointer<BytePointer> target = new PointerPointer<>(new BytePointer[] {out})) {
            int got = swr_convert(resampler, target, room, frame.extended_data(), frame.nb_samples());
            byte[] samples = new byte[Math.max(0, got) * FRAME_BYTES];
            out.get(samples);
            return samples;
        }
    }

    /** A seek lands at or before the instant: what lies before it is cut off. */
    private byte[] fromWanted(byte[] samples) {
        long at = av_rescale_q(
                frame.best_effort_timestamp(), format.streams(number).time_base(), av_make_q(1, 1_000_000));
        int early = (int) Math.max(0, Math.min(samples.length / FRAME_BYTES, (wantedMicros - at) * RATE / 1_000_000));
        return java.util.Arrays.copyOfRange(samples, early * FRAME_BYTES, samples.length);
    }

    @Override
    public void close() {
        av_frame_free(frame);
        packets.close();
        swr_free(resampler);
        avcodec_free_context(codec);
        avformat_close_input(format);
    }
}
