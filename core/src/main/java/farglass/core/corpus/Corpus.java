package farglass.core.corpus;

import farglass.core.bout.Bout;
import farglass.core.bout.Contestant;
import farglass.core.estimate.Choices;
import farglass.core.estimate.OptionsTaken;
import farglass.core.estimate.Population;
import farglass.core.estimate.time.BoutRate;
import farglass.core.estimate.time.Exposure;
import farglass.core.estimate.time.OtherRates;
import farglass.core.lexicon.Lexicon;
import farglass.core.side.Seat;
import farglass.core.state.Counting;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Collections;
import java.util.Comparator;
import java.util.IdentityHashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Predicate;
import java.util.stream.IntStream;

/**
 * All bouts of a library, with a sheet for each. A changed library gives a new corpus, in which only the sheets of changed bouts are made
 * anew. What is asked of it never changes; sheets and sums are made when they are first needed, by whichever thread.
 */
public final class Corpus {
    /** What is believed of a rate that was never seen of anybody: once in ten minutes. */
    private static final double USUAL_PER_MINUTE = 0.1;

    private final List<Bout> bouts;
    private final Lexicon lexicon;
    private final Map<Bout, BoutCounts> sheets = new IdentityHashMap<>();
    private final Map<String, List<BoutCounts>> byAthlete = new LinkedHashMap<>();
    private final Map<String, List<BoutCounts>> aside = new LinkedHashMap<>();
    private final Map<String, List<BoutSheet>> own = new ConcurrentHashMap<>();
    /** Athletes of whom their own figures were asked, and not only what others are held against. */
    private final Set<String> inPerson = ConcurrentHashMap.newKeySet();

    private final Map<Asked, AthleteCounts> counted = new ConcurrentHashMap<>();
    private final Map<String, AthleteSums> sums = new ConcurrentHashMap<>();
    private final Map<String, Population> populations = new ConcurrentHashMap<>();

    private final Map<Asked, Map<String, AthleteCounts>> eachCounted = new ConcurrentHashMap<>();
    private final Map<String, Map<String, Population>> eachPopulations = new ConcurrentHashMap<>();
    private final Map<String, List<Seat>> seats = new ConcurrentHashMap<>();
    private final Map<String, AthleteKind> sorts = new ConcurrentHashMap<>();
    /** The same bouts, only a part of each looked at. */
    private final Map<PartOfBout, Corpus> parts = new ConcurrentHashMap<>();

    private final Map<AskedWithout, OtherRates> rates = new ConcurrentHashMap<>();

    /** A tally, and of whom, or of which option. */
    private record Asked(String tally, String of) {}

    /** Of everybody but one. */
    private record AskedWithout(Asked asked, String athlete) {}

    private Corpus(Collection<Bout> bouts, Lexicon lexicon, Map<Bout, BoutCounts> known) {
        this.bouts = List.copyOf(bouts);
        this.lexicon = lexicon;
        List<BoutCounts> all = new ArrayList<>();
        for (Bout bout : this.bouts) {
            BoutCounts sheet =
                    known.containsKey(bout) ? known.get(bout) : new BoutCounts(bout, () -> BoutSheet.of(bout, lexicon));
            sheets.put(bout, sheet);
            all.add(sheet);
        }
        // The newest first: evidence is read from the top.
        all.sort(Comparator.comparing(
                        (BoutCounts sheet) -> sheet.bout().header().date().orElse(LocalDate.MIN))
                .reversed()
                .thenComparing(sheet -> sheet.bout().id()));
        all.forEach(sheet ->
                fileUnderNames(Counting.standing(sheet.bout()) == Counting.Standing.COUNTS ? byAthlete : aside, sheet));
    }

