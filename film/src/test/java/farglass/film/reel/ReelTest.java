package farglass.film.reel;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import farglass.core.script.Beat;
import farglass.core.script.Pose;
import farglass.core.script.Script;
import farglass.core.script.ScriptFile;
import farglass.core.side.Seat;
import farglass.film.FilmException;
import farglass.film.Frame;
import farglass.film.video.Clip;
import farglass.film.video.VideoFile;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.LongStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class ReelTest {
    @TempDir
    Path folder;

    private Path video() {
        return Clip.write(
                folder.resolve("bout.mp4"),
                "mpeg4",
                320,
                180,
                50,
                2,
                LongStream.range(0, 200).map(i -> i * 40).toArray());
    }

    private Path puppets() throws Exception {
        Script script = new Script(
                "white gi",
                "blue gi",
                0,
                10_000_000,
                List.of(new Beat(0, Pose.MOUNT, Optional.of(Seat.A), false)),
                List.of(),
                List.of(),
                false);
        return Files.writeString(folder.resolve("bout.script"), ScriptFile.print(script));
    }

    @Test
    void aReelOfAVideoAndOfPuppetsShowsTheRightPicturesInOrder() throws Exception {
        Path reel = folder.resolve("reel.mp4");
        long length = Reel.write(
                reel,
                List.of(
                        new Reel.Clip(video(), 1_000_000, 2_000_000, "Knee cut --> nearly"),
                        new Reel.Clip(puppets(), 500_000, 1_500_000, "Mount & hold")),
                share -> {},
                () -> false);
        assertThat(length).isEqualTo(2_000_000);
        try (VideoFile film = VideoFile.open(reel, share -> {}, () -> false)) {
            assertThat(film.lastMicros()).isCloseTo(1_960_000, within(1_000L));
            for (int i = 0; i < 25; i++) {
                // The picture lies above the words: its middle row is a little above the reel's.
                Frame frame = film.at(i * 40_000L);
                assertThat(Clip.number(new Frame(0, 960, 400, java.util.Arrays.copyOf(frame.argb(), 960 * 400))))
                        .isEqualTo(25 + i);
            }
            assertThat(film.at(1_500_000).argb()).isNotEqualTo(film.at(500_000).argb());
        }
        assertThat(Files.readString(folder.resolve("reel.srt")))
                .isEqualTo("1\n00:00:00,000 --> 00:00:01,000\nKnee cut \u2192 nearly\n\n"
                        + "2\n00:00:01,000 --> 00:00:02,000\nMount & hold\n\n");
        assertThat(Files.readString(folder.resolve("reel.vtt")))
                .startsWith("WEBVTT\n\n1\n00:00:00.000")
                .contains("Mount &amp; hold");
        assertThat(Files.readString(folder.resolve("reel.m3u")))
                .contains(folder.resolve("bout.mp4").toUri() + "#t=1.000,2.000");
    }

    @Test
    void aStoppedOrRefusedReelLeavesNothingBehind() {
        Path reel = folder.resolve("reel.mp4");
        List<Reel.Clip> clips = List.of(new Reel.Clip(video(), 0, 4_000_000, "x"));
        List<Double> seen = new ArrayList<>();
        assertThatThrownBy(() -> Reel.write(reel, clips, seen::add, () -> seen.size() > 10))
                .hasMessageContaining("was stopped");
        assertThat(seen).isNotEmpty().isSorted();
        assertThatThrownBy(() -> Reel.write(folder.resolve("no/such/folder/r.mp4"), clips, share -> {}, () -> false))
                .isInstanceOf(FilmException.class)
                .hasMessageContaining("could not be written");
        assertThatThrownBy(() -> Reel.write(reel, List.of(), share -> {}, () -> false))
                .hasMessageContaining("nothing to cut");
        assertThat(folder.toFile().list()).containsExactly("bout.mp4");
    }
}
