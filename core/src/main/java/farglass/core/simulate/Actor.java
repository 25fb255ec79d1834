package farglass.core.simulate;

import farglass.core.bout.Award;
import farglass.core.bout.Became;
import farglass.core.bout.Bout;
import farglass.core.bout.Deed;
import farglass.core.bout.Header;
import farglass.core.bout.Line;
import farglass.core.bout.Method;
import farglass.core.bout.Moment;
import farglass.core.bout.OwnedSide;
import farglass.core.bout.Result;
import farglass.core.bout.Seat;
import farglass.core.bout.Settled;
import farglass.core.bout.Side;
import farglass.core.bout.Stage;
import farglass.core.bout.Telling;
import farglass.core.lexicon.Ends;
import farglass.core.lexicon.Kind;
import farglass.core.lexicon.Lexicon;
import farglass.core.lexicon.Position;
import farglass.core.lexicon.SideRule;
import farglass.core.lexicon.Technique;
import farglass.core.rules.Board;
import farglass.core.script.Beat;
import farglass.core.script.Call;
import farglass.core.script.Pose;
import farglass.core.script.Script;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.TreeMap;
import java.util.random.RandomGenerator;

/** Acts out one bout: who does what when, how it ends, what the referee gives, and what the camera sees. */
final class Actor {
    private static final long SECOND = 1_000_000;
    /** Between two things worth tagging, on average. Most of a match is quiet. */
    private static final double QUIET_SECONDS = 6.5;
    /** A stretch in which nothing is worth tagging; the two are seen holding still. */
    private static final String QUIET = "wait";
    /** The form of the day moves the log-odds of every success of a bout by this much (SD). */
    private static final double FORM = 0.5;
    /** Two who know each other's game give little away: added to the log-odds of every success. */
    private static final double WARY = -0.35;
    /** What even a careful analyst overlooks. */
    private static final double MISSED = 0.04;

    private final Lexicon lexicon;
    private final RandomGenerator random;
    private final GameSheet[] sheets;
    private final double[] form = new double[2];
    private final List<Moment> moments = new ArrayList<>();
    private final List<Beat> beats = new ArrayList<>();
    private final List<Call> calls = new ArrayList<>();
    private final long length;
    private long now;
    private Position position;
    private Optional<Seat> top = Optional.empty();
    private Optional<Moment> lastAttack = Optional.empty();
    private Optional<Result> tap = Optional.empty();
    private int made;

    private Actor(GameSheet a, GameSheet b, Header header, Lexicon lexicon, RandomGenerator random) {
        this.lexicon = lexicon;
        this.random = random;
        this.sheets = new GameSheet[] {a, b};
        this.length = header.lengthMicros().orElse(300 * SECOND);
        this.position = lexicon.position("standing").orElseThrow();
        form[0] = FORM * random.nextGaussian();
        form[1] = FORM * random.nextGaussian();
    }

    /** {@return a whole bout between the two, with the header's length} */
    static Acted act(String id, GameSheet a, GameSheet b, Header header, Lexicon lexicon, RandomGenerator random) {
        Actor actor = new Actor(a, b, header, lexicon, random);
        long lead = 4 * SECOND + random.nextInt(8) * SECOND;
        actor.beats.add(new Beat(-lead, Pose.RESET, Optional.empty(), false));
        actor.beats.add(new Beat(0, Pose.STANDING, Optional.empty(), random.nextBoolean()));
        actor.calls.add(new Call(0, Optional.empty(), "start"));
        actor.run();
        return actor.finish(id, header, lead);
    }

    private void run() {
        while (tap.isEmpty()) {
            now += Math.round(SECOND * (1.2 - Math.log(1 - random.nextDouble()) * QUIET_SECONDS * 0.9));
            if (now >= length) {
                now = length;
                return;
            }
            if (random.nextDouble() < 0.025) {
                outOfBounds();
            } else {
                decide();
            }
        }
    }

    private String role(Seat seat) {
        return top.map(who -> who == seat ? "top" : "bottom").orElse("neutral");
    }

    /** One athlete and what she does. */
    private record Choice(Seat seat, Option option) {}

    private void decide() {
        List<Choice> choices = new ArrayList<>();
        for (Seat seat : Seat.values()) {
            for (Option option : sheets[seat.ordinal()].at(position.key(), role(seat))) {
                boolean possible = lexicon.technique(option.technique())
                        .filter(technique -> technique.canStart(position, roleOf(seat)))
                        .isPresent();
                if (possible) {
                    choices.add(new Choice(seat, option));
                }
            }
        }
        if (choices.isEmpty()) {
            // A sheet silent about a place stands for time spent there; the referee ends it.
            outOfBounds();
            return;
        }
        Choice choice = Chance.of(choices, each -> each.option().weight(), random);
        perform(choice.seat(), choice.option());
    }

