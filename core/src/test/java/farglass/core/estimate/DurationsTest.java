package farglass.core.estimate;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;
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
        double[][] published = {{6, .857}, {7, .807}, {10, .753}, {13, .690}, {16, .627}, {22, .538}, {23, .448}};
        assertThat(curve).hasSize(published.length);
        for (int i = 0; i < published.length; i++) {
            assertThat(curve.get(i).seconds()).isEqualTo(published[i][0]);
            assertThat(curve.get(i).surviving()).isCloseTo(published[i][1], within(0.0005));
        }
    }

    @Test
    void theMedianNeedsHalfOfThemToEnd() {
        assertThat(Durations.of(stays(10, 20, 30), new SplittableRandom(1)).median())
                .hasValue(20);
        assertThat(Durations.of(stays(10, -20, -30), new SplittableRandom(1)).median())
                .isEmpty();
        assertThat(Durations.of(List.of(), new SplittableRandom(1)).median()).isEmpty();
    }

    @Test
    void theSpreadHoldsTheMedianAndIsTheSameForTheSameSeed() {
        Durations first = Durations.of(stays(5, 8, 12, 20, 33, 41, -60), new SplittableRandom(7));
        assertThat(first.low80().orElseThrow())
                .isLessThanOrEqualTo(first.median().orElseThrow());
        assertThat(first.high80().orElseThrow())
                .isGreaterThanOrEqualTo(first.median().orElseThrow());
        assertThat(Durations.of(stays(5, 8, 12, 20, 33, 41, -60), new SplittableRandom(7)))
                .isEqualTo(first);
    }

    @Test
    void oneBoutAloneHasNoSpread() {
        List<Stay> one = List.of(new Stay(4, true, "b"), new Stay(9, true, "b"));
        assertThat(Durations.of(one, new SplittableRandom(1)).low80()).isEmpty();
        assertThatIllegalArgumentException().isThrownBy(() -> new Stay(Double.NaN, true, "b"));
    }
}
