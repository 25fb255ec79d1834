package farglass.core.simulate;

import farglass.core.bout.Became;
import farglass.core.bout.Bout;
import farglass.core.bout.BoutKind;
import farglass.core.bout.Deed;
import farglass.core.bout.Header;
import farglass.core.bout.Method;
import farglass.core.bout.Moment;
import farglass.core.bout.Motive;
import farglass.core.bout.Result;
import farglass.core.bout.Telling;
import farglass.core.bout.Uniform;
import farglass.core.entry.Ends;
import farglass.core.entry.Kind;
import farglass.core.entry.Position;
import farglass.core.entry.SideRule;
import farglass.core.entry.Technique;
import farglass.core.fact.Fact;
import farglass.core.fact.Grip;
import farglass.core.fact.Ruling;
import farglass.core.fact.Strike;
import farglass.core.lexicon.Lexicon;
import farglass.core.rules.Ruleset;
import farglass.core.rules.Rulesets;
import farglass.core.script.Beat;
import farglass.core.script.HandGrip;
import farglass.core.script.Pose;
import farglass.core.script.Script;
import farglass.core.side.Line;
import farglass.core.side.OwnedSide;
import farglass.core.side.Part;
import farglass.core.side.Seat;
import farglass.core.side.Settled;
import farglass.core.side.Side;
import farglass.core.side.Stage;
import farglass.core.simulate.sheet.Chain;
import farglass.core.simulate.sheet.Chance;
import farglass.core.simulate.sheet.GameSheet;
import farglass.core.simulate.sheet.Option;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.SplittableRandom;
import java.util.random.RandomGenerator;

/**
 * Acts out one bout from two game sheets: who does what when, and what the camera sees. Richer than what is estimated from it:
 * the form of the day, the particular opponent, drift over the years, habits of several steps, quiet stretches.
 */
final class Actor {
    private static final Assumptions ASSUMED = Assumptions.shipped();

    /** What worked, worked in part or failed. */
    private static final Set<Kind> DEFENDING = EnumSet.of(Kind.DEFENCE, Kind.ESCAPE, Kind.RETENTION);

    /** What fails here threatened nobody. */
    private static final Set<Kind> UNTHREATENING = EnumSet.of(Kind.GRIP, Kind.PULL, Kind.GUARD_CHANGE, Kind.MOVEMENT);

    /** A grip is fought off or given up after so long at most. */
    private static final long GRIP_KEPT = 12 * Mat.SECOND;

    private static final long ROUND_MICROS = 300 * Mat.SECOND;

    private final Lexicon lexicon;
    private final RandomGenerator random;
    private final GameSheet[] sheets;
    private final Header header;
    private final Repertoire repertoire;
    private final Ruleset ruleset;
    private final Mat mat;
    private final long length;
    private final double[] bearing = new double[2];
    private final String[] lastOwn = {"", ""};
    private final String[] lastReply = {"-", "-"};
    private Optional<Result> tap = Optional.empty();
    private final Foresight foresight;
    private final Particulars particulars;
    /** Of its own, so that another detail changes nothing of what happens. */
    private final RandomGenerator particular;

    private final double tempo;

    private Actor(GameSheet a, GameSheet b, Header header, Lexicon lexicon, RandomGenerator random) {
        this.lexicon = lexicon;
        this.random = random;
        this.sheets = new GameSheet[] {a, b};
        this.header = header;
        this.repertoire = new Repertoire(sheets, header.uniform(), lexicon);
        this.ruleset = Rulesets.shipped().named(header.ruleset()).orElseThrow();
        // How it looks has chance of its own, so that another pose changes nothing of what happens.
        this.mat = new Mat(lexicon, new SplittableRandom(random.nextLong()));
        this.foresight = new Foresight(sheets, repertoire, mat, lastOwn, lastReply);
        this.length = header.lengthMicros().orElse(ROUND_MICROS);
        this.particulars = new Particulars(header.uniform());
        this.particular = new SplittableRandom(random.nextLong());
        this.tempo = Math.exp(ASSUMED.of("tempo-spread") * random.nextGaussian());
        double year = header.date()
                .map(date -> date.getYear() + date.getDayOfYear() / 365.25)
                .orElse(2026.0);
        for (Seat seat : Seat.values()) {
            bearing[seat.ordinal()] =
                    sheets[seat.ordinal()].skillIn(year) + ASSUMED.of("form") * random.nextGaussian() + suits(seat);
        }
    }

