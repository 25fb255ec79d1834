package farglass.core.question;

import farglass.core.corpus.AthleteCounts;
import farglass.core.corpus.BoutCounts;
import farglass.core.corpus.Corpus;
import farglass.core.corpus.EachTally;
import farglass.core.corpus.Evidence;
import farglass.core.corpus.OfOption;
import farglass.core.corpus.Stays;
import farglass.core.corpus.Stretches;
import farglass.core.corpus.Tally;
import farglass.core.corpus.TimedStay;
import farglass.core.estimate.Choices;
import farglass.core.estimate.Comparison;
import farglass.core.estimate.OptionShares;
import farglass.core.estimate.Population;
import farglass.core.estimate.Posterior;
import farglass.core.estimate.Prior;
import farglass.core.estimate.Share;
import farglass.core.estimate.Shares;
import farglass.core.estimate.time.BoutRate;
import farglass.core.estimate.time.Exposure;
import farglass.core.estimate.time.Rate;
import farglass.core.estimate.time.Rates;
import farglass.core.estimate.time.TimeShare;
import farglass.core.scope.Scope;
import farglass.core.side.Seat;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collection;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Supplier;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/** Puts questions to one athlete's bouts within a scope, and to all others', so that the one can be held against them. */
public final class Inquiry {
    private final String athlete;
    private final Corpus corpus;
    /** All bouts of the athlete that count, the newest first; the rest is by their places. */
    private final List<BoutCounts> all;

    private final List<Seat> seats;
    private final boolean[] inScope;
    private final double[] weights;
    private final int[] places;
    private final List<BoutCounts> sheets;

    /** @param corpus every bout of the library, whole */
    public Inquiry(String athlete, Corpus corpus, Scope scope) {
        this.athlete = athlete;
        this.corpus = corpus.within(scope.within());
        this.all = this.corpus.counts(athlete);
        this.seats = this.corpus.seats(athlete);
        this.inScope = new boolean[all.size()];
        this.weights = new double[all.size()];
        for (int i = 0; i < inScope.length; i++) {
            // Of a bout that has no such part nothing was watched.
            boolean some = scope.within().isWhole() || all.get(i).watchedMinutes() > 0;
            inScope[i] = some && scope.holds(all.get(i).bout(), athlete, corpus);
            weights[i] = inScope[i] ? scope.weight(all.get(i).bout().header()) : 0;
        }
        this.places = IntStream.range(0, inScope.length).filter(i -> inScope[i]).toArray();
        this.sheets = Arrays.stream(places).mapToObj(all::get).toList();
    }

    /** {@return the athlete's own bouts that count and lie within the scope, the newest first} */
    public List<BoutCounts> sheets() {
        return sheets;
    }

    /** {@return which of a technique and its variants are counted together} */
    public String together(String technique) {
        return corpus.lexicon().together(technique);
    }

    /** One question as it is answered by everybody. */
    private final class Asked {
        private final AthleteCounts counted;
        private final Choices own;
        private final Population population;

        Asked(Tally tally) {
            this(counted(tally), () -> corpus.population(tally));
        }

        /** @param population not asked for where she had no chance: then nothing is said, and nobody need be counted */
        Asked(AthleteCounts counted, Supplier<Population> population) {
            this.counted = counted;
            this.own = counted.choices(weights);
            this.population = own.chances() == 0 ? Population.NOBODY : population.get();
        }

        /** Moments of a bout are as alike as all options together say. */
        Population.Others others(Collection<String> options) {
            return population.without(athlete, population.likeness(options));
        }
    }

    private AthleteCounts counted(Tally tally) {
        return corpus.counted(tally, athlete).within(inScope);
    }

    /** {@return the moments of each option; the option met most often first} */
    public Map<String, List<Evidence>> listed(Tally tally) {
        Map<String, List<Evidence>> listed = new LinkedHashMap<>();
        mostFirst(counted(tally))
                .forEach(option -> listed.put(option.getKey(), option.getValue().evidence()));
        return listed;
    }

    private static Stream<Map.Entry<String, OfOption>> mostFirst(AthleteCounts counted) {
        return counted.options().entrySet().stream()
                .sorted(Comparator.comparingInt((Map.Entry<String, OfOption> option) ->
                        -option.getValue().times()));
    }

    /** Never seen in three chances is no habit. */
    public static final int FEWEST_CHANCES_OF_NEVER = 10;

