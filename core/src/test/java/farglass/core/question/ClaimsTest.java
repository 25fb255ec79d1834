package farglass.core.question;

import static org.assertj.core.api.Assertions.assertThat;

import farglass.core.estimate.Comparison;
import farglass.core.estimate.Posterior;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;

class ClaimsTest {
    private static Posterior beta(double successes, double failures) {
        return new Posterior(List.of(new Posterior.Part(1, successes, failures)));
    }

    /** The naive way: every chance worked out and sorted, and the longest run whose mean is small enough. */
    private static Map<String, Claims.Direction> naive(Map<String, Comparison> family) {
        record Candidate(String id, Claims.Direction way, double wrong) {}
        List<Candidate> all = new ArrayList<>();
        family.forEach((id, comparison) -> {
            Comparison.Wrong wrong = comparison.wrong(Claims.TRIVIAL);
            all.add(
                    wrong.notAbove() <= wrong.notBelow()
                            ? new Candidate(id, Claims.Direction.MORE, wrong.notAbove())
                            : new Candidate(id, Claims.Direction.LESS, wrong.notBelow()));
        });
        all.sort((one, two) -> Double.compare(one.wrong(), two.wrong()));
        Map<String, Claims.Direction> claimed = new HashMap<>();
        double sum = 0;
        for (Candidate candidate : all) {
            sum += candidate.wrong();
            if (sum / (claimed.size() + 1) > Claims.WRONG) {
                break;
            }
            claimed.put(candidate.id(), candidate.way());
        }
        return claimed;
    }

    @Test
    void whatIsNotWorkedOutIsNotClaimedEither() {
        SplittableRandom random = new SplittableRandom(17);
        int claims = 0;
        for (int page = 0; page < 60; page++) {
            Map<String, Comparison> family = new HashMap<>();
            for (int i = 0; i < 25; i++) {
                double others = 0.05 + 0.9 * random.nextDouble();
                double own = random.nextInt(3) == 0 ? random.nextDouble() : others;
                double worth = 5 + random.nextInt(80);
                family.put(
                        "figure " + i,
                        new Comparison(
                                beta(0.5 + own * worth, 0.5 + (1 - own) * worth),
                                beta(others * 60, (1 - others) * 60)));
            }
            Map<String, Claims.Direction> expected = naive(family);
            Claims made = Claims.of(family);
            assertThat(made.size()).isEqualTo(expected.size());
            expected.forEach((id, way) -> assertThat(made.of(id)).contains(way));
            claims += made.size();
        }
        assertThat(claims).as("the test tests something").isGreaterThan(100);
    }
}
