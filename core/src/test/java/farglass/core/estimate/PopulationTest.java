package farglass.core.estimate;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;

class PopulationTest {
    private static final String OPTION = "yes";

    private static Map<String, Choices> athletes(SplittableRandom random) {
        Map<String, Choices> athletes = new LinkedHashMap<>();
        for (int athlete = 0; athlete < 30; athlete++) {
            // Half of them never take it.
            double share = athlete % 2 == 0 ? 0 : 0.5 * random.nextDouble();
            List<BoutCount> bouts = new ArrayList<>();
            for (int bout = 1 + random.nextInt(8); bout > 0; bout--) {
                int chances = 1 + random.nextInt(7);
                int taken = 0;
                for (int i = 0; i < chances; i++) {
                    taken += random.nextDouble() < share ? 1 : 0;
                }
                bouts.add(new BoutCount(1, taken, chances));
            }
            athletes.put("athlete " + athlete, BoutCount.choices(bouts));
        }
        return athletes;
    }

    /** P(own at most other), over the middles of many equal parts of what is believed of the other. */
    private static double notMore(Posterior own, Posterior other) {
        double sum = 0;
        for (double share : other.middles(200)) {
            sum += own.below(share);
        }
        return sum / 200;
    }

    @Test
    void whoSpeaksMostAgainstAClaimIsAmongThoseAsked() {
        SplittableRandom random = new SplittableRandom(11);
        for (int library = 0; library < 20; library++) {
            Map<String, Choices> athletes = athletes(random);
            Population.Gathering gathering = new Population.Gathering();
            athletes.forEach(gathering::add);
            Population.Others others = gathering.gathered().without("athlete 1", 0.1);
            Prior prior = others.prior(OPTION, 0.5, Comparison.WEAK);
            Posterior own = prior.after(athletes.get("athlete 1"), OPTION, others.likeness());
            for (boolean more : new boolean[] {true, false}) {
                double worstOfAll = athletes.entrySet().stream()
                        .filter(each -> !each.getKey().equals("athlete 1"))
                        .map(each -> prior.after(each.getValue(), OPTION, others.likeness()))
                        .mapToDouble(each -> wrong(own, each, more))
                        .max()
                        .orElseThrow();
                double worstAsked = others.against(OPTION, more, prior)
                        .mapToDouble(each -> wrong(own, each, more))
                        .max()
                        .orElseThrow();
                assertThat(worstAsked).isEqualTo(worstOfAll);
            }
            assertThat(others.against(OPTION, true, prior)).hasSizeLessThan(20);
        }
    }

    private static double wrong(Posterior own, Posterior other, boolean more) {
        double notMore = notMore(own, other);
        return more ? notMore : 1 - notMore;
    }
}
