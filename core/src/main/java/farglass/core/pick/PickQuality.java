package farglass.core.pick;

import farglass.core.bout.Bout;
import farglass.core.bout.Deed;
import farglass.core.bout.Moment;
import farglass.core.corpus.BoutSheet;
import farglass.core.corpus.Corpus;
import farglass.core.side.Seat;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.IntFunction;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/**
 * How good the nine picks of a library are: each bout in turn is predicted from all the others.
 *
 * @param moments how many moments were to be foreseen
 * @param hits how many of them stood among the nine
 * @param floorHits how many stood among the nine commonest of the position, whoever acts and whatever came before
 * @param bins what was promised against what came, by probability
 */
public record PickQuality(int moments, int hits, int floorHits, List<Bin> bins) {
    private static final int PICKS = 9;
    private static final int BINS = 10;

    /**
     * The picks whose probability lay in one tenth of [0, 1].
     *
     * @param picks how many
     * @param promised the mean of their probabilities
     * @param came the share of them that came true
     */
    public record Bin(int picks, double promised, double came) {}

    /** One thing somebody did, without its occasion. */
    private record Came(Optional<Seat> actor, Deed deed) {}

    public double share() {
        return moments == 0 ? 0 : (double) hits / moments;
    }

    public double floorShare() {
        return moments == 0 ? 0 : (double) floorHits / moments;
    }

    /** {@return how far promise and truth lie apart, the mean over all picks, in [0, 1]} */
    public double calibrationError() {
        int picks = bins.stream().mapToInt(Bin::picks).sum();
        return bins.stream()
                        .mapToDouble(bin -> bin.picks() * Math.abs(bin.promised() - bin.came()))
                        .sum()
                / Math.max(1, picks);
    }

    /**
     * {@return how good the picks are over the bouts of a library, each left out while it is predicted} Codings of one bout are left out
     * together.
     *
     * @param actedOnly whether only what the two athletes and the clock did is to be foreseen, not what the referee gave
     */
    public static PickQuality of(Corpus corpus, boolean actedOnly) {
        Continuations learned = Continuations.learned(corpus);
        Map<String, Map<Came, Integer>> commonest = new HashMap<>();
        corpus.sheets().forEach(sheet -> count(sheet, commonest, 1));
        int moments = 0;
        int hits = 0;
        int floor = 0;
        int[] picks = new int[BINS];
        double[] promised = new double[BINS];
        int[] came = new int[BINS];
        for (BoutSheet sheet : corpus.sheets()) {
            Bout bout = sheet.bout();
            learned.setAside(bout);
            count(sheet, commonest, -1);
            for (int i = 0; i < bout.moments().size(); i++) {
                Moment moment = bout.moments().get(i);
                if (actedOnly && moment.deed().given().isPresent()) {
                    continue;
                }
                Situation before = Situation.after(bout, i, sheet.timeline().before(moment));
                Optional<Came> truth = came(moment);
                moments++;
                for (Continuations.Likely likely : learned.next(before, PICKS)) {
                    Came guess = new Came(
                            likely.proposal().actor(), likely.proposal().deed());
                    boolean right = truth.equals(Optional.of(guess));
                    int bin = Math.min(BINS - 1, (int) (likely.probability() * BINS));
                    picks[bin]++;
                    promised[bin] += likely.probability();
                    came[bin] += right ? 1 : 0;
                    hits += right ? 1 : 0;
                }
                floor += truth.filter(known -> usual(commonest, before).contains(known))
                                .isPresent()
                        ? 1
                        : 0;
            }
            count(sheet, commonest, 1);
        }
        List<Bin> bins = new ArrayList<>();
        for (int i = 0; i < BINS; i++) {
            int count = Math.max(1, picks[i]);
            bins.add(new Bin(picks[i], promised[i] / count, (double) came[i] / count));
        }
        return new PickQuality(moments, hits, floor, bins);
    }

    private static Optional<Came> came(Moment moment) {
        return Continuations.plain(moment.deed()).map(deed -> new Came(moment.actor(), deed));
    }

