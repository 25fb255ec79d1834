package farglass.film.video;

import static org.bytedeco.ffmpeg.global.avcodec.AV_CODEC_ID_MPEG4;
import static org.bytedeco.ffmpeg.global.avcodec.av_bsf_alloc;
import static org.bytedeco.ffmpeg.global.avcodec.av_bsf_flush;
import static org.bytedeco.ffmpeg.global.avcodec.av_bsf_free;
import static org.bytedeco.ffmpeg.global.avcodec.av_bsf_get_by_name;
import static org.bytedeco.ffmpeg.global.avcodec.av_bsf_init;
import static org.bytedeco.ffmpeg.global.avcodec.av_bsf_receive_packet;
import static org.bytedeco.ffmpeg.global.avcodec.av_bsf_send_packet;
import static org.bytedeco.ffmpeg.global.avcodec.avcodec_parameters_copy;

import java.util.Optional;
import org.bytedeco.ffmpeg.avcodec.AVBSFContext;
import org.bytedeco.ffmpeg.avcodec.AVCodecParameters;
import org.bytedeco.ffmpeg.avcodec.AVPacket;
import org.bytedeco.ffmpeg.avformat.AVStream;

/**
 * Old AVI files hold two pictures of MPEG-4 in one packet, and an empty one further on that keeps the place. Here each packet gets one
 * picture again before it is decoded: the decoder can unpack by itself, but from where it was sent to by a wish it loses the picture that
 * others lean on.
 */
final class Unpacking implements AutoCloseable {
    private final AVBSFContext filter;

    private Unpacking(AVBSFContext filter) {
        this.filter = filter;
    }

    /** {@return what unpacks that stream; empty where pictures cannot be packed so} */
    static Optional<Unpacking> of(AVStream stream) {
        if (stream.codecpar().codec_id() != AV_CODEC_ID_MPEG4) {
            return Optional.empty();
        }
        AVBSFContext filter = new AVBSFContext(null);
        if (av_bsf_alloc(av_bsf_get_by_name("mpeg4_unpack_bframes"), filter) < 0) {
            throw new IllegalStateException("The decoder was built without what unpacks pictures.");
        }
        filter.time_base_in(stream.time_base());
        if (avcodec_parameters_copy(filter.par_in(), stream.codecpar()) < 0 || av_bsf_init(filter) < 0) {
            av_bsf_free(filter);
            return Optional.empty();
        }
        return Optional.of(new Unpacking(filter));
    }

    /** {@return what the decoder is told of the stream, once it is unpacked} */
    AVCodecParameters parameters() {
        return filter.par_out();
    }

    /** Leaves one picture in that packet. {@return whether there is one: not in an empty or a damaged packet} */
    boolean unpack(AVPacket packet) {
        return av_bsf_send_packet(filter, packet) >= 0 && av_bsf_receive_packet(filter, packet) >= 0;
    }

    /** Forgets what was read before a seek. */
    void restart() {
        av_bsf_flush(filter);
    }

    @Override
    public void close() {
        av_bsf_free(filter);
    }
}
