package farglass.core.catalogue.years;

import farglass.core.bout.Contestant;
import farglass.core.catalogue.tally.Attacks;
import farglass.core.catalogue.tally.Tries;
import farglass.core.corpus.BoutSheet;
import farglass.core.measure.OfEach;
import farglass.core.question.Ask;
import farglass.core.question.Chapter;
import farglass.core.question.Question;
import farglass.core.question.Wording;
import farglass.core.side.Level;
import farglass.core.side.Seat;
import farglass.core.side.Stance;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;

/** Against whom does what she tries work, and against whom does what the other tries? Told, and never advice to take or refuse a bout. */
public final class Opponents {
    private static Optional<String> sort(BoutSheet sheet, Seat seat, Function<Contestant, Optional<String>> other) {
        return Optional.of(sheet.bout().header().contestant(seat.other()))
                .filter(contestant -> !contestant.isNobody())
                .flatMap(other);
    }

    private static Ask ask(String id, boolean own, String heading, Function<Contestant, Optional<String>> other) {
        return new Ask(
                id,
                new OfEach(Attacks.byBout(id, own, (sheet, seat) -> sort(sheet, seat, other)), Tries.WORKED),
                Wording.plain("{option}", own ? "attacks of theirs against them" : "attacks of theirs", "")
                        .under(heading));
    }

    private static Optional<String> level(Contestant other) {
        return other.level().map(Level::label).map("a %s belt"::formatted);
    }

    private static Optional<String> stance(Contestant other) {
        return other.stance().map(Stance::label);
    }

    public static final Question QUESTION = new Question(
            "opponents",
            Chapter.YEARS,
            "Against whom does it work, and who gets through?",
            "",
            "{name} has not been seen attacking anybody whose name is known",
            List.of(
                    ask("works against", true, "What they try works against", other -> Optional.of(other.name())),
                    ask("gets through", false, "What the other tries works, of", other -> Optional.of(other.name())),
                    ask("works against level", true, "What they try works against, by belt", Opponents::level),
                    ask("works against stance", true, "What they try works against, by stance", Opponents::stance)));

    private Opponents() {}
}
