package farglass.core.question;

import farglass.core.corpus.BoutSheet;
import farglass.core.corpus.Corpus;
import farglass.core.corpus.CountedTry;
import farglass.core.entry.Kind;
import farglass.core.scope.Scope;
import farglass.core.side.Seat;
import farglass.core.state.Counting;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * What is told of an athlete and stands in no rate: bouts not marked as watched, and clips, which somebody chose.
 *
 * @param bouts how many bouts of the athlete count in nothing; second codings are not bouts
 * @param unwatched how many of them tell of tries and are not marked as watched
 * @param unwatchedTries how many tries those tell of
 * @param clips how many of them are clips
 * @param shown in how many clips each technique was tried, by its key
 */
public record UncountedBouts(int bouts, int unwatched, int unwatchedTries, int clips, Map<String, Integer> shown) {
    private static final Set<Kind> TRIES =
            EnumSet.of(Kind.PULL, Kind.TAKEDOWN, Kind.SWEEP, Kind.PASS, Kind.BACK_TAKE, Kind.SUBMISSION, Kind.ESCAPE);

    static UncountedBouts of(String athlete, Corpus corpus, Scope scope) {
        int bouts = 0;
        int unwatched = 0;
        int unwatchedTries = 0;
        int clips = 0;
        Map<String, Integer> shown = new LinkedHashMap<>();
        for (BoutSheet sheet : corpus.aside(athlete)) {
            if (!scope.holds(sheet.bout(), athlete, corpus) || sheet.standing() == Counting.Standing.SECOND_CODING) {
                continue;
            }
            bouts++;
            List<String> tries = tries(sheet, athlete);
            if (sheet.standing() == Counting.Standing.NOT_WATCHED) {
                unwatched += tries.isEmpty() ? 0 : 1;
                unwatchedTries += tries.size();
            } else if (sheet.standing() == Counting.Standing.CLIPS) {
                clips++;
                new HashSet<>(tries).forEach(technique -> shown.merge(technique, 1, Integer::sum));
            }
        }
        return new UncountedBouts(bouts, unwatched, unwatchedTries, clips, shown);
    }

    private static List<String> tries(BoutSheet sheet, String athlete) {
        Seat seat = sheet.bout().header().seatOf(athlete).orElseThrow();
        return TRIES.stream()
                .flatMap(kind -> sheet.shown(seat, kind).stream())
                .map(CountedTry::technique)
                .map(technique -> sheet.lexicon().together(technique.key()))
                .toList();
    }
}
