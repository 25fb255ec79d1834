package farglass.core.rules;

import farglass.core.bout.Award;
import farglass.core.bout.Became;
import farglass.core.bout.Bout;
import farglass.core.bout.Covered;
import farglass.core.bout.Moment;
import farglass.core.bout.Motive;
import farglass.core.entry.Kind;
import farglass.core.entry.Meaning;
import farglass.core.entry.Role;
import farglass.core.entry.Technique;
import farglass.core.fact.Layer;
import farglass.core.lexicon.Lexicon;
import farglass.core.side.Seat;
import farglass.core.side.Stage;
import farglass.core.state.Attempt;
import farglass.core.state.MatchClock;
import farglass.core.state.Timeline;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.function.Predicate;
import java.util.stream.Stream;

/** What rests on the referee's judgement alone: never computed, only named as what could be given. */
final class Judgements {
    /** So long after a submission was on is leaving the area still an escape from it. */
    private static final long ESCAPE_MICROS = 10_000_000;

    private final Bout bout;
    private final Ruleset ruleset;
    private final Lexicon lexicon;
    private final Timeline timeline;
    private final MatchClock clock;
    /** By the id of a pass, the moment in which the other turned away from it. */
    private final Map<String, Moment> turns;
    /** By seat and moment: when that athlete next does anything but wait, or the clock stops. */
    private final long[][] nextActs;
    /** By seat: the last submission that was on. */
    private final Moment[] lastSubmission = new Moment[2];

    private final List<Call> calls = new ArrayList<>();

    private Judgements(Bout bout, Ruleset ruleset, Lexicon lexicon, Timeline timeline) {
        this.bout = bout;
        this.ruleset = ruleset;
        this.lexicon = lexicon;
        this.timeline = timeline;
        this.clock = timeline.clock();
        this.turns = turnedAwayFrom(bout, lexicon);
        this.nextActs = nextActs();
    }

    static List<Call> of(Bout bout, Ruleset ruleset, Lexicon lexicon, Timeline timeline) {
        Judgements judgements = new Judgements(bout, ruleset, lexicon, timeline);
        if (ruleset.advantages()) {
            Attempt.of(bout).forEach(judgements::near);
        }
        for (int i = 0; i < bout.moments().size(); i++) {
            judgements.moment(i);
        }
        return judgements.calls;
    }

    private boolean waits(Moment moment) {
        return moment.technique()
                .flatMap(lexicon::technique)
                .filter(technique -> technique.kind() == Kind.WAITING)
                .isPresent();
    }

    private long[][] nextActs() {
        int count = bout.moments().size();
        long[][] next = new long[2][count];
        long[] until = {bout.extentMicros(), bout.extentMicros()};
        for (int i = count - 1; i >= 0; i--) {
            Moment moment = bout.moments().get(i);
            next[0][i] = until[0];
            next[1][i] = until[1];
            if (moment.atMicros().isEmpty()) {
                continue;
            }
            long at = moment.atMicros().getAsLong();
            if (moment.deed().stop().isPresent()) {
                until[0] = at;
                until[1] = at;
            }
            if (moment.actor().isPresent() && moment.deed().did().isPresent() && !waits(moment)) {
                until[moment.actor().get().ordinal()] = at;
            }
        }
        return next;
    }

    private void moment(int index) {
        Moment moment = bout.moments().get(index);
        Optional<Technique> technique = moment.technique().flatMap(lexicon::technique);
        if (technique.isEmpty()
                || moment.actor().isEmpty()
                || moment.atMicros().isEmpty()
                || !bout.header().footage().isLive(moment.atMicros().getAsLong())) {
            return;
        }
        Seat actor = moment.actor().get();
        boolean submissionOn = moment.telling()
                .stage()
                .filter(stage -> stage.isOn(Stage.Ladder.SUBMISSION) && stage != Stage.ESCAPED)
                .isPresent();
        lastSubmission[actor.ordinal()] = submissionOn ? moment : lastSubmission[actor.ordinal()];
        if (technique.get().kind() == Kind.WAITING) {
            stalling(moment, actor, index);
        }
        if (technique.get().means(Meaning.LEAVES_AREA) && ruleset.leavingPoints() > 0) {
            leaving(moment, actor);
        }
        if (technique.get().means(Meaning.REAPS) && ruleset.reapingForbidden()) {
            boolean forced = moment.telling().motive().equals(Optional.of(Motive.FORCED));
            add(
                    forced ? actor.other() : actor,
                    Reason.REAPING,
                    Award.penalty(),
                    moment,
                    forced
                            ? "The leg position is forbidden, and the other is told to have forced it: who caused it could be penalised."
                            : "The leg position is forbidden: who caused it could be penalised.");
        }
    }

    /** What was nearly reached is asked of the whole attempt: nothing beside the award it became, and no more than one of it. */
    private void near(Attempt attempt) {
        Optional<Technique> tried = attempt.technique(lexicon);
        if (tried.isEmpty()
                || attempt.actor().isEmpty()
                || attempt.succeeded()
                || attempt.steps().stream().noneMatch(this::isLive)) {
            return;
        }
        Technique technique = tried.get();
        List<String> nearly = ids(attempt, step -> step.became(Became.NEARLY));
        switch (technique.kind()) {
            case TAKEDOWN, SWEEP, PASS -> {
                Reason reason = Reason.valueOf(technique.kind().name());
                Optional<Moment> turn = technique.kind() == Kind.PASS
                        ? attempt.steps().stream()
                                .flatMap(step -> Optional.ofNullable(turns.get(step.id())).stream())
                                .findFirst()
                        : Optional.empty();
                if (turn.isPresent()) {
                    advantage(attempt, reason, List.of(turn.get().id()), turned(turn.get()));
                } else if (!nearly.isEmpty()) {
                    advantage(
                            attempt,
                            reason,
                            nearly,
                            "%s nearly worked (%s): an advantage could be given."
                                    .formatted(technique.label(), String.join(", ", nearly)));
                }
            }
            case SUBMISSION -> {
                List<String> on = ids(
                        attempt,
                        step -> step.became(Became.NEARLY)
                                || step.telling()
                                        .stage()
                                        .filter(at -> at == Stage.LOCKED || at == Stage.DEEP)
                                        .isPresent());
                if (!on.isEmpty()) {
                    advantage(
                            attempt,
                            Reason.SUBMISSION,
                            on,
                            "%s was on (%s): if it was a real threat, an advantage could be given."
                                    .formatted(technique.label(), String.join(", ", on)));
                }
            }
            default -> {}
        }
    }

