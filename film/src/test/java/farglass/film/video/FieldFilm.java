package farglass.film.video;

import static org.bytedeco.ffmpeg.global.avcodec.AV_CODEC_ID_H264;
import static org.bytedeco.ffmpeg.global.avcodec.AV_PKT_FLAG_KEY;
import static org.bytedeco.ffmpeg.global.avcodec.av_new_packet;
import static org.bytedeco.ffmpeg.global.avcodec.av_packet_alloc;
import static org.bytedeco.ffmpeg.global.avcodec.av_packet_free;
import static org.bytedeco.ffmpeg.global.avformat.AVIO_FLAG_WRITE;
import static org.bytedeco.ffmpeg.global.avformat.av_interleaved_write_frame;
import static org.bytedeco.ffmpeg.global.avformat.av_write_trailer;
import static org.bytedeco.ffmpeg.global.avformat.avformat_alloc_output_context2;
import static org.bytedeco.ffmpeg.global.avformat.avformat_free_context;
import static org.bytedeco.ffmpeg.global.avformat.avformat_new_stream;
import static org.bytedeco.ffmpeg.global.avformat.avformat_write_header;
import static org.bytedeco.ffmpeg.global.avformat.avio_closep;
import static org.bytedeco.ffmpeg.global.avformat.avio_open;
import static org.bytedeco.ffmpeg.global.avutil.AVMEDIA_TYPE_VIDEO;
import static org.bytedeco.ffmpeg.global.avutil.av_make_q;
import static org.bytedeco.ffmpeg.global.avutil.av_mallocz;
import static org.bytedeco.ffmpeg.global.avutil.av_rescale_q;

import farglass.film.Frame;
import java.io.ByteArrayOutputStream;
import java.nio.file.Path;
import java.util.stream.IntStream;
import org.bytedeco.ffmpeg.avcodec.AVPacket;
import org.bytedeco.ffmpeg.avformat.AVFormatContext;
import org.bytedeco.ffmpeg.avformat.AVIOContext;
import org.bytedeco.ffmpeg.avformat.AVStream;
import org.bytedeco.ffmpeg.avutil.AVDictionary;
import org.bytedeco.javacpp.BytePointer;

/**
 * Writes H.264 whose pictures are stored as two fields, each a picture of its own, as camcorders and broadcasters do and no encoder at hand
 * does. Every frame shows its number as {@link Clip} draws it. The first field of a frame is written out pixel by pixel, the second
 * is told to be the same as the first, so it is wrong if that was not decoded. Terms and order of the bits are those of ITU-T H.264, 7.3.
 */
final class FieldFilm {
    /** How the two fields of a frame are laid into packets. */
    enum Laying {
        BOTH_IN_ONE,
        EACH_WITH_ITS_TIME
    }

    private static final int WIDTH = 12 * 16;
    private static final int HEIGHT = 64;
    private static final int BLOCKS = WIDTH / 16 * HEIGHT / 16;
    /** Such an encoder takes fields or the whole frame for each picture, as it likes. */
    private static final int WHOLE_EVERY = 7;

    private static final int FRAME_NUMBER_BITS = 8;
    private static final int ORDER_BITS = 8;
    private static final int IDR = 5;
    private static final int PICTURE = 1;
    private static final long MILLIS_OF_FRAME = 40;

    private final int group;
    private final int betweens;
    private final Laying laying;
    private final AVFormatContext out = new AVFormatContext(null);
    private AVStream stream;
    private int coded;

    private FieldFilm(int group, int betweens, Laying laying) {
        this.group = group;
        this.betweens = betweens;
        this.laying = laying;
    }

    /**
     * Writes a film of 25 frames a second.
     *
     * @param group frames from one that leans on no other to the next, a multiple of one more than {@code betweens}
     * @param betweens frames shown before one that is stored before them
     */
    static Path write(Path to, int frames, int group, int betweens, Laying laying) {
        new FieldFilm(group, betweens, laying).write(to, frames);
        return to;
    }

    /** {@return whether both fields show the same} */
    static boolean isWhole(Frame frame) {
        int row = frame.width();
        return IntStream.range(row, row * frame.height())
                .allMatch(at -> Math.abs((frame.argb()[at] & 0xff) - (frame.argb()[at % row] & 0xff)) < 30);
    }

