package farglass.core.profile;

import farglass.core.bout.Bout;
import farglass.core.bout.Seat;
import farglass.core.estimate.BoutCount;
import farglass.core.estimate.Likeness;
import farglass.core.estimate.Prior;
import farglass.core.estimate.Share;
import farglass.core.estimate.Shares;
import farglass.core.lexicon.Lexicon;
import farglass.core.state.Counting;
import farglass.core.study.Weighing;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** Puts a question to every athlete of the library, so that one of them can be held against the others. */
final class Census {
    private final String athlete;
    private final Weighing weighing;
    private final List<Watched> watched;
    private final Set<String> names = new LinkedHashSet<>();

    Census(String athlete, Collection<Bout> bouts, Weighing weighing, Lexicon lexicon) {
        this.athlete = athlete;
        this.weighing = weighing;
        this.watched = bouts.stream()
                .filter(bout -> Counting.standing(bout) == Counting.Standing.COUNTS)
                .map(bout -> Watched.of(bout, lexicon))
                // The newest first: evidence is read from the top.
                .sorted(Comparator.comparing(
                                (Watched bout) -> bout.bout().header().date().orElse(java.time.LocalDate.MIN))
                        .reversed()
                        .thenComparing(bout -> bout.bout().id()))
                .toList();
        watched.forEach(bout -> {
            names.add(bout.bout().header().a().name());
            names.add(bout.bout().header().b().name());
        });
        names.remove("unknown");
    }

    /** {@return the athlete's own watched bouts} */
    List<Watched> own() {
        return of(athlete);
    }

    private List<Watched> of(String name) {
        return watched.stream()
                .filter(bout -> bout.bout().header().seatOf(name).isPresent())
                .toList();
    }

    Seat seat(Watched bout) {
        return bout.bout().header().seatOf(athlete).orElseThrow();
    }

    /** One question's result: shares of its options, the most frequent first. */
    record Count(List<Evidence> evidence, Map<String, Share> shares) {
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
        Map<String, Prior> priors = new LinkedHashMap<>();
        options.forEach(option -> priors.put(option, Prior.learned(others(all, option), 1.0 / options.size())));
        // One strength for all options makes it one Dirichlet prior; the weakest of them claims least.
        double strength =
                priors.values().stream().mapToDouble(Prior::strength).min().orElse(Prior.WEAK);
        double total = priors.values().stream().mapToDouble(Prior::mean).sum();
        Map<String, Share> shares = new LinkedHashMap<>();
        options.stream()
                .filter(option -> own.stream().anyMatch(each -> each.option().equals(option)))
                .sorted(Comparator.comparingLong((String option) -> own.stream()
                                .filter(each -> each.option().equals(option))
                                .count())
                        .reversed())
                .forEach(option -> {
                    Prior prior = priors.get(option);
                    // The means of several separate fits add up to one only after this; 0.999 keeps a lone option open.
                    double mean = Math.min(0.999, prior.mean() / total);
                    shares.put(
                            option,
                            Shares.option(
                                    counts(all.get(athlete), own(), option),
                                    new Prior(mean, strength, prior.others(), prior.comparable()),
                                    likeness(all, option)));
                });
        return new Count(own, shares);
    }

    /** A question of yes or no; {@code yes} is the option that counts as success. */
    Count yesOrNo(Tally tally, String yes) {
        Map<String, List<List<Evidence>>> all = put(tally);
        List<Evidence> own = all.get(athlete).stream().flatMap(List::stream).toList();
        Share share = Shares.yesOrNo(
                counts(all.get(athlete), own(), yes), Prior.learned(others(all, yes), 0.5), likeness(all, yes));
        return new Count(own, Map.of(yes, share));
    }

    /** {@return the posterior probability that the option's share is above that value} */
    double probabilityAbove(double value, Tally tally, String option) {
        Map<String, List<List<Evidence>>> all = put(tally);
        return Shares.probabilityAbove(
                value,
                counts(all.get(athlete), own(), option),
                Prior.learned(others(all, option), 0.5),
                likeness(all, option));
    }

    private Map<String, List<List<Evidence>>> put(Tally tally) {
        Map<String, List<List<Evidence>>> all = new LinkedHashMap<>();
        all.put(athlete, List.of());
        for (String name : names) {
            all.put(
                    name,
                    of(name).stream()
                            .map(bout -> tally.in(
                                    bout, bout.bout().header().seatOf(name).orElseThrow()))
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

    private static double likeness(Map<String, List<List<Evidence>>> all, String option) {
        return Likeness.pooled(all.values().stream()
                .map(bouts -> bouts.stream().map(bout -> count(bout, 1, option)).toList())
                .toList());
    }

    private List<BoutCount> counts(List<List<Evidence>> evidence, List<Watched> bouts, String option) {
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
