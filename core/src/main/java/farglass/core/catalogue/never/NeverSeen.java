package farglass.core.catalogue.never;

import farglass.core.bout.Moment;
import farglass.core.bout.Motive;
import farglass.core.catalogue.tally.Sights;
import farglass.core.corpus.BoutSheet;
import farglass.core.corpus.CountedTry;
import farglass.core.corpus.Tally;
import farglass.core.entry.Kind;
import farglass.core.measure.Listed;
import farglass.core.measure.Never;
import farglass.core.question.Ask;
import farglass.core.question.Chapter;
import farglass.core.question.Question;
import farglass.core.question.Wording;
import farglass.core.side.Seat;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** What was never seen of her, or on her, that others usually do; and what was open and not taken. */
public final class NeverSeen {
    private static Optional<String> name(BoutSheet sheet, CountedTry tried) {
        return Optional.of(tried.technique())
                .filter(technique -> !technique.generic())
                .map(technique -> sheet.lexicon().together(technique.key()));
    }

    private static Ask of(Kind kind, String many) {
        String id = "never " + kind.label();
        return new Ask(
                id,
                new Never(new Tally(id, (sheet, seat) -> sheet.tried(seat, kind).stream()
                        .flatMap(tried -> name(sheet, tried).stream().map(key -> tried.evidence(sheet.bout(), key)))
                        .toList())),
                Wording.ofTerms("{option}", many + " that have a name", "{option} was never seen in {n} " + many)
                        .under("Never seen of them: " + many));
    }

    private static Ask onThem(Kind kind, String many) {
        String id = "never on them " + kind.label();
        return new Ask(
                id,
                new Never(new Tally(id, (sheet, seat) -> sheet.tried(seat.other(), kind).stream()
                        .flatMap(tried -> name(sheet, tried).stream().map(key -> tried.evidence(sheet.bout(), key)))
                        .toList())),
                Wording.ofTerms("{option}", "%s on them that have a name".formatted(many), "")
                        .under("Nobody was seen trying on them: " + many));
    }

    /** Only what somebody told: that it was declined, or what could have been done. */
    private static Optional<String> declined(BoutSheet sheet, Seat seat, Moment moment) {
        return Sights.by(moment, seat) && moment.telling().motive().equals(Optional.of(Motive.DECLINED))
                ? moment.technique().map(sheet.lexicon()::together)
                : Optional.empty();
    }

    private static List<Ask> asks() {
        List<Ask> asks = new ArrayList<>(Stream.of(
                        of(Kind.TAKEDOWN, "takedowns"),
                        of(Kind.SWEEP, "sweeps"),
                        of(Kind.PASS, "passes"),
                        of(Kind.SUBMISSION, "submissions"),
                        onThem(Kind.PASS, "passes"),
                        onThem(Kind.SUBMISSION, "submissions"))
                .toList());
        asks.add(new Ask(
                "declined",
                new Listed(Sights.ofMoments("declined", NeverSeen::declined)),
                Wording.ofTerms("{option}", "", "").under("Open, and not taken")));
        return asks;
    }

    public static final Question QUESTION = new Question(
            "never",
            Chapter.NEVER,
            "What was never seen that others usually do?",
            "",
            "in so few chances nothing can be called never",
            asks());

    private NeverSeen() {}
}
