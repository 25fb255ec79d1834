package farglass.core.estimate;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.apache.commons.statistics.distribution.BetaDistribution;
import org.assertj.core.data.Percentage;
import org.junit.jupiter.api.Test;

/** Against another implementation, over all that a dossier may ask, and against closed forms. */
class BetaTest {
    private static final double[] PARAMETERS = {1e-3, 0.05, 0.5, 1, 1.7, 9, 60.5, 800, 5e4, 1e7};
    private static final double[] SHARES = {1e-9, 1e-4, 0.01, 0.2, 0.49, 0.5, 0.7, 0.95, 0.9999, 1 - 1e-9};

    @Test
    void probabilitiesAreThoseOfAnotherImplementation() {
        for (double successes : PARAMETERS) {
            for (double failures : PARAMETERS) {
                BetaDistribution other = BetaDistribution.of(successes, failures);
                Beta beta = new Beta(successes, failures);
                for (double share : SHARES) {
                    assertThat(beta.below(share))
                            .as("%s successes, %s failures, below %s", successes, failures, share)
                            .isCloseTo(other.cumulativeProbability(share), within(1e-9));
                }
                // Where the most of it lies, the fraction has most to do.
                double mean = successes / (successes + failures);
                assertThat(beta.below(mean)).isCloseTo(other.cumulativeProbability(mean), within(1e-8));
            }
        }
    }

    @Test
    void densitiesAreThoseOfAnotherImplementation() {
        for (double share : SHARES) {
            assertThat(new Beta(3.5, 8).at(share).density())
                    .isCloseTo(BetaDistribution.of(3.5, 8).density(share), Percentage.withPercentage(1e-6));
        }
    }

    @Test
    void closedForms() {
        assertThat(new Beta(1, 1).below(0.3)).isCloseTo(0.3, within(1e-12));
        assertThat(new Beta(4, 1).below(0.3)).isCloseTo(Math.pow(0.3, 4), within(1e-12));
        assertThat(new Beta(1, 7).below(0.3)).isCloseTo(1 - Math.pow(0.7, 7), within(1e-12));
        assertThat(new Beta(0.5, 0.5).below(0.3)).isCloseTo(2 / Math.PI * Math.asin(Math.sqrt(0.3)), within(1e-10));
    }
}
