package farglass.core.catalogue.passing;

import farglass.core.bout.Award;
import farglass.core.bout.Became;
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
import farglass.core.entry.Family;
import farglass.core.entry.Kind;
import farglass.core.entry.Role;
import farglass.core.estimate.time.Stay;
import farglass.core.fact.Grip;
import farglass.core.fact.Layer;
import farglass.core.measure.Lasting;
import farglass.core.measure.OfEach;
import farglass.core.measure.Options;
import farglass.core.measure.YesNo;
import farglass.core.question.Ask;
import farglass.core.question.Chapter;
import farglass.core.question.Question;
import farglass.core.question.Wording;
import farglass.core.side.Part;
import farglass.core.side.Seat;
import farglass.core.state.Conversation;
import farglass.core.state.Visit;
import java.util.List;
import java.util.Optional;

/** What stands round her passes: grips and feints before, how long it takes, near-passes paid, and whether a pass is kept. */
public final class AroundPasses {
    private static final Tries TRIES = new Tries("pass", "tries to pass", Kind.PASS);
    private static final String PAID = "paid";
    private static final String KEPT = "pinned";
    private static final String FEINTED = "with a feint just before";
    private static final long PAID_MICROS = 15_000_000;
    private static final long FEINT_MICROS = 5_000_000;
    private static final long PINNED_MICROS = 3_000_000;

    /** Whether an advantage was given for a near-pass, where the rules know advantages. */
    private static Optional<String> paid(BoutSheet sheet, CountedTry tried) {
        Moment last = tried.attempt().last();
        boolean near = !tried.worked() && tried.attempt().steps().stream().anyMatch(step -> step.became(Became.NEARLY));
        if (!near
                || !sheet.bout().header().ruleset().contains("advantage")
                || last.atMicros().isEmpty()) {
            return Optional.empty();
        }
        boolean given = sheet.seen().stream()
                .filter(moment -> moment.actor().equals(tried.attempt().actor()))
                .filter(moment -> moment.deed().gives(Award.Kind.ADVANTAGE))
                .anyMatch(moment -> moment.atMicros().isPresent()
                        && moment.atMicros().getAsLong() >= last.atMicros().getAsLong()
                        && Conversation.isWithin(PAID_MICROS, last, moment));
        return Optional.of(given ? PAID : "not paid");
    }

    private static String feint(BoutSheet sheet, CountedTry tried) {
        Moment first = tried.first();
        boolean feinted = sheet.seen().stream()
                .filter(moment -> moment.actor().equals(first.actor()))
                .filter(moment -> moment.telling().motive().equals(Optional.of(Motive.FEINT)))
                .anyMatch(moment -> moment.atMicros().isPresent()
                        && first.atMicros().isPresent()
                        && moment.atMicros().getAsLong() <= first.atMicros().getAsLong()
                        && Conversation.isWithin(FEINT_MICROS, moment, first));
        return feinted ? FEINTED : "without one";
    }

    private static Ask feints() {
        return new Ask(
                "pass feint",
                new OfEach(TRIES.each("feint", (sheet, tried) -> Optional.of(feint(sheet, tried))), Tries.WORKED),
                Wording.plain("Passed {option}", "tries to pass so", "").under("Feints"));
    }

    private static String words(Grip grip) {
        Part holder = grip.holder();
        String hand = holder.side().map(side -> side.label() + " ").orElse("")
                + holder.kind().label();
        return hand + " on the " + grip.target().kind().label();
    }

    /** Each grip that she holds when a pass begins: both hands of one pass are two. */
    private static List<Evidence> grips(BoutSheet sheet, Seat seat) {
        return sheet.tried(seat, Kind.PASS).stream()
                .filter(tried -> sheet.covers(Layer.GRIPS, tried.first()))
                .flatMap(tried -> sheet.telling(Grip.class).stream()
                        .filter(moment -> moment.atMicros().isPresent()
                                && moment.atMicros().getAsLong()
                                        <= tried.first().atMicros().getAsLong())
                        .flatMap(moment -> sheet.facts(moment, Grip.class)
                                .filter(grip -> grip.holder().owner() == seat && holds(grip, moment, tried))
                                .map(grip -> tried.evidence(sheet.bout(), words(grip)))))
                .toList();
    }

