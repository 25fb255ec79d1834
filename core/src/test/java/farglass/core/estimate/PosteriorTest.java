package farglass.core.estimate;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;

class PosteriorTest {
    private static Posterior random(SplittableRandom random) {
        double weight = random.nextDouble();
        return new Posterior(List.of(
                new Posterior.Part(weight, 0.5 + 20 * random.nextDouble(), 0.5 + 60 * random.nextDouble()),
                new Posterior.Part(1 - weight, 0.5 + 2 * random.nextDouble(), 0.5 + 2 * random.nextDouble())));
    }

    @Test
    void theBoundsAreNeverBelowTheProbabilities() {
        SplittableRandom random = new SplittableRandom(7);
        int told = 0;
        for (int i = 0; i < 3000; i++) {
            Posterior belief = random(random);
            double share = 0.001 + 0.998 * random.nextDouble();
            double above = 1 - belief.below(share);
            assertThat(belief.aboveAtMost(share)).isGreaterThanOrEqualTo(above - 1e-9);
            assertThat(belief.belowAtMost(share)).isGreaterThanOrEqualTo(belief.below(share) - 1e-9);
            told += belief.aboveAtMost(share) < 0.5 ? 1 : 0;
        }
        // A bound of one would hold as well, and say nothing.
        assertThat(told).isGreaterThan(500);
    }

    @Test
    void aQuantileIsWhereSoMuchLiesBelow() {
        SplittableRandom random = new SplittableRandom(8);
        for (int i = 0; i < 500; i++) {
            Posterior belief = random(random);
            double probability = 0.01 + 0.98 * random.nextDouble();
            assertThat(belief.below(belief.quantile(probability))).isCloseTo(probability, within(1e-6));
        }
    }

    @Test
    void ofOneUniformBeliefTheMomentsAreKnown() {
        Posterior uniform = new Posterior(List.of(new Posterior.Part(1, 1, 1)));
        assertThat(uniform.mean()).isEqualTo(0.5);
        // E[X^k] / x^k = 1 / ((k + 1) x^k) is least at k = 3.
        assertThat(uniform.aboveAtMost(0.8)).isCloseTo(1 / 4.0 / 0.512, within(1e-12));
    }
}