    /** The same in every meeting of the two, whoever sits where. */
    private double suits(Seat seat) {
        String own = sheets[seat.ordinal()].name();
        String other = sheets[seat.other().ordinal()].name();
        return ASSUMED.of("suits") * new SplittableRandom((own + " / " + other).hashCode()).nextGaussian();
    }

    /**
     * {@return a whole bout between the two, with the header's length, under the header's rules}
     *
     * @param start where it begins, for a round from a set position; else both stand
     */
    static ActedBout act(
            String id,
            GameSheet a,
            GameSheet b,
            Header header,
            Optional<Settled> start,
            Lexicon lexicon,
            RandomGenerator random) {
        Actor actor = new Actor(a, b, header, lexicon, random);
        Mat mat = actor.mat;
        long lead = 4 * Mat.SECOND + random.nextInt(8) * Mat.SECOND;
        mat.beats.add(new Beat(-lead, Pose.RESET, Optional.empty(), false));
        mat.beats.add(new Beat(0, Pose.STANDING, Optional.empty(), random.nextBoolean()));
        mat.call(Optional.empty(), "start");
        start.ifPresent(
                settled -> mat.add(Optional.empty(), new Deed.Reached(), Optional.of(settled), Telling.NOTHING));
        actor.run();
        return actor.finish(id, lead);
    }

    private Moment add(Optional<Seat> actor, Deed deed, Optional<Settled> settled, Telling telling) {
        foresight.came(actor, deed);
        Moment moment = mat.add(actor, deed, settled, telling);
        foresight.look(Optional.empty());
        return moment;
    }

    private void run() {
        foresight.look(Optional.empty());
        boolean rounds = ruleset.scoring() == Ruleset.Scoring.JUDGES;
        long end = rounds ? ROUND_MICROS : length;
        for (int round = 1; tap.isEmpty(); round++) {
            play(end);
            if (!rounds || tap.isPresent() || round * ROUND_MICROS >= length) {
                break;
            }
            pause();
            end = mat.now() + ROUND_MICROS;
        }
        if (rounds && tap.isEmpty()) {
            add(Optional.empty(), new Deed.Ended(Deed.Period.ROUND), Optional.empty(), Telling.NOTHING);
        }
    }

    private void pause() {
        add(Optional.empty(), new Deed.Ended(Deed.Period.ROUND), Optional.empty(), Telling.NOTHING);
        mat.show(Pose.RESET, Optional.empty());
        mat.pass(60 * Mat.SECOND);
        add(
                Optional.empty(),
                new Deed.Began(Deed.Period.ROUND),
                Optional.of(new Settled("standing", Optional.empty(), true)),
                Telling.NOTHING);
    }

    private void play(long end) {
        while (tap.isEmpty()) {
            double quiet = ASSUMED.of("quiet-seconds")
                    * tempo
                    * ASSUMED.dwell(mat.position().family());
            mat.pass(Math.round(Mat.SECOND * (1.2 - Math.log(1 - random.nextDouble()) * quiet)));
            if (mat.now() >= end) {
                mat.bell(end);
                return;
            }
            coach();
            if (random.nextDouble() < Foresight.EDGE) {
                outOfBounds("edge");
            } else if (!goOn()) {
                decide();
            }
        }
    }

    private static final List<String> CALLED =
            List.of("hands inside", "hips down", "break the grip", "stand up", "one minute", "go now", "knee through");

    /** Now and then somebody calls from the corner, and is heard or not. */
    private void coach() {
        if (particular.nextDouble() >= ASSUMED.of("corner")) {
            return;
        }
        Deed.Followed followed = particular.nextDouble() < ASSUMED.of("followed")
                ? Deed.Followed.FOLLOWED
                : particular.nextBoolean() ? Deed.Followed.NOT : Deed.Followed.COULD_NOT;
        mat.add(
                Optional.of(particular.nextBoolean() ? Seat.A : Seat.B),
                new Deed.Instructed(CALLED.get(particular.nextInt(CALLED.size())), Optional.of(followed)),
                Optional.empty(),
                Telling.NOTHING);
    }