    /** A grip whose end was not told is taken to hold for half a minute. */
    private static boolean holds(Grip grip, Moment since, CountedTry tried) {
        long at = tried.first().atMicros().orElseThrow();
        return grip.untilMicros().isPresent()
                ? grip.untilMicros().getAsLong() >= at
                : at - since.atMicros().orElseThrow() <= 30_000_000;
    }

    /** From the beginning of a stay on top of a guard to each line first beaten in it; stays without are seen to last. */
    private static List<TimedStay> lines(BoutSheet sheet, Seat seat) {
        return sheet.visits().stream()
                .filter(visit -> isOnTop(visit, seat))
                .flatMap(visit -> sheet.tried(seat, Kind.PASS).stream()
                        .flatMap(tried -> tried.attempt().steps().stream())
                        .filter(step -> step.atMicros().isPresent()
                                && step.atMicros().getAsLong() >= visit.fromMicros()
                                && step.atMicros().getAsLong() <= visit.toMicros())
                        .flatMap(step -> step.telling().line().stream()
                                .map(line -> new TimedStay(
                                        Sights.at(sheet, step, "Until the %s line".formatted(line.label())),
                                        new Stay(
                                                played(sheet, visit.fromMicros(), step),
                                                true,
                                                sheet.bout().id()))))
                        .collect(java.util.stream.Collectors.toMap(
                                timed -> timed.evidence().option(), timed -> timed, (one, later) -> one))
                        .values()
                        .stream())
                .toList();
    }

    private static double played(BoutSheet sheet, long from, Moment step) {
        return Math.max(
                        0,
                        sheet.timeline().clock().playedMicros(step.atMicros().orElseThrow())
                                - sheet.timeline().clock().playedMicros(from))
                / 1e6;
    }

    private static boolean isOnTop(Visit visit, Seat seat) {
        Family family = visit.stand().position().family();
        return (family.isGuard() || family == Family.PASSING) && visit.stand().roleOf(seat) == Role.TOP;
    }

    /** Whether three seconds after a pass she is still past the legs. */
    private static Optional<String> kept(BoutSheet sheet, CountedTry tried) {
        Moment last = tried.attempt().last();
        if (!tried.worked()
                || last.atMicros().isEmpty()
                || tried.attempt().actor().isEmpty()) {
            return Optional.empty();
        }
        long then = last.atMicros().getAsLong() + PINNED_MICROS;
        if (then > sheet.timeline().endMicros()) {
            return Optional.empty();
        }
        var stand = sheet.timeline().at(then);
        Family family = stand.position().family();
        boolean past = stand.roleOf(tried.attempt().actor().get()) == Role.TOP
                && (family == Family.PIN
                        || family == Family.BACK
                        || family == Family.FINISH
                        || family == Family.TURTLE
                        || family == Family.NONE);
        return Optional.of(past ? KEPT : "lost again");
    }

    public static final Question QUESTION = new Question(
            "around pass",
            Chapter.PASSING,
            "What stands round their passes: grips, feints, time, and what they keep?",
            "",
            "{name} has not been seen trying to pass",
            List.of(
                    new Ask(
                            "near pass paid",
                            new YesNo(TRIES.tally("paid", AroundPasses::paid), PAID),
                            Wording.plain(
                                    "Near-passes that were given an advantage",
                                    "near-passes under rules with advantages",
                                    "near-passes were given an advantage in {raw}")),
                    new Ask(
                            "pass kept",
                            new YesNo(TRIES.tally("kept", AroundPasses::kept), KEPT),
                            Wording.plain(
                                    "Still past the legs three seconds later",
                                    "passes that worked",
                                    "after a pass {name} still held it three seconds later {often}, in {raw}{claims}")),
                    new Ask(
                            "pass lines after",
                            new Lasting(new Stays("pass lines", AroundPasses::lines)),
                            Wording.plain("{option}", "stays on top of a guard in which it was beaten", "")
                                    .under("Seconds from coming on top")),
                    new Ask(
                                    "pass grips",
                                    new Options(new Tally("pass grips", AroundPasses::grips)),
                                    Wording.plain("{option}", "grips held as a pass began", "")
                                            .under("Grips held before"))
                            .needing(Layer.GRIPS),
                    feints(),
                    new Conditions("pass condition", Kind.PASS).met()));

    private AroundPasses() {}
}
