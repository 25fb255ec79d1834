package farglass.core.estimate.time;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import java.util.Collections;
import java.util.List;
import org.junit.jupiter.api.Test;

class RatesTest {
    @Test
    void withNobodyToCompareWithItIsTheTextbookPosterior() {
        // Gamma(1, 10 minutes) before; after nothing in 20 minutes exponential with mean 1 / 30.
        Rate rate = Rates.of(Exposure.of(List.of(new BoutRate(1, 0, 20))), new OtherRates(List.of(), 0.1));
        // One bout of twenty minutes: two events would share its form of the day, 1 + 0.1 × (1 / 30) × 20.
        double minutes = 10 + 20 / (1 + 0.1 * (1 / 30.0) * 20);
        assertThat(rate.point()).isCloseTo(Math.log(2) / minutes, within(1e-6));
        assertThat(rate.high95()).isCloseTo(-Math.log(0.025) / minutes, within(1e-6));
        assertThat(rate.population()).isEmpty();
    }

    @Test
    void theOthersAreWorthMoreTheMoreAlikeTheyAre() {
        List<Exposure> alike = Collections.nCopies(
                12, Exposure.of(List.of(new BoutRate(1, 3, 10), new BoutRate(1, 3, 10), new BoutRate(1, 3, 10))));
        Rate rate = Rates.of(Exposure.of(List.of(new BoutRate(1, 0, 3))), new OtherRates(alike, 0.1));
        assertThat(rate.population().orElseThrow()).isCloseTo(0.3, within(0.01));
        assertThat(rate.point()).isBetween(0.2, 0.3);
        assertThat(rate.low95()).isPositive();
    }

    @Test
    void whatCannotBeIsRefused() {
        assertThatIllegalArgumentException().isThrownBy(() -> new BoutRate(1, 1, 0));
        assertThatIllegalArgumentException().isThrownBy(() -> new BoutRate(0, 0, 1));
        assertThatIllegalArgumentException().isThrownBy(() -> new BoutRate(1, 0, Double.NaN));
        assertThat(Rates.of(Exposure.of(List.of()), new OtherRates(List.of(), 0.1))
                        .times())
                .isZero();
    }
}
