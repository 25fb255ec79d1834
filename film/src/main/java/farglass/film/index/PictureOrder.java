package farglass.film.index;

import static org.bytedeco.ffmpeg.global.avcodec.AV_CODEC_ID_H264;
import static org.bytedeco.ffmpeg.global.avcodec.AV_CODEC_ID_MPEG4;
import static org.bytedeco.ffmpeg.global.avutil.AV_PICTURE_TYPE_B;

import java.util.Arrays;
import org.bytedeco.ffmpeg.avcodec.AVCodecContext;
import org.bytedeco.ffmpeg.avcodec.AVPacket;

/**
 * In which order the pictures of a stream are shown that does not tell of each when it is shown, as in AVI files. A picture that leans on
 * two others is decoded after both and shown between them. H.264 numbers its pictures from each one at which everything begins anew; of
 * others one with two to lean on (type B) is shown before the one decoded before it, and nothing else is out of order.
 */
public final class PictureOrder implements AutoCloseable {
    /** More pictures than any stream shows before it begins anew. */
    private static final long STEP = 1L << 32;

    private static final byte[] START_OF_PICTURE = {0, 0, 1, (byte) 0xb6};

    /** A picture of no more bytes only keeps a place. */
    private static final int EMPTY_BYTES = 19;

    private final AVCodecContext codec;
    private final PacketParser parser;
    private long begun;
    private long between;
    private boolean packed;
    private boolean delayed;

    public PictureOrder(AVCodecContext codec) {
        this.codec = codec;
        this.parser = new PacketParser(codec);
    }

    /** {@return a number for the next packet of the stream; the picture with the lower one is shown first} */
    public long next(AVPacket packet) {
        if (!parser.isAble()) {
            return begun += STEP;
        }
        parser.read(packet);
        if (codec.codec_id() == AV_CODEC_ID_H264) {
            begun += parser.number() == 0 && parser.isKey() ? STEP : 0;
            return begun + parser.number();
        }
        delayed = packed;
        packed = codec.codec_id() == AV_CODEC_ID_MPEG4 && (isPacked(packet) || delayed && packet.size() > EMPTY_BYTES);
        if (delayed || parser.type() == AV_PICTURE_TYPE_B) {
            return begun - STEP / 2 + ++between;
        }
        between = 0;
        return begun += STEP;
    }

    /**
     * {@return whether with the last packet a picture comes out that stood in the one before} Nothing can begin there, whatever the file says
     * of that packet.
     */
    public boolean isDelayed() {
        return delayed;
    }

    /**
     * {@return whether a packet holds a second picture} It comes out with the next packet and that one's with the one after, until one is as
     * good as empty.
     */
    private static boolean isPacked(AVPacket packet) {
        byte[] bytes = new byte[packet.size()];
        if (bytes.length > 0) {
            packet.data().get(bytes);
        }
        int pictures = 0;
        for (int i = 0; i + START_OF_PICTURE.length <= bytes.length; i++) {
            if (Arrays.equals(bytes, i, i + START_OF_PICTURE.length, START_OF_PICTURE, 0, START_OF_PICTURE.length)) {
                pictures++;
            }
        }
        return pictures > 1;
    }

    @Override
    public void close() {
        parser.close();
    }
}
