package farglass.core.catalogue.tally;

import farglass.core.corpus.BoutSheet;
import farglass.core.corpus.CountedTry;
import farglass.core.corpus.EachTally;
import farglass.core.corpus.Tally;
import farglass.core.entry.Kind;
import farglass.core.entry.Position;
import farglass.core.entry.Technique;
import farglass.core.fact.Layer;
import farglass.core.measure.OfEach;
import farglass.core.measure.Options;
import farglass.core.measure.OwnSide;
import farglass.core.measure.Variants;
import farglass.core.measure.YesNo;
import farglass.core.question.Ask;
import farglass.core.question.Wording;
import farglass.core.side.OwnedSide;
import farglass.core.side.Stage;
import farglass.core.state.Conversation;
import java.util.Optional;
import java.util.function.BiFunction;

/**
 * What is asked alike of tries of every kind: what worked, which it was, to which side, from where.
 *
 * @param id the same for ever
 * @param many several of what is tried: "sweeps"
 */
public record Tries(String id, String many, Kind kind) {
    public static final String WORKED = "worked";
    /** Followed by nothing of the other's. */
    public static final String NOTHING = "nothing of the other\u2019s";

    /** {@return each try of the kind, as far as it counts for an option} */
    public Tally tally(String what, BiFunction<BoutSheet, CountedTry, Optional<String>> option) {
        return new Tally(id + " " + what, (sheet, seat) -> sheet.tried(seat, kind).stream()
                .flatMap(tried -> option.apply(sheet, tried).stream().map(taken -> tried.evidence(sheet.bout(), taken)))
                .toList());
    }

    /** {@return how those of each sort ended; what was cut off is none} */
    public EachTally each(String what, BiFunction<BoutSheet, CountedTry, Optional<String>> sort) {
        return new EachTally(id + " " + what, (sheet, seat) -> sheet.tried(seat, kind).stream()
                .flatMap(tried -> ended(sheet, tried, sort.apply(sheet, tried)).stream())
                .toList());
    }

    /** {@return a try of that sort, with how it ended; empty where it is of none, or was cut off} */
    public static Optional<EachTally.Chance> ended(BoutSheet sheet, CountedTry tried, Optional<String> sort) {
        return sort.flatMap(of -> end(tried).map(end -> new EachTally.Chance(of, tried.evidence(sheet.bout(), end))));
    }

    /** What edge or bell cut off was not stopped by anybody. */
    public static Optional<String> end(CountedTry tried) {
        return tried.cutOff() ? Optional.empty() : Optional.of(tried.worked() ? WORKED : "stopped");
    }

    /** @param row "Sweeps tried and done" @param clause "{name} tried {n} {sweep|sweeps} and got {count}" */
    public Ask done(String row, String clause) {
        return new Ask(
                id + " done",
                new YesNo(tally("done", (sheet, tried) -> end(tried)), WORKED),
                Wording.plain(row, many.startsWith("tries") ? many : many + " tried", clause));
    }

    /** A technique and its variants are counted together; a kind without a method is credited to none. */
    private static Optional<String> name(BoutSheet sheet, CountedTry tried) {
        return Optional.of(tried.technique())
                .filter(technique -> !technique.generic())
                .map(technique -> sheet.lexicon().together(technique.key()));
    }

    /** {@return which they are, and beside each how many of them worked} */
    public Ask which() {
        return new Ask(
                        id + " which",
                        new Options(tally("which", Tries::name)),
                        Wording.ofTerms("{option}", many + " that have a name", "most often {option}, {count}{claims}")
                                .under("By name"))
                .with(worked("which", Tries::name))
                .with(variants());
    }

    /** {@return which variants of a technique they were, told beside it} */
    public Ask variants() {
        return new Ask(
                id + " variants",
                new Variants(tally("variants", (sheet, tried) -> Optional.of(tried.technique())
                        .filter(technique -> technique.parent().isPresent())
                        .map(Technique::key))),
                Wording.ofTerms("{option}", "", ""));
    }

    /** A place that was not told is credited to none. */
    private static Optional<String> place(BoutSheet sheet, CountedTry tried) {
        return Optional.of(sheet.timeline().before(tried.first()).position())
                .filter(Position::isSettled)
                .map(Position::key);
    }

