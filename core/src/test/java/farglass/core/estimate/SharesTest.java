package farglass.core.estimate;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;

class SharesTest {
    private static final Prior UNIFORM = Prior.weak(0.5);

    private static Choices single(int successes, int chances) {
        List<BoutCount> bouts = new ArrayList<>(Collections.nCopies(successes, new BoutCount(1, 1, 1)));
        bouts.addAll(Collections.nCopies(chances - successes, new BoutCount(1, 0, 1)));
        return BoutCount.choices(bouts);
    }

    private static Share share(Choices own, double likeness) {
        return Shares.yesOrNo(own, BoutCount.YES, UNIFORM, likeness);
    }

    @Test
    void withAUniformPriorItIsTheTextbookPosterior() {
        // Beta(1, 11) after 0 of 10: the quantiles have the closed form 1 - (1 - q)^(1/11).
        Share share = share(single(0, 10), 0.1);
        assertThat(share.point()).isCloseTo(1 - Math.pow(0.5, 1 / 11.0), within(1e-9));
        assertThat(share.high95()).isCloseTo(1 - Math.pow(0.025, 1 / 11.0), within(1e-9));
        assertThat(share.low80()).isCloseTo(1 - Math.pow(0.9, 1 / 11.0), within(1e-9));
        // Mirrored: 10 of 10.
        Share mirror = share(single(10, 10), 0.1);
        assertThat(mirror.point()).isCloseTo(1 - share.point(), within(1e-9));
        assertThat(mirror.low95()).isCloseTo(1 - share.high95(), within(1e-9));
    }

    @Test
    void momentsOfOneBoutCountForLessThanMomentsOfTen() {
        Share ten = share(single(5, 10), 0.3);
        Share one = share(BoutCount.choices(List.of(new BoutCount(1, 5, 10))), 0.3);
        assertThat(ten.effective()).isCloseTo(10, within(1e-9));
        assertThat(one.effective()).isCloseTo(10 / (1 + 9 * 0.3), within(1e-9));
        assertThat(one.high95() - one.low95()).isGreaterThan(ten.high95() - ten.low95());
        assertThat(one.chances()).isEqualTo(10);
    }

    @Test
    void aWeightDiscountsTheLikelihoodAndNotTheCountShown() {
        Share half = share(BoutCount.choices(List.of(new BoutCount(0.5, 1, 1), new BoutCount(0.5, 0, 1))), 0);
        assertThat(half.effective()).isCloseTo(1, within(1e-12));
        assertThat(half.successes()).isEqualTo(1);
        assertThat(half.chances()).isEqualTo(2);
    }

    @Test
    void theOptionsOfOneQuestionAddUpToOneWithTheOneNeverSeen() {
        List<Choices> others = Collections.nCopies(
                9,
                Choices.alike(List.of(
                        OptionsTaken.of(List.of("a", "b", "b", "c")), OptionsTaken.of(List.of("b", "c", "a", "a")))));
        Choices own = new Choices(
                List.of(OptionsTaken.of(List.of("a", "a", "b")), OptionsTaken.of(List.of("c", "a"))),
                List.of(1.0, 0.4));
        var shares = new OptionShares(Population.of(others).all(0.2), List.of("a", "b", "c"), Prior.SHOWN).of(own);
        double sum = shares.values().stream().mapToDouble(Share::point).sum();
        assertThat(shares.keySet()).containsExactly("a", "b", "c");
        assertThat(sum).isBetween(0.9, 0.999);
        assertThat(shares.get("a").population()).isPresent();
        assertThat(shares.get("a").point()).isGreaterThan(shares.get("c").point());
    }

    @Test
    void aLoneOptionIsNoCertainty() {
        Share one = new OptionShares(Population.of(List.of()).all(0.1), List.of("a"), Prior.SHOWN)
                .of(Choices.alike(List.of(OptionsTaken.of(List.of("a")))))
                .get("a");
        // Half a belief for what was never seen: Beta(2, 1), whose quantiles are square roots.
        assertThat(one.low80()).isCloseTo(Math.sqrt(0.1), within(1e-8));
        assertThat(one.high80()).isCloseTo(Math.sqrt(0.9), within(1e-8));
        assertThat(one.population()).isEmpty();
    }

    @Test
    void aMixtureIsWeighedByHowWellItsPartsForesawTheCounts() {
        Posterior prior = new Posterior(List.of(new Posterior.Part(0.5, 2, 38), new Posterior.Part(0.5, 1, 1)));
        Posterior after = prior.after(9, 1);
        // Beta-binomial likelihoods up to the same factor: B(11, 39) / B(2, 38) and B(10, 2) / B(1, 1).
        double learned = beta(11, 39) / beta(2, 38);
        double weak = beta(10, 2);
        assertThat(after.parts().get(1).weight()).isCloseTo(weak / (weak + learned), within(1e-9));
        assertThat(after.below(after.quantile(0.1))).isCloseTo(0.1, within(1e-7));
        assertThat(after.below(after.quantile(0.975))).isCloseTo(0.975, within(1e-7));
    }

