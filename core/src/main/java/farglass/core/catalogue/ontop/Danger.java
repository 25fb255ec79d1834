package farglass.core.catalogue.ontop;

import farglass.core.catalogue.tally.Tries;
import farglass.core.corpus.BoutSheet;
import farglass.core.corpus.EachTally;
import farglass.core.corpus.Tried;
import farglass.core.lexicon.Kind;
import farglass.core.lexicon.Position;
import farglass.core.question.Ask;
import farglass.core.question.Chapter;
import farglass.core.question.OfEach;
import farglass.core.question.Question;
import farglass.core.question.Wording;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;

/** From which places does she get through? Of her tries from each place, how many worked: where most do, one stays out of. */
public final class Danger {
    private static final Set<Kind> ATTACKS =
            EnumSet.of(Kind.TAKEDOWN, Kind.SWEEP, Kind.PASS, Kind.BACK_TAKE, Kind.SUBMISSION);
    private static final String THROUGH = "got through";

    private static Position place(BoutSheet sheet, Tried tried) {
        return sheet.timeline().before(tried.first()).position();
    }

    private static final EachTally PLACES = new EachTally("danger", (sheet, seat) -> sheet.tried(seat, ATTACKS).stream()
            .filter(tried -> place(sheet, tried).isSettled())
            .flatMap(tried -> Tries.end(tried).stream()
                    .map(end -> new EachTally.Chance(
                            place(sheet, tried).key(),
                            tried.evidence(sheet, end.equals(Tries.WORKED) ? THROUGH : "stopped"))))
            .toList());

    public static final Question QUESTION = new Question(
            "danger",
            Chapter.ON_TOP_AND_BEHIND,
            "From which places do they get through?",
            "",
            "{name} has not been seen attacking from a place that was told",
            List.of(new Ask(
                    "danger",
                    new OfEach(PLACES, THROUGH),
                    Wording.ofTerms(
                            "From {option}",
                            "attacks of theirs from there",
                            "most attacks of {name} come from {option}; they get through {often}, {raw}"))));

    private Danger() {}
}