    /**
     * {@return a question with several options, of which one is taken at each chance; those that the athlete took, and those left alone}
     *
     * @param usual a share of the others' from which on what was never taken is reported too; empty for never
     */
    public Count options(Tally tally, OptionalDouble usual) {
        Asked asked = new Asked(tally);
        List<String> options = List.copyOf(asked.population.options());
        Population.Others others = asked.others(options);
        Map<String, Share> shares = new LinkedHashMap<>();
        new OptionShares(others, options, Prior.SHOWN)
                        .of(asked.own, asked.own.chances() < FEWEST_CHANCES_OF_NEVER ? OptionalDouble.empty() : usual)
                        .entrySet()
                        .stream()
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
    public Map<String, Share> never(Tally tally, double usual) {
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

    /** {@return by sort of chances, a question of yes or no of which nothing is to be claimed; the sort met most often first} */
    public Map<String, Count> each(EachTally tally, String yes) {
        Map<String, AthleteCounts> sorts = corpus.counted(tally, athlete);
        Map<String, Population> populations = sorts.isEmpty() ? Map.of() : corpus.populations(tally);
        Map<String, Count> each = new LinkedHashMap<>();
        sorts.forEach((sort, all) -> {
            AthleteCounts counted = all.within(inScope);
            if (counted.bouts() > 0) {
                Asked asked = new Asked(counted, () -> populations.get(sort));
                each.put(
                        sort,
                        new Count(
                                asked.counted,
                                asked.own.chances(),
                                Map.of(yes, share(asked, yes, asked.others(List.of(yes)))),
                                Map.of(),
                                Map.of()));
            }
        });
        Map<String, Count> sorted = new LinkedHashMap<>();
        each.entrySet().stream()
                .sorted(Comparator.comparingInt(
                        (Map.Entry<String, Count> sort) -> -sort.getValue().chances()))
                .forEach(sort -> sorted.put(sort.getKey(), sort.getValue()));
        return sorted;
    }

    private static Share share(Asked asked, String yes, Population.Others others) {
        return Shares.yesOrNo(asked.own, yes, others.prior(yes, 0.5, Prior.SHOWN), others.likeness());
    }

    /** {@return a question of yes or no; {@code yes} is the option that counts as success} */
    public Count yesOrNo(Tally tally, String yes) {
        Asked asked = new Asked(tally);
        Population.Others others = asked.others(List.of(yes));
        Share share = share(asked, yes, others);
        Map<String, Compared> compared = Shares.comparison(asked.own, others, yes)
                .map(comparison -> Map.of(
                        yes,
                        new Compared(
                                comparison,
                                way -> others.against(
                                        yes, way == Claims.Direction.MORE, others.prior(yes, 0.5, Comparison.WEAK)))))
                .orElse(Map.of());
        Map<String, ShareChange> trends = changed(asked.counted, yes, others.likeness())
                .map(changed -> Map.of(yes, changed))
                .orElse(Map.of());
        return new Count(asked.counted, asked.own.chances(), Map.of(yes, share), compared, trends);
    }

    /** {@return what is believed of the option's share where claims are made, others or none} */
    public Posterior posterior(Tally tally, String option) {
        Asked asked = new Asked(tally);
        Population.Others others = asked.others(List.of(option));
        return others.prior(option, 0.5, Comparison.WEAK).after(asked.own, option, others.likeness());
    }

    /** Only bouts with a date tell of the years. */
    private Optional<ShareChange> changed(AthleteCounts counted, String yes, double likeness) {
        int[] successes = counted.of(yes).timesByBout(counted.bouts());
        List<ShareChange.Dated> dated = new ArrayList<>();
        for (int i = 0; i < successes.length; i++) {
            int place = counted.place(i);
            Optional<LocalDate> day = all.get(place).bout().header().date();
            if (day.isPresent()) {
                dated.add(new ShareChange.Dated(day.get(), weights[place], successes[i], counted.chances(i)));
            }
        }
        return ShareChange.of(dated, likeness);
    }

    /**
     * An option in the time that was watched.
     *
     * @param evidence each time it came
     */
    public record InTime(Rate rate, List<Evidence> evidence) {}

    /** {@return how often each option came in the time that was watched, the one met most often first; none where no time was} */
    public Map<String, InTime> perMinute(Tally tally, Optional<Stretches> stretches) {
        AthleteCounts counted = counted(tally);
        Map<String, InTime> perMinute = new LinkedHashMap<>();
        mostFirst(counted).forEach(option -> {
            int[] times = counted.of(option.getKey()).timesByBout(counted.bouts());
            List<BoutRate> own = new ArrayList<>();
            int next = 0;
            for (int place : places) {
                boolean came = next < times.length && counted.place(next) == place;
                double minutes = Corpus.minutes(all.get(place), seats.get(place), option.getKey(), stretches);
                if (minutes > 0) {
                    own.add(new BoutRate(weights[place], came ? times[next] : 0, minutes));
                }
                next += came ? 1 : 0;
            }
            if (!own.isEmpty()) {
                Rate rate = Rates.of(Exposure.of(own), corpus.otherRates(tally, option.getKey(), stretches, athlete));
                perMinute.put(
                        option.getKey(), new InTime(rate, option.getValue().evidence()));
            }
        });
        return perMinute;
    }

    /** {@return the stays asked about, those of the newest bout first} */
    public List<TimedStay> stays(Stays asked) {
        List<TimedStay> stays = new ArrayList<>();
        for (int i = 0; i < places.length; i++) {
            stays.addAll(stays(asked, i));
        }
        return stays;
    }

    /** {@return the stays asked about of that one of the {@link #sheets}} */
    public List<TimedStay> stays(Stays asked, int sheet) {
        return sheets.get(sheet).stays(asked, seats.get(places[sheet]));
    }

    /** {@return by bout, so many seconds of the time that was watched of it} */
    public List<TimeShare.OfBout> timeOf(double[] seconds) {
        return IntStream.range(0, places.length)
                .mapToObj(i -> {
                    double watched = 60 * sheets.get(i).watchedMinutes();
                    return new TimeShare.OfBout(Math.min(seconds[i], watched), watched, weights[places[i]]);
                })
                .toList();
    }
}