    private static void fileUnderNames(Map<String, List<BoutCounts>> byName, BoutCounts sheet) {
        for (Seat seat : Seat.values()) {
            Contestant contestant = sheet.bout().header().contestant(seat);
            if (!contestant.isNobody()) {
                List<BoutCounts> own = byName.computeIfAbsent(contestant.name(), any -> new ArrayList<>());
                // An athlete named on both sides of a bout has been in it once.
                if (own.isEmpty() || own.get(own.size() - 1) != sheet) {
                    own.add(sheet);
                }
            }
        }
    }

    /** {@return the corpus of these bouts} Linear in their moments. */
    public static Corpus of(Collection<Bout> bouts, Lexicon lexicon) {
        return new Corpus(bouts, lexicon, Map.of());
    }

    /** {@return the corpus of these bouts, with the sheets of this one for those that are the same} */
    public Corpus renewed(Collection<Bout> now, Lexicon words) {
        if (words != lexicon) {
            return of(now, words);
        }
        Corpus renewed = new Corpus(now, words, sheets);
        parts.forEach((part, known) -> renewed.parts.put(part, renewed.within(part, known)));
        // Whose bouts are the same has the same sums.
        sums.forEach((athlete, added) -> {
            if (byAthlete.get(athlete).equals(renewed.byAthlete.get(athlete))) {
                renewed.sums.put(athlete, added);
                if (inPerson.contains(athlete)) {
                    renewed.inPerson.add(athlete);
                }
            }
        });
        return renewed;
    }

    /**
     * Takes up what was counted before of everybody whose bouts are still the same, so that nobody need be counted again.
     *
     * @param kept of the same words and the same program
     */
    public void recall(KeptSums kept) {
        byAthlete.forEach((athlete, own) -> kept.of(athlete, own).ifPresent(known -> {
            sums.putIfAbsent(athlete, known);
            if (kept.recall(athlete, own)) {
                inPerson.add(athlete);
            }
        }));
    }

    /** {@return what is added up of everybody by now, to be taken up by {@link #recall} when these bouts are read again} */
    public KeptSums sums() {
        KeptSums.Gathered gathered = new KeptSums.Gathered();
        sums.forEach((athlete, added) -> gathered.add(
                athlete, byAthlete.get(athlete), added, inPerson.contains(athlete) ? seats(athlete) : List.of()));
        return gathered.sums();
    }

    private AthleteSums sums(String athlete) {
        return Remembered.of(sums, athlete, any -> new AthleteSums());
    }

    /** {@return the same bouts, of each only that part, as the athlete saw it who is asked about; made the first time} */
    public Corpus within(PartOfBout part) {
        return part.isWhole() ? this : Remembered.of(parts, part, any -> new Corpus(this, part, Map.of()));
    }

    private Corpus within(PartOfBout part, Corpus known) {
        return new Corpus(this, part, part.lead().isEmpty() ? known.sheets : Map.of());
    }

    /** A part of each bout of the whole, with the sheets that are known. */
    private Corpus(Corpus whole, PartOfBout part, Map<Bout, BoutCounts> known) {
        this.bouts = whole.bouts;
        this.lexicon = whole.lexicon;
        aside.putAll(whole.aside);
        // The score is the one's and the other's; minutes are both athletes'.
        boolean bothAlike = part.lead().isEmpty();
        whole.sheets.forEach((bout, sheet) -> sheets.put(
                bout, !bothAlike ? sheet : known.containsKey(bout) ? known.get(bout) : partly(sheet, part, Seat.A)));
        whole.byAthlete.forEach((athlete, own) -> byAthlete.put(
                athlete,
                own.stream()
                        .map(sheet -> bothAlike
                                ? sheets.get(sheet.bout())
                                : partly(
                                        sheet,
                                        part,
                                        sheet.bout().header().seatOf(athlete).orElseThrow()))
                        .toList()));
    }

    private static BoutCounts partly(BoutCounts whole, PartOfBout part, Seat seat) {
        return new BoutCounts(whole.bout(), () -> whole.sheet().within(part, seat));
    }

    /** {@return what sort of athlete that is, by all bouts of theirs that count} */
    public AthleteKind sort(String athlete) {
        return Remembered.of(sorts, athlete, any -> AthleteKind.of(athlete, of(athlete)));
    }