    private static List<String> ids(Attempt attempt, Predicate<Moment> wanted) {
        return attempt.steps().stream().filter(wanted).map(Moment::id).toList();
    }

    private boolean isLive(Moment moment) {
        return moment.atMicros().isPresent()
                && bout.header().footage().isLive(moment.atMicros().getAsLong());
    }

    private String turned(Moment turn) {
        return "%s stopped the pass with \u201c%s\u201d (%s): an advantage could be given."
                .formatted(
                        turn.actor()
                                .map(seat -> bout.header().contestant(seat).name())
                                .orElse("The other one"),
                        turn.technique().map(lexicon::label).orElse("turning away"),
                        turn.id());
    }

    private void advantage(Attempt attempt, Reason reason, List<String> also, String sentence) {
        // At the instant of the step that came nearest: there the referee would show it.
        Moment at = attempt.steps().stream()
                .filter(step -> also.contains(step.id()))
                .findFirst()
                .orElse(attempt.last());
        List<String> moments = Stream.concat(Stream.of(attempt.first().id()), also.stream())
                .distinct()
                .toList();
        calls.add(new Call(
                Call.Verdict.COULD,
                attempt.actor().orElseThrow(),
                reason,
                Award.advantage(),
                at.atMicros().orElse(0),
                moments,
                sentence));
    }

    /** {@return by the id of each pass that somebody answered by turning away, the turn} */
    private static Map<String, Moment> turnedAwayFrom(Bout bout, Lexicon lexicon) {
        Map<String, Moment> passes = new HashMap<>();
        for (Moment moment : bout.moments()) {
            boolean turned = moment.technique()
                    .flatMap(lexicon::technique)
                    .filter(technique -> technique.means(Meaning.TURNS_AWAY))
                    .isPresent();
            if (turned) {
                moment.telling().answers().ifPresent(pass -> passes.putIfAbsent(pass, moment));
            }
        }
        return passes;
    }

    private void stalling(Moment moment, Seat actor, int index) {
        if (ruleset.stalling().isEmpty()) {
            return;
        }
        Ruleset.Stalling stalling = ruleset.stalling().get();
        long at = moment.atMicros().getAsLong();
        OptionalLong half = ruleset.length(bout.header());
        boolean tooEarly = stalling.kind() == Award.Kind.NEGATIVE
                && ruleset.pointsFromHalf()
                && half.isPresent()
                && clock.leftMicros(at).isPresent()
                && clock.leftMicros(at).getAsLong() > half.getAsLong() / 2;
        if (tooEarly) {
            return;
        }
        // Who is held down does not stall; and of what nobody watched, nothing is told because nothing was looked for.
        boolean heldDown = timeline.before(moment).roleOf(actor) == Role.BOTTOM
                && !timeline.before(moment).position().family().isGuard();
        OptionalLong watched = watchedUntil(at);
        if (heldDown || watched.isEmpty()) {
            return;
        }
        long until = Math.min(nextActs[actor.ordinal()][index], watched.getAsLong());
        long passive = clock.playedMicros(until) - clock.playedMicros(at);
        if (passive >= stalling.micros()) {
            add(
                    actor,
                    Reason.STALLING,
                    Award.of(stalling.kind()),
                    moment,
                    "%s: nothing is told of %s for %s; the guide is %s. Whether it is stalling is the referee's."
                            .formatted(
                                    moment.id(),
                                    bout.header().contestant(actor).name(),
                                    Holds.seconds(passive),
                                    Holds.seconds(stalling.micros())));
        }
    }

    /** {@return to where the story was watched without a gap from that instant; empty if it was not watched there} */
    private OptionalLong watchedUntil(long at) {
        return bout.header().covered().stream()
                .filter(covered -> covered.layer() == Layer.STORY)
                .filter(covered -> covered.fromMicros() <= at && at <= covered.toMicros())
                .mapToLong(Covered::toMicros)
                .max();
    }

    private void leaving(Moment moment, Seat actor) {
        long at = moment.atMicros().getAsLong();
        Optional<Moment> attack = Optional.ofNullable(
                        lastSubmission[actor.other().ordinal()])
                .filter(earlier -> at - earlier.atMicros().orElse(0) <= ESCAPE_MICROS);
        attack.ifPresent(
                submission -> calls.add(
                        new Call(
                                Call.Verdict.COULD,
                                actor.other(),
                                Reason.LEAVING,
                                Award.points(ruleset.leavingPoints()),
                                at,
                                List.of(submission.id(), moment.id()),
                                "The area was left while a submission was on: points to the other if the referee sees an escape in it.")));
    }

    private void add(Seat to, Reason reason, Award gift, Moment moment, String sentence) {
        calls.add(new Call(
                Call.Verdict.COULD, to, reason, gift, moment.atMicros().orElse(0), List.of(moment.id()), sentence));
    }
}
