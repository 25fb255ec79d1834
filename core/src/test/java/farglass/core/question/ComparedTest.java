package farglass.core.question;

import static org.assertj.core.api.Assertions.assertThat;

import farglass.core.estimate.Comparison;
import farglass.core.estimate.Posterior;
import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;

class ComparedTest {
    private static Posterior beta(double successes, double failures) {
        return new Posterior(List.of(new Posterior.Part(1, successes, failures)));
    }

    /** P(own at most other), on a fine grid of the other's quantiles. */
    private static double notMore(Posterior own, Posterior other) {
        double sum = 0;
        for (int i = 0; i < 400; i++) {
            sum += own.below(other.quantile((i + 0.5) / 400));
        }
        return sum / 400;
    }

    @Test
    void theBoundsNeverSettleItOtherwiseThanTheWholeArithmetic() {
        SplittableRandom random = new SplittableRandom(23);
        int held = 0;
        int tried = 0;
        for (int page = 0; page < 80; page++) {
            Posterior own = beta(8 + 40 * random.nextDouble(), 15 + 20 * random.nextDouble());
            List<Posterior> others = new ArrayList<>();
            double largest = 0;
            for (int i = 0; i < 6; i++) {
                Posterior other = beta(1 + 12 * random.nextDouble(), 15 + 40 * random.nextDouble());
                others.add(other);
                largest = Math.max(largest, notMore(own, other));
            }
            if (Math.abs(largest - Claims.WRONG) < 0.006) {
                // Nearer than the fifteen points of the rule can tell.
                continue;
            }
            tried++;
            boolean each = new Compared(new Comparison(own, others.get(0)), way -> others.stream())
                    .againstEach(Claims.Direction.MORE);
            assertThat(each).isEqualTo(largest <= Claims.WRONG);
            held += each ? 1 : 0;
        }
        assertThat(held).isBetween(tried / 10, 9 * tried / 10);
    }
}
