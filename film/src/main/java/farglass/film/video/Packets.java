package farglass.film.video;

import static org.bytedeco.ffmpeg.global.avcodec.av_packet_alloc;
import static org.bytedeco.ffmpeg.global.avcodec.av_packet_free;
import static org.bytedeco.ffmpeg.global.avcodec.av_packet_unref;
import static org.bytedeco.ffmpeg.global.avcodec.avcodec_flush_buffers;
import static org.bytedeco.ffmpeg.global.avcodec.avcodec_receive_frame;
import static org.bytedeco.ffmpeg.global.avcodec.avcodec_send_packet;
import static org.bytedeco.ffmpeg.global.avformat.av_read_frame;

import java.util.Optional;
import org.bytedeco.ffmpeg.avcodec.AVCodecContext;
import org.bytedeco.ffmpeg.avcodec.AVPacket;
import org.bytedeco.ffmpeg.avformat.AVFormatContext;
import org.bytedeco.ffmpeg.avutil.AVFrame;

/** Reads one stream of a file and decodes it, packet by packet. */
final class Packets implements AutoCloseable {
    /** Sees each packet before it is decoded. */
    interface Inspector {
        void see(AVPacket packet);
    }

    private final AVFormatContext format;
    private final int number;
    private final AVCodecContext codec;
    private final AVPacket packet = av_packet_alloc();
    private final Inspector inspector;
    private final Optional<Unpacking> unpacking;
    private boolean drained;

    /**
     * Reads nothing yet.
     *
     * @param inspector sees each packet of the stream before it is decoded, and may change it
     * @param unpacking given where several pictures may stand in one packet
     */
    Packets(
            AVFormatContext format,
            int number,
            AVCodecContext codec,
            Inspector inspector,
            Optional<Unpacking> unpacking) {
        this.format = format;
        this.number = number;
        this.codec = codec;
        this.inspector = inspector;
        this.unpacking = unpacking;
    }

    /** Forgets what was read before a seek. */
    void restart() {
        avcodec_flush_buffers(codec);
        unpacking.ifPresent(Unpacking::restart);
        drained = false;
    }

    /** Decodes the next frame, in order of presentation. {@return false at the end} */
    boolean next(AVFrame into) {
        while (true) {
            if (avcodec_receive_frame(codec, into) >= 0) {
                return true;
            }
            if (drained) {
                return false;
            }
            if (!feed()) {
                drained = true;
                avcodec_send_packet(codec, null);
            }
        }
    }

    private boolean feed() {
        while (av_read_frame(format, packet) >= 0) {
            boolean ours = packet.stream_index() == number;
            if (ours && unpacking.map(filter -> filter.unpack(packet)).orElse(true)) {
                inspector.see(packet);
                // A broken packet is refused by the decoder; the ones after it may be whole again.
                avcodec_send_packet(codec, packet);
            }
            av_packet_unref(packet);
            if (ours) {
                return true;
            }
        }
        return false;
    }

    @Override
    public void close() {
        av_packet_free(packet);
        unpacking.ifPresent(Unpacking::close);
    }
}