    /** A habit of several steps, where one is under way. {@return whether it was followed} */
    private boolean goOn() {
        for (Seat seat : Seat.values()) {
            for (Chain chain : sheets[seat.ordinal()].chains()) {
                if (chain.follows(lastOwn[seat.ordinal()], lastReply[seat.ordinal()])
                        && repertoire.possible(mat, chain.next(), seat)
                        && random.nextDouble() < chain.share()) {
                    perform(seat, repertoire.option(seat, chain.next()));
                    return true;
                }
            }
        }
        return false;
    }

    private void decide() {
        List<Foresight.Choice> choices = foresight.choices();
        if (choices.isEmpty()) {
            // A sheet silent about a place stands for time spent there; the referee ends it.
            outOfBounds("nothing happens");
            return;
        }
        Foresight.Choice choice = Chance.of(choices, each -> each.option().weight(), random);
        perform(choice.seat(), choice.option());
    }

    /** What is shown now and then, so that the other moves, before it is meant. */
    private static final Set<Kind> FEINTED = EnumSet.of(Kind.TAKEDOWN, Kind.PASS, Kind.SWEEP, Kind.ENTRY);

    /** What the other fights; a grip, a pull or a change of the own guard mostly comes about whoever is there. */
    private static final Set<Kind> CONTESTED = EnumSet.of(
            Kind.ENTRY,
            Kind.TAKEDOWN,
            Kind.SWEEP,
            Kind.PASS_ENTRY,
            Kind.PASS,
            Kind.TRANSITION,
            Kind.BACK_TAKE,
            Kind.SUBMISSION,
            Kind.ESCAPE,
            Kind.STRIKE);

    private double shift(Seat seat, String key) {
        Technique technique = lexicon.technique(key).orElseThrow();
        double conceded = sheets[seat.other().ordinal()].concedes().getOrDefault(key, 0.0);
        if (!CONTESTED.contains(technique.kind())) {
            return conceded;
        }
        boolean lastStep = technique.kind() == Kind.SUBMISSION || technique.kind() == Kind.TRANSITION;
        return ASSUMED.of("wary")
                + (lastStep ? ASSUMED.of("last-step") : 0)
                + bearing[seat.ordinal()]
                - bearing[seat.other().ordinal()]
                + conceded;
    }

    private void perform(Seat seat, Option option) {
        if (option.technique().equals(Foresight.QUIET)) {
            if (random.nextDouble() < Foresight.WAIT_SEEN) {
                add(
                        Optional.of(seat),
                        new Deed.Did(Foresight.QUIET),
                        Optional.empty(),
                        Telling.NOTHING.withBecame(Became.SHOWN));
                mat.pass(Math.round(Mat.SECOND
                        * (ASSUMED.of("wait-seconds") + random.nextDouble() * ASSUMED.of("wait-more-seconds"))));
            }
            return;
        }
        Technique technique = lexicon.technique(option.technique()).orElseThrow();
        boolean works = random.nextDouble() < Chance.shifted(option.success(), shift(seat, technique.key()));
        Telling telling = side(seat, option, technique, Telling.NOTHING);
        if (FEINTED.contains(technique.kind()) && particular.nextDouble() < ASSUMED.of("feint")) {
            mat.add(
                    Optional.of(seat),
                    new Deed.Did(technique.key()),
                    Optional.empty(),
                    telling.withBecame(Became.SHOWN).withMotive(Motive.FEINT));
            mat.pass(Mat.SECOND + particular.nextInt(1_500_000));
        }
        telling = particulars.of(seat, technique, works, telling, mat.now(), particular);
        note(seat, technique.key());
        if (technique.kind() == Kind.SUBMISSION) {
            submit(seat, technique, telling, works);
            return;
        }
        if (technique.kind() == Kind.STRIKE) {
            add(
                    Optional.of(seat),
                    new Deed.Did(technique.key()),
                    Optional.empty(),
                    strike(seat, technique, telling, works));
            mat.flinch();
            return;
        }
        telling = became(technique, option, telling, works);
        Position from = mat.position();
        Moment moment = add(
                Optional.of(seat),
                new Deed.Did(technique.key()),
                works && !technique.to().isEmpty() ? Optional.of(arrival(technique, seat)) : Optional.empty(),
                telling);
        if (!works) {
            Optional<Pose> shown = TryLooks.of(technique, from);
            if (shown.isPresent()) {
                mat.tried(shown.get(), seat);
            } else if (technique.kind() == Kind.PASS) {
                mat.stir(moment);
            }
        }
        hands(seat, technique, works, moment);
        if (!works || technique.to().isEmpty()) {
            answer(seat.other(), moment);
        }
    }

