package farglass.core.profile;

import farglass.core.bout.Seat;
import farglass.core.corpus.BoutSheet;
import farglass.core.corpus.Corpus;
import farglass.core.corpus.Evidence;
import farglass.core.corpus.Tally;
import farglass.core.estimate.BoutCount;
import farglass.core.estimate.Comparison;
import farglass.core.estimate.Likeness;
import farglass.core.estimate.OptionShares;
import farglass.core.estimate.Posterior;
import farglass.core.estimate.Prior;
import farglass.core.estimate.Share;
import farglass.core.estimate.Shares;
import farglass.core.study.Weighing;
import java.util.ArrayList;
import java.util.Collections;
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

    /** A question with several options; only options the athlete took are reported. */
    Count options(Tally tally) {
        Map<String, List<List<Evidence>>> all = put(tally);
        List<Evidence> own = all.get(athlete).stream().flatMap(List::stream).toList();
        Set<String> options = new LinkedHashSet<>();
        all.values().forEach(bouts -> bouts.forEach(bout -> bout.forEach(each -> options.add(each.option()))));
        List<List<List<String>>> others = new ArrayList<>();
        all.forEach((name, bouts) -> {
            if (!name.equals(athlete)) {
                others.add(taken(bouts));
            }
        });
        // Moments of a bout are as alike as all options together say.
        double likeness = Likeness.pooled(
                options.stream().flatMap(option -> counts(all, option).stream()).toList());
        List<Double> weights =
                own().stream().map(bout -> weighing.of(bout.bout().header())).toList();
        Map<String, Share> estimated = new OptionShares(others, List.copyOf(options), likeness, Prior.SHOWN)
                .of(taken(all.get(athlete)), weights);
        Map<String, Share> shares = new LinkedHashMap<>();
        estimated.entrySet().stream()
                .sorted(Comparator.comparingInt((Map.Entry<String, Share> share) ->
                                share.getValue().successes())
                        .reversed())
                .forEach(share -> shares.put(share.getKey(), share.getValue()));
        OptionShares claiming = new OptionShares(others, List.copyOf(options), likeness, Comparison.WEAK);
        return new Count(own, shares, compared(claiming, taken(all.get(athlete)), weights, others));
    }

    private static Map<String, Compared> compared(
            OptionShares shares, List<List<String>> own, List<Double> weights, List<List<List<String>>> others) {
        Map<String, Posterior> posteriors = shares.posteriors(own, weights);
        List<Map<String, Posterior>> each = others.stream()
                .filter(bouts -> bouts.stream().anyMatch(bout -> !bout.isEmpty()))
                .map(bouts -> shares.posteriors(bouts, Collections.nCopies(bouts.size(), 1.0)))
                .toList();
        Map<String, Compared> compared = new LinkedHashMap<>();
        shares.others()
                .forEach((option, mean) -> compared.put(
                        option,
                        new Compared(
                                new Comparison(posteriors.get(option), mean),
                                each.stream().map(other -> other.get(option)).toList())));
        return compared;
    }

    /** A question of yes or no; {@code yes} is the option that counts as success. */
    Count yesOrNo(Tally tally, String yes) {
        Map<String, List<List<Evidence>>> all = put(tally);
        List<Evidence> own = all.get(athlete).stream().flatMap(List::stream).toList();
        double likeness = Likeness.pooled(counts(all, yes));
        Share share = Shares.yesOrNo(
                counts(all.get(athlete), own(), yes),
                Prior.learned(others(all, yes), 0.5, likeness, Prior.SHOWN),
                likeness);
        return new Count(own, Map.of(yes, share), compared(all, yes, likeness));
    }

    private Map<String, Compared> compared(Map<String, List<List<Evidence>>> all, String yes, double likeness) {
        List<List<BoutCount>> others = others(all, yes);
        Prior prior = Prior.learned(others, 0.5, likeness, Comparison.WEAK);
        List<Posterior> each = others.stream()
                .filter(bouts -> bouts.stream().anyMatch(bout -> bout.chances() > 0))
                .map(bouts -> Shares.posterior(bouts, prior, likeness))
                .toList();
        return Shares.comparison(counts(all.get(athlete), own(), yes), others, likeness)
                .map(comparison -> Map.of(yes, new Compared(comparison, each)))
                .orElse(Map.of());
    }

    /** {@return what is believed of the option's share where claims are made, others or none} */
    Posterior posterior(Tally tally, String option) {
        Map<String, List<List<Evidence>>> all = put(tally);
        double likeness = Likeness.pooled(counts(all, option));
        return Shares.posterior(
                counts(all.get(athlete), own(), option),
                Prior.learned(others(all, option), 0.5, likeness, Comparison.WEAK),
                likeness);
    }

    private Map<String, List<List<Evidence>>> put(Tally tally) {
        Map<String, List<List<Evidence>>> all = new LinkedHashMap<>();
        all.put(athlete, List.of());
        for (String name : corpus.athletes()) {
            all.put(
                    name,
                    of(name).stream()
                            .map(bout -> bout.counted(
                                    tally, bout.bout().header().seatOf(name).orElseThrow()))
                            .toList());
        }
        return all;
    }

    private List<List<BoutCount>> others(Map<String, List<List<Evidence>>> all, String option) {
        List<List<BoutCount>> others = new ArrayList<>();
        all.forEach((name, bouts) -> {
            if (!name.equals(athlete)) {
                others.add(bouts.stream().map(bout -> count(bout, 1, option)).toList());
            }
        });
        return others;
    }

    private static List<List<BoutCount>> counts(Map<String, List<List<Evidence>>> all, String option) {
        return all.values().stream()
                .map(bouts -> bouts.stream().map(bout -> count(bout, 1, option)).toList())
                .toList();
    }

    private static List<List<String>> taken(List<List<Evidence>> bouts) {
        return bouts.stream()
                .map(bout -> bout.stream().map(Evidence::option).toList())
                .toList();
    }

    private List<BoutCount> counts(List<List<Evidence>> evidence, List<BoutSheet> bouts, String option) {
        List<BoutCount> counts = new ArrayList<>();
        for (int i = 0; i < evidence.size(); i++) {
            counts.add(count(evidence.get(i), weighing.of(bouts.get(i).bout().header()), option));
        }
        return counts;
    }

    private static BoutCount count(List<Evidence> bout, double weight, String option) {
        int taken =
                (int) bout.stream().filter(each -> each.option().equals(option)).count();
        return new BoutCount(weight, taken, bout.size());
    }
}
