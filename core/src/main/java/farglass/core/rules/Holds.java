package farglass.core.rules;

import farglass.core.bout.Award;
import farglass.core.bout.Bout;
import farglass.core.bout.Moment;
import farglass.core.bout.Times;
import farglass.core.entry.Control;
import farglass.core.entry.Kind;
import farglass.core.entry.Meaning;
import farglass.core.entry.Technique;
import farglass.core.fact.Certainty;
import farglass.core.lexicon.Lexicon;
import farglass.core.side.Seat;
import farglass.core.side.Stage;
import farglass.core.state.MatchClock;
import farglass.core.state.Stand;
import farglass.core.state.Timeline;
import farglass.core.state.Visit;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.Iterator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.Set;

/**
 * Walks through the positions of a bout and finds what was reached and held: takedowns, sweeps, passes, knee on belly, mount
 * and back. What is certain by pattern and hold is told apart from what rests on a judgement and from what is too near to call.
 */
final class Holds {
    private final Bout bout;
    private final Ruleset ruleset;
    private final Lexicon lexicon;
    private final Timeline timeline;
    private final MatchClock clock;
    private final HoldTimes times;
    private final Map<String, Moment> byId = new HashMap<>();
    private final List<Call> calls = new ArrayList<>();
    private final List<Lost> lost = new ArrayList<>();
    private final List<HoldInProgress> pending = new ArrayList<>();
    private final List<Set<Scored>> kept = List.of(EnumSet.noneOf(Scored.class), EnumSet.noneOf(Scored.class));
    private final long pointsFromMicros;

    /** The last stand that was settled, and whether something unseen lies between it and now. */
    private Stand origin;

    private boolean blurred;
    /** The moments by which a back was last taken of which no hooks were told. */
    private List<String> untoldBack = List.of();
    /** Whether legs were entangled straight from the feet, so that nobody was ever underneath. */
    private boolean entangledFromTheFeet;
    /** Who is coming up from a guard with a leg in hand, so that what follows is a sweep and no takedown. */
    private Optional<Seat> rising = Optional.empty();

    /** A hold that was too short, for comparing with what the referee gave. */
    record Lost(Seat to, Scored scored, int points, long atMicros, long heldMicros) {}

    Holds(Bout bout, Ruleset ruleset, Lexicon lexicon, Timeline timeline) {
        this.bout = bout;
        this.ruleset = ruleset;
        this.lexicon = lexicon;
        this.timeline = timeline;
        this.clock = timeline.clock();
        this.times = new HoldTimes(bout, clock, ruleset.errorMicros());
        this.pointsFromMicros = pointsFrom();
        for (Moment moment : bout.moments()) {
            byId.put(moment.id(), moment);
        }
        walk();
    }

    List<Call> calls() {
        return calls;
    }

    List<Lost> lost() {
        return lost;
    }

    /** {@return match time of this timeline from which points count; below 0 where they counted before the film began} */
    private long pointsFrom() {
        OptionalLong length = ruleset.length(bout.header());
        if (!ruleset.pointsFromHalf() || length.isEmpty()) {
            return Long.MIN_VALUE / 2;
        }
        long gone = bout.header()
                .footage()
                .opening()
                .filter(opening -> opening.leftMicros().isPresent())
                .map(opening -> length.getAsLong() - opening.leftMicros().getAsLong())
                .orElse(0L);
        return length.getAsLong() / 2 - gone;
    }

    private void walk() {
        boolean first = true;
        for (Visit visit : timeline.visits()) {
            if (first) {
                origin = visit.stand();
                blurred = !visit.stand().position().isSettled();
                first = false;
            } else {
                arrive(visit);
            }
        }
        end();
    }

    private void arrive(Visit visit) {
        Stand stand = visit.stand();
        boolean settled = stand.position().isSettled() || stand.position().control() != Control.NONE;
        // Reached before the holds are asked: a hold still under way tells whether the other had anything to sweep.
        List<HoldInProgress> reached = settled ? reached(visit) : List.of();
        if (settled) {
            hooksTold(stand);
        }
        for (Iterator<HoldInProgress> all = pending.iterator(); all.hasNext(); ) {
            HoldInProgress each = all.next();
            if (!goesOn(each, visit)) {
                all.remove();
            }
        }
        if (!settled) {
            blurred = true;
            return;
        }
        reached.forEach(each -> {
            pending.add(each);
            boolean untold = stand.position().control() == Control.BACK_UNTOLD;
            untoldBack = untold && each.scored == Scored.BACK ? each.moments : untoldBack;
            if (each.scored != Scored.TAKEDOWN && each.scored != Scored.SWEEP && !untold) {
                kept.get(each.to.ordinal()).add(each.scored);
            }
        });
        forget(stand);
        rise(stand);
        if (origin.position().control() != Control.NEUTRAL) {
            entangledFromTheFeet = !blurred && origin.position().control() == Control.STANDING;
        }
        origin = stand;
        blurred = false;
    }

