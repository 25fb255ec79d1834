package farglass.film.index;

import static org.bytedeco.ffmpeg.global.avcodec.av_parser_close;
import static org.bytedeco.ffmpeg.global.avcodec.av_parser_init;
import static org.bytedeco.ffmpeg.global.avcodec.av_parser_parse2;

import org.bytedeco.ffmpeg.avcodec.AVCodecContext;
import org.bytedeco.ffmpeg.avcodec.AVCodecParserContext;
import org.bytedeco.ffmpeg.avcodec.AVPacket;
import org.bytedeco.javacpp.BytePointer;
import org.bytedeco.javacpp.IntPointer;
import org.bytedeco.javacpp.PointerPointer;

/** Reads what a packet tells of its picture, and decodes nothing. Holds native memory until closed. */
final class PacketParser implements AutoCloseable {
    /** Packets come whole; the binding does not know this flag of the parser by its name, {@code PARSER_FLAG_COMPLETE_FRAMES}. */
    private static final int WHOLE = 1;

    private final AVCodecContext codec;
    private final AVCodecParserContext parser;
    private final IntPointer length = new IntPointer(1);
    private final PointerPointer<BytePointer> out = new PointerPointer<>(1);

    PacketParser(AVCodecContext codec) {
        this.codec = codec;
        this.parser = av_parser_init(codec.codec_id());
        if (parser != null) {
            parser.flags(parser.flags() | WHOLE);
        }
    }

    /** {@return whether packets of that kind of film can be read} If not, nothing else may be asked. */
    boolean isAble() {
        return parser != null;
    }

    void read(AVPacket packet) {
        av_parser_parse2(
                parser, codec, out, length, packet.data(), packet.size(), packet.pts(), packet.dts(), packet.pos());
    }

    /** {@return a type of picture, {@code AV_PICTURE_TYPE_*}} */
    int type() {
        return parser.pict_type();
    }

    /** {@return a whole frame or which field, {@code AV_PICTURE_STRUCTURE_*}; of two fields the first} */
    int structure() {
        return parser.picture_structure();
    }

    /** {@return where the picture is shown, counted from the last at which everything begins anew} */
    int number() {
        return parser.output_picture_number();
    }

    boolean isKey() {
        return parser.key_frame() == 1;
    }

    @Override
    public void close() {
        out.close();
        length.close();
        if (parser != null) {
            av_parser_close(parser);
        }
    }
}
