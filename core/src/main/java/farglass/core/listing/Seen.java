package farglass.core.listing;

import farglass.core.corpus.BoutSheet;
import farglass.core.corpus.Corpus;
import farglass.core.entry.Kind;
import farglass.core.entry.Technique;
import farglass.core.scope.Scope;
import farglass.core.side.Seat;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * A position or technique that has a page.
 *
 * @param key of the lexicon
 * @param times visits, or tries
 */
public record Seen(String key, String label, boolean isPosition, int times) {
    /** {@return what was seen of an athlete, or of everybody, the most frequent first} */
    public static List<Seen> of(Optional<String> athlete, Corpus corpus, Scope scope) {
        Map<String, Integer> positions = new HashMap<>();
        Map<String, Integer> techniques = new HashMap<>();
        for (BoutSheet sheet : SheetsInScope.of(athlete, corpus, scope)) {
            sheet.visits().stream()
                    .filter(visit -> visit.stand().position().isSettled())
                    .forEach(visit -> positions.merge(visit.stand().position().key(), 1, Integer::sum));
            for (Seat seat : Seat.values()) {
                if (athlete.isEmpty()
                        || sheet.bout().header().contestant(seat).name().equals(athlete.get())) {
                    sheet.tried(seat, EnumSet.allOf(Kind.class)).stream()
                            .map(tried -> tried.technique())
                            .filter(technique -> !technique.generic())
                            .map(Technique::key)
                            .map(corpus.lexicon()::together)
                            .forEach(key -> techniques.merge(key, 1, Integer::sum));
                }
            }
        }
        return java.util.stream.Stream.concat(
                        positions.entrySet().stream()
                                .map(each -> new Seen(
                                        each.getKey(), corpus.lexicon().label(each.getKey()), true, each.getValue())),
                        techniques.entrySet().stream()
                                .map(each -> new Seen(
                                        each.getKey(), corpus.lexicon().label(each.getKey()), false, each.getValue())))
                .sorted(Comparator.comparingInt(Seen::times).reversed().thenComparing(Seen::label))
                .toList();
    }
}