    /** For whole numbers: (a - 1)! (b - 1)! / (a + b - 1)!. */
    private static double beta(int a, int b) {
        double value = 1.0 / (a + b - 1);
        for (int i = 1; i < a; i++) {
            value *= (double) i / (b - 1 + i);
        }
        return value;
    }

    @Test
    void longBoutsWeighMoreInWhatMomentsOfOneBoutAreWorth() {
        List<BoutCount> uneven = List.of(new BoutCount(1, 1, 1), new BoutCount(1, 5, 9));
        // (1 + 81) / 10 = 8.2 chances round a chance, and not 5.
        assertThat(BoutCount.choices(uneven).effective(BoutCount.YES, 0.1).chances())
                .isCloseTo(10 / (1 + 7.2 * 0.1), within(1e-12));
    }

    @Test
    void theIntervalsHoldTheTruthAsOftenAsTheySay() {
        // Truths are drawn from the population the prior describes; then coverage is exact but for the drawing.
        SplittableRandom random = new SplittableRandom(5);
        int in80 = 0;
        int in95 = 0;
        int draws = 4000;
        for (int i = 0; i < draws; i++) {
            double truth = random.nextDouble();
            int successes = 0;
            int chances = 3 + random.nextInt(20);
            for (int k = 0; k < chances; k++) {
                successes += random.nextDouble() < truth ? 1 : 0;
            }
            Share share = share(single(successes, chances), 0);
            in80 += share.low80() <= truth && truth <= share.high80() ? 1 : 0;
            in95 += share.low95() <= truth && truth <= share.high95() ? 1 : 0;
        }
        assertThat(in80 / (double) draws).isCloseTo(0.80, within(0.02));
        assertThat(in95 / (double) draws).isCloseTo(0.95, within(0.012));
    }

    @Test
    void theSidePreferenceIsTheMassOnTheOneSide() {
        assertThat(UNIFORM.after(single(5, 10), BoutCount.YES, 0).below(0.5)).isCloseTo(0.5, within(1e-9));
        // P(Beta(2, 1) < 1/2) = 1/4.
        assertThat(UNIFORM.after(single(1, 1), BoutCount.YES, 0).below(0.5)).isCloseTo(0.25, within(1e-9));
    }

    @Test
    void whatWasNeverSeenHasTheExactBound() {
        assertThat(Share.neverSeenBound(41)).isCloseTo(0.0705, within(0.0001));
        assertThat(Share.neverSeenBound(1)).isCloseTo(0.95, within(1e-12));
        assertThat(Share.neverSeenBound(0)).isEqualTo(1);
        assertThatIllegalArgumentException().isThrownBy(() -> Share.neverSeenBound(Double.NaN));
        assertThatIllegalArgumentException().isThrownBy(() -> Share.neverSeenBound(-1));
    }

    @Test
    void endsInTheWrongOrderAreRefusedWithEachInItsPlace() {
        assertThatIllegalArgumentException()
                .isThrownBy(() -> new Share(0.1, 0.5, 0.4, 0.6, 0.7, 1, 2, 1, 2, OptionalDouble.empty(), 0))
                .withMessageContaining("0.1, 0.5, 0.4, 0.6, 0.7, 1 of 2, 2.0 effective");
        assertThatIllegalArgumentException()
                .isThrownBy(() -> new Share(0, 0, Double.NaN, 1, 1, 0, 0, 0, 0, OptionalDouble.empty(), 0));
    }

    @Test
    void fewOthersGiveTheWeakBeliefAlone() {
        List<Choices> seven = Collections.nCopies(7, single(2, 10));
        Prior few = Population.of(seven).all(0).prior(BoutCount.YES, 0.5, Prior.SHOWN);
        assertThat(few.comparable()).isFalse();
        assertThat(few.belief().parts()).hasSize(1);
        assertThat(few.belief().mean()).isCloseTo((few.mean() + 0.5) / 2, within(1e-12));
        Prior alike =
                Population.of(Collections.nCopies(30, single(3, 10))).all(0).prior(BoutCount.YES, 0.5, Prior.SHOWN);
        assertThat(alike.comparable()).isTrue();
        assertThat(alike.mean()).isCloseTo(0.3, within(0.01));
        assertThat(alike.belief().parts().get(0).successes()
                        + alike.belief().parts().get(0).failures())
                .isCloseTo(Spread.MOST, within(1e-9));
    }

