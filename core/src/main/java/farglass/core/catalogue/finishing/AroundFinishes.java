package farglass.core.catalogue.finishing;

import farglass.core.Spelling;
import farglass.core.bout.Method;
import farglass.core.bout.Moment;
import farglass.core.bout.Motive;
import farglass.core.catalogue.tally.Conditions;
import farglass.core.catalogue.tally.Sights;
import farglass.core.catalogue.tally.Tries;
import farglass.core.corpus.BoutSheet;
import farglass.core.corpus.CountedTry;
import farglass.core.corpus.Evidence;
import farglass.core.corpus.Stays;
import farglass.core.corpus.Tally;
import farglass.core.corpus.TimedStay;
import farglass.core.entry.Kind;
import farglass.core.fact.Fact;
import farglass.core.fact.Tie;
import farglass.core.measure.Lasting;
import farglass.core.measure.Listed;
import farglass.core.measure.OfEach;
import farglass.core.measure.Options;
import farglass.core.measure.OwnSide;
import farglass.core.measure.YesNo;
import farglass.core.question.Ask;
import farglass.core.question.Chapter;
import farglass.core.question.Question;
import farglass.core.question.Wording;
import farglass.core.side.Seat;
import farglass.core.side.Side;
import farglass.core.side.Stage;
import farglass.core.state.Conversation;
import java.util.List;
import java.util.Optional;

/** Where do her finishes come from, at which limb and side, how far do they get, what stops them, what do they turn into? */
public final class AroundFinishes {
    private static final Tries TRIES = new Tries("finish", "tries at a submission", Kind.SUBMISSION);
    private static final String TAPPED = "by submission";
    private static final String BAIT = "bait or feint";
    private static final long BEFORE_MICROS = 30_000_000;

    private static Optional<String> won(BoutSheet sheet, Seat seat) {
        return sheet.bout()
                .header()
                .result()
                .filter(result -> result.winner().equals(Optional.of(seat)))
                .map(result -> result.method() == Method.SUBMISSION ? TAPPED : "otherwise");
    }

    /** The stage a try that did not end in a tap got to. */
    private static Optional<String> stage(BoutSheet sheet, CountedTry tried) {
        return tried.worked()
                ? Optional.empty()
                : tried.attempt().steps().stream()
                        .flatMap(step -> step.telling().stage().stream())
                        .filter(stage -> stage.isOn(Stage.Ladder.SUBMISSION) && stage != Stage.ESCAPED)
                        .max(Stage::compareTo)
                        .map(Stage::label);
    }

    private static Optional<String> limb(BoutSheet sheet, CountedTry tried) {
        return Optional.of(
                tried.technique().target().map(target -> Spelling.of(target)).orElse("not told"));
    }

    private static Optional<String> side(BoutSheet sheet, CountedTry tried) {
        return tried.technique().sideRule().belongsToReceiver()
                ? tried.attempt().side().map(side -> side.side()).map(Side::label)
                : Optional.empty();
    }

    /** What she did or reached last before it. */
    private static Optional<String> before(BoutSheet sheet, CountedTry tried) {
        Moment first = tried.first();
        List<Moment> seen = sheet.seen();
        for (int i = sheet.place(first) - 1; i >= 0; i--) {
            Moment moment = seen.get(i);
            if (first.atMicros().isEmpty() || !Conversation.isWithin(BEFORE_MICROS, moment, first)) {
                return Optional.empty();
            }
            if (moment.actor().equals(first.actor()) && moment.atMicros().isPresent()) {
                Optional<String> name = sheet.name(moment);
                if (name.isPresent()) {
                    return name;
                }
            }
        }
        return Optional.empty();
    }

    /** What a try that did not work became: a later moment says that it grew out of it. */
    private static List<Evidence> turned(BoutSheet sheet, Seat seat) {
        return sheet.deeds().stream()
                .filter(moment -> Sights.by(moment, seat))
                .flatMap(moment -> moment.telling()
                        .tied(Tie.OUT_OF)
                        .flatMap(id -> sheet.bout().moment(id).stream())
                        .filter(from -> isSubmission(sheet, from) && Sights.by(from, seat))
                        .flatMap(from -> sheet.technique(moment).stream())
                        .map(technique ->
                                Sights.at(sheet, moment, sheet.lexicon().together(technique.key()))))
                .toList();
    }

    private static boolean isSubmission(BoutSheet sheet, Moment moment) {
        return sheet.technique(moment)
                .filter(technique -> technique.kind() == Kind.SUBMISSION)
                .isPresent();
    }

