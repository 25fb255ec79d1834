package farglass.core.simulate;

import static farglass.core.Bouts.LEXICON;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import farglass.core.Demo;
import farglass.core.bout.Bout;
import farglass.core.bout.Deed;
import farglass.core.bout.Moment;
import farglass.core.fact.Layer;
import farglass.core.fact.Link;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;

/** What a coder with known faults gets wrong, in the long run. */
class CoderTest {
    private static final List<Bout> TRUTH = Demo.SEASONS.bouts().stream()
            .map(ActedBout::truth)
            .filter(bout -> bout.moments().size() > 20)
            .toList();

    @Test
    void missesAreAsOftenAsSaidAndNeverOfWhatSettlesOrWasGiven() {
        Coder blind = new Coder(0.2, 0, 0, 0, 0);
        double small = 0;
        double missed = 0;
        for (Bout bout : TRUTH) {
            Bout told =
                    blind.tells(bout, LEXICON, new SplittableRandom(bout.id().hashCode()));
            small += bout.moments().stream().filter(CoderTest::isSmall).count();
            missed += bout.moments().size() - told.moments().size();
            assertThat(told.moments().stream()
                            .filter(moment -> !isSmall(moment))
                            .count())
                    .isEqualTo(bout.moments().stream()
                            .filter(moment -> !isSmall(moment))
                            .count());
        }
        // Some three thousand chances: two standard errors are 1.5 points.
        assertThat(missed / small).isCloseTo(0.2, within(0.03));
    }

    private static boolean isSmall(Moment moment) {
        return moment.settled().isEmpty()
                && moment.technique().isPresent()
                && moment.telling().stage().isEmpty();
    }

    @Test
    void timesScatterAsSaidAndNeverGoBack() {
        Coder late = new Coder(0, 0.4, 0, 0, 0);
        double squares = 0;
        int count = 0;
        for (Bout bout : TRUTH) {
            Bout told = late.tells(bout, LEXICON, new SplittableRandom(bout.id().hashCode()));
            for (int i = 0; i < bout.moments().size(); i++) {
                if (bout.moments().get(i).deed() instanceof Deed.Did) {
                    double off = (told.moments().get(i).atMicros().orElseThrow()
                                    - bout.moments().get(i).atMicros().orElseThrow())
                            / 1e6;
                    squares += off * off;
                    count++;
                }
            }
        }
        // Order is kept, so what falls close together moves a little less, or more, than by itself.
        assertThat(Math.sqrt(squares / count)).isBetween(0.34, 0.46);
    }

    @Test
    void confusionsAreOfTheSameKindAndSidesSlipAsSaid() {
        Coder confused = new Coder(0, 0, 0.3, 0.25, 1);
        int changed = 0;
        int chances = 0;
        int slipped = 0;
        int sides = 0;
        int open = 0;
        for (Bout bout : TRUTH) {
            Bout told =
                    confused.tells(bout, LEXICON, new SplittableRandom(bout.id().hashCode()));
            for (int i = 0; i < bout.moments().size(); i++) {
                Moment was = bout.moments().get(i);
                Moment is = told.moments().get(i);
                assertThat(is.telling().answers()).isEmpty();
                if (isSmall(was)) {
                    chances++;
                    changed += is.deed().equals(was.deed()) ? 0 : 1;
                    assertThat(LEXICON.technique(is.technique().orElseThrow())
                                    .orElseThrow()
                                    .kind())
                            .isEqualTo(LEXICON.technique(was.technique().orElseThrow())
                                    .orElseThrow()
                                    .kind());
                }
                if (was.telling().side().isPresent()) {
                    sides++;
                    open += is.telling().side().isEmpty() ? 1 : 0;
                    slipped += is.telling().side().equals(was.telling().side()) ? 0 : 1;
                }
            }
        }
        // Some techniques are like no other from where they start, and are never confused.
        assertThat(changed / (double) chances).isBetween(0.2, 0.31);
        assertThat(open / (double) sides).isCloseTo(0.12, within(0.03));
        assertThat((slipped - open) / (double) (sides - open)).isCloseTo(0.25, within(0.03));
    }

    /** What is told of grips, answers and errors is mostly told where somebody looked for it. */
    @Test
    void layersNotLookedThroughAreToldInPassingAtMost() {
        Map<Boolean, Integer> told = new HashMap<>();
        Map<Boolean, Integer> happened = new HashMap<>();
        for (Bout bout : TRUTH) {
            Bout coded = Coder.FIRST.tells(
                    bout, LEXICON, new SplittableRandom(bout.id().hashCode()));
            for (Layer layer : List.of(Layer.ANSWERS, Layer.GRIPS, Layer.ERRORS)) {
                boolean looked = coded.header().covered().stream().anyMatch(stretch -> stretch.layer() == layer);
                told.merge(looked, facts(coded, layer), Integer::sum);
                happened.merge(looked, facts(bout, layer), Integer::sum);
            }
            assertThat(coded.header().covered()).anyMatch(stretch -> stretch.layer() == Layer.STORY);
        }
        assertThat(told.get(true) / (double) happened.get(true)).isBetween(0.7, 0.9);
        assertThat(told.get(false) / (double) happened.get(false)).isBetween(0.01, 0.1);
    }

    private static int facts(Bout bout, Layer layer) {
        return (int) bout.moments().stream()
                .flatMap(moment -> moment.telling().facts().stream())
                .filter(fact -> fact.layer() == layer && !(fact instanceof Link))
                .count();
    }
}