    /** {@return from where they were tried, and beside each place how many of them worked} */
    public Ask from() {
        return new Ask(
                        id + " from",
                        new Options(tally("from", Tries::place)),
                        Wording.ofTerms("{option}", many + " from a place that was told", "")
                                .under("From"))
                .with(worked("from", Tries::place));
    }

    /** {@return how many of them worked, apart for each option} */
    private Ask worked(String what, BiFunction<BoutSheet, CountedTry, Optional<String>> option) {
        return new Ask(
                "%s %s worked".formatted(id, what),
                new OfEach(each(what + " worked", option), WORKED),
                Wording.ofTerms("worked in {brief}", many + " of it", ""));
    }

    /** The side she goes to, as her own left or right; only techniques whose side is the way of travel tell it. */
    public Ask side() {
        return new Ask(
                id + " side",
                new OwnSide(tally("side", (sheet, tried) -> Optional.of(tried.technique())
                        .filter(technique -> technique.sideRule().isDirection())
                        .flatMap(technique -> tried.attempt().side())
                        .map(side -> side.side().label()))),
                Wording.plain(
                                "To their own left",
                                many + " that go to a side that was told",
                                "to their own left in {count}{claims}")
                        .under("Side"));
    }

    /** What the other did when one was stopped. That nothing followed is known only where answers were looked for. */
    public Ask whenStopped() {
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
                Wording.ofTerms("{option}", many + " stopped, of which it is known what followed", "")
                        .under("Stopped: what the other did"));
    }

    /** Later than this it is another attack. */
    private static final long NEXT_MICROS = 10_000_000;

    private Optional<String> next(BoutSheet sheet, CountedTry tried) {
        if (tried.cutOff()
                || tried.worked()
                || tried.attempt().last().atMicros().isEmpty()) {
            return Optional.empty();
        }
        Optional<CountedTry> again = sheet.tried(tried.attempt().actor().orElseThrow(), kind).stream()
                .filter(other -> other.place() > tried.place())
                .filter(other -> other.first().atMicros().isPresent())
                .findFirst()
                .filter(other ->
                        Conversation.isWithin(NEXT_MICROS, tried.attempt().last(), other.first()));
        if (again.isPresent()) {
            return Optional.of(again(tried, again.get(), sheet));
        }
        return Optional.of(sheet.nextOwn(tried.attempt().last(), NEXT_MICROS)
                .flatMap(sheet::technique)
                .map(technique -> technique.kind() == Kind.STEP || technique.kind() == Kind.WAITING
                        ? "backs off or waits"
                        : "something else than a " + kind.label())
                .orElse("nothing of their own within ten seconds"));
    }

    private static String again(CountedTry tried, CountedTry again, BoutSheet sheet) {
        boolean same = sheet.lexicon()
                .together(tried.technique().key())
                .equals(sheet.lexicon().together(again.technique().key()));
        if (!same) {
            return "another " + again.technique().kind().label();
        }
        Optional<OwnedSide> before = tried.attempt().side();
        Optional<OwnedSide> after = again.attempt().side();
        return before.isEmpty() || after.isEmpty()
                ? "the same again"
                : before.equals(after) ? "the same again, to the same side" : "the same again, to the other side";
    }

    /** {@return what she does herself once a try is stopped} */
    public Ask thenOwn() {
        return new Ask(
                id + " next",
                new Options(tally("next", this::next)),
                Wording.plain("{option}", many + " stopped", "").under("Stopped, they then do"));
    }

    private static Optional<String> stage(CountedTry tried) {
        return tried.worked() || tried.cutOff()
                ? Optional.empty()
                : tried.attempt().steps().stream()
                        .flatMap(step -> step.telling().stage().stream())
                        .filter(stage -> stage != Stage.ESCAPED)
                        .max(Stage::compareTo)
                        .map(Stage::label);
    }

    /** {@return how far those got that did not work} */
    public Ask stalled() {
        return new Ask(
                id + " stage",
                new Options(tally("stage", (sheet, tried) -> stage(tried))),
                Wording.plain("{option}", many + " that did not work and whose stage was told", "")
                        .under("How far those got that did not work"));
    }
}
