package farglass.film.video;

import static org.bytedeco.ffmpeg.global.avcodec.AV_PKT_FLAG_KEY;
import static org.bytedeco.ffmpeg.global.avcodec.av_new_packet;
import static org.bytedeco.ffmpeg.global.avcodec.av_packet_alloc;
import static org.bytedeco.ffmpeg.global.avcodec.av_packet_free;
import static org.bytedeco.ffmpeg.global.avcodec.avcodec_parameters_copy;
import static org.bytedeco.ffmpeg.global.avformat.AVIO_FLAG_WRITE;
import static org.bytedeco.ffmpeg.global.avformat.av_interleaved_write_frame;
import static org.bytedeco.ffmpeg.global.avformat.av_read_frame;
import static org.bytedeco.ffmpeg.global.avformat.av_write_trailer;
import static org.bytedeco.ffmpeg.global.avformat.avformat_alloc_output_context2;
import static org.bytedeco.ffmpeg.global.avformat.avformat_close_input;
import static org.bytedeco.ffmpeg.global.avformat.avformat_free_context;
import static org.bytedeco.ffmpeg.global.avformat.avformat_new_stream;
import static org.bytedeco.ffmpeg.global.avformat.avformat_open_input;
import static org.bytedeco.ffmpeg.global.avformat.avformat_write_header;
import static org.bytedeco.ffmpeg.global.avformat.avio_closep;
import static org.bytedeco.ffmpeg.global.avformat.avio_open;

import java.io.ByteArrayOutputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.bytedeco.ffmpeg.avcodec.AVPacket;
import org.bytedeco.ffmpeg.avformat.AVFormatContext;
import org.bytedeco.ffmpeg.avformat.AVIOContext;
import org.bytedeco.ffmpeg.avformat.AVStream;
import org.bytedeco.ffmpeg.avutil.AVDictionary;

/**
 * Writes AVI files as old encoders of MPEG-4 did: a picture others lean on and the first of those shown before it stand in one packet, and
 * an empty picture keeps the place of the last of them.
 */
final class PackedAvi {
    private static final byte[] PICTURE = {0, 0, 1, (byte) 0xb6};
    private static final byte[] EMPTY = {0, 0, 1, (byte) 0xb6, 0x53, 0};
    private static final int BETWEEN = 2;
    /** By the last letter of this name decoders know that pictures are packed. */
    private static final byte[] MARK = "\0\0\1\u00b2DivX503b1393p".getBytes(StandardCharsets.ISO_8859_1);

    /** A packet of the file that is packed. */
    private record Part(byte[] bytes, boolean key) {
        boolean isBetween() {
            return bytes[pictureIn(bytes) + PICTURE.length] >> 6 == -BETWEEN;
        }
    }

    private PackedAvi() {}

    /** Packs an AVI of MPEG-4 with one picture in each packet. */
    static Path write(Path to, Path from) {
        AVFormatContext in = new AVFormatContext(null);
        AVFormatContext out = new AVFormatContext(null);
        check(avformat_open_input(in, from.toString(), null, null));
        check(avformat_alloc_output_context2(out, null, null, to.toString()));
        AVStream stream = avformat_new_stream(out, null);
        check(avcodec_parameters_copy(stream.codecpar(), in.streams(0).codecpar()));
        stream.time_base(in.streams(0).time_base());
        AVIOContext file = new AVIOContext(null);
        check(avio_open(file, to.toString(), AVIO_FLAG_WRITE));
        out.pb(file);
        check(avformat_write_header(out, (AVDictionary) null));
        List<Part> parts = packed(read(in));
        for (int at = 0; at < parts.size(); at++) {
            write(out, parts.get(at), at);
        }
        check(av_write_trailer(out));
        avio_closep(out.pb());
        avformat_free_context(out);
        avformat_close_input(in);
        return to;
    }

    private static List<Part> read(AVFormatContext in) {
        List<Part> parts = new ArrayList<>();
        AVPacket packet = av_packet_alloc();
        while (av_read_frame(in, packet) >= 0) {
            byte[] bytes = new byte[packet.size()];
            packet.data().get(bytes);
            parts.add(new Part(bytes, (packet.flags() & AV_PKT_FLAG_KEY) != 0));
        }
        av_packet_free(packet);
        return parts;
    }

    private static List<Part> packed(List<Part> parts) {
        List<Part> packed = new ArrayList<>();
        for (int at = 0; at < parts.size(); at++) {
            Part part = parts.get(at);
            ByteArrayOutputStream bytes = new ByteArrayOutputStream();
            int picture = pictureIn(part.bytes());
            bytes.write(part.bytes(), 0, picture);
            bytes.write(MARK, 0, part.key() ? MARK.length : 0);
            bytes.write(part.bytes(), picture, part.bytes().length - picture);
            boolean first = true;
            for (; at + 1 < parts.size() && parts.get(at + 1).isBetween(); at++) {
                bytes.writeBytes(parts.get(at + 1).bytes());
                packed.add(new Part(bytes.toByteArray(), part.key() && first));
                bytes.reset();
                first = false;
            }
            packed.add(first ? new Part(bytes.toByteArray(), part.key()) : new Part(EMPTY, false));
        }
        return packed;
    }

    private static int pictureIn(byte[] bytes) {
        for (int at = 0; ; at++) {
            if (Arrays.equals(bytes, at, at + PICTURE.length, PICTURE, 0, PICTURE.length)) {
                return at;
            }
        }
    }

    private static void write(AVFormatContext out, Part part, int at) {
        AVPacket packet = av_packet_alloc();
        check(av_new_packet(packet, part.bytes().length));
        packet.data().put(part.bytes());
        packet.pts(at);
        packet.dts(at);
        packet.flags(part.key() ? AV_PKT_FLAG_KEY : 0);
        check(av_interleaved_write_frame(out, packet));
        av_packet_free(packet);
    }

    private static void check(int code) {
        if (code < 0) {
            throw new AssertionError("The packed film could not be written: " + code);
        }
    }
}
