package farglass.core.catalogue.tally;

import farglass.core.corpus.BoutSheet;
import farglass.core.corpus.CountedTry;
import farglass.core.corpus.EachTally;
import farglass.core.corpus.Tally;
import farglass.core.entry.Kind;
import farglass.core.fact.Layer;
import farglass.core.measure.OfEach;
import farglass.core.measure.Options;
import farglass.core.question.Ask;
import farglass.core.question.Wording;
import farglass.core.side.Seat;
import java.util.List;
import java.util.Optional;
import java.util.function.BiPredicate;

/**
 * What she does about the other's tries of one kind: what a person linked as her answer, else what merely followed within eight seconds.
 *
 * @param id the same for ever
 * @param by with what she is attacked: "a pass"
 * @param where which of the tries are asked about
 */
public record Attacked(String id, String by, Kind kind, BiPredicate<BoutSheet, CountedTry> where) {
    private static final String KEPT = "stopped it";

    public Attacked(String by, Kind kind) {
        this("attacked " + kind.label(), by, kind, (sheet, tried) -> true);
    }

    private List<CountedTry> tries(BoutSheet sheet, Seat seat) {
        return sheet.tried(seat.other(), kind).stream()
                .filter(tried -> where.test(sheet, tried))
                .toList();
    }

    /** That nothing was done about it is known only where answers were looked for. */
    private static Optional<String> answer(BoutSheet sheet, CountedTry tried) {
        return sheet.reply(tried).flatMap(reply -> sheet.name(reply.later())).or(() -> Optional.of(Tries.NOTHING)
                .filter(nothing -> sheet.reply(tried).isEmpty()
                        && sheet.covers(Layer.ANSWERS, tried.attempt().last())));
    }

    private Tally answers() {
        return new Tally(id, (sheet, seat) -> tries(sheet, seat).stream()
                .flatMap(tried -> answer(sheet, tried).stream().map(answer -> tried.evidence(sheet.bout(), answer)))
                .toList());
    }

    private EachTally kept() {
        return new EachTally(id + " kept", (sheet, seat) -> tries(sheet, seat).stream()
                .flatMap(tried -> answer(sheet, tried)
                        .flatMap(answer -> Tries.end(tried)
                                .map(end -> new EachTally.Chance(
                                        answer,
                                        tried.evidence(sheet.bout(), end.equals(Tries.WORKED) ? "it worked" : KEPT))))
                        .stream())
                .toList());
    }

    private static final String LINKED = "linked";

    /** {@return how many of the answers somebody linked: the rest merely followed} Nothing is claimed of it: it tells of the coder. */
    public Ask linked() {
        return new Ask(
                id + " linked",
                new OfEach(
                        new EachTally(id + " linked", (sheet, seat) -> tries(sheet, seat).stream()
                                .flatMap(tried -> sheet.reply(tried).stream()
                                        .map(reply -> new EachTally.Chance(
                                                "Linked by a person as the answer; the rest merely followed",
                                                tried.evidence(sheet.bout(), reply.confirmed() ? LINKED : "followed"))))
                                .toList()),
                        LINKED),
                Wording.plain("{option}", "answers to %s that are known".formatted(by), "")
                        .under("Against " + by));
    }

    /** {@return what she does about it, and beside each how often that stopped it} */
    public Ask answered() {
        return new Ask(
                        id,
                        new Options(answers()),
                        Wording.ofTerms(
                                        "{option}",
                                        "answers to %s of the other\u2019s that are known".formatted(by),
                                        "against %s most often {option}, {count}{claims}".formatted(by))
                                .under("Against " + by))
                .with(new Ask(
                        id + " kept",
                        new OfEach(kept(), KEPT),
                        Wording.ofTerms("stopped it in {brief}", "times it was answered so", "")));
    }
}