    /** {@return every bout, whether it counts or not} */
    public List<Bout> bouts() {
        return bouts;
    }

    public Lexicon lexicon() {
        return lexicon;
    }

    /** {@return the names of everybody in a bout that counts} */
    public Set<String> athletes() {
        return byAthlete.keySet();
    }

    /** {@return the athlete's bouts that count, the newest first} */
    public List<BoutSheet> of(String athlete) {
        List<BoutSheet> known = own.get(athlete);
        if (known == null) {
            // Not under the map's lock: whoever waits for the last sheet may meanwhile be given work that asks for the
            // same.
            known = made(byAthlete.getOrDefault(athlete, List.of()));
            own.put(athlete, known);
        }
        return known;
    }

    /** {@return the same, with what was counted of each: none is worked out before something new is asked of it} */
    public List<BoutCounts> counts(String athlete) {
        return byAthlete.getOrDefault(athlete, List.of());
    }

    /** {@return the athlete's bouts that count in nothing, the newest first: not watched, clips, demonstrations, second codings} */
    public List<BoutSheet> aside(String athlete) {
        return made(aside.getOrDefault(athlete, List.of()));
    }

    private static List<BoutSheet> made(List<BoutCounts> sheets) {
        return sheets.parallelStream().map(BoutCounts::sheet).toList();
    }

    /** {@return the sheets of all bouts, whether they count or not, in the bouts' order; as both athletes see them, so whatever the score} */
    public List<BoutSheet> sheets() {
        return bouts.stream().map(bout -> sheets.get(bout).sheet()).toList();
    }

    /** {@return where the athlete sat in each of the bouts that count, in their order} */
    public List<Seat> seats(String athlete) {
        return Remembered.of(seats, athlete, any -> counts(athlete).stream()
                .map(sheet -> sheet.bout().header().seatOf(athlete).orElseThrow())
                .toList());
    }

    /** {@return what was counted of the athlete; of all bouts} */
    public AthleteCounts counted(Tally tally, String athlete) {
        inPerson.add(athlete);
        return Remembered.of(counted, new Asked(tally.id(), athlete), asked -> AthleteCounts.of(count(tally, athlete)));
    }

    /** {@return the athlete's bouts, worked out where something of them is not known yet} */
    private List<BoutCounts> counting(String athlete, Predicate<SeatCounts> known) {
        List<BoutCounts> own = counts(athlete);
        List<Seat> from = seats(athlete);
        List<BoutCounts> missing = IntStream.range(0, own.size())
                .filter(i -> !own.get(i).isMade() && !known.test(own.get(i).of(from.get(i))))
                .mapToObj(own::get)
                .toList();
        made(missing);
        return own;
    }

    private List<Counted> count(Tally tally, String athlete) {
        List<BoutCounts> own = counting(athlete, known -> known.counted().containsKey(tally.id()));
        List<Seat> from = seats(athlete);
        List<Counted> each = new ArrayList<>(own.size());
        for (int i = 0; i < own.size(); i++) {
            each.add(own.get(i).counted(tally, from.get(i)));
        }
        return each;
    }

    /** {@return how everybody answers the question, all bouts alike; built the first time} */
    public Population population(Tally tally) {
        Population known = populations.get(tally.id());
        if (known == null) {
            Population.Gathering gathering = new Population.Gathering();
            athletes().forEach(athlete -> gathering.add(athlete, alike(tally, athlete)));
            known = gathering.gathered();
            populations.put(tally.id(), known);
        }
        return known;
    }

