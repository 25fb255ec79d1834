package farglass.core.profile;

import farglass.core.bout.Seat;
import farglass.core.corpus.BoutSheet;
import farglass.core.corpus.Evidence;
import farglass.core.corpus.Tally;
import farglass.core.estimate.Durations;
import farglass.core.estimate.Share;
import farglass.core.estimate.Stay;
import farglass.core.lexicon.Lexicon;
import farglass.core.lexicon.Role;
import farglass.core.lexicon.Words;
import farglass.core.question.Claims;
import farglass.core.state.Stand;
import farglass.core.state.Visit;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

/** Which guards does she play, and for how long? One visit, one count. */
final class GuardQuestion {

    private static final String ID = "guard";
    private static final String QUESTION = "Which guards do they play, and for how long?";

    private GuardQuestion() {}

    private static boolean plays(Stand stand, Seat seat) {
        return stand.position().family().isGuard() && stand.roleOf(seat) == Role.BOTTOM;
    }

    private static List<Evidence> guards(BoutSheet watched, Seat seat) {
        return watched.arrivals().stream()
                .filter(moment -> plays(watched.timeline().after(moment), seat))
                .map(moment -> new Evidence(
                        watched.bout().id(),
                        Optional.of(moment.id()),
                        watched.timeline().after(moment).position().key()))
                .toList();
    }

    /** {@return how long each stay in a guard lasted, by the key of its position} */
    private static Map<String, List<Stay>> stays(Census census) {
        Map<String, List<Stay>> stays = new HashMap<>();
        for (BoutSheet watched : census.own()) {
            for (Visit visit : watched.visits()) {
                if (plays(visit.stand(), census.seat(watched))) {
                    stays.computeIfAbsent(visit.stand().position().key(), any -> new ArrayList<>())
                            .add(new Stay(
                                    visit.playedSeconds(),
                                    watched.sawEnd(visit),
                                    watched.bout().id()));
                }
            }
        }
        return stays;
    }

    static Draft draft(String athlete, Census census, Lexicon lexicon) {
        Census.Count count = census.options(new Tally(ID, GuardQuestion::guards));
        return count.chances() == 0
                ? Draft.of(new Answer(
                        QUESTION,
                        "Too little film: %s has not been seen underneath in a guard. That is not the same as never."
                                .formatted(Saying.firstName(athlete)),
                        List.of()))
                : new Draft(Saying.family(count, ID), claims -> answer(athlete, census, lexicon, count, claims));
    }

    private static Answer answer(String athlete, Census census, Lexicon lexicon, Census.Count count, Claims claims) {
        List<Figure> figures = new ArrayList<>();
        Map<String, List<Stay>> stays = stays(census);
        for (Map.Entry<String, Share> option : count.shares().entrySet()) {
            String compared = Saying.comparedWithOthers(count, option.getKey(), claims, ID);
            figures.add(new Figure(
                    lexicon.label(option.getKey()),
                    option.getValue(),
                    "visits underneath in a guard",
                    count.evidence(option.getKey()),
                    (compared.isEmpty() ? "" : compared + "; ")
                            + lasting(Durations.of(stays.getOrDefault(option.getKey(), List.of())))));
        }
        Figure first = figures.get(0);
        String sentence = "%s was underneath in a guard %s; most often in %s, %s; %s."
                .formatted(
                        Saying.firstName(athlete),
                        count.chances() == 1 ? "once" : count.chances() + " times",
                        Words.inSentence(first.label()),
                        Saying.counted(first.share()),
                        first.note());
        return new Answer(QUESTION, sentence, figures);
    }

    private static String lasting(Durations durations) {
        if (durations.median().isEmpty()) {
            return "%d of %d seen to end, too few to say how long they last"
                    .formatted(durations.ended(), durations.stays());
        }
        String median = seconds(durations.median().getAsDouble());
        Optional<String> interval = durations.low80().isPresent()
                ? Optional.of(" (likely %s to %s)"
                        .formatted(
                                seconds(durations.low80().getAsDouble()),
                                Double.isInfinite(durations.high80().getAsDouble())
                                        ? "open"
                                        : seconds(durations.high80().getAsDouble())))
                : Optional.empty();
        return "half of these stays last over " + median + interval.orElse("");
    }

    private static String seconds(double seconds) {
        return seconds < 10
                ? String.format(Locale.ROOT, "%.1f s", seconds)
                : String.format(Locale.ROOT, "%.0f s", seconds);
    }
}