    /** Hooks told later were not in before: what could be given for a back without a word of them is given up. */
    private void hooksTold(Stand stand) {
        Control control = stand.position().control();
        boolean sameBack = origin.position().control() == Control.BACK_UNTOLD
                && control.isBack()
                && stand.top().equals(origin.top());
        if (!sameBack || control == Control.BACK_UNTOLD) {
            return;
        }
        pending.removeIf(each -> each.scored == Scored.BACK && each.moments.equals(untoldBack));
        calls.removeIf(call -> call.reason() == Reason.BACK && call.moments().equals(untoldBack));
    }

    /** A place scores again once the other has left it by her own doing: guard regained, reversed, or up. */
    private void forget(Stand stand) {
        for (Seat seat : Seat.values()) {
            Control control = stand.position().control();
            boolean stillHeld = stand.top().equals(Optional.of(seat))
                    && (control.isPast() || control == Control.TURTLE || control == Control.NONE);
            if (!stillHeld) {
                kept.get(seat.ordinal()).clear();
            }
        }
    }

    private void rise(Stand stand) {
        boolean standing =
                stand.position().control() == Control.STANDING && stand.top().isPresent();
        boolean fromGuard = origin.position().control() == Control.GUARD
                && origin.top().isPresent()
                && !origin.top().equals(stand.top());
        rising = standing && (fromGuard || rising.equals(stand.top())) ? stand.top() : Optional.empty();
    }

    private List<HoldInProgress> reached(Visit visit) {
        Stand stand = visit.stand();
        Control control = stand.position().control();
        Optional<Moment> by = visit.openedBy().map(byId::get);
        pull(visit, by);
        if (stand.top().isEmpty() || !control.isTopOnGround()) {
            return List.of();
        }
        Seat top = stand.top().get();
        List<HoldInProgress> reached = new ArrayList<>();
        boolean unsure = blurred
                || by.filter(moment -> moment.telling().certainty() != Certainty.SURE)
                        .isPresent();
        Call.Verdict told = unsure ? Call.Verdict.COULD : Call.Verdict.BY_RULES;
        switch (origin.position().control()) {
            case STANDING -> {
                if (rising.equals(Optional.of(top))) {
                    add(reached, top, Scored.SWEEP, told, visit);
                } else {
                    takedown(top, by).ifPresent(sure -> add(reached, top, Scored.TAKEDOWN, sure.with(told), visit));
                }
            }
            case NEUTRAL -> comeUp(top, visit, reached);
            case GUARD -> {
                boolean wasUnder = origin.top().filter(other -> other != top).isPresent();
                if (wasUnder && !control.isBack()) {
                    // Swept back before the other had settled: whether there was a guard to sweep from is a judgement.
                    boolean unsettled =
                            pending.stream().anyMatch(each -> each.to != top && !isHeld(each, visit.fromMicros()));
                    add(reached, top, Scored.SWEEP, unsettled ? Call.Verdict.COULD : told, visit);
                } else if (!wasUnder && control.isPast()) {
                    add(reached, top, Scored.PASS, told, visit);
                }
            }
            default -> {}
        }
        for (Scored place : List.of(Scored.KNEE, Scored.MOUNT, Scored.BACK)) {
            if (place.holdsIn(control, ruleset.triangleCounts())
                    && !kept.get(top.ordinal()).contains(place)) {
                boolean hooksUntold = control == Control.BACK_UNTOLD;
                add(reached, top, place, hooksUntold ? Call.Verdict.COULD : told, visit);
            }
        }
        return reached;
    }

    private void add(List<HoldInProgress> reached, Seat to, Scored scored, Call.Verdict told, Visit visit) {
        Ruleset.Worth worth = ruleset.worths().get(scored);
        if (worth == null) {
            return;
        }
        Optional<Call.Verdict> counts = counting(visit.fromMicros());
        if (counts.isEmpty()) {
            // Reached before points count: it gives nothing later, unless it is reached anew.
            kept.get(to.ordinal()).add(scored);
            return;
        }
        reached.add(new HoldInProgress(
                to,
                scored,
                worth,
                told.with(counts.get()),
                visit,
                visit.openedBy().stream().toList()));
    }

