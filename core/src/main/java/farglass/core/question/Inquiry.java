package farglass.core.question;

import farglass.core.bout.Seat;
import farglass.core.corpus.BoutCounts;
import farglass.core.corpus.Corpus;
import farglass.core.corpus.Counted;
import farglass.core.corpus.EachTally;
import farglass.core.corpus.Evidence;
import farglass.core.corpus.Scope;
import farglass.core.corpus.Stays;
import farglass.core.corpus.Stretches;
import farglass.core.corpus.Tally;
import farglass.core.corpus.Timed;
import farglass.core.estimate.BoutRate;
import farglass.core.estimate.Choices;
import farglass.core.estimate.Comparison;
import farglass.core.estimate.Exposure;
import farglass.core.estimate.OptionShares;
import farglass.core.estimate.Population;
import farglass.core.estimate.Posterior;
import farglass.core.estimate.Prior;
import farglass.core.estimate.Rate;
import farglass.core.estimate.Rates;
import farglass.core.estimate.Share;
import farglass.core.estimate.Shares;
import farglass.core.estimate.TimeShare;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Supplier;
import java.util.stream.IntStream;

/** Puts questions to one athlete's bouts within a scope, and to all others', so that the one can be held against them. */
public final class Inquiry {
    /** What is believed of a rate that was never seen of anybody: once in ten minutes. */
    private static final double USUAL_PER_MINUTE = 0.1;

    private final String athlete;
    private final Corpus corpus;
    private final List<BoutCounts> sheets;
    private final List<Double> weights;
    /** Which of the athlete's bouts lie within the scope, by their place among all of them. */
    private final List<Integer> places = new ArrayList<>();

    /** @param corpus every bout of the library, whole */
    public Inquiry(String athlete, Corpus corpus, Scope scope) {
        this.athlete = athlete;
        this.corpus = corpus.within(scope.within());
        List<BoutCounts> all = this.corpus.counts(athlete);
        for (int i = 0; i < all.size(); i++) {
            // Of a bout that has no such part nothing was watched.
            boolean some = scope.within().isWhole() || all.get(i).watchedMinutes() > 0;
            if (some && scope.holds(all.get(i).bout(), athlete, corpus)) {
                places.add(i);
            }
        }
        this.sheets = places.stream().map(all::get).toList();
        this.weights = sheets.stream()
                .map(sheet -> scope.weight(sheet.bout().header()))
                .toList();
    }

    /** {@return the athlete's own bouts that count and lie within the scope, the newest first} */
    List<BoutCounts> sheets() {
        return sheets;
    }

    private Seat seat(BoutCounts sheet) {
        return sheet.bout().header().seatOf(athlete).orElseThrow();
    }

    /** {@return which of a technique and its variants are counted together} */
    String together(String technique) {
        return corpus.lexicon().together(technique);
    }

    /** One question as it is answered by everybody. */
    private final class Asked {
        private final List<Counted> counted;
        private final Choices own;
        private final Population population;

        Asked(Tally tally) {
            this(counted(tally), weights, () -> corpus.population(tally));
        }

        /** @param population not asked for where she had no chance: then nothing is said, and nobody need be counted */
        Asked(List<Counted> counted, List<Double> weights, Supplier<Population> population) {
            this.counted = counted;
            this.own = new Choices(counted.stream().map(Counted::taken).toList(), weights);
            this.population = own.chances() == 0 ? Population.NOBODY : population.get();
        }

        /** Moments of a bout are as alike as all options together say. */
        Population.Others others(Collection<String> options) {
            return population.without(athlete, population.likeness(options));
        }
    }

    private List<Counted> counted(Tally tally) {
        List<Counted> all = corpus.counted(tally, athlete);
        return places.stream().map(all::get).toList();
    }

    /** {@return the moments of each option; the option met most often first} */
    Map<String, List<Evidence>> listed(Tally tally) {
        Map<String, List<Evidence>> unsorted = new LinkedHashMap<>();
        counted(tally).forEach(bout -> bout.evidence()
                .forEach((option, each) -> unsorted.computeIfAbsent(option, any -> new ArrayList<>())
                        .addAll(each)));
        Map<String, List<Evidence>> listed = new LinkedHashMap<>();
        unsorted.entrySet().stream()
                .sorted(Comparator.comparingInt((Map.Entry<String, List<Evidence>> option) ->
                        -option.getValue().size()))
                .forEach(option -> listed.put(option.getKey(), option.getValue()));
        return listed;
    }