    private void write(Path to, int frames) {
        check(avformat_alloc_output_context2(out, null, null, to.toString()));
        stream = avformat_new_stream(out, null);
        stream.codecpar().codec_type(AVMEDIA_TYPE_VIDEO);
        stream.codecpar().codec_id(AV_CODEC_ID_H264);
        stream.codecpar().width(WIDTH);
        stream.codecpar().height(HEIGHT);
        byte[] head = head();
        stream.codecpar().extradata(new BytePointer(av_mallocz(head.length + 64)).put(head));
        stream.codecpar().extradata_size(head.length);
        stream.time_base(av_make_q(1, 90_000));
        AVIOContext file = new AVIOContext(null);
        check(avio_open(file, to.toString(), AVIO_FLAG_WRITE));
        out.pb(file);
        check(avformat_write_header(out, (AVDictionary) null));
        for (int begin = 0; begin < frames; begin += group) {
            int references = 0;
            frame(begin, begin, references++, true);
            for (int last = begin; last + 1 < begin + group && last + 1 < frames; ) {
                int next = Math.min(last + betweens + 1, Math.min(begin + group, frames) - 1);
                frame(next, begin, references++, true);
                for (int between = last + 1; between < next; between++) {
                    frame(between, begin, references, false);
                }
                last = next;
            }
        }
        check(av_write_trailer(out));
        avio_closep(out.pb());
        avformat_free_context(out);
    }

    private void frame(int number, int begin, int frameNumber, boolean leanedOn) {
        boolean key = number == begin;
        boolean inFields = number % WHOLE_EVERY != WHOLE_EVERY - 1;
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        bytes.writeBytes(key ? head() : new byte[0]);
        bytes.writeBytes(slice(number, begin, frameNumber, leanedOn, inFields, false));
        long shown = MILLIS_OF_FRAME * (number + 1);
        long decoded = MILLIS_OF_FRAME * coded++;
        byte[] second = inFields ? slice(number, begin, frameNumber, leanedOn, true, true) : new byte[0];
        if (laying == Laying.EACH_WITH_ITS_TIME && inFields) {
            packet(bytes.toByteArray(), shown, decoded, MILLIS_OF_FRAME / 2, key);
            packet(second, shown + MILLIS_OF_FRAME / 2, decoded + MILLIS_OF_FRAME / 2, MILLIS_OF_FRAME / 2, false);
        } else {
            bytes.writeBytes(second);
            packet(bytes.toByteArray(), shown, decoded, MILLIS_OF_FRAME, key);
        }
    }

    private void packet(byte[] bytes, long shown, long decoded, long lasts, boolean key) {
        AVPacket packet = av_packet_alloc();
        check(av_new_packet(packet, bytes.length));
        packet.data().put(bytes);
        packet.pts(inUnits(shown));
        packet.dts(inUnits(decoded));
        packet.duration(inUnits(lasts));
        packet.flags(key ? AV_PKT_FLAG_KEY : 0);
        check(av_interleaved_write_frame(out, packet));
        av_packet_free(packet);
    }

    private long inUnits(long millis) {
        return av_rescale_q(millis, av_make_q(1, 1000), stream.time_base());
    }

    /** The parameters of the sequence and of its pictures. */
    private byte[] head() {
        Bits sequence = new Bits();
        sequence.fixed(77, 8); // profile_idc: Main
        sequence.fixed(0, 8);
        sequence.fixed(30, 8); // level_idc
        sequence.counted(0); // seq_parameter_set_id
        sequence.counted(FRAME_NUMBER_BITS - 4);
        sequence.counted(0); // pic_order_cnt_type
        sequence.counted(ORDER_BITS - 4);
        sequence.counted(2); // max_num_ref_frames
        sequence.fixed(0, 1);
        sequence.counted(WIDTH / 16 - 1);
        sequence.counted(HEIGHT / 32 - 1);
        sequence.fixed(0, 1); // frame_mbs_only_flag: there are fields
        sequence.fixed(0, 1); // mb_adaptive_frame_field_flag
        sequence.fixed(1, 1); // direct_8x8_inference_flag
        sequence.fixed(0, 1); // frame_cropping_flag
        sequence.fixed(1, 1); // vui_parameters_present_flag
        sequence.fixed(0, 4); // no aspect, overscan, signal type, chroma place
        sequence.fixed(1, 1); // timing_info_present_flag
        sequence.fixed(1, 32);
        sequence.fixed(50, 32); // fields a second
        sequence.fixed(1, 1); // fixed_frame_rate_flag
        sequence.fixed(0, 3); // no buffering, no timing of pictures
        sequence.fixed(1, 1); // bitstream_restriction_flag
        sequence.fixed(1, 1);
        for (int value : new int[] {0, 0, 10, 10, betweens > 0 ? 1 : 0, 2}) {
            sequence.counted(value);
        }
        Bits pictures = new Bits();
        pictures.counted(0);
        pictures.counted(0);
        pictures.fixed(0, 1); // entropy_coding_mode_flag
        pictures.fixed(0, 1);
        pictures.counted(0); // one slice group
        pictures.counted(0); // one picture to lean on
        pictures.counted(0);
        pictures.fixed(0, 3);
        pictures.counted(0); // pic_init_qp_minus26
        pictures.counted(0);
        pictures.counted(0);
        pictures.fixed(1, 1); // deblocking_filter_control_present_flag
        pictures.fixed(0, 2);
        ByteArrayOutputStream all = new ByteArrayOutputStream();
        all.writeBytes(sequence.unit(3, 7));
        all.writeBytes(pictures.unit(3, 8));
        return all.toByteArray();
    }

