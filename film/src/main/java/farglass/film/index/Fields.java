package farglass.film.index;

import static org.bytedeco.ffmpeg.global.avcodec.AV_CODEC_ID_H264;
import static org.bytedeco.ffmpeg.global.avcodec.AV_PICTURE_STRUCTURE_BOTTOM_FIELD;
import static org.bytedeco.ffmpeg.global.avcodec.AV_PICTURE_STRUCTURE_TOP_FIELD;

import org.bytedeco.ffmpeg.avcodec.AVCodecContext;
import org.bytedeco.ffmpeg.avcodec.AVPacket;

/**
 * Tells which packets of H.264 hold only the second half of a picture. Camcorders and broadcasters store a picture as two fields, every
 * other line in each, and files may hand over each field by itself, with a time of its own or with none.
 */
public final class Fields implements AutoCloseable {
    private static final int NONE = 0;
    private static final int BOTH = AV_PICTURE_STRUCTURE_TOP_FIELD + AV_PICTURE_STRUCTURE_BOTTOM_FIELD;

    private final PacketParser parser;
    private final boolean possible;
    /** The field that came last and still wants its other one. */
    private int open = NONE;

    public Fields(AVCodecContext codec) {
        parser = new PacketParser(codec);
        possible = codec.codec_id() == AV_CODEC_ID_H264 && parser.isAble();
    }

    /** {@return whether the next packet of the stream completes the picture that the one before began} */
    public boolean isSecond(AVPacket packet) {
        if (!possible) {
            return false;
        }
        parser.read(packet);
        int kind = parser.structure();
        boolean field = kind == AV_PICTURE_STRUCTURE_TOP_FIELD || kind == AV_PICTURE_STRUCTURE_BOTTOM_FIELD;
        // A packet with both fields tells the first of them, so two of the same kind in a row are two pictures.
        boolean second = field && open != NONE && kind == BOTH - open;
        open = field && !second ? kind : NONE;
        return second;
    }

    @Override
    public void close() {
        parser.close();
    }
}
