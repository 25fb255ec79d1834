package farglass.core.catalogue;

import farglass.core.bout.Layer;
import farglass.core.corpus.BoutSheet;
import farglass.core.corpus.Tally;
import farglass.core.corpus.Tried;
import farglass.core.lexicon.Kind;
import farglass.core.lexicon.Position;
import farglass.core.lexicon.SideRule;
import farglass.core.question.Ask;
import farglass.core.question.OfEach;
import farglass.core.question.Options;
import farglass.core.question.OwnSide;
import farglass.core.question.Wording;
import farglass.core.question.YesNo;
import java.util.Optional;
import java.util.function.BiFunction;

/**
 * What is asked alike of tries of every kind: what worked, which it was, to which side, from where.
 *
 * @param id the same for ever
 * @param many several of what is tried: "sweeps"
 */
record Tries(String id, String many, Kind kind) {
    static final String WORKED = "worked";
    /** Followed by nothing of the other's. */
    static final String NOTHING = "nothing of the other\u2019s";

    /** {@return each try of the kind, as far as it counts for an option} */
    Tally tally(String what, BiFunction<BoutSheet, Tried, Optional<String>> option) {
        return new Tally(id + " " + what, (sheet, seat) -> sheet.tried(seat, kind).stream()
                .flatMap(tried -> option.apply(sheet, tried).stream().map(taken -> tried.evidence(sheet, taken)))
                .toList());
    }

    /** What edge or bell cut off was not stopped by anybody. */
    static Optional<String> end(Tried tried) {
        return tried.cutOff() ? Optional.empty() : Optional.of(tried.worked() ? WORKED : "stopped");
    }

    /** @param row "Sweeps tried and done" @param clause "{name} tried {n} {sweep|sweeps} and got {count}" */
    Ask done(String row, String clause) {
        return new Ask(
                id + " done",
                new YesNo(tally("done", (sheet, tried) -> end(tried)), WORKED),
                Wording.plain(row, many + " tried", clause));
    }

    /** A technique and its variants are counted together; a kind without a method is credited to none. */
    private static Optional<String> name(BoutSheet sheet, Tried tried) {
        return Optional.of(tried.technique())
                .filter(technique -> !technique.generic())
                .map(technique -> sheet.lexicon().together(technique.key()));
    }

    /** {@return which they are, and beside each how many of them worked} */
    Ask which() {
        return new Ask(
                        id + " which",
                        new Options(tally("which", Tries::name)),
                        Wording.ofTerms("{option}", many + " that have a name", "most often {option}, {count}{claims}"))
                .with(worked("which", Tries::name));
    }

    /** A place that was not told is credited to none. */
    private static Optional<String> place(BoutSheet sheet, Tried tried) {
        return Optional.of(sheet.timeline().before(tried.first()).position())
                .filter(Position::isSettled)
                .map(Position::key);
    }

    /** {@return from where they were tried, and beside each place how many of them worked} */
    Ask from() {
        return new Ask(
                        id + " from",
                        new Options(tally("from", Tries::place)),
                        Wording.ofTerms("From {option}", many + " from a place that was told", ""))
                .with(worked("from", Tries::place));
    }

    /** {@return how many of them worked, apart for each option} */
    private Ask worked(String what, BiFunction<BoutSheet, Tried, Optional<String>> option) {
        return new Ask(
                "%s %s worked".formatted(id, what),
                new OfEach(
                        tally(what, option),
                        each -> tally("%s %s worked".formatted(what, each), (sheet, tried) -> option.apply(sheet, tried)
                                .filter(each::equals)
                                .flatMap(same -> end(tried))),
                        WORKED),
                Wording.ofTerms("worked in {brief}", many + " of it", ""));
    }

    /** The side she goes to, as her own left or right; only techniques whose side is the way of travel tell it. */
    Ask side() {
        return new Ask(
                id + " side",
                new OwnSide(tally("side", (sheet, tried) -> Optional.of(tried.technique())
                        .filter(technique -> technique.sideRule() == SideRule.TRAVEL)
                        .flatMap(technique -> tried.attempt().side())
                        .map(side -> side.side().label()))),
                Wording.plain(
                        "To their own left",
                        many + " that go to a side that was told",
                        "to their own left in {count}{claims}"));
    }

    /** What the other did when one was stopped. That nothing followed is known only where answers were looked for. */
    Ask whenStopped() {
        return new Ask(
                id + " stopped then",
                new Options(tally(
                        "stopped then",
                        (sheet, tried) -> tried.cutOff() || tried.worked()
                                ? Optional.empty()
                                : sheet.reply(tried)
                                        .flatMap(reply -> reply.later().technique())
                                        .map(key -> sheet.lexicon().together(key))
                                        .or(() -> Optional.of(NOTHING)
                                                .filter(nothing -> sheet.covers(
                                                        Layer.ANSWERS,
                                                        tried.attempt().last()))))),
                Wording.ofTerms(
                        "When stopped, then: {option}", many + " stopped, of which it is known what followed", ""));
    }
}
