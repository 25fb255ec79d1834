package farglass.core.catalogue.tally;

import farglass.core.bout.Fact;
import farglass.core.bout.Seat;
import farglass.core.corpus.BoutSheet;
import farglass.core.corpus.Evidence;
import farglass.core.corpus.Tally;
import farglass.core.lexicon.Kind;
import farglass.core.question.Ask;
import farglass.core.question.OfEach;
import farglass.core.question.Wording;
import java.util.List;
import java.util.Optional;

/** The conditions of a try, as far as somebody told them: how often each of them was met. */
public record Conditions(String id, Kind kind) {
    private static final String MET = "met";

    private List<Evidence> told(BoutSheet sheet, Seat seat, Optional<String> only) {
        return sheet.tried(seat, kind).stream()
                .flatMap(tried -> tried.attempt().steps().stream()
                        .flatMap(step -> step.telling().facts(Fact.Condition.class))
                        .filter(condition -> only.isEmpty() || only.get().equals(condition.words()))
                        .map(condition -> tried.evidence(
                                sheet, only.isEmpty() ? condition.words() : met(condition) ? MET : "missing")))
                .toList();
    }

    private static boolean met(Fact.Condition condition) {
        return condition.met() == Fact.Met.MET;
    }

    /** {@return how many of the tries of which each was told met it} */
    public Ask met() {
        return new Ask(
                id,
                new OfEach(
                        new Tally(id, (sheet, seat) -> told(sheet, seat, Optional.empty())),
                        words -> new Tally(id + " " + words, (sheet, seat) -> told(sheet, seat, Optional.of(words))),
                        MET),
                Wording.plain("{option}", "tries of which it was told", "").under("Conditions met"));
    }
}