    private farglass.core.lexicon.Role roleOf(Seat seat) {
        return top.map(who -> who == seat ? farglass.core.lexicon.Role.TOP : farglass.core.lexicon.Role.BOTTOM)
                .orElse(farglass.core.lexicon.Role.NEUTRAL);
    }

    private void perform(Seat seat, Option option) {
        if (option.technique().equals(QUIET)) {
            return;
        }
        Technique technique = lexicon.technique(option.technique()).orElseThrow();
        double shift = WARY
                + sheets[seat.ordinal()].skill()
                + form[seat.ordinal()]
                - sheets[seat.other().ordinal()].skill()
                - form[seat.other().ordinal()];
        boolean works = random.nextDouble() < Chance.shifted(option.success(), shift);
        Telling telling = side(seat, option, technique, Telling.NOTHING);
        if (technique.kind() == Kind.SUBMISSION) {
            submit(seat, technique, telling, works);
            return;
        }
        telling = became(technique, option, telling, works);
        Moment moment = moment(Optional.of(seat), new Deed.Did(technique.key()), telling, works);
        moments.add(moment);
        if (works && !technique.to().isEmpty()) {
            settle(seat, technique);
        } else if (technique.kind() == Kind.PASS || technique.kind() == Kind.TAKEDOWN) {
            flinch(seat);
        }
        lastAttack = Optional.of(moment);
        if (!works) {
            answer(seat.other(), moment);
        }
    }

    private Telling side(Seat seat, Option option, Technique technique, Telling telling) {
        if (option.left().isEmpty() || technique.sideRule() == SideRule.NONE) {
            return telling;
        }
        Side side = random.nextDouble() < option.left().get() ? Side.LEFT : Side.RIGHT;
        Seat owner = technique.sideRule().belongsToReceiver() ? seat.other() : seat;
        return telling.withSide(new OwnedSide(owner, side));
    }

    private Telling became(Technique technique, Option option, Telling telling, boolean works) {
        if (technique.to().isEmpty()) {
            boolean fought = technique.kind() == Kind.GRIP || technique.kind() == Kind.DEFENCE;
            return telling.withBecame(works || !fought ? Became.SHOWN : Became.ABANDONED);
        }
        if (works) {
            return telling.withBecame(Became.HELD);
        }
        Telling stopped = telling.withBecame(random.nextDouble() < 0.3 ? Became.NEARLY : Became.THREATENED);
        if (technique.kind() != Kind.PASS) {
            return stopped;
        }
        Line usual = option.line().orElse(Line.KNEE);
        return stopped.withLine(random.nextDouble() < 0.72 ? usual : Line.values()[random.nextInt(3)]);
    }

    private void submit(Seat seat, Technique technique, Telling telling, boolean works) {
        Pose pose = position.family() == farglass.core.lexicon.Family.BACK ? Pose.BACK_CHOKE : Pose.ARMLOCK;
        boolean arm = technique.sideRule() == SideRule.THEIR_ARM;
        if (arm || pose == Pose.BACK_CHOKE) {
            beats.add(new Beat(now, pose, Optional.of(seat), random.nextBoolean()));
        }
        Stage stage = works ? Stage.TAP : random.nextDouble() < 0.25 ? Stage.DEEP : Stage.THREAT;
        Moment moment = moment(Optional.of(seat), new Deed.Did(technique.key()), telling.withStage(stage), false);
        moments.add(moment);
        if (works) {
            now = Math.min(length, now + 3 * SECOND);
            tap = Optional.of(
                    new Result(Optional.of(seat), Method.SUBMISSION, Optional.of(technique.key()), Optional.empty()));
            return;
        }
        answer(seat.other(), moment);
        if (arm || pose == Pose.BACK_CHOKE) {
            now += 2 * SECOND;
            show();
        }
    }

    private void answer(Seat seat, Moment attack) {
        Map<String, Double> replies = new TreeMap<>(
                sheets[seat.ordinal()].answers().getOrDefault(attack.technique().orElseThrow(), Map.of()));
        // The same attack comes from several places; not every answer to it exists in all of them.
        replies.keySet()
                .removeIf(reply -> !lexicon.technique(reply).orElseThrow().canStart(position, roleOf(seat)));
        if (replies.isEmpty() || random.nextDouble() < 0.2) {
            return;
        }
        now += Math.round(SECOND * (0.6 + 1.8 * random.nextDouble()));
        String reply = Chance.of(List.copyOf(replies.keySet()), replies::get, random);
        Technique technique = lexicon.technique(reply).orElseThrow();
        Telling telling = technique.kind() == Kind.SUBMISSION
                ? Telling.NOTHING.withStage(Stage.THREAT)
                : Telling.NOTHING.withBecame(Became.SHOWN);
        // An analyst links most answers, not all.
        telling = random.nextDouble() < 0.85 ? telling.withAnswers(Optional.of(attack.id())) : telling;
        moments.add(moment(Optional.of(seat), new Deed.Did(reply), telling, false));
    }