    @Test
    void aPopulationOfKnownSpreadIsRecognised() {
        // Shares drawn from Beta(1, 1): strength 2.
        SplittableRandom random = new SplittableRandom(9);
        List<Choices> athletes = new ArrayList<>();
        for (int i = 0; i < 3000; i++) {
            double truth = random.nextDouble();
            int successes = 0;
            for (int k = 0; k < 12; k++) {
                successes += random.nextDouble() < truth ? 1 : 0;
            }
            athletes.add(single(successes, 12));
        }
        Spread spread = Population.of(athletes).all(0).spread(BoutCount.YES);
        assertThat(spread.mean()).isCloseTo(0.5, within(0.02));
        assertThat(spread.strength()).isCloseTo(2, within(0.15));
    }

    @Test
    void theLikenessOfMomentsOfABoutIsRecovered() {
        // Each bout has its own share, Beta(a, a) round one half: the correlation is 1 / (2a + 1).
        SplittableRandom random = new SplittableRandom(12);
        List<Choices> athletes = new ArrayList<>();
        for (int athlete = 0; athlete < 400; athlete++) {
            List<BoutCount> bouts = new ArrayList<>();
            for (int bout = 0; bout < 6; bout++) {
                double truth = 0.5 + 0.5 * (random.nextBoolean() ? 0.6 : -0.6);
                int successes = 0;
                for (int k = 0; k < 8; k++) {
                    successes += random.nextDouble() < truth ? 1 : 0;
                }
                bouts.add(new BoutCount(1, successes, 8));
            }
            athletes.add(BoutCount.choices(bouts));
        }
        // Shares 0.2 or 0.8: variance 0.09 of 0.25.
        assertThat(Population.of(athletes).likeness(List.of(BoutCount.YES))).isCloseTo(0.36, within(0.03));
        assertThat(Population.of(List.of(single(3, 5))).likeness(List.of(BoutCount.YES)))
                .isEqualTo(Likeness.USUAL);
    }

    /** The naive way: every athlete asked for every option, and the athlete under study taken out of the list first. */
    @Test
    void whoNeverTookAnOptionCountsAsIfLookedAt() {
        SplittableRandom random = new SplittableRandom(21);
        Map<String, Choices> byName = new LinkedHashMap<>();
        for (int athlete = 0; athlete < 40; athlete++) {
            List<OptionsTaken> bouts = new ArrayList<>();
            for (int bout = random.nextInt(5); bout >= 0; bout--) {
                List<String> taken = new ArrayList<>();
                for (int k = random.nextInt(9); k > 0; k--) {
                    taken.add("option " + random.nextInt(1 + athlete % 12));
                }
                bouts.add(OptionsTaken.of(taken));
            }
            byName.put("athlete " + athlete, Choices.alike(bouts));
        }
        Population.Gathering gathering = new Population.Gathering();
        byName.forEach(gathering::add);
        Population population = gathering.gathered();
        List<Choices> others = new ArrayList<>(byName.values());
        others.remove(3);
        for (String option : List.of("option 0", "option 5", "option 11", "never")) {
            Spread spread = population.without("athlete 3", 0.2).spread(option);
            double sum = 0;
            double successes = 0;
            for (Choices other : others) {
                sum += other.effective(option, 0.2).chances();
                successes += other.effective(option, 0.2).successes();
            }
            double mean = (successes + 0.5) / (sum + 1);
            double squares = 0;
            double off = 0;
            for (Choices other : others) {
                double n = other.effective(option, 0.2).chances();
                squares += n * n;
                off += n == 0 ? 0 : n * Math.pow(other.effective(option, 0.2).successes() / n - mean, 2);
            }
            int spare =
                    (int) others.stream().filter(other -> other.chances() > 0).count() - 1;
            double variance = mean * (1 - mean);
            double alike = (off - variance * spare) / (variance * (sum - squares / sum - spare));
            double strength = alike > 0 ? Math.max(1, Math.min(60, 1 / alike - 1)) : 60;
            double weighed = 0;
            for (Choices other : others) {
                double n = other.effective(option, 0.2).chances();
                weighed += n * (1 + Math.max(0, n - 1) / (strength + 1));
            }
            assertThat(spread.athletes()).isEqualTo(spare + 1);
            assertThat(spread.mean()).isCloseTo(mean, within(1e-12));
            assertThat(spread.strength()).isCloseTo(strength, within(1e-8));
            assertThat(spread.worth()).isCloseTo(Math.max(1, sum * sum / weighed - 1), within(1e-8));
        }
    }
}
