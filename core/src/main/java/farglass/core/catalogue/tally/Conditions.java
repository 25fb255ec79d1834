package farglass.core.catalogue.tally;

import farglass.core.corpus.BoutSheet;
import farglass.core.corpus.EachTally;
import farglass.core.entry.Kind;
import farglass.core.fact.Fact;
import farglass.core.measure.OfEach;
import farglass.core.question.Ask;
import farglass.core.question.Wording;
import farglass.core.side.Seat;
import java.util.List;

/** The conditions of a try, as far as somebody told them: how often each of them was met. */
public record Conditions(String id, Kind kind) {
    private static final String MET = "met";

    private List<EachTally.Chance> told(BoutSheet sheet, Seat seat) {
        return sheet.tried(seat, kind).stream()
                .flatMap(tried -> tried.attempt().steps().stream()
                        .flatMap(step -> sheet.facts(step, Fact.Condition.class))
                        .map(condition -> new EachTally.Chance(
                                condition.words(), tried.evidence(sheet.bout(), met(condition) ? MET : "missing"))))
                .toList();
    }

    private static boolean met(Fact.Condition condition) {
        return condition.met() == Fact.Met.MET;
    }

    /** {@return how many of the tries of which each was told met it} */
    public Ask met() {
        return new Ask(
                id,
                new OfEach(new EachTally(id, this::told), MET),
                Wording.plain("{option}", "tries of which it was told", "").under("Conditions met"));
    }
}