    private Moment moment(Optional<Seat> actor, Deed deed, Telling telling, boolean settles) {
        Moment moment = new Moment("m" + ++made, OptionalLong.of(now), actor, deed, Optional.empty(), telling);
        return settles && deed instanceof Deed.Did did
                ? new Moment(
                        moment.id(),
                        moment.atMicros(),
                        actor,
                        deed,
                        lexicon.technique(did.technique())
                                .filter(technique -> !technique.to().isEmpty())
                                .map(technique -> arrival(technique, actor.orElseThrow())),
                        telling)
                : moment;
    }

    /** Where it ends; an analyst has to look where a technique with several ends went, and sees what one with one end did. */
    private Settled arrival(Technique technique, Seat actor) {
        return new Settled(
                technique.to().get(0),
                technique.ends() == Ends.NOBODY
                        ? Optional.empty()
                        : Optional.of(technique.ends() == Ends.ACTOR ? actor : actor.other()),
                technique.to().size() == 1);
    }

    private void settle(Seat seat, Technique technique) {
        String before = position.key();
        Optional<Seat> topBefore = top;
        position = lexicon.position(technique.to().get(0)).orElseThrow();
        top = technique.ends() == Ends.NOBODY
                ? Optional.empty()
                : Optional.of(technique.ends() == Ends.ACTOR ? seat : seat.other());
        show();
        award(seat, technique, before, topBefore);
    }

    private void show() {
        beats.add(new Beat(now, Pose.of(position), top, random.nextBoolean()));
    }

    /** A try that changes nothing is still seen: the two stir and come back. */
    private void flinch(Seat seat) {
        Beat last = beats.get(beats.size() - 1);
        beats.add(new Beat(now, last.pose(), last.top(), !last.mirrored()));
    }

    private void award(Seat seat, Technique technique, String before, Optional<Seat> topBefore) {
        boolean onTop = top.equals(Optional.of(seat));
        int points =
                switch (technique.kind()) {
                    case TAKEDOWN -> topBefore.isEmpty() && onTop ? 2 : 0;
                    case SWEEP -> onTop && position.hasTop() && !position.key().equals("single-leg-held") ? 2 : 0;
                    case PASS -> 3;
                    default -> 0;
                };
        boolean arrived = !before.equals(position.key()) && onTop;
        points += arrived
                ? switch (position.key()) {
                    case "mount", "back-control" -> 4;
                    case "knee-on-belly" -> 2;
                    default -> 0;
                }
                : 0;
        if (points == 0) {
            return;
        }
        now += 3 * SECOND;
        if (now >= length) {
            return;
        }
        // A sweep straight to mount is given as two awards; nobody is given more than 4 at once.
        for (int part : points > 4 ? new int[] {points - 4, 4} : new int[] {points}) {
            moments.add(moment(Optional.of(seat), new Deed.Awarded(Award.points(part)), Telling.NOTHING, false));
        }
        calls.add(new Call(now, Optional.of(seat), Integer.toString(points)));
    }

    private void outOfBounds() {
        moments.add(moment(Optional.empty(), new Deed.Stopped("edge"), Telling.NOTHING, false));
        calls.add(new Call(now, Optional.empty(), "stop"));
        beats.add(new Beat(now, Pose.RESET, Optional.empty(), false));
        now = Math.min(length - 1, now + (6 + random.nextInt(8)) * SECOND);
        moments.add(moment(Optional.empty(), new Deed.Restarted(), Telling.NOTHING, false));
        calls.add(new Call(now, Optional.empty(), "start"));
        position = lexicon.position("standing").orElseThrow();
        top = Optional.empty();
        show();
    }

    private Acted finish(String id, Header header, long lead) {
        Bout truth = new Bout(id, header, moments, List.of());
        Board board = Board.atEnd(truth);
        Result result = tap.orElseGet(() -> byBoard(board));
        Header ended = header.withResult(result);
        Script script = new Script(
                header.a().kit().orElse("white gi"),
                header.b().kit().orElse("blue gi"),
                lead,
                now + 5 * SECOND,
                beats,
                calls);
        return new Acted(missing(truth.with(ended)), script, truth.with(ended));
    }

    private Result byBoard(Board board) {
        Optional<Result.Score> score =
                Optional.of(new Result.Score(board.a().points(), board.b().points()));
        Optional<Seat> leader = board.leader();
        return leader.isPresent()
                ? new Result(leader, Method.POINTS, Optional.empty(), score)
                : new Result(
                        Optional.of(random.nextBoolean() ? Seat.A : Seat.B), Method.DECISION, Optional.empty(), score);
    }

    /** Leaves out some of what an analyst overlooks; never what settles a position or what the referee gave. */
    private Bout missing(Bout truth) {
        Bout told = truth;
        for (Moment moment : truth.moments()) {
            boolean small = moment.settled().isEmpty()
                    && moment.technique().isPresent()
                    && moment.telling().stage().isEmpty();
            if (small && random.nextDouble() < MISSED) {
                told = told.without(moment.id());
            }
        }
        return told;
    }
}
