package farglass.film.video;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import farglass.film.FilmException;
import java.io.ByteArrayInputStream;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.file.Path;
import java.util.stream.LongStream;
import javax.sound.sampled.AudioFileFormat;
import javax.sound.sampled.AudioFormat;
import javax.sound.sampled.AudioInputStream;
import javax.sound.sampled.AudioSystem;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class SoundTrackTest {
    private static final int RATE = 22_050;

    @TempDir
    Path folder;

    /** Three seconds of silence with a tone from the second second on, for a fifth of one. */
    private Path beep() throws Exception {
        byte[] samples = new byte[RATE * 3 * 2];
        ByteBuffer into = ByteBuffer.wrap(samples).order(ByteOrder.LITTLE_ENDIAN);
        for (int i = 2 * RATE; i < 2.2 * RATE; i++) {
            into.putShort(2 * i, (short) (i / 20 % 2 == 0 ? 12_000 : -12_000));
        }
        Path file = folder.resolve("beep.wav");
        AudioSystem.write(
                new AudioInputStream(
                        new ByteArrayInputStream(samples), new AudioFormat(RATE, 16, 1, true, false), RATE * 3L),
                AudioFileFormat.Type.WAVE,
                file.toFile());
        return file;
    }

    private static double secondsToTone(SoundTrack track) {
        long before = 0;
        for (byte[] samples = track.next(); samples.length > 0; samples = track.next()) {
            ByteBuffer from = ByteBuffer.wrap(samples).order(ByteOrder.LITTLE_ENDIAN);
            for (int i = 0; i + 3 < samples.length; i += 4) {
                if (Math.abs(from.getShort(i)) > 6000) {
                    return (before + i / 4) / (double) SoundTrack.RATE;
                }
            }
            before += samples.length / 4;
        }
        return Double.NaN;
    }

    @Test
    void whatIsHeardAfterASeekIsWhatBelongsToThatInstant() throws Exception {
        try (SoundTrack track = SoundTrack.open(beep(), 0).orElseThrow()) {
            for (double from : new double[] {0, 1.9, 0.5, 1.234}) {
                track.seek(Math.round(from * 1e6));
                assertThat(secondsToTone(track)).as("from %s s", from).isCloseTo(2 - from, within(0.01));
            }
        }
    }

    @Test
    void aFilmWhosePicturesBeginLaterThanItsSoundIsHeardInStep() throws Exception {
        try (SoundTrack track = SoundTrack.open(beep(), 500_000).orElseThrow()) {
            track.seek(1_000_000);
            assertThat(secondsToTone(track)).isCloseTo(0.5, within(0.01));
        }
    }

    @Test
    void soundWithoutPicturesIsNoFilm() throws Exception {
        Path sound = beep();
        org.assertj.core.api.Assertions.assertThatThrownBy(() -> VideoFile.open(sound, share -> {}, () -> false))
                .isInstanceOf(FilmException.class)
                .hasMessageContaining("no pictures");
    }

    @Test
    void aSilentFilmHasNoSound() {
        Path clip = Clip.write(
                folder.resolve("mute.mp4"),
                "mpeg4",
                320,
                180,
                25,
                0,
                LongStream.range(0, 20).map(i -> i * 40).toArray());
        try (VideoFile film = VideoFile.open(clip, share -> {}, () -> false)) {
            assertThat(film.sound()).isEmpty();
        }
    }
}
