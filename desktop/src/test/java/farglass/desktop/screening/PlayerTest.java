package farglass.desktop.screening;

import static org.assertj.core.api.Assertions.assertThat;

import farglass.film.Film;
import farglass.film.FilmException;
import farglass.film.Frame;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** The player with a film of one frame every 40 ms, on one thread. */
class PlayerTest {
    private static final long SECOND = 1_000_000_000;

    private final List<Runnable> film = new ArrayList<>();
    private final Player player = new Player(film::add, Runnable::run);
    private boolean closed;
    private Runnable onTheWay = () -> {};
    private Runnable thereafter = () -> {};

    private final Film ten = new Film() {
        @Override
        public long lastMicros() {
            return 10_000_000;
        }

        @Override
        public Frame at(long micros) {
            if (micros == 9_000_000) {
                throw new FilmException("hurt there");
            }
            if (micros == 8_000_000) {
                // As a decoder may do with a film of a kind that nobody thought of.
                throw new IndexOutOfBoundsException("Index 3 out of bounds for length 3");
            }
            return new Frame(micros / 40_000 * 40_000, 1, 1, new int[1]);
        }

        /** A frame far from the last one takes long: its whole second is seen first. */
        @Override
        public Optional<Frame> at(long micros, Waiting waiting) {
            Frame exact = at(micros);
            waiting.seeMeanwhile(at(micros / 1_000_000 * 1_000_000));
            onTheWay.run();
            boolean wanted = waiting.isStillWanted();
            thereafter.run();
            return wanted ? Optional.of(exact) : Optional.empty();
        }

        @Override
        public long after(long micros) {
            return Math.min(10_000_000, (micros / 40_000 + 1) * 40_000);
        }

        @Override
        public long before(long micros) {
            return Math.max(0, micros / 40_000 * 40_000 - 40_000);
        }

        @Override
        public void close() {
            closed = true;
        }
    };

    private void decode() {
        while (!film.isEmpty()) {
            film.remove(0).run();
        }
    }

    @Test
    void theClockRunsAtItsSpeedAndASlowFilmDropsFrames() {
        player.show(Optional.of(ten));
        decode();
        player.playingProperty().set(true);
        player.speedProperty().set(0.5);
        player.pulse(5 * SECOND);
        for (int i = 1; i <= 60; i++) {
            player.pulse(5 * SECOND + i * SECOND / 60);
        }
        assertThat(player.timeProperty().get()).isEqualTo(500_000);
        assertThat(film).as("one frame asked for, however many pulses").hasSize(1);
        decode();
        assertThat(player.frameProperty().get().orElseThrow().atMicros()).isEqualTo(480_000);
    }

    @Test
    void whoWantsToPlayBeforeTheFilmIsThereSeesItBegin() {
        player.playingProperty().set(true);
        player.show(Optional.of(ten));
        player.pulse(SECOND);
        player.pulse(2 * SECOND);
        assertThat(player.timeProperty().get()).isEqualTo(1_000_000);
        player.show(Optional.of(ten));
        assertThat(player.playingProperty().get()).as("another film waits").isFalse();
    }

    @Test
    void aNewSpeedCountsFromTheInstantShown() {
        player.show(Optional.of(ten));
        player.playingProperty().set(true);
        player.pulse(SECOND);
        player.pulse(2 * SECOND);
        player.speedProperty().set(2);
        player.pulse(3 * SECOND);
        player.pulse(4 * SECOND);
        assertThat(player.timeProperty().get()).isEqualTo(3_000_000);
    }

    @Test
    void itStopsAtTheEndAndSeeksWithinTheFilm() {
        player.show(Optional.of(ten));
        player.seek(99_000_000);
        assertThat(player.timeProperty().get()).isEqualTo(10_000_000);
        player.playingProperty().set(true);
        player.pulse(SECOND);
        player.pulse(2 * SECOND);
        assertThat(player.playingProperty().get()).isFalse();
        player.seek(-5);
        assertThat(player.timeProperty().get()).isZero();
    }

    @Test
    void steppingGoesFrameByFrame() {
        player.show(Optional.of(ten));
        decode();
        player.step(1);
        decode();
        player.step(1);
        decode();
        assertThat(player.timeProperty().get()).isEqualTo(80_000);
        player.step(-1);
        decode();
        assertThat(player.timeProperty().get()).isEqualTo(40_000);
    }

    @Test
    void whoMovesThroughTheFilmSeesAPictureNearAtOnceAndTheExactOneWhereHeStays() {
        player.show(Optional.of(ten));
        decode();
        List<Long> seen = new ArrayList<>();
        player.frameProperty()
                .addListener(
                        (property, old, frame) -> seen.add(frame.orElseThrow().atMicros()));
        onTheWay = () -> {
            if (player.timeProperty().get() == 3_400_000) {
                player.seek(5_600_000);
            }
        };
        player.seek(3_400_000);
        decode();
        assertThat(seen).as("3.4 s was left before it came").containsExactly(3_000_000L, 5_000_000L, 5_600_000L);
        seen.clear();
        player.playingProperty().set(true);
        player.seek(6_200_000);
        decode();
        assertThat(seen).as("a film that plays does not jump to and fro").containsExactly(6_200_000L);
    }

    @Test
    void whoComesBackToWhatHeHadLeftSeesIt() {
        player.show(Optional.of(ten));
        decode();
        onTheWay = () -> player.seek(5_600_000);
        thereafter = () -> {
            onTheWay = () -> {};
            thereafter = () -> {};
            player.seek(3_400_000);
        };
        player.seek(3_400_000);
        decode();
        assertThat(player.frameProperty().get().orElseThrow().atMicros()).isEqualTo(3_400_000);
    }

    @Test
    void whateverADecoderThrowsIsToldAndTheNextWishIsTriedAgain() {
        player.show(Optional.of(ten));
        decode();
        player.seek(8_000_000);
        decode();
        assertThat(player.troubleProperty().get()).contains("cannot be read").doesNotContain("Index");
        player.seek(1_000_000);
        decode();
        assertThat(player.frameProperty().get().orElseThrow().atMicros()).isEqualTo(1_000_000);
        assertThat(player.troubleProperty().get()).isEmpty();
    }

    @Test
    void aHurtStretchIsToldAndAnotherFilmForgetsTheFirst() {
        player.show(Optional.of(ten));
        decode();
        player.seek(9_000_000);
        decode();
        assertThat(player.troubleProperty().get()).isEqualTo("hurt there");
        player.seek(1_000_000);
        player.show(Optional.empty());
        decode();
        assertThat(closed).isTrue();
        assertThat(player.frameProperty().get()).isEmpty();
        assertThat(player.troubleProperty().get()).isEmpty();
    }
}
