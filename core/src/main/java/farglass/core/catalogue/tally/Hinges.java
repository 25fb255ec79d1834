package farglass.core.catalogue.tally;

import farglass.core.Spelling;
import farglass.core.corpus.BoutSheet;
import farglass.core.corpus.EachTally;
import farglass.core.corpus.EachTally.Chance;
import farglass.core.corpus.Evidence;
import farglass.core.corpus.Tally;
import farglass.core.entry.Kind;
import farglass.core.fact.Layer;
import farglass.core.fact.Purpose;
import farglass.core.measure.Listed;
import farglass.core.measure.OfEach;
import farglass.core.question.Ask;
import farglass.core.question.Wording;
import farglass.core.side.Seat;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * What her tries hang on, as far as somebody told it: what she saw, what for, instead of what, and what they open.
 *
 * @param id the same for ever
 * @param many several of them: "passes"
 */
public record Hinges(String id, String many, Set<Kind> kinds) {
    private static String words(BoutSheet sheet, Purpose.Why why) {
        return why.words().isBlank()
                ? why.moment()
                        .flatMap(sheet.bout()::moment)
                        .flatMap(sheet::name)
                        .map(key -> sheet.lexicon().label(key))
                        .orElse("another moment")
                : why.words();
    }

    private List<Chance> told(BoutSheet sheet, Seat seat, Purpose.How how) {
        return sheet.tried(seat, kinds).stream()
                .flatMap(tried -> tried.attempt().steps().stream()
                        .flatMap(step -> sheet.facts(step, Purpose.Why.class))
                        .filter(why -> why.how() == how)
                        .flatMap(why -> Tries.ended(sheet, tried, Optional.of(words(sheet, why))).stream()))
                .toList();
    }

    private Ask of(Purpose.How how, String heading) {
        String asked = id + " " + Spelling.of(how);
        return new Ask(
                        asked,
                        new OfEach(new EachTally(asked, (sheet, seat) -> told(sheet, seat, how)), Tries.WORKED),
                        Wording.plain("{option}", many + " of which it was told, and how they ended", "")
                                .under(heading))
                .needing(Layer.ANSWERS);
    }

    private List<Evidence> opened(BoutSheet sheet, Seat seat) {
        return sheet.tried(seat, kinds).stream()
                .flatMap(tried -> tried.attempt().steps().stream()
                        .flatMap(step -> sheet.facts(step, Purpose.Opened.class))
                        .map(opened -> tried.evidence(sheet.bout(), words(opened, seat))))
                .toList();
    }

    private static String words(Purpose.Opened opened, Seat seat) {
        return (opened.opens() ? "opens " : "closes ")
                + opened.part()
                        .map(part -> (part.owner() == seat ? "their own " : "the other\u2019s ")
                                + part.kind().label().replace('-', ' '))
                        .orElse(opened.words());
    }

    /** {@return on seeing what, after waiting for what, instead of what, aimed at what: each with how many worked; and what is opened} */
    public List<Ask> asks() {
        return List.of(
                of(Purpose.How.CUE, "On seeing"),
                of(Purpose.How.WAITED_FOR, "Having waited for"),
                of(Purpose.How.INSTEAD_OF, "Instead of"),
                of(Purpose.How.AIMED_AT, "Aimed at"),
                new Ask(
                                id + " opened",
                                new Listed(new Tally(id + " opened", this::opened)),
                                Wording.plain("{option}", "", "").under("What they open and close"))
                        .needing(Layer.ANSWERS));
    }
}