    private static String place(Situation now) {
        return now.stand().position().key() + now.stand().top();
    }

    private static void count(BoutSheet sheet, Map<String, Map<Came, Integer>> counts, int times) {
        Bout bout = sheet.bout();
        for (int i = 0; i < bout.moments().size(); i++) {
            Moment moment = bout.moments().get(i);
            Situation before = Situation.after(bout, i, sheet.timeline().before(moment));
            // What only this bout did must not stand there with a count of nothing while the bout is left out.
            came(moment).ifPresent(known -> counts.computeIfAbsent(place(before), any -> new HashMap<>())
                    .merge(known, times, (one, more) -> one + more == 0 ? null : one + more));
        }
    }

    private static Set<Came> usual(Map<String, Map<Came, Integer>> commonest, Situation before) {
        return commonest.getOrDefault(place(before), Map.of()).entrySet().stream()
                .sorted(Map.Entry.<Came, Integer>comparingByValue(Comparator.reverseOrder())
                        .thenComparing(entry -> entry.getKey().toString()))
                .limit(PICKS)
                .map(Map.Entry::getKey)
                .collect(Collectors.toSet());
    }

    /** How many moments were among the nine, of so many that were to be foreseen. */
    public record Hits(int moments, int hits) {
        public double share() {
            return moments == 0 ? 0 : (double) hits / moments;
        }

        Hits and(Hits more) {
            return new Hits(moments + more.moments, hits + more.hits);
        }
    }

    /**
     * {@return how good the picks are in a new library} Each bout is predicted from so many that stand before it in the list, the last
     * standing before the first; second codings are passed over, and what the referee gave is not asked for.
     *
     * @param bouts how many it has been taught, fewer than there are
     */
    public static Hits inANewLibrary(Corpus corpus, int bouts) {
        List<Bout> all = firstCodings(corpus);
        return foreseen(corpus, at -> IntStream.rangeClosed(1, Math.min(bouts, all.size() - 1))
                .mapToObj(back -> all.get(Math.floorMod(at - back, all.size())))
                .toList());
    }

    /** {@return how good they are of athletes nobody has seen: each bout from those in which neither of the two fought} */
    public static Hits ofStrangers(Corpus corpus) {
        List<Bout> all = firstCodings(corpus);
        return foreseen(corpus, at -> all.stream()
                .filter(bout -> Collections.disjoint(names(bout), names(all.get(at))))
                .toList());
    }

    private static List<Bout> firstCodings(Corpus corpus) {
        return corpus.bouts().stream()
                .filter(bout -> bout.header().codingOf().isEmpty())
                .toList();
    }

    private static Set<String> names(Bout bout) {
        return Set.copyOf(List.of(bout.header().a().name(), bout.header().b().name()));
    }

    /** @param taught from which bouts the one of that place is foreseen */
    private static Hits foreseen(Corpus corpus, IntFunction<List<Bout>> taught) {
        List<Bout> all = firstCodings(corpus);
        return IntStream.range(0, all.size())
                .parallel()
                .mapToObj(at -> foreseen(
                        Continuations.learned(corpus.renewed(taught.apply(at), corpus.lexicon())),
                        BoutSheet.of(all.get(at), corpus.lexicon())))
                .reduce(new Hits(0, 0), Hits::and);
    }

    private static Hits foreseen(Continuations learned, BoutSheet sheet) {
        int moments = 0;
        int hits = 0;
        for (int i = 0; i < sheet.bout().moments().size(); i++) {
            Moment moment = sheet.bout().moments().get(i);
            if (!moment.deed().given().isPresent()) {
                Situation before =
                        Situation.after(sheet.bout(), i, sheet.timeline().before(moment));
                boolean hit = learned.next(before, PICKS).stream()
                        .map(likely -> new Came(
                                likely.proposal().actor(), likely.proposal().deed()))
                        .anyMatch(guess -> came(moment).equals(Optional.of(guess)));
                moments++;
                hits += hit ? 1 : 0;
            }
        }
        return new Hits(moments, hits);
    }
}
