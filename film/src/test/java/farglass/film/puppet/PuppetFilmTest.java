package farglass.film.puppet;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import farglass.core.script.Beat;
import farglass.core.script.HandGrip;
import farglass.core.script.Pose;
import farglass.core.script.RefereeSignal;
import farglass.core.script.Script;
import farglass.core.script.ScriptFile;
import farglass.core.side.Part;
import farglass.core.side.Seat;
import farglass.core.side.Side;
import farglass.film.Film;
import farglass.film.FilmException;
import farglass.film.source.Films;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class PuppetFilmTest {
    @TempDir
    Path folder;

    private static Script still(Pose pose, Seat top, boolean mirrored) {
        return new Script(
                "white gi",
                "blue gi",
                0,
                10_000_000,
                List.of(new Beat(0, pose, Optional.of(top), mirrored)),
                List.of(),
                List.of(),
                false);
    }

    private static int[] picture(Script script) {
        return new PuppetFilm(script).at(4_000_000).argb();
    }

    @Test
    void everyPoseAndWhoIsOnTopCanBeToldApart() {
        Set<Integer> pictures = new HashSet<>();
        for (Pose pose : Pose.values()) {
            for (Seat top : Seat.values()) {
                for (boolean mirrored : new boolean[] {false, true}) {
                    pictures.add(java.util.Arrays.hashCode(picture(still(pose, top, mirrored))));
                }
            }
        }
        assertThat(pictures).hasSize(Pose.values().length * 4);
    }

    @Test
    void anInstantLooksTheSameHoweverOneGotThere() {
        Script script = new Script(
                "white gi",
                "blue gi",
                2_000_000,
                20_000_000,
                List.of(
                        new Beat(-2_000_000, Pose.RESET, Optional.empty(), false),
                        new Beat(0, Pose.STANDING, Optional.empty(), false),
                        new Beat(5_000_000, Pose.MOUNT, Optional.of(Seat.B), true)),
                List.of(new RefereeSignal(8_000_000, Optional.of(Seat.B), "4")),
                List.of(),
                false);
        PuppetFilm played = new PuppetFilm(script);
        for (long at = 0; at <= played.lastMicros(); at += 200_000) {
            played.at(at);
        }
        PuppetFilm sought = new PuppetFilm(script);
        for (long at : new long[] {7_400_000, 400_000, 21_000_000, 10_400_000, 7_400_000}) {
            assertThat(sought.at(at).argb()).isEqualTo(played.at(at).argb());
            assertThat(sought.at(at).atMicros()).isLessThanOrEqualTo(at).isGreaterThan(at - 40_000);
        }
        assertThat(sought.at(9_000_000).argb())
                .as("in the middle of a move")
                .isNotEqualTo(sought.at(7_080_000).argb());
    }

    @Test
    void theTopIsDrawnInItsOwnKit() {
        int[] white = picture(still(Pose.MOUNT, Seat.A, false));
        int[] blue = picture(still(Pose.MOUNT, Seat.B, false));
        // The chest of the one who sits on top.
        int pixel = 265 * PuppetPainter.WIDTH + PuppetPainter.WIDTH / 2 + 55;
        assertThat(white[pixel] & 0xff).isGreaterThan(200);
        assertThat(blue[pixel] >> 16 & 0xff).isLessThan(90);
    }

    @Test
    void steppingStaysInsideTheFilm() {
        PuppetFilm film = new PuppetFilm(still(Pose.BACK, Seat.A, false));
        assertThat(film.after(film.lastMicros())).isEqualTo(film.lastMicros());
        assertThat(film.before(0)).isZero();
        assertThat(film.after(film.before(4_000_000))).isEqualTo(4_000_000);
        assertThat(film.at(-9).atMicros()).isZero();
    }

    @Test
    void aMissingAndABrokenScriptSayWhatToDo() throws Exception {
        assertThatThrownBy(() -> Films.open(folder.resolve("gone.script"), share -> {}, () -> false))
                .isInstanceOf(FilmException.class)
                .hasMessageContaining("There is no film at");
        Path broken = Files.writeString(folder.resolve("x.script"), "far-glass script 1\nbeat soon MOUNT A\n");
        assertThatThrownBy(() -> Films.open(broken, share -> {}, () -> false))
                .hasMessageContaining("line 2")
                .hasMessageContaining("--fresh");
        Path whole = Files.writeString(folder.resolve("y.script"), ScriptFile.print(still(Pose.TURTLE, Seat.A, false)));
        try (Film film = Films.open(whole, share -> {}, () -> false)) {
            assertThat(film.at(0).width()).isEqualTo(PuppetPainter.WIDTH);
        }
    }

    @Test
    void everyPositionOfTheLexiconHasAPoseOfItsFamily() {
        Set<Pose> shown = new HashSet<>();
        farglass.core.lexicon.Lexicon.shipped().positions().forEach(position -> shown.add(Pose.of(position)));
        assertThat(shown)
                .contains(Pose.STANDING, Pose.CLINCH, Pose.OPEN_GUARD, Pose.HALF_GUARD, Pose.LEG_ENTANGLEMENT)
                .contains(Pose.TURTLE, Pose.SIDE_CONTROL, Pose.BACK, Pose.TRIANGLE, Pose.SCRAMBLE);
    }

    @Test
    void aGripIsSeenAtTheHandWhileItHoldsAndTheSecondCameraSeesTheOtherSide() {
        Script plain = still(Pose.OPEN_GUARD, Seat.A, false);
        Script held = new Script(
                plain.kitA(),
                plain.kitB(),
                0,
                plain.lengthMicros(),
                plain.beats(),
                List.of(),
                List.of(new HandGrip(2_000_000, 6_000_000, Seat.B, Side.LEFT, Optional.empty())),
                false);
        Script other = new Script(
                plain.kitA(),
                plain.kitB(),
                0,
                plain.lengthMicros(),
                plain.beats(),
                List.of(),
                List.of(new HandGrip(2_000_000, 6_000_000, Seat.B, Side.RIGHT, Optional.empty())),
                false);
        assertThat(picture(held)).isNotEqualTo(picture(plain)).isNotEqualTo(picture(other));
        assertThat(new PuppetFilm(held).at(7_000_000).argb())
                .isEqualTo(new PuppetFilm(plain).at(7_000_000).argb());
        assertThat(picture(held.acrossTheMat())).isNotEqualTo(picture(held));
        assertThat(ScriptFile.parse(ScriptFile.print(held.acrossTheMat()))).isEqualTo(held.acrossTheMat());
    }

    @Test
    void aHandIsWhereItHoldsAndArmsKeepTheirLength() {
        Puppet puppet = Poses.of(Pose.TIE).one();
        for (int hand : new int[] {Puppet.NEAR_HAND, Puppet.FAR_HAND}) {
            int elbow = hand == Puppet.NEAR_HAND ? Puppet.NEAR_ELBOW : Puppet.FAR_ELBOW;
            double[] collar = Poses.of(Pose.TIE).two().at(Part.Kind.COLLAR, true);
            assertThat(puppet.shortfall(collar[0], collar[1])).isLessThan(0.08);
            Puppet holding = puppet.reaching(hand, collar[0], collar[1]);
            assertThat(Math.hypot(holding.x(hand) - collar[0], holding.y(hand) - collar[1]))
                    .isLessThan(0.08);
            assertThat(Math.hypot(
                            holding.x(elbow) - holding.x(Puppet.CHEST), holding.y(elbow) - holding.y(Puppet.CHEST)))
                    .isCloseTo(0.31, within(0.001));
            assertThat(Math.hypot(holding.x(hand) - holding.x(elbow), holding.y(hand) - holding.y(elbow)))
                    .isCloseTo(0.30, within(0.001));
        }
        assertThat(puppet.shortfall(3, 1)).isGreaterThan(2);
    }

    /** Each of the two rests on the mat with some part, and nobody is flung far from the other. */
    @ParameterizedTest
    @EnumSource(Pose.class)
    void nobodyFloats(Pose pose) {
        for (Puppet puppet : List.of(Poses.of(pose).one(), Poses.of(pose).two())) {
            double lowest = IntStream.range(0, Puppet.COUNT)
                    .mapToDouble(puppet::y)
                    .min()
                    .orElseThrow();
            assertThat(lowest).isBetween(-0.45, 0.17);
            assertThat(Math.abs(puppet.x(Puppet.CHEST))).isLessThan(1.3);
        }
    }

    @Test
    void whatIsHeldComesBackFromTheTextOfTheScript() {
        Script script = new Script(
                "white gi",
                "blue gi",
                0,
                10_000_000,
                List.of(new Beat(0, Pose.TIE, Optional.empty(), false)),
                List.of(),
                List.of(
                        new HandGrip(
                                0,
                                5,
                                Seat.A,
                                Side.LEFT,
                                Optional.of(new HandGrip.Hold(Part.Kind.BELT, Optional.empty(), true))),
                        new HandGrip(
                                1,
                                6,
                                Seat.B,
                                Side.RIGHT,
                                Optional.of(new HandGrip.Hold(Part.Kind.SLEEVE, Optional.of(Side.LEFT), true))),
                        new HandGrip(2, 7, Seat.B, Side.LEFT, Optional.empty())),
                false);
        assertThat(ScriptFile.parse(ScriptFile.print(script))).isEqualTo(script);
    }
}