    private byte[] slice(int number, int begin, int frameNumber, boolean leanedOn, boolean field, boolean bottom) {
        boolean same = bottom && leanedOn;
        boolean idr = number == begin && !bottom;
        int blocks = field ? BLOCKS / 2 : BLOCKS;
        Bits bits = new Bits();
        bits.counted(0); // first_mb_in_slice
        bits.counted(same ? 5 : 7); // slice_type: P, I
        bits.counted(0);
        bits.fixed(frameNumber, FRAME_NUMBER_BITS);
        bits.fixed(field ? 1 : 0, 1); // field_pic_flag
        if (field) {
            bits.fixed(bottom ? 1 : 0, 1);
        }
        if (idr) {
            bits.counted(begin / group % 2); // idr_pic_id
        }
        bits.fixed(2 * (number - begin) + (bottom ? 1 : 0), ORDER_BITS);
        if (same) {
            bits.fixed(0, 1);
            bits.fixed(1, 1); // ref_pic_list_modification: the other field of this frame comes first
            bits.counted(0);
            bits.counted(0);
            bits.counted(3);
        }
        if (leanedOn) {
            bits.fixed(0, idr ? 2 : 1); // dec_ref_pic_marking
        }
        bits.counted(0); // slice_qp_delta
        bits.counted(1); // disable_deblocking_filter_idc
        if (same) {
            bits.counted(blocks); // mb_skip_run
        } else {
            for (int block = 0; block < blocks; block++) {
                bits.counted(25); // I_PCM
                bits.align();
                int column = block % (WIDTH / 16);
                int level = (number >> column & 1) == 1 ? 210 : 40;
                for (int i = 0; i < 256; i++) {
                    bits.fixed(level, 8);
                }
                for (int i = 0; i < 128; i++) {
                    bits.fixed(128, 8);
                }
            }
        }
        return bits.unit(leanedOn ? 2 : 0, idr ? IDR : PICTURE);
    }

    private static void check(int code) {
        if (code < 0) {
            throw new AssertionError("The film of fields could not be written: " + code);
        }
    }

    /** Bits of one unit of the stream. */
    private static final class Bits {
        private final ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        private int part;
        private int held;

        void fixed(long value, int count) {
            for (int bit = count - 1; bit >= 0; bit--) {
                part = part << 1 | (int) (value >> bit & 1);
                if (++held == 8) {
                    bytes.write(part);
                    part = 0;
                    held = 0;
                }
            }
        }

        /** As many noughts in front as there are digits behind the first one: ue(v) of the standard. */
        void counted(int value) {
            int digits = 32 - Integer.numberOfLeadingZeros(value + 1);
            fixed(value + 1, 2 * digits - 1);
        }

        void align() {
            while (held > 0) {
                fixed(0, 1);
            }
        }

        /** Closes the unit, and puts a 3 wherever its bytes could be taken for the start of another. */
        byte[] unit(int importance, int kind) {
            fixed(1, 1);
            align();
            ByteArrayOutputStream unit = new ByteArrayOutputStream();
            unit.writeBytes(new byte[] {0, 0, 0, 1, (byte) (importance << 5 | kind)});
            int noughts = 0;
            for (byte next : bytes.toByteArray()) {
                if (noughts >= 2 && next >= 0 && next <= 3) {
                    unit.write(3);
                    noughts = 0;
                }
                unit.write(next);
                noughts = next == 0 ? noughts + 1 : 0;
            }
            return unit.toByteArray();
        }
    }
}
