package farglass.core.rules;

import farglass.core.bout.Award;
import farglass.core.bout.Became;
import farglass.core.bout.Bout;
import farglass.core.bout.Deed;
import farglass.core.bout.Moment;
import farglass.core.bout.Motive;
import farglass.core.bout.Seat;
import farglass.core.bout.Stage;
import farglass.core.lexicon.Kind;
import farglass.core.lexicon.Lexicon;
import farglass.core.lexicon.Technique;
import farglass.core.state.MatchClock;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.Set;

/** What rests on the referee's judgement alone: never computed, only named as what could be given. */
final class Judgements {
    /** So long after a submission was on is leaving the area still an escape from it. */
    private static final long ESCAPE_MICROS = 10_000_000;

    private static final Set<String> TURNED_AWAY = Set.of("turtle-up", "invert");

    private final Bout bout;
    private final Ruleset ruleset;
    private final Lexicon lexicon;
    private final MatchClock clock;
    private final Set<String> stoppedByTurning;
    /** By seat and moment: when that athlete next does anything but wait, or the clock stops. */
    private final long[][] nextActs;
    /** By seat: the last submission that was on. */
    private final Moment[] lastSubmission = new Moment[2];

    private final List<Call> calls = new ArrayList<>();

    private Judgements(Bout bout, Ruleset ruleset, Lexicon lexicon, MatchClock clock) {
        this.bout = bout;
        this.ruleset = ruleset;
        this.lexicon = lexicon;
        this.clock = clock;
        this.stoppedByTurning = turnedAwayFrom(bout);
        this.nextActs = nextActs();
    }

    static List<Call> of(Bout bout, Ruleset ruleset, Lexicon lexicon, MatchClock clock) {
        Judgements judgements = new Judgements(bout, ruleset, lexicon, clock);
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
            if (moment.deed() instanceof Deed.Stopped) {
                until[0] = at;
                until[1] = at;
            }
            if (moment.actor().isPresent() && moment.deed() instanceof Deed.Did && !waits(moment)) {
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
        if (ruleset.advantages()) {
            near(moment, technique.get(), actor);
        }
        if (technique.get().kind() == Kind.WAITING) {
            stalling(moment, actor, index);
        }
        if (technique.get().key().equals("leave-area") && ruleset.leavingPoints() > 0) {
            leaving(moment, actor);
        }
        if (technique.get().key().equals("reap") && ruleset.reapingForbidden()) {
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

    private void near(Moment moment, Technique technique, Seat actor) {
        boolean nearly = moment.became(Became.NEARLY);
        switch (technique.kind()) {
            case TAKEDOWN, SWEEP, PASS -> {
                boolean turned = technique.kind() == Kind.PASS
                        && !moment.became(Became.HELD)
                        && stoppedByTurning.contains(moment.id());
                if (nearly || turned) {
                    add(
                            actor,
                            Reason.valueOf(technique.kind().name()),
                            Award.advantage(),
                            moment,
                            turned
                                    ? "Turned away or inverted to stop the pass: an advantage could be given."
                                    : "%s nearly worked: an advantage could be given.".formatted(technique.label()));
                }
            }
            case SUBMISSION -> {
                Optional<Stage> stage = moment.telling().stage();
                if (nearly
                        || stage.filter(at -> at == Stage.LOCKED || at == Stage.DEEP)
                                .isPresent()) {
                    add(
                            actor,
                            Reason.SUBMISSION,
                            Award.advantage(),
                            moment,
                            "%s was on: if it was a real threat, an advantage could be given."
                                    .formatted(technique.label()));
                }
            }
            default -> {}
        }
    }

    /** {@return ids of the moments that somebody answered by turning away} */
    private static Set<String> turnedAwayFrom(Bout bout) {
        Set<String> passes = new HashSet<>();
        for (Moment moment : bout.moments()) {
            if (moment.deed() instanceof Deed.Did did && TURNED_AWAY.contains(did.technique())) {
                moment.telling().answers().ifPresent(passes::add);
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
        long until = nextActs[actor.ordinal()][index];
        long passive = clock.playedMicros(until) - clock.playedMicros(at);
        if (passive >= stalling.micros()) {
            add(
                    actor,
                    Reason.STALLING,
                    Award.of(stalling.kind()),
                    moment,
                    "Nothing is told of %s for %s; the guide is %s. Whether it is stalling is the referee's."
                            .formatted(
                                    bout.header().contestant(actor).name(),
                                    Holds.seconds(passive),
                                    Holds.seconds(stalling.micros())));
        }
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
