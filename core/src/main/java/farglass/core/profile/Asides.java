package farglass.core.profile;

import farglass.core.bout.Bout;
import farglass.core.bout.Seat;
import farglass.core.lexicon.Kind;
import farglass.core.lexicon.Lexicon;
import farglass.core.lexicon.Technique;
import farglass.core.lexicon.Words;
import farglass.core.state.Attempt;
import farglass.core.state.Counting;
import java.util.ArrayList;
import java.util.Collection;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/** What is told of an athlete and stands in no rate: bouts not marked as watched, and clips, which somebody chose. */
final class Asides {
    private static final int MOST_SHOWN = 6;
    private static final Set<Kind> SHOWN =
            EnumSet.of(Kind.PULL, Kind.TAKEDOWN, Kind.SWEEP, Kind.PASS, Kind.BACK_TAKE, Kind.SUBMISSION, Kind.ESCAPE);

    private Asides() {}

    static List<String> of(String athlete, Collection<Bout> bouts, Lexicon lexicon) {
        List<String> said = new ArrayList<>();
        unwatched(of(athlete, bouts, Counting.Standing.NOT_WATCHED), athlete, lexicon)
                .ifPresent(said::add);
        clips(of(athlete, bouts, Counting.Standing.CLIPS), athlete, lexicon).ifPresent(said::add);
        return said;
    }

    private static List<Bout> of(String athlete, Collection<Bout> bouts, Counting.Standing standing) {
        return bouts.stream()
                .filter(bout -> bout.header().seatOf(athlete).isPresent())
                .filter(bout -> Counting.standing(bout) == standing)
                .toList();
    }

    private static List<String> tries(Bout bout, String athlete, Lexicon lexicon) {
        Optional<Seat> seat = bout.header().seatOf(athlete);
        return Attempt.of(bout).stream()
                .filter(attempt -> attempt.actor().equals(seat))
                .flatMap(attempt -> attempt.technique(lexicon).stream())
                .filter(technique -> SHOWN.contains(technique.kind()))
                .map(Technique::key)
                .map(lexicon::together)
                .toList();
    }

    private static Optional<String> unwatched(List<Bout> bouts, String athlete, Lexicon lexicon) {
        int tries = bouts.stream()
                .mapToInt(bout -> tries(bout, athlete, lexicon).size())
                .sum();
        return tries == 0
                ? Optional.empty()
                : Optional.of(
                        "%d %s told in %d bout%s not marked as watched, and counted in nothing: say on the Shelf, or in Tag, which stretch was watched."
                                .formatted(
                                        tries,
                                        tries == 1 ? "try is" : "tries are",
                                        bouts.size(),
                                        bouts.size() == 1 ? " that is" : "s that are"));
    }

    private static Optional<String> clips(List<Bout> clips, String athlete, Lexicon lexicon) {
        Map<String, Integer> shown = new LinkedHashMap<>();
        clips.forEach(
                clip -> new HashSet<>(tries(clip, athlete, lexicon)).forEach(key -> shown.merge(key, 1, Integer::sum)));
        return shown.isEmpty()
                ? Optional.empty()
                : Optional.of("Shown in clips, which somebody chose and no rate counts: %s."
                        .formatted(shown.entrySet().stream()
                                .sorted(Map.Entry.<String, Integer>comparingByValue()
                                        .reversed()
                                        .thenComparing(Map.Entry.comparingByKey()))
                                .limit(MOST_SHOWN)
                                .map(entry -> "%s in %d of %d clips"
                                        .formatted(
                                                Words.inSentence(lexicon.label(entry.getKey())),
                                                entry.getValue(),
                                                clips.size()))
                                .collect(Collectors.joining(", "))));
    }
}
