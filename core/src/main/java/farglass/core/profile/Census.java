package farglass.core.profile;

import farglass.core.bout.Seat;
import farglass.core.corpus.BoutSheet;
import farglass.core.corpus.Corpus;
import farglass.core.corpus.Counted;
import farglass.core.corpus.Evidence;
import farglass.core.corpus.Tally;
import farglass.core.estimate.Choices;
import farglass.core.estimate.Comparison;
import farglass.core.estimate.OptionShares;
import farglass.core.estimate.Population;
import farglass.core.estimate.Posterior;
import farglass.core.estimate.Prior;
import farglass.core.estimate.Share;
import farglass.core.estimate.Shares;
import farglass.core.question.Claims;
import farglass.core.study.Weighing;
import java.util.Collection;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;

/** Puts a question to every athlete of the library, so that one of them can be held against the others. */
final class Census {
    /** So many chances a belief about others is often worth: good enough for an order. */
    private static final double USUAL_STRENGTH = 8;

    private final String athlete;
    private final Corpus corpus;
    private final Weighing weighing;

    Census(String athlete, Corpus corpus, Weighing weighing) {
        this.athlete = athlete;
        this.corpus = corpus;
        this.weighing = weighing;
    }

    /** {@return the athlete's own watched bouts} */
    List<BoutSheet> own() {
        return of(athlete);
    }

    private List<BoutSheet> of(String name) {
        return corpus.of(name);
    }

    Seat seat(BoutSheet bout) {
        return bout.bout().header().seatOf(athlete).orElseThrow();
    }

    /**
     * One question's result.
     *
     * @param shares of its options, the most frequent first
     * @param compared the same held against the others', where enough of them had such chances
     */
    record Count(List<Evidence> evidence, Map<String, Share> shares, Map<String, Compared> compared) {
        int chances() {
            return evidence.size();
        }

        List<Evidence> evidence(String option) {
            return evidence.stream()
                    .filter(each -> each.option().equals(option))
                    .toList();
        }
    }

    /** One question as it is answered by everybody. */
    private final class Asked {
        private final List<Counted> counted;
        private final Choices own;
        private final Population population;

        Asked(Tally tally) {
            counted = corpus.counted(tally, athlete);
            own = new Choices(
                    counted.stream().map(Counted::taken).toList(),
                    own().stream()
                            .map(bout -> weighing.of(bout.bout().header()))
                            .toList());
            population = corpus.population(tally);
        }

        List<Evidence> evidence() {
            return counted.stream().flatMap(bout -> bout.evidence().stream()).toList();
        }

        /** Moments of a bout are as alike as all options together say. */
        Population.Others others(Collection<String> options) {
            return population.without(athlete, population.likeness(options));
        }
    }

    /** A question with several options; only options the athlete took are reported. */
    Count options(Tally tally) {
        Asked asked = new Asked(tally);
        List<String> options = List.copyOf(asked.population.options());
        Population.Others others = asked.others(options);
        Map<String, Share> shares = new LinkedHashMap<>();
        new OptionShares(others, options, Prior.SHOWN)
                .of(asked.own).entrySet().stream()
                        .sorted(Comparator.comparingInt((Map.Entry<String, Share> share) ->
                                        share.getValue().successes())
                                .reversed())
                        .forEach(share -> shares.put(share.getKey(), share.getValue()));
        OptionShares claiming = new OptionShares(others, options, Comparison.WEAK);
        Map<String, Compared> compared = new LinkedHashMap<>();
        claiming.others().forEach((option, mean) -> {
            if (shares.containsKey(option)) {
                compared.put(
                        option,
                        new Compared(new Comparison(claiming.posterior(asked.own, option), mean), way -> nearest(
                                        others, option, mean.mean(), way)
                                .map(other -> claiming.posterior(other, option))));
            }
        });
        return new Count(asked.evidence(), shares, compared);
    }

    /** A question of yes or no; {@code yes} is the option that counts as success. */
    Count yesOrNo(Tally tally, String yes) {
        Asked asked = new Asked(tally);
        Population.Others others = asked.others(List.of(yes));
        Share share = Shares.yesOrNo(asked.own, yes, Prior.learned(others, yes, 0.5, Prior.SHOWN), others.likeness());
        Map<String, Compared> compared = Shares.comparison(asked.own, others, yes)
                .map(comparison -> Map.of(yes, new Compared(comparison, way -> {
                    Prior prior = Prior.learned(others, yes, 0.5, Comparison.WEAK);
                    return nearest(others, yes, prior.mean(), way)
                            .map(other -> Shares.posterior(other, yes, prior, others.likeness()));
                })))
                .orElse(Map.of());
        return new Count(asked.evidence(), Map.of(yes, share), compared);
    }

    /** {@return the others, roughly in the order in which they may speak against that claim} */
    private static Stream<Choices> nearest(Population.Others others, String option, double mean, Claims.Direction way) {
        Comparator<Choices> share = Comparator.comparingDouble(
                other -> (other.taken(option) + mean * USUAL_STRENGTH) / (other.chances() + USUAL_STRENGTH));
        return others.each().stream().sorted(way == Claims.Direction.MORE ? share.reversed() : share);
    }

    /** {@return what is believed of the option's share where claims are made, others or none} */
    Posterior posterior(Tally tally, String option) {
        Asked asked = new Asked(tally);
        Population.Others others = asked.others(List.of(option));
        return Shares.posterior(
                asked.own, option, Prior.learned(others, option, 0.5, Comparison.WEAK), others.likeness());
    }
}
