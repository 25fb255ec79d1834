package farglass.film.video;

import static org.bytedeco.ffmpeg.global.avcodec.AV_PKT_DATA_DISPLAYMATRIX;
import static org.bytedeco.ffmpeg.global.avcodec.av_packet_side_data_get;
import static org.bytedeco.ffmpeg.global.avcodec.av_packet_side_data_new;
import static org.bytedeco.ffmpeg.global.avutil.av_display_rotation_get;
import static org.bytedeco.ffmpeg.global.avutil.av_display_rotation_set;

import org.bytedeco.ffmpeg.avcodec.AVCodecParameters;
import org.bytedeco.ffmpeg.avcodec.AVPacketSideData;
import org.bytedeco.ffmpeg.avformat.AVStream;
import org.bytedeco.javacpp.IntPointer;

/** How a camera was held, as a stream notes it: phones store their pictures lying and say that they must be turned. */
public final class Rotation {
    private static final int MATRIX_BYTES = 36;

    private Rotation() {}

    /** {@return by how many quarter turns to the right the picture must be turned to stand upright: 0 to 3} */
    static int read(AVStream stream) {
        AVCodecParameters parameters = stream.codecpar();
        AVPacketSideData matrix = parameters.nb_coded_side_data() == 0
                ? null
                : av_packet_side_data_get(
                        parameters.coded_side_data(), parameters.nb_coded_side_data(), AV_PKT_DATA_DISPLAYMATRIX);
        if (matrix == null || matrix.isNull() || matrix.size() < MATRIX_BYTES) {
            return 0;
        }
        double degrees = av_display_rotation_get(new IntPointer(matrix.data()));
        // The matrix turns to the left; a camera held askew is shown as it was stored.
        return Double.isNaN(degrees) ? 0 : (int) Math.floorMod(-Math.round(degrees / 90), 4L);
    }

    public static void write(AVStream stream, int quarterTurns) {
        AVCodecParameters parameters = stream.codecpar();
        IntPointer count = new IntPointer(1).put(parameters.nb_coded_side_data());
        AVPacketSideData all = parameters.coded_side_data();
        AVPacketSideData holder = all == null ? new AVPacketSideData() : all;
        AVPacketSideData matrix = av_packet_side_data_new(holder, count, AV_PKT_DATA_DISPLAYMATRIX, MATRIX_BYTES, 0);
        // Setting counts to the right, and getting to the left.
        av_display_rotation_set(new IntPointer(matrix.data()), 90.0 * quarterTurns);
        parameters.coded_side_data(holder);
        parameters.nb_coded_side_data(count.get());
    }
}