    /** {@return whether points count at that instant; arguable within the tagging error of their beginning; empty before} */
    private Optional<Call.Verdict> counting(long at) {
        long past = clock.playedMicros(at) - pointsFromMicros;
        if (clock.inOvertime(at) || past > ruleset.errorMicros()) {
            return Optional.of(Call.Verdict.BY_RULES);
        }
        return past < -ruleset.errorMicros() ? Optional.empty() : Optional.of(Call.Verdict.ARGUABLE);
    }

    /** {@return how sure a takedown it is for the one now on top; empty if it is none} */
    private Optional<Call.Verdict> takedown(Seat top, Optional<Moment> by) {
        boolean held = origin.top().equals(Optional.of(top));
        Optional<Technique> technique = by.flatMap(Moment::technique).flatMap(lexicon::technique);
        boolean own = by.flatMap(Moment::actor).equals(Optional.of(top));
        if (technique.filter(each -> each.kind() == Kind.PULL).isPresent()) {
            if (held && !own) {
                return Optional.of(Call.Verdict.BY_RULES);
            }
            boolean answersAnAttack = by.flatMap(moment -> moment.telling().answers())
                    .map(byId::get)
                    .flatMap(Moment::technique)
                    .flatMap(lexicon::technique)
                    .filter(each -> each.kind() == Kind.TAKEDOWN || each.kind() == Kind.ENTRY)
                    .isPresent();
            return answersAnAttack && !own ? Optional.of(Call.Verdict.COULD) : Optional.empty();
        }
        boolean certain =
                own && technique.filter(each -> each.kind() == Kind.TAKEDOWN).isPresent();
        return Optional.of(certain ? Call.Verdict.BY_RULES : Call.Verdict.COULD);
    }

    private void comeUp(Seat top, Visit visit, List<HoldInProgress> reached) {
        if (!origin.position().means(Meaning.BOTH_SAT)) {
            // Who was passing when the legs were entangled was never underneath, and cannot sweep.
            boolean neverUnderneath = origin.passing().equals(Optional.of(top))
                    || origin.passing().isEmpty() && entangledFromTheFeet;
            if (!neverUnderneath) {
                add(reached, top, Scored.SWEEP, Call.Verdict.COULD, visit);
            }
        } else if (ruleset.advantages()) {
            calls.add(new Call(
                    Call.Verdict.COULD,
                    top,
                    Reason.COMING_UP,
                    Award.advantage(),
                    visit.fromMicros(),
                    visit.openedBy().stream().toList(),
                    "Coming up from a double pull and settling on top gives no points; an advantage could be given."));
        }
    }

    private void pull(Visit visit, Optional<Moment> by) {
        boolean pulled = by.flatMap(Moment::technique)
                .flatMap(lexicon::technique)
                .filter(technique -> technique.kind() == Kind.PULL)
                .isPresent();
        if (!pulled || !ruleset.pullCosts() || by.flatMap(Moment::actor).isEmpty()) {
            return;
        }
        Seat puller = by.flatMap(Moment::actor).get();
        boolean conceded = origin.top().equals(Optional.of(puller.other()));
        Optional<Call.Verdict> counts = counting(visit.fromMicros());
        if (conceded || counts.isEmpty()) {
            return;
        }
        negative(puller, counts.get(), visit, "Sitting down once points count costs a negative.");
        if (visit.stand().position().control() == Control.NEUTRAL) {
            negative(
                    puller.other(),
                    Call.Verdict.COULD,
                    visit,
                    "Both sat down; only one of them is told to have pulled.");
        }
    }

    private void negative(Seat to, Call.Verdict verdict, Visit visit, String sentence) {
        calls.add(new Call(
                verdict,
                to,
                Reason.PULL,
                Award.of(Award.Kind.NEGATIVE),
                visit.fromMicros(),
                visit.openedBy().stream().toList(),
                sentence));
    }

    private boolean isHeld(HoldInProgress each, long until) {
        return times.longestPartMicros(each.sinceMicros(), until) >= ruleset.holdMicros() + ruleset.errorMicros();
    }