    /** Feints and baits are no tries; here they are what is asked about. */
    private static Optional<String> meant(BoutSheet sheet, Seat seat, Moment moment) {
        return Sights.by(moment, seat)
                ? moment.telling()
                        .motive()
                        .map(motive -> motive == Motive.BAIT || motive == Motive.FEINT ? BAIT : "meant to finish")
                : Optional.empty();
    }

    /** From the first moment of a try to its lock and to its tap. */
    private static List<TimedStay> times(BoutSheet sheet, Seat seat) {
        return sheet.tried(seat, Kind.SUBMISSION).stream()
                .flatMap(tried -> tried.attempt().steps().stream()
                        .skip(1)
                        .filter(step -> step.telling()
                                .stage()
                                .filter(stage -> stage == Stage.LOCKED || stage == Stage.TAP)
                                .isPresent())
                        .flatMap(step -> Sights.between(
                                sheet,
                                tried.first(),
                                step,
                                step.telling().stage().orElseThrow() == Stage.TAP
                                        ? "From the first threat to the tap"
                                        : "From the first threat to the lock")))
                .toList();
    }

    /** What was open besides, as somebody told it: which of the two she takes is seen in its evidence. */
    private static List<Evidence> openToo(BoutSheet sheet, Seat seat) {
        return sheet.telling(Fact.Could.class).stream()
                .filter(moment -> Sights.by(moment, seat) && isSubmission(sheet, moment))
                .flatMap(moment ->
                        sheet.facts(moment, Fact.Could.class).map(could -> Sights.at(sheet, moment, could.words())))
                .toList();
    }

    public static final Question QUESTION = new Question(
            "around finish",
            Chapter.FINISHING,
            "Where do their submissions come from, how far do they get, and what stops them?",
            "",
            "{name} has not been seen trying a submission",
            List.of(
                    new Ask(
                            "wins by submission",
                            new YesNo(Sights.ofBouts("wins by submission", AroundFinishes::won), TAPPED),
                            Wording.plain(
                                    "Of the wins, by submission",
                                    "watched wins",
                                    "{name} won {raw} of the watched wins by submission{claims}")),
                    new Ask(
                                    "finish before",
                                    new Options(TRIES.tally("before", AroundFinishes::before)),
                                    Wording.ofTerms(
                                                    "{option}",
                                                    "submissions within half a minute of something of their own",
                                                    "tries came most often out of {option}, {raw}{claims}")
                                            .under("Out of"))
                            .with(new Ask(
                                    "finish before worked",
                                    new OfEach(TRIES.each("before ends", AroundFinishes::before), Tries.WORKED),
                                    Wording.ofTerms("tapped in {brief}", "", ""))),
                    TRIES.from(),
                    new Ask(
                            "finish limb",
                            Options.andLeftAlone(TRIES.tally("limb", AroundFinishes::limb)),
                            Wording.plain("{option}", "tries at a submission", "")
                                    .under("At")),
                    new Ask(
                            "finish side",
                            new OwnSide(TRIES.tally("side", AroundFinishes::side)),
                            Wording.plain("The other\u2019s left", "locks whose side was told", "")
                                    .under("At")),
                    new Ask(
                            "finish stage",
                            new Options(TRIES.tally("stage", AroundFinishes::stage)),
                            Wording.plain("{option}", "tries without a tap whose stage was told", "")
                                    .under("How far those got that did not tap")
                                    .inOrder(List.of("threat", "locked", "deep"))),
                    TRIES.whenStopped(),
                    new Ask(
                            "finish turned into",
                            new Listed(new Tally("finish turned into", AroundFinishes::turned)),
                            Wording.ofTerms("{option}", "", "").under("Turned into")),
                    new Ask(
                            "finish open too",
                            new Listed(new Tally("finish open too", AroundFinishes::openToo)),
                            Wording.plain("{option}", "", "").under("Open too, and not taken")),
                    new Conditions("finish condition", Kind.SUBMISSION).met(),
                    new Ask(
                            "finish times",
                            new Lasting(new Stays("finish times", AroundFinishes::times)),
                            Wording.plain("{option}", "tries told in steps", "").under("How long it takes")),
                    new Ask(
                            "finish bait",
                            new YesNo(Sights.ofActs("finish bait", Kind.SUBMISSION, AroundFinishes::meant), BAIT),
                            Wording.plain("Only shown, as bait or feint", "submissions whose motive was told", ""))));

    private AroundFinishes() {}
}