    /** {@return a question with several options, of which one is taken at each chance; only options that the athlete took are reported} */
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
                        new Compared(
                                new Comparison(claiming.posterior(asked.own, option), mean),
                                way -> claiming.against(option, way == Claims.Direction.MORE)));
            }
        });
        return new Count(asked.counted, asked.own.chances(), shares, compared, Map.of());
    }

    /**
     * {@return what the others usually take at such chances and she was never seen to, what they take most often first, with the bound
     * that her chances give; empty where the others are too few}
     *
     * @param usual a share of theirs from which on it is usual, in (0, 1)
     */
    Map<String, Share> never(Tally tally, double usual) {
        Asked asked = new Asked(tally);
        Map<String, Share> never = new LinkedHashMap<>();
        for (String option : asked.population.options()) {
            if (asked.own.taken(option) == 0) {
                Share share = share(asked, option, asked.others(List.of(option)));
                if (share.population().isPresent() && share.population().getAsDouble() >= usual) {
                    never.put(option, share);
                }
            }
        }
        Map<String, Share> sorted = new LinkedHashMap<>();
        never.entrySet().stream()
                .sorted(Comparator.comparingDouble((Map.Entry<String, Share> each) ->
                        -each.getValue().population().getAsDouble()))
                .forEach(each -> sorted.put(each.getKey(), each.getValue()));
        return sorted;
    }

    /** The bouts that have chances of one sort, and their weights. */
    private record OfSort(List<Counted> counted, List<Double> weights) {
        int chances() {
            return counted.stream().mapToInt(bout -> bout.taken().chances()).sum();
        }
    }

    /** {@return by sort of chances, a question of yes or no of which nothing is to be claimed; the sort met most often first} */
    Map<String, Count> each(EachTally tally, String yes) {
        List<Map<String, Counted>> all = corpus.counted(tally, athlete);
        Map<String, OfSort> sorts = new LinkedHashMap<>();
        for (int i = 0; i < places.size(); i++) {
            double weight = weights.get(i);
            all.get(places.get(i)).forEach((sort, counted) -> {
                OfSort of = sorts.computeIfAbsent(sort, any -> new OfSort(new ArrayList<>(), new ArrayList<>()));
                of.counted.add(counted);
                of.weights.add(weight);
            });
        }
        Map<String, Population> populations = sorts.isEmpty() ? Map.of() : corpus.populations(tally);
        Map<String, Count> each = new LinkedHashMap<>();
        sorts.entrySet().stream()
                .sorted(Comparator.comparingInt(
                        (Map.Entry<String, OfSort> sort) -> -sort.getValue().chances()))
                .forEach(sort -> {
                    OfSort of = sort.getValue();
                    Asked asked = new Asked(of.counted, of.weights, () -> populations.get(sort.getKey()));
                    each.put(
                            sort.getKey(),
                            new Count(
                                    asked.counted,
                                    asked.own.chances(),
                                    Map.of(yes, share(asked, yes, asked.others(List.of(yes)))),
                                    Map.of(),
                                    Map.of()));
                });
        return each;
    }

    private static Share share(Asked asked, String yes, Population.Others others) {
        return Shares.yesOrNo(asked.own, yes, Prior.learned(others, yes, 0.5, Prior.SHOWN), others.likeness());
    }

    /** {@return a question of yes or no; {@code yes} is the option that counts as success} */
    Count yesOrNo(Tally tally, String yes) {
        Asked asked = new Asked(tally);
        Population.Others others = asked.others(List.of(yes));
        Share share = share(asked, yes, others);
        Map<String, Compared> compared = Shares.comparison(asked.own, others, yes)
                .map(comparison -> Map.of(
                        yes,
                        new Compared(
                                comparison,
                                way -> others.against(
                                        yes,
                                        way == Claims.Direction.MORE,
                                        Prior.learned(others, yes, 0.5, Comparison.WEAK)))))
                .orElse(Map.of());
        Map<String, Changed> trends = changed(asked.counted, yes, others.likeness())
                .map(changed -> Map.of(yes, changed))
                .orElse(Map.of());
        return new Count(asked.counted, asked.own.chances(), Map.of(yes, share), compared, trends);
    }

    /** {@return what is believed of the option's share where claims are made, others or none} */
    Posterior posterior(Tally tally, String option) {
        Asked asked = new Asked(tally);
        Population.Others others = asked.others(List.of(option));
        return Shares.posterior(
                asked.own, option, Prior.learned(others, option, 0.5, Comparison.WEAK), others.likeness());
    }

    /** Only bouts with a date tell of the years. */
    private Optional<Changed> changed(List<Counted> counted, String yes, double likeness) {
        List<Changed.Dated> dated = new ArrayList<>();
        for (int i = 0; i < counted.size(); i++) {
            Counted bout = counted.get(i);
            double weight = weights.get(i);
            if (bout.taken().chances() > 0) {
                sheets.get(i)
                        .bout()
                        .header()
                        .date()
                        .ifPresent(day -> dated.add(new Changed.Dated(
                                day, weight, bout.of(yes).size(), bout.taken().chances())));
            }
        }
        return Changed.of(dated, likeness);
    }

    /** {@return how often an option came in the time that was watched; empty where no time was} */
    Optional<Rate> perMinute(Tally tally, String option, Optional<Stretches> stretches) {
        List<BoutRate> own = new ArrayList<>();
        List<Counted> counted = counted(tally);
        for (int i = 0; i < counted.size(); i++) {
            double minutes = Corpus.minutes(sheets.get(i), seat(sheets.get(i)), option, stretches);
            counted.get(i).rate(minutes, option, weights.get(i)).ifPresent(own::add);
        }
        if (own.isEmpty()) {
            return Optional.empty();
        }
        Map<String, Exposure> others = new LinkedHashMap<>(corpus.rates(tally, option, stretches));
        others.remove(athlete);
        return Optional.of(Rates.of(Exposure.of(own), others.values(), USUAL_PER_MINUTE));
    }

    /** {@return the stays asked about, those of the newest bout first} */
    List<Timed> stays(Stays asked) {
        return sheets.stream()
                .flatMap(sheet -> sheet.stays(asked, seat(sheet)).stream())
                .toList();
    }

    /** {@return the stays asked about of the bout at that place} */
    List<Timed> stays(Stays asked, int place) {
        BoutCounts sheet = sheets.get(place);
        return sheet.stays(asked, seat(sheet));
    }

    /** {@return by bout, so many seconds of the time that was watched of it} */
    List<TimeShare.OfBout> timeOf(double[] seconds) {
        return IntStream.range(0, sheets.size())
                .mapToObj(i -> {
                    double watched = 60 * sheets.get(i).watchedMinutes();
                    return new TimeShare.OfBout(Math.min(seconds[i], watched), watched, weights.get(i));
                })
                .toList();
    }
}