    /** {@return whether it must still be held; what is decided is called} */
    private boolean goesOn(HoldInProgress each, Visit visit) {
        long at = visit.fromMicros();
        if (isHeld(each, at)) {
            held(each);
            return false;
        }
        if (each.goesOnIn(visit, ruleset.triangleCounts())) {
            return true;
        }
        broken(each, at, !visit.stand().position().isSettled());
        return false;
    }

    private void held(HoldInProgress each) {
        call(
                each,
                each.atBest,
                Award.points(each.points()),
                "%s reached at %s and held for the required %s."
                                .formatted(each.where, Times.tenths(each.sinceMicros()), seconds(ruleset.holdMicros()))
                        + because(each));
    }

    private static String because(HoldInProgress each) {
        return switch (each.atBest) {
            case BY_RULES -> "";
            case COULD -> " How it was reached was not told for certain, or is the referee's to judge.";
            case ARGUABLE -> " It was reached within the tagging error of the instant from which points count.";
        };
    }

    private void broken(HoldInProgress each, long at, boolean unseen) {
        long whole = clock.playedMicros(at) - clock.playedMicros(each.sinceMicros());
        long part = times.longestPartMicros(each.sinceMicros(), at);
        Optional<Long> timed = times.timedMicros(each.sinceMicros(), at);
        long required = ruleset.holdMicros();
        if (timed.isPresent() && timed.get() >= required) {
            call(
                    each,
                    each.atBest,
                    Award.points(each.points()),
                    "%s held for %s as timed on the film, and %s are required."
                            .formatted(each.where, seconds(timed.get()), seconds(required)));
        } else if (timed.isEmpty() && Math.abs(part - required) < ruleset.errorMicros()) {
            call(
                    each,
                    each.atBest == Call.Verdict.COULD ? Call.Verdict.COULD : Call.Verdict.ARGUABLE,
                    Award.points(each.points()),
                    "%s held for %s as tagged, and %s are required: within the tagging error of %s. Time it on the film."
                            .formatted(each.where, seconds(part), seconds(required), seconds(ruleset.errorMicros())));
        } else if (part < whole && whole >= required) {
            call(
                    each,
                    Call.Verdict.COULD,
                    Award.points(each.points()),
                    "%s held for %s in two parts, before and after a stoppage; whether they add up is the referee's."
                            .formatted(each.where, seconds(whole)));
        } else if (unseen) {
            call(
                    each,
                    Call.Verdict.COULD,
                    Award.points(each.points()),
                    "%s reached; how it went on is not told.".formatted(each.where));
        } else {
            tooShort(each, at, timed.orElse(whole));
        }
    }

    private void tooShort(HoldInProgress each, long at, long held) {
        lost.add(new Lost(each.to, each.scored, each.points(), each.sinceMicros(), held));
        if (ruleset.advantages()) {
            calls.add(new Call(
                    Call.Verdict.COULD,
                    each.to,
                    Reason.of(each.scored),
                    Award.advantage(),
                    at,
                    each.moments,
                    "%s held for %s only, and %s are required: an advantage could be given."
                            .formatted(each.where, seconds(held), seconds(ruleset.holdMicros()))));
        }
    }

    private void call(HoldInProgress each, Call.Verdict verdict, Award gift, String sentence) {
        calls.add(new Call(
                verdict,
                each.to,
                Reason.of(each.scored),
                gift,
                Math.min(each.sinceMicros() + ruleset.holdMicros(), timeline.endMicros()),
                each.moments,
                sentence));
    }

    private void end() {
        long end = timeline.endMicros();
        OptionalLong left = clock.leftMicros(end);
        boolean tapped = bout.moments().stream()
                .anyMatch(moment -> moment.telling().stage().equals(Optional.of(Stage.TAP)));
        boolean timeRanOut = left.isPresent() && left.getAsLong() <= 1_000_000 && left.getAsLong() >= 0;
        for (HoldInProgress each : pending) {
            if (isHeld(each, end)) {
                held(each);
            } else if ((timeRanOut || tapped) && !bout.header().footage().endsEarly()) {
                broken(each, end, false);
            } else {
                call(
                        each,
                        Call.Verdict.COULD,
                        Award.points(each.points()),
                        "%s reached; the film ends during the hold.".formatted(each.where));
            }
        }
    }

    /** {@return the time to a tenth of a second, such as "3 s" or "2.5 s"} */
    static String seconds(long micros) {
        long tenths = Math.round(micros / 1e5);
        return tenths / 10 + (tenths % 10 == 0 ? "" : "." + tenths % 10) + " s";
    }
}
