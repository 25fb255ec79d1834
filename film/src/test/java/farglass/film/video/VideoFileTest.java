package farglass.film.video;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.InstanceOfAssertFactories.INTEGER;
import static org.bytedeco.ffmpeg.global.avutil.AV_PIX_FMT_YUV420P;
import static org.bytedeco.ffmpeg.global.avutil.AV_PIX_FMT_YUV420P10LE;

import farglass.film.Film;
import farglass.film.FilmException;
import farglass.film.Frame;
import farglass.film.reel.VideoWriter;
import farglass.film.source.Films;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import java.util.stream.LongStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class VideoFileTest {
    @TempDir
    Path folder;

    private static long[] steady(int frames) {
        return LongStream.range(0, frames).map(i -> i * 40).toArray();
    }

    /** A camera that slows down in the dark, and a recording that begins late. */
    private static long[] uneven(int frames) {
        Random random = new Random(3);
        long[] at = new long[frames];
        long now = 1700;
        for (int i = 0; i < frames; i++) {
            at[i] = now;
            now += 20 + random.nextInt(60);
        }
        return at;
    }

    private static VideoFile open(Path path) {
        return VideoFile.open(path, share -> {}, () -> false);
    }

    @ParameterizedTest
    @CsvSource({
        "mp4, mpeg4, 50, 2, steady",
        "mp4, libopenh264, 50, 0, uneven",
        "mkv, mpeg4, 120, 3, uneven",
        "mov, mpeg4, 30, 2, uneven",
        "webm, libvpx, 40, 0, uneven",
        // As camcorders and broadcasters write them: no index, and the first picture is not at nought.
        "ts, mpeg2video, 12, 2, steady",
        "mts, libopenh264, 50, 0, steady",
        "mpg, mpeg2video, 15, 2, steady",
        // These say no more of a picture's time than in which order it is decoded.
        "avi, mpeg4, 50, 2, steady",
        "avi, mjpeg, 1, 0, steady",
        "avi, libopenh264, 50, 0, steady"
    })
    void theFrameShownAtAnInstantIsTheOneWhoseTimeItIs(
            String container, String codec, int group, int betweens, String rate) {
        assertThat(Films.VIDEO_ENDINGS).as("what is read can be chosen").contains(container);
        long[] millis = rate.equals("steady") ? steady(300) : uneven(300);
        Path clip = Clip.write(folder.resolve("clip." + container), codec, 320, 180, group, betweens, millis);
        try (VideoFile film = open(clip)) {
            assertThat(film.lastMicros()).isEqualTo((millis[299] - millis[0]) * 1000);
            for (int i = 0; i < 300; i++) {
                Frame frame = film.at((millis[i] - millis[0]) * 1000);
                assertThat(Clip.number(frame)).as("frame by frame").isEqualTo(i);
            }
        }
        // Opened anew: what has been seen once is kept.
        try (VideoFile film = open(clip)) {
            Random random = new Random(11);
            for (int i = 0; i < 120; i++) {
                long at = random.nextInt((int) (millis[299] - millis[0] + 200)) * 1000L;
                int expected = frameAt(millis, millis[0] + at / 1000);
                Frame frame = film.at(at);
                assertThat(Clip.number(frame)).as("at %d us", at).isEqualTo(expected);
                assertThat(frame.atMicros()).isEqualTo((millis[expected] - millis[0]) * 1000);
            }
        }
    }

    @Test
    void whoWaitsSeesTheKeyframeFirstAndNothingMoreOnceItIsNotWanted() {
        Path clip = Clip.write(folder.resolve("clip.mp4"), "mpeg4", 320, 180, 100, 2, steady(300));
        try (VideoFile film = open(clip)) {
            List<Integer> meanwhile = new ArrayList<>();
            assertThat(film.at(180 * 40_000, waiting(meanwhile, 1000)).map(Clip::number))
                    .contains(180);
            assertThat(meanwhile).first(INTEGER).isBetween(60, 161);
            meanwhile.clear();
            assertThat(film.at(290 * 40_000, waiting(meanwhile, 5))).isEmpty();
            assertThat(meanwhile).first(INTEGER).isBetween(162, 271);
            assertThat(Clip.number(film.at(290 * 40_000))).as("asked for again").isEqualTo(290);
            assertThat(film.at(285 * 40_000, waiting(meanwhile, 0)).map(Clip::number))
                    .as("what is there is given at once")
                    .contains(285);
        }
    }

    private static Film.Waiting waiting(List<Integer> meanwhile, int patience) {
        return new Film.Waiting() {
            private int asked;

            @Override
            public boolean isStillWanted() {
                return asked++ < patience;
            }

            @Override
            public void seeMeanwhile(Frame frame) {
                meanwhile.add(Clip.number(frame));
            }
        };
    }

    private static int frameAt(long[] millis, long at) {
        int found = Arrays.binarySearch(millis, at);
        return found >= 0 ? found : Math.max(0, -found - 2);
    }

    @Test
    void steppingVisitsEveryFrameForwardsAndBackwards() {
        long[] millis = uneven(100);
        Path clip = Clip.write(folder.resolve("clip.mp4"), "mpeg4", 320, 180, 30, 2, millis);
        try (VideoFile film = open(clip)) {
            long at = 0;
            for (int i = 0; i < 100; i++) {
                assertThat(Clip.number(film.at(at))).isEqualTo(i);
                at = film.after(at);
            }
            assertThat(film.after(at)).isEqualTo(at);
            for (int i = 99; i >= 0; i--) {
                assertThat(Clip.number(film.at(at))).isEqualTo(i);
                at = film.before(at);
            }
            assertThat(at).isZero();
        }
    }

    @Test
    void framesBehindAreFetchedWhileNothingIsAskedFor() {
        Path clip = Clip.write(folder.resolve("clip.mp4"), "mpeg4", 320, 180, 250, 2, steady(400));
        try (VideoFile film = open(clip)) {
            for (int start : new int[] {399, 240, 77, 3}) {
                film.at(start * 40_000L);
                int chunks = 0;
                while (film.prepare(start * 40_000L)) {
                    assertThat(++chunks).as("it comes to an end").isLessThan(200);
                }
                for (int i = start; i >= 0; i--) {
                    assertThat(Clip.number(film.at(i * 40_000L))).isEqualTo(i);
                    film.prepare(i * 40_000L);
                }
            }
        }
    }

    @ParameterizedTest
    @CsvSource({"1", "2", "3"})
    void aFilmThatAPhoneStoredLyingIsTurnedUpright(int quarters) {
        Path clip = Clip.write(
                folder.resolve("phone.mp4"),
                320,
                180,
                new VideoWriter.Packing("mpeg4", AV_PIX_FMT_YUV420P, 25, 0, quarters),
                steady(20));
        try (VideoFile film = open(clip)) {
            Frame frame = film.at(13 * 40_000);
            assertThat(frame.width()).isEqualTo(quarters == 2 ? 320 : 180);
            assertThat(Clip.number(Picture.turned(frame, 4 - quarters)))
                    .as("turned back, it shows its number")
                    .isEqualTo(13);
        }
    }

    @Test
    void picturesOfTenBitsAndOfFourThousandPixelsAreShown() {
        Path ten = Clip.write(
                folder.resolve("ten.mkv"),
                320,
                180,
                new VideoWriter.Packing("ffv1", AV_PIX_FMT_YUV420P10LE, 10, 0, 0),
                steady(12));
        try (VideoFile film = open(ten)) {
            assertThat(Clip.number(film.at(11 * 40_000))).isEqualTo(11);
        }
        Path large = Clip.write(folder.resolve("large.mp4"), "mpeg4", 3840, 2160, 12, 0, steady(6));
        try (VideoFile film = open(large)) {
            Frame frame = film.at(5 * 40_000);
            assertThat(frame.width()).as("no larger than it can be shown").isEqualTo(1280);
            assertThat(Clip.number(frame)).isEqualTo(5);
        }
    }

    @Test
    void aFilmDeletedWhileItIsOpenIsShownOnOrSaysWhatIsWrong() throws Exception {
        Path clip = Clip.write(folder.resolve("gone.mp4"), "mpeg4", 320, 180, 30, 0, steady(100));
        try (VideoFile film = open(clip)) {
            Files.delete(clip);
            try {
                assertThat(Clip.number(film.at(90 * 40_000))).isEqualTo(90);
                film.prepare(90 * 40_000);
            } catch (FilmException e) {
                assertThat(e).hasMessageContaining("gone.mp4");
            }
        }
    }

    @Test
    void missingEmptyForeignAndCutFilmsAreToldApart() throws Exception {
        assertThatThrownBy(() -> open(folder.resolve("gone.mp4")))
                .isInstanceOf(FilmException.class)
                .hasMessageContaining("There is no film at")
                .hasMessageContaining("gone.mp4");
        assertThatThrownBy(() -> open(Files.createFile(folder.resolve("empty.mp4"))))
                .hasMessageContaining("is empty");
        assertThatThrownBy(() -> open(Files.writeString(folder.resolve("words.mp4"), "no film at all")))
                .hasMessageContaining("no video that can be read");
        Path clip = Clip.write(folder.resolve("whole.mp4"), "mpeg4", 320, 180, 30, 0, steady(60));
        byte[] bytes = Files.readAllBytes(clip);
        Path cut = Files.write(folder.resolve("cut.mp4"), Arrays.copyOf(bytes, bytes.length / 2));
        assertThatThrownBy(() -> open(cut)).isInstanceOf(FilmException.class);
    }

    @Test
    void aDamagedStretchDoesNotEndTheFilm() throws Exception {
        Path clip = Clip.write(folder.resolve("whole.mkv"), "mpeg4", 320, 180, 25, 0, steady(200));
        byte[] bytes = Files.readAllBytes(clip);
        new Random(5).ints(2000, bytes.length / 3, bytes.length / 2).forEach(i -> bytes[i] ^= 0x55);
        try (VideoFile film = open(Files.write(folder.resolve("hurt.mkv"), bytes))) {
            assertThat(Clip.number(film.at(0))).isZero();
            long last = film.lastMicros();
            for (long at = 0; at <= last; at += 333_333) {
                assertThat(film.at(at).argb()).isNotEmpty();
            }
        }
    }

    /** The last pictures before a keyframe stand in its packet and behind it, and lean on the keyframe before. */
    @ParameterizedTest
    @CsvSource({"1, 30", "2, 30", "2, 25"})
    void picturesPackedTwoIntoOneAreShownEachAtItsTime(int betweens, int group) {
        Path clip = PackedAvi.write(
                folder.resolve("packed.avi"),
                Clip.write(folder.resolve("clip.avi"), "mpeg4", 320, 180, group, betweens, steady(200)));
        try (VideoFile film = open(clip)) {
            for (int i = 0; i < 200; i++) {
                assertThat(Clip.number(film.at(i * 40_000L)))
                        .as("frame by frame")
                        .isEqualTo(i);
            }
        }
        try (VideoFile film = open(clip)) {
            for (int i = 199; i >= 0; i--) {
                assertThat(Clip.number(film.at(i * 40_000L)))
                        .as("backwards from frame %d", i)
                        .isEqualTo(i);
            }
        }
    }

    /** As camcorders and broadcasters write them: most frames as two fields, some whole. */
    @ParameterizedTest
    @CsvSource({
        "ts, 0, BOTH_IN_ONE", "mts, 1, BOTH_IN_ONE", "ts, 0, EACH_WITH_ITS_TIME", "mts, 1, EACH_WITH_ITS_TIME",
        "mkv, 1, BOTH_IN_ONE", "mkv, 1, EACH_WITH_ITS_TIME", "mp4, 1, BOTH_IN_ONE", "mp4, 1, EACH_WITH_ITS_TIME"
    })
    void twoFieldsAreOnePicture(String container, int betweens, FieldFilm.Laying laying) {
        Path clip = FieldFilm.write(folder.resolve("fields." + container), 200, 20, betweens, laying);
        try (VideoFile film = open(clip)) {
            long at = 0;
            for (int i = 0; i < 200; i++) {
                Frame frame = film.at(at);
                assertThat(Clip.number(frame)).as("frame by frame").isEqualTo(i);
                assertThat(FieldFilm.isWhole(frame))
                        .as("both fields of frame %d", i)
                        .isTrue();
                at = film.after(at);
            }
            assertThat(film.after(at)).as("there are no more").isEqualTo(at);
        }
        try (VideoFile film = open(clip)) {
            for (int frame : new Random(3).ints(150, 0, 200).toArray()) {
                Frame found = film.at(frame * 40_000L + 25_000);
                assertThat(Clip.number(found)).as("in the second half of it").isEqualTo(frame);
                assertThat(FieldFilm.isWhole(found)).as("both fields").isTrue();
            }
        }
    }

    /** Two recordings put one behind the other, and one whose clock was set an hour on: as splices and breaks of a broadcast come out. */
    @ParameterizedTest
    @CsvSource({"ts, mpeg2video, 12, 2", "mts, libopenh264, 50, 0", "mpg, mpeg2video, 15, 2"})
    void aFilmWhoseClockBeginsAnewGoesOnOrSaysSo(String container, String codec, int group, int betweens)
            throws Exception {
        long[] later = Arrays.stream(steady(100)).map(at -> at + 3_600_000).toArray();
        Path one = Clip.write(folder.resolve("one." + container), codec, 320, 180, group, betweens, steady(100));
        Path other = Clip.write(folder.resolve("other." + container), codec, 320, 180, group, betweens, later);
        Path all = folder.resolve("all." + container);
        for (Path part : List.of(one, one, other)) {
            Files.write(all, Files.readAllBytes(part), StandardOpenOption.CREATE, StandardOpenOption.APPEND);
        }
        if (container.equals("mpg")) {
            assertThatThrownBy(() -> open(all))
                    .isInstanceOf(FilmException.class)
                    .hasMessageContaining("begins anew");
            return;
        }
        try (VideoFile film = open(all)) {
            List<Integer> shown = new ArrayList<>();
            long at = 0;
            for (long next = film.after(at); next > at; next = film.after(at)) {
                shown.add(Clip.number(film.at(at)));
                assertThat(next - at).as("behind frame %d", shown.size()).isBetween(20_000L, 200_000L);
                at = next;
            }
            shown.add(Clip.number(film.at(at)));
            assertThat(shown)
                    .containsExactlyElementsOf(
                            IntStream.range(0, 300).map(i -> i % 100).boxed().toList());
        }
        try (VideoFile film = open(all)) {
            for (int frame : new int[] {250, 50, 150, 299, 100, 199, 200, 0}) {
                assertThat(Clip.number(film.at(frame * film.lastMicros() / 299 + 5000)))
                        .isEqualTo(frame % 100);
            }
        }
    }

    @Test
    void openingCanBeStopped() {
        Path clip = Clip.write(folder.resolve("clip.mp4"), "mpeg4", 320, 180, 30, 0, steady(60));
        assertThatThrownBy(() -> VideoFile.open(clip, share -> {}, () -> true)).hasMessageContaining("was stopped");
    }
}
