package farglass.core.profile;

import farglass.core.bout.Seat;
import farglass.core.corpus.BoutSheet;
import farglass.core.corpus.Evidence;
import farglass.core.corpus.Tally;
import farglass.core.corpus.Tried;
import farglass.core.estimate.Comparison;
import farglass.core.estimate.Share;
import farglass.core.lexicon.Kind;
import farglass.core.question.Claims;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** What do the others get done? Their tries against her, by kind, and how many of them worked. */
final class ConcededQuestion {
    private static final String ID = "conceded";
    private static final String QUESTION = "What do they concede?";
    private static final String CONCEDED = "conceded";
    private static final List<Kind> KINDS =
            List.of(Kind.TAKEDOWN, Kind.SWEEP, Kind.PASS, Kind.BACK_TAKE, Kind.SUBMISSION);

    private ConcededQuestion() {}

    private static List<Evidence> against(BoutSheet sheet, Seat seat, Kind kind) {
        List<Evidence> against = new ArrayList<>();
        for (Tried tried : sheet.tried(seat.other(), kind)) {
            if (!tried.cutOff()) {
                against.add(new Evidence(
                        sheet.bout().id(), Optional.of(tried.first().id()), tried.worked() ? CONCEDED : "stopped"));
            }
        }
        return against;
    }

    static Draft draft(String athlete, Census census) {
        Map<Kind, Census.Count> counts = new LinkedHashMap<>();
        Map<String, Comparison> family = new LinkedHashMap<>();
        for (Kind kind : KINDS) {
            Census.Count count = census.yesOrNo(
                    new Tally(ID + " " + kind.label(), (sheet, seat) -> against(sheet, seat, kind)), CONCEDED);
            if (count.chances() > 0) {
                counts.put(kind, count);
                family.putAll(Saying.family(count, ID + " " + kind.label()));
            }
        }
        return counts.isEmpty()
                ? Draft.of(new Answer(
                        QUESTION,
                        "Too little film: nobody has been seen trying anything against %s."
                                .formatted(Saying.firstName(athlete)),
                        List.of()))
                : new Draft(family, claims -> answer(athlete, counts, claims));
    }

    private static Answer answer(String athlete, Map<Kind, Census.Count> counts, Claims claims) {
        List<Figure> figures = new ArrayList<>();
        List<String> parts = new ArrayList<>();
        counts.forEach((kind, count) -> {
            Share share = count.shares().get(CONCEDED);
            figures.add(new Figure(
                    "Against a " + kind.label(),
                    share,
                    "tries of a %s against them".formatted(kind.label()),
                    count.evidence(CONCEDED),
                    Saying.comparedWithOthers(count, CONCEDED, claims, ID + " " + kind.label())));
            parts.add("%d of %d by %s".formatted(share.successes(), share.chances(), kind.label()));
        });
        return new Answer(
                QUESTION,
                "Of what others tried, %s conceded %s.".formatted(Saying.firstName(athlete), Saying.joined(parts)),
                figures);
    }
}