    /** The camera sees which hand holds what, also where nobody tells it. */
    private void hands(Seat seat, Technique technique, boolean works, Moment moment) {
        List<Grip> told = moment.telling()
                .facts(Grip.class)
                .filter(grip -> grip.holder().owner() == seat)
                .toList();
        for (Grip grip : told) {
            long holds = grip.untilMicros().orElse(mat.now() + GRIP_KEPT) - mat.now();
            Optional<HandGrip.Hold> hold = Optional.of(new HandGrip.Hold(
                    grip.target().kind(), grip.target().side(), grip.ways().contains(Grip.Way.UNDER)));
            Optional<Side> hand = grip.holder().side();
            if (hand.isPresent()) {
                mat.grip(seat, hand.get(), holds, hold);
            } else {
                mat.grip(seat, Side.LEFT, holds, hold);
                mat.grip(seat, Side.RIGHT, holds, hold);
            }
        }
        if (told.isEmpty() && technique.kind() == Kind.GRIP && works && header.uniform() == Uniform.GI) {
            mat.grip(
                    seat, moment.telling().side().map(OwnedSide::side).orElse(Side.RIGHT), GRIP_KEPT, Optional.empty());
        }
    }

    /** What each did last, and what the other did after it: habits of several steps look at nothing else. */
    private void note(Seat seat, String technique) {
        lastOwn[seat.ordinal()] = technique;
        lastReply[seat.ordinal()] = "-";
        lastReply[seat.other().ordinal()] = technique;
    }

    private Telling side(Seat seat, Option option, Technique technique, Telling telling) {
        if (technique.sideRule() == SideRule.NONE) {
            return telling;
        }
        Side side = random.nextDouble() < option.left().orElse(0.5) ? Side.LEFT : Side.RIGHT;
        Seat owner = technique.sideRule().belongsToReceiver() ? seat.other() : seat;
        return telling.withSide(new OwnedSide(owner, side));
    }

    private Telling strike(Seat seat, Technique technique, Telling telling, boolean lands) {
        boolean leg = technique.sideRule() == SideRule.OWN_LEG;
        Part by = new Part(seat, telling.side().map(OwnedSide::side), leg ? Part.Kind.FOOT : Part.Kind.HAND);
        Strike.Contact contact = lands
                ? random.nextDouble() < 0.6 ? Strike.Contact.CLEAN : Strike.Contact.PARTIAL
                : random.nextDouble() < 0.5 ? Strike.Contact.BLOCKED : Strike.Contact.MISSED;
        String target = leg ? "body" : "head";
        return telling.withBecame(Became.SHOWN)
                .and(new Strike(by, technique.label().toLowerCase(Locale.ROOT), target, contact))
                .and(new Fact.Range(1 + random.nextInt(2)));
    }

    /** What became of an answer that changed nothing: a defence failed, anything else was only seen. */
    private static Became unanswered(Kind kind) {
        return DEFENDING.contains(kind) ? Became.FAILED : Became.SHOWN;
    }

    /** A defence worked; what anything else reached was held. */
    private static Became worked(Kind kind) {
        return DEFENDING.contains(kind) ? Became.WORKED : Became.HELD;
    }

