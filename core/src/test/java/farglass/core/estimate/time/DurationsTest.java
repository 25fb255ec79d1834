package farglass.core.estimate.time;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

class DurationsTest {
    private static List<Stay> stays(double... seconds) {
        List<Stay> stays = new ArrayList<>();
        for (int i = 0; i < seconds.length; i++) {
            // Negative stands for a stay whose end was not seen.
            stays.add(new Stay(Math.abs(seconds[i]), seconds[i] > 0, "b" + i));
        }
        return stays;
    }

    @Test
    void theCurveIsThatOfTheTextbook() {
        // Remission times of the 6-MP arm, E. J. Freireich et al., Blood 21 (1963): a standard worked example.
        List<Durations.Step> curve = Durations.survival(
                stays(6, 6, 6, -6, 7, -9, 10, -10, -11, 13, 16, -17, -19, -20, 22, 23, -25, -32, -32, -34, -35));
        // Seconds, share surviving, its standard error by Greenwood's formula.
        double[][] published = {
            {6, .857, .0764},
            {7, .807, .0869},
            {10, .753, .0963},
            {13, .690, .1068},
            {16, .627, .1141},
            {22, .538, .1282},
            {23, .448, .1346}
        };
        assertThat(curve).hasSize(published.length);
        for (int i = 0; i < published.length; i++) {
            assertThat(curve.get(i).seconds()).isEqualTo(published[i][0]);
            assertThat(curve.get(i).surviving()).isCloseTo(published[i][1], within(0.0005));
            double error = curve.get(i).surviving() * Math.sqrt(curve.get(i).variance());
            assertThat(error).isBetween(published[i][2] - 0.0005, 1.1 * published[i][2]);
        }
    }

    @Test
    void theIntervalIsWhereTheBandHoldsOneHalf() {
        // Published for the same data, 95 %, log(-log) scale: median 23, from 13 on. 80 % must lie within that.
        Durations durations = Durations.of(
                stays(6, 6, 6, -6, 7, -9, 10, -10, -11, 13, 16, -17, -19, -20, 22, 23, -25, -32, -32, -34, -35));
        assertThat(durations.median()).hasValue(23);
        assertThat(durations.low80().orElseThrow()).isBetween(13.0, 22.0);
        assertThat(durations.high80().orElseThrow()).isInfinite();
    }

    @Test
    void staysOfOneBoutCountForLessThanStaysOfMany() {
        List<Stay> alone = new ArrayList<>();
        List<Stay> alike = new ArrayList<>();
        for (int i = 0; i < 40; i++) {
            double seconds = 5 + i / 5 * 4 + i % 5 * 0.1;
            alone.add(new Stay(seconds, true, "b" + i));
            alike.add(new Stay(seconds, true, "b" + i / 5));
        }
        Durations many = Durations.of(alone);
        Durations few = Durations.of(alike);
        assertThat(few.median()).isEqualTo(many.median());
        assertThat(few.high80().orElseThrow() - few.low80().orElseThrow())
                .isGreaterThan(1.5 * (many.high80().orElseThrow() - many.low80().orElseThrow()));
    }

    @Test
    void theMedianNeedsHalfOfThemToEnd() {
        assertThat(Durations.of(stays(10, 20, 30, 40, 50, 60, 70, 80, 90)).median())
                .hasValue(50);
        assertThat(Durations.of(stays(1, 2, 3, 4, 5, 6, 7, 8, -9, -9, -9, -9, -9, -9, -9, -9, -9))
                        .median())
                .isEmpty();
    }

    @Test
    void tooFewBoutsOrEndingsGiveTheCountAlone() {
        Durations four = Durations.of(List.of(
                new Stay(1, true, "a"), new Stay(2, true, "b"), new Stay(3, true, "c"), new Stay(4, true, "d")));
        assertThat(four).isEqualTo(new Durations(four.median(), four.low80(), four.high80(), 4, 4));
        assertThat(four.median()).isEmpty();
        assertThat(Durations.of(List.of()).stays()).isZero();
        assertThatIllegalArgumentException().isThrownBy(() -> new Stay(Double.NaN, true, "b"));
    }
}
