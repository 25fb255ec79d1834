package farglass.core.profile;

import farglass.core.bout.Seat;
import farglass.core.corpus.BoutSheet;
import farglass.core.corpus.Corpus;
import farglass.core.corpus.Counted;
import farglass.core.corpus.Evidence;
import farglass.core.corpus.Tally;
import farglass.core.estimate.Choices;
import farglass.core.estimate.Comparison;
import farglass.core.estimate.Likeness;
import farglass.core.estimate.OptionShares;
import farglass.core.estimate.Posterior;
import farglass.core.estimate.Prior;
import farglass.core.estimate.Share;
import farglass.core.estimate.Shares;
import farglass.core.study.Weighing;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** Puts a question to every athlete of the library, so that one of them can be held against the others. */
final class Census {
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
        private final List<Choices> others = new ArrayList<>();
        private final List<Choices> all = new ArrayList<>();
        private final Set<String> options = new LinkedHashSet<>();

        Asked(Tally tally) {
            counted = corpus.counted(tally, athlete);
            own = new Choices(
                    counted.stream().map(Counted::taken).toList(),
                    own().stream()
                            .map(bout -> weighing.of(bout.bout().header()))
                            .toList());
            evidence().forEach(each -> options.add(each.option()));
            all.add(corpus.alike(tally, athlete));
            for (String name : corpus.athletes()) {
                if (!name.equals(athlete)) {
                    Choices other = corpus.alike(tally, name);
                    others.add(other);
                    options.addAll(other.options());
                }
            }
            all.addAll(others);
        }

        List<Evidence> evidence() {
            return counted.stream().flatMap(bout -> bout.evidence().stream()).toList();
        }

        /** {@return the others who had such chances} */
        List<Choices> asked() {
            return others.stream().filter(other -> other.chances() > 0).toList();
        }
    }

    /** A question with several options; only options the athlete took are reported. */
    Count options(Tally tally) {
        Asked asked = new Asked(tally);
        List<String> options = List.copyOf(asked.options);
        // Moments of a bout are as alike as all options together say.
        double likeness = Likeness.pooled(asked.all, options);
        Map<String, Share> estimated = new OptionShares(asked.others, options, likeness, Prior.SHOWN).of(asked.own);
        Map<String, Share> shares = new LinkedHashMap<>();
        estimated.entrySet().stream()
                .sorted(Comparator.comparingInt((Map.Entry<String, Share> share) ->
                                share.getValue().successes())
                        .reversed())
                .forEach(share -> shares.put(share.getKey(), share.getValue()));
        OptionShares claiming = new OptionShares(asked.others, options, likeness, Comparison.WEAK);
        Map<String, Compared> compared = new LinkedHashMap<>();
        claiming.others()
                .forEach((option, mean) -> compared.put(
                        option,
                        new Compared(
                                new Comparison(claiming.posterior(asked.own, option), mean),
                                asked.asked().stream()
                                        .map(other -> claiming.posterior(other, option))
                                        .toList())));
        return new Count(asked.evidence(), shares, compared);
    }

    /** A question of yes or no; {@code yes} is the option that counts as success. */
    Count yesOrNo(Tally tally, String yes) {
        Asked asked = new Asked(tally);
        double likeness = Likeness.pooled(asked.all, List.of(yes));
        Share share =
                Shares.yesOrNo(asked.own, yes, Prior.learned(asked.others, yes, 0.5, likeness, Prior.SHOWN), likeness);
        Prior prior = Prior.learned(asked.others, yes, 0.5, likeness, Comparison.WEAK);
        Map<String, Compared> compared = Shares.comparison(asked.own, asked.others, yes, likeness)
                .map(comparison -> Map.of(
                        yes,
                        new Compared(
                                comparison,
                                asked.asked().stream()
                                        .map(other -> Shares.posterior(other, yes, prior, likeness))
                                        .toList())))
                .orElse(Map.of());
        return new Count(asked.evidence(), Map.of(yes, share), compared);
    }

    /** {@return what is believed of the option's share where claims are made, others or none} */
    Posterior posterior(Tally tally, String option) {
        Asked asked = new Asked(tally);
        double likeness = Likeness.pooled(asked.all, List.of(option));
        return Shares.posterior(
                asked.own, option, Prior.learned(asked.others, option, 0.5, likeness, Comparison.WEAK), likeness);
    }
}
