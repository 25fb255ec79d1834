package farglass.core.estimate;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.SplittableRandom;
import org.apache.commons.statistics.distribution.BetaDistribution;
import org.apache.commons.statistics.distribution.GammaDistribution;
import org.assertj.core.data.Percentage;
import org.junit.jupiter.api.Test;

/** Against another implementation, for beliefs of every shape that a dossier may hold. */
class QuantileTest {
    private static final double[] PROBABILITIES = {1e-4, 0.025, 0.10, 0.5, 0.90, 0.975, 0.9999};
    private static final double[] PARAMETERS = {0.3, 0.5, 1, 1.7, 9, 60.5, 800, 5e4};
    private static final Percentage SIX_DIGITS = Percentage.withPercentage(2e-4);

    @Test
    void ofASingleBetaTheyAreThoseOfAnotherImplementation() {
        for (double successes : PARAMETERS) {
            for (double failures : PARAMETERS) {
                BetaDistribution other = BetaDistribution.of(successes, failures);
                Posterior belief = new Posterior(List.of(new Posterior.Part(1, successes, failures)));
                double[] found = belief.quantiles(PROBABILITIES);
                for (int i = 0; i < found.length; i++) {
                    assertThat(found[i])
                            .as("%s successes, %s failures, at %s", successes, failures, PROBABILITIES[i])
                            .isCloseTo(other.inverseCumulativeProbability(PROBABILITIES[i]), SIX_DIGITS);
                }
            }
        }
    }

    @Test
    void alsoOfAGamma() {
        for (double events : PARAMETERS) {
            GammaDistribution gamma = GammaDistribution.of(events, 0.02);
            Quantile quantile = new Quantile(
                    rate -> new Quantile.At(gamma.cumulativeProbability(rate), gamma.density(rate)),
                    Quantile.Scale.LOG);
            for (double probability : PROBABILITIES) {
                double most = 2 * gamma.inverseCumulativeProbability(0.99999);
                assertThat(quantile.of(probability, gamma.getMean(), 0, most))
                        .as("%s events at %s", events, probability)
                        .isCloseTo(gamma.inverseCumulativeProbability(probability), SIX_DIGITS);
            }
        }
    }

    @Test
    void ofAMixtureWhosePartsLieFarApartTheyAreRightToSixDigits() {
        SplittableRandom random = new SplittableRandom(14);
        for (int i = 0; i < 2000; i++) {
            double weight = random.nextDouble();
            double many = Math.pow(10, 4 * random.nextDouble());
            Posterior belief = new Posterior(List.of(
                    new Posterior.Part(weight, 0.5 + many, 0.5 + 0.01 * many),
                    new Posterior.Part(1 - weight, 0.5 + random.nextDouble(), 0.5 + many * random.nextDouble())));
            double[] found = belief.quantiles(PROBABILITIES);
            for (int k = 0; k < found.length; k++) {
                // Between two parts the belief is flat: there the share is not known so well, but the probability is.
                double digits = 1.5e-6 * found[k];
                assertThat(belief.below(found[k] - digits))
                        .as("%s at %s", belief, PROBABILITIES[k])
                        .isLessThanOrEqualTo(PROBABILITIES[k] + 1e-6);
                assertThat(belief.below(found[k] + digits))
                        .as("%s at %s", belief, PROBABILITIES[k])
                        .isGreaterThanOrEqualTo(PROBABILITIES[k] - 1e-6);
            }
        }
    }
}