    private Telling became(Technique technique, Option option, Telling telling, boolean works) {
        if (technique.to().isEmpty()) {
            return telling.withBecame(
                    switch (technique.kind()) {
                        case GRIP -> works ? Became.TAKEN : random.nextDouble() < 0.7 ? Became.DENIED : Became.LOST;
                        case DEFENCE, ESCAPE, RETENTION ->
                            works ? Became.WORKED : random.nextBoolean() ? Became.PARTLY : Became.FAILED;
                        case ENTRY, PASS_ENTRY, PASS, SWEEP, TAKEDOWN, BACK_TAKE ->
                            works ? Became.HELD : Became.THREATENED;
                        default -> Became.SHOWN;
                    });
        }
        if (works) {
            return telling.withBecame(worked(technique.kind()));
        }
        if (DEFENDING.contains(technique.kind())) {
            return telling.withBecame(random.nextBoolean() ? Became.PARTLY : Became.FAILED);
        }
        boolean attack = !UNTHREATENING.contains(technique.kind());
        Became failed = random.nextDouble() < 0.25 ? Became.NEARLY : attack ? Became.THREATENED : Became.ABANDONED;
        Telling stopped = telling.withBecame(failed);
        if (technique.kind() != Kind.PASS) {
            Map<Became, List<Stage>> stages = STAGES.getOrDefault(technique.kind(), Map.of());
            return !stages.containsKey(failed) || particular.nextDouble() >= ASSUMED.of("staged")
                    ? stopped
                    : stopped.withStage(stages.get(failed)
                            .get(particular.nextInt(stages.get(failed).size())));
        }
        Line usual = option.line().orElse(Line.KNEE);
        return stopped.withLine(random.nextDouble() < 0.72 ? usual : Line.values()[random.nextInt(3)]);
    }

    /** How far one comes that is stopped: who nearly did it came further than who only threatened to. */
    private static final Map<Kind, Map<Became, List<Stage>>> STAGES = Map.of(
            Kind.SWEEP,
            Map.of(
                    Became.NEARLY, List.of(Stage.HIP_DOWN),
                    Became.THREATENED, List.of(Stage.OFF_BALANCED, Stage.OFF_BALANCED, Stage.ONE_LEG_LOADED)),
            Kind.TAKEDOWN,
            Map.of(Became.NEARLY, List.of(Stage.DOWN), Became.THREATENED, List.of(Stage.IN_HAND)),
            Kind.BACK_TAKE,
            Map.of(
                    Became.NEARLY, List.of(Stage.ONE_HOOK),
                    Became.THREATENED, List.of(Stage.BEHIND, Stage.UPPER_BODY)));

    private void submit(Seat seat, Technique technique, Telling telling, boolean works) {
        Optional<Pose> pose = TryLooks.of(technique, mat.position());
        pose.ifPresent(shown -> mat.show(shown, Optional.of(seat)));
        double depth = random.nextDouble();
        Stage reached = works ? Stage.TAP : depth < 0.1 ? Stage.DEEP : depth < 0.25 ? Stage.LOCKED : Stage.THREAT;
        Moment moment =
                add(Optional.of(seat), new Deed.Did(technique.key()), Optional.empty(), telling.withStage(reached));
        if (works) {
            tapped(seat, technique);
            return;
        }
        answer(seat.other(), moment);
        if (pose.isPresent()) {
            mat.pass(2 * Mat.SECOND);
            mat.show();
        }
    }

    private void tapped(Seat seat, Technique technique) {
        mat.pass(3 * Mat.SECOND);
        if (header.kind() == BoutKind.TRAINING || header.kind() == BoutKind.POSITIONAL) {
            outOfBounds("tap");
            return;
        }
        tap = Optional.of(
                new Result(Optional.of(seat), Method.SUBMISSION, Optional.of(technique.key()), Optional.empty()));
    }