    /** {@return by sort of chances, how everybody's ended, all bouts alike; built the first time} */
    public Map<String, Population> populations(EachTally tally) {
        return Remembered.of(eachPopulations, tally.id(), any -> {
            Map<String, Population.Gathering> bySort = new LinkedHashMap<>();
            for (String athlete : athletes()) {
                Remembered.of(sums(athlete).each(), tally.id(), id -> alike(tally, athlete))
                        .forEach((sort, choices) -> bySort.computeIfAbsent(sort, none -> new Population.Gathering())
                                .add(athlete, choices));
            }
            Map<String, Population> populations = new LinkedHashMap<>();
            bySort.forEach((sort, gathering) -> populations.put(sort, gathering.gathered()));
            return populations;
        });
    }

    /** {@return by sort, what was counted of the athlete; of all bouts} */
    public Map<String, AthleteCounts> counted(EachTally tally, String athlete) {
        return Remembered.of(
                eachCounted, new Asked(tally.id(), athlete), asked -> AthleteCounts.bySort(each(tally, athlete)));
    }

    private List<Map<String, Counted>> each(EachTally tally, String athlete) {
        List<BoutCounts> own = counting(athlete, known -> known.each().containsKey(tally.id()));
        List<Seat> from = seats(athlete);
        List<Map<String, Counted>> each = new ArrayList<>(own.size());
        for (int i = 0; i < own.size(); i++) {
            each.add(own.get(i).counted(tally, from.get(i)));
        }
        return each;
    }

    /**
     * {@return how often the option came of all but one athlete in the time that was watched, all bouts alike; added up the first time}
     *
     * @param athlete who is left out
     */
    public OtherRates otherRates(Tally tally, String option, Optional<Stretches> stretches, String athlete) {
        AskedWithout asked = new AskedWithout(new Asked(tally.id(), option), athlete);
        OtherRates known = rates.get(asked);
        if (known == null) {
            AthleteSums.OfOption ofOption = new AthleteSums.OfOption(tally.id(), option);
            List<Exposure> others = athletes().stream()
                    .filter(other -> !other.equals(athlete))
                    .map(other -> Remembered.of(
                            sums(other).rates(), ofOption, any -> exposure(tally, option, stretches, other)))
                    .toList();
            known = new OtherRates(others, USUAL_PER_MINUTE);
            rates.put(asked, known);
        }
        return known;
    }

    private Exposure exposure(Tally tally, String option, Optional<Stretches> stretches, String athlete) {
        List<Counted> each = count(tally, athlete);
        List<BoutCounts> sheets = counts(athlete);
        List<Seat> from = seats(athlete);
        List<BoutRate> rates = new ArrayList<>();
        for (int i = 0; i < each.size(); i++) {
            double minutes = minutes(sheets.get(i), from.get(i), option, stretches);
            each.get(i).rate(minutes, option, 1).ifPresent(rates::add);
        }
        return Exposure.of(rates);
    }

    /**
     * {@return how many minutes were watched of that bout}
     *
     * @param seat whom is asked about
     * @param option which of the stretches
     * @param stretches empty for all that was watched
     */
    public static double minutes(BoutCounts sheet, Seat seat, String option, Optional<Stretches> stretches) {
        return stretches.isEmpty()
                ? sheet.watchedMinutes()
                : sheet.minutes(stretches.get(), seat).getOrDefault(option, 0.0);
    }

    /** {@return the athlete's chances and what was taken, all bouts alike; added up the first time} */
    Choices alike(Tally tally, String athlete) {
        return Remembered.of(
                sums(athlete).choices(),
                tally.id(),
                id -> Choices.alike(
                        count(tally, athlete).stream().map(Counted::taken).toList()));
    }

    private Map<String, Choices> alike(EachTally tally, String athlete) {
        Map<String, List<OptionsTaken>> own = new LinkedHashMap<>();
        each(tally, athlete)
                .forEach(bout -> bout.forEach((sort, counted) ->
                        own.computeIfAbsent(sort, none -> new ArrayList<>()).add(counted.taken())));
        Map<String, Choices> alike = new LinkedHashMap<>();
        own.forEach((sort, taken) -> alike.put(sort, Choices.alike(taken)));
        return Collections.unmodifiableMap(alike);
    }
}