    private void answer(Seat seat, Moment attack) {
        foresight.look(Optional.of(attack));
        Map<String, Double> replies = foresight.replies(seat, attack);
        if (replies.isEmpty() || random.nextDouble() < 1 - Foresight.ANSWERED) {
            return;
        }
        mat.pass(Math.round(Mat.SECOND * (0.6 + 1.8 * random.nextDouble())));
        String reply = Chance.of(List.copyOf(replies.keySet()), replies::get, random);
        Technique technique = lexicon.technique(reply).orElseThrow();
        Option option = repertoire.option(seat, reply);
        boolean works =
                !technique.to().isEmpty() && random.nextDouble() < Chance.shifted(option.success(), shift(seat, reply));
        Telling telling = side(seat, option, technique, Telling.NOTHING);
        telling = particulars.of(seat, technique, works || technique.to().isEmpty(), telling, mat.now(), particular);
        telling = technique.kind() == Kind.SUBMISSION
                ? telling.withStage(Stage.THREAT)
                : technique.to().isEmpty()
                        ? became(technique, option, telling, random.nextDouble() < 0.6)
                        : telling.withBecame(works ? worked(technique.kind()) : unanswered(technique.kind()));
        // An analyst links most answers, not all.
        telling = random.nextDouble() < ASSUMED.of("linked") ? telling.withAnswers(Optional.of(attack.id())) : telling;
        lastReply[seat.other().ordinal()] = reply;
        add(
                Optional.of(seat),
                new Deed.Did(reply),
                works ? Optional.of(arrival(technique, seat)) : Optional.empty(),
                telling);
    }

    /** Where it ends; an analyst has to look where a technique with several ends went, and knows it of one with one end. */
    private Settled arrival(Technique technique, Seat actor) {
        List<String> ends = technique.to();
        String end = ends.size() == 1 || random.nextDouble() < 0.65
                ? ends.get(0)
                : ends.get(1 + random.nextInt(ends.size() - 1));
        return new Settled(
                end,
                technique.ends() == Ends.NOBODY
                        ? Optional.empty()
                        : Optional.of(technique.ends() == Ends.ACTOR ? actor : actor.other()),
                ends.size() == 1);
    }

    private void outOfBounds(String reason) {
        add(Optional.empty(), new Deed.Stopped(reason), Optional.empty(), Telling.NOTHING);
        foresight.stopped();
        mat.call(Optional.empty(), "stop");
        mat.show(Pose.RESET, Optional.empty());
        Position where = mat.position();
        Optional<Seat> onTop = mat.top();
        mat.pass((6 + random.nextInt(8)) * Mat.SECOND);
        boolean held = reason.equals("edge") && where.control().isTopOnGround() && random.nextDouble() < 0.4;
        boolean disputed = reason.equals("edge") && where.hasTop() && random.nextDouble() < ASSUMED.of("disputed");
        // Who had the better place before, and has it no longer, is who complains.
        Telling telling = disputed && onTop.isPresent() && !held
                ? Telling.NOTHING.and(new Ruling.Disputed(
                        onTop, "it went on standing, and she had the better place", onTop.map(Seat::other)))
                : Telling.NOTHING;
        add(
                Optional.empty(),
                new Deed.Restarted(Optional.of(held ? Deed.Resumed.SAME : Deed.Resumed.NEUTRAL), disputed),
                Optional.empty(),
                telling);
        mat.call(Optional.empty(), "start");
        mat.reset(held ? where : mat.place("standing"), held ? onTop : Optional.empty());
        Arrays.fill(lastOwn, "");
        Arrays.fill(lastReply, "-");
        foresight.look(Optional.empty());
    }

    private ActedBout finish(String id, long lead) {
        long end = mat.now();
        Bout judged = new Referee(ruleset, lexicon, random).judge(mat.bout(id, header), end, mat.calls);
        Bout ended = tap.isPresent() ? judged.with(judged.header().withResult(tap.get())) : judged;
        mat.calls.sort(java.util.Comparator.comparingLong(farglass.core.script.RefereeSignal::atMicros));
        Script script = new Script(
                header.a().kit().orElse("white gi"),
                header.b().kit().orElse("blue gi"),
                lead,
                end + 5 * Mat.SECOND,
                mat.beats,
                mat.calls,
                mat.grips,
                false);
        return new ActedBout(Coder.FIRST.tells(ended, lexicon, random), script, ended, foresight.foreseen());
    }
}
