package farglass.core.fact;

import farglass.core.Built;
import farglass.core.side.Level;
import farglass.core.side.Line;
import farglass.core.side.OwnedSide;
import farglass.core.side.Part;
import farglass.core.side.Seat;
import farglass.core.side.Settled;
import farglass.core.side.Side;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.function.UnaryOperator;

/**
 * One thing told of a moment beyond its story: an effect, a grip, a mistake, how sure somebody is of one field. A moment
 * holds as many as there are; what was not told costs nothing. Words in here are the analyst's own and never empty.
 */
public sealed interface Fact
        permits Fact.Effect,
                Fact.Passed,
                Fact.Condition,
                Fact.Travel,
                Fact.LeadLeg,
                Fact.HeadSide,
                Fact.LimbOn,
                Fact.Grip,
                Fact.Strike,
                Fact.Range,
                Fact.Body,
                Fact.Link,
                Fact.Could,
                Fact.Mistake,
                Fact.Well,
                Fact.Principle,
                Fact.Struck,
                Fact.PlanStep,
                Fact.Remark,
                Fact.Drawing,
                Fact.InLayer,
                Fact.Coder,
                Fact.About,
                Fact.Unknown,
                Fact.Rival,
                Fact.From,
                PartState,
                Purpose,
                Span,
                Ruling {
    /** {@return what is said of a fact of its kind} */
    <R> R match(FactCases<R> cases);

    /** {@return the layer it belongs to} Nobody who did not look through a stretch for that layer can say that it was not so. */
    default Layer layer() {
        return match(LayerOfFact.CASES);
    }

    /** {@return the same fact in a bout seen in a mirror: owners stay, sides turn} */
    default Fact mirrored() {
        return this;
    }

    /** {@return the same with the two athletes exchanged} */
    default Fact exchanged() {
        return this;
    }

    /** {@return the same with other names for the moments of this bout to which it is tied} */
    default Fact retied(UnaryOperator<String> moments) {
        return this;
    }
    /** {@return whether it ties its moment to another in that way} */
    default boolean ties(Tie how) {
        return false;
    }

    /** {@return the moment of this bout to which it ties its own; empty for most} */
    default Optional<Tied> tied() {
        return Optional.empty();
    }

    /** {@return the same without its tie to that moment of this bout; empty where nothing is left to tell} */
    default Optional<Fact> untied(String moment) {
        return Optional.of(this);
    }

    /**
     * Another moment of the same bout, and in what word it is tied to it.
     *
     * @param moment its id
     * @param word such as "answers" or "by", as files have it
     */
    record Tied(String moment, String word) {}

    /**
     * What an action did, whatever became of it: a stopped attack may have done its job.
     *
     * @param cost whether it was lost by it; otherwise it was won or forced
     * @param words which; may be empty
     */
    record Effect(boolean cost, Gain gain, String words) implements Fact {
        @Override
        public <R> R match(FactCases<R> cases) {
            return cases.effect(this);
        }
    }

    /** What an effect wins, forces or costs. */
    enum Gain {
        ANSWER,
        GRIP,
        LINE,
        POSITION,
        AWARD,
        RETREAT,
        BALANCE,
        HIPS,
        SPACE,
        /** A limb that stands alone then. */
        LIMB,
        /** It hurt. */
        HURT,
        /** The other one's answer went too far. */
        OVER_CORRECTION
    }

    /**
     * How deep a pass got on one side of the guard player, and what of it was kept.
     *
     * @param side the guard player's own side; empty for both
     */
    record Passed(Optional<Side> side, Line reached, Optional<Line> kept) implements Fact {
        @Override
        public Fact mirrored() {
            return new Passed(side.map(Side::mirrored), reached, kept);
        }

        @Override
        public <R> R match(FactCases<R> cases) {
            return cases.passed(this);
        }
    }

    /**
     * One of the conditions under which it works, in the order in which they are told: knees together, wrist past the knee line.
     *
     * @param by who stopped it, or missed it; empty if that is not told
     */
    record Condition(Met met, String words, Optional<Seat> by) implements Fact {
        public Condition {
            filled("A condition", words);
        }

        public Condition(Met met, String words) {
            this(met, words, Optional.empty());
        }

        @Override
        public Fact exchanged() {
            return new Condition(met, words, by.map(Seat::other));
        }

        @Override
        public <R> R match(FactCases<R> cases) {
            return cases.condition(this);
        }
    }

    enum Met {
        MET,
        MISSING,
        STOPPED
    }

    /** The way the actor goes, comes up, turns or inverts, to the actor's own left or right. */
    record Travel(Side to) implements Fact {
        @Override
        public Fact mirrored() {
            return new Travel(to.mirrored());
        }

        @Override
        public <R> R match(FactCases<R> cases) {
            return cases.travel(this);
        }
    }

    /** The actor's leading leg in a pass. */
    record LeadLeg(Side side) implements Fact {
        @Override
        public Fact mirrored() {
            return new LeadLeg(side.mirrored());
        }

        @Override
        public <R> R match(FactCases<R> cases) {
            return cases.leadLeg(this);
        }
    }

    /** On which side of whom the actor's head is. */
    record HeadSide(OwnedSide at) implements Fact {
        @Override
        public Fact exchanged() {
            return new HeadSide(at.exchanged());
        }

        @Override
        public Fact mirrored() {
            return new HeadSide(at.mirrored());
        }

        @Override
        public <R> R match(FactCases<R> cases) {
            return cases.headSide(this);
        }
    }

    /** Which limb works on which: the left leg across, with their right arm. */
    record LimbOn(Part by, Part on) implements Fact {
        @Override
        public Fact exchanged() {
            return new LimbOn(by.exchanged(), on.exchanged());
        }

        @Override
        public Fact mirrored() {
            return new LimbOn(by.mirrored(), on.mirrored());
        }

        @Override
        public <R> R match(FactCases<R> cases) {
            return cases.limbOn(this);
        }
    }

    /**
     * A grip as a lane in time; it begins with its moment.
     *
     * @param holder what holds: a hand, but also a foot, a hook, a knee, the head, the own shin or lapel
     * @param ways how it is taken, in the order told
     * @param untilMicros on the bout's timeline; empty while nobody looked when it ended
     * @param swappedFor the grip taken in its place
     * @param why why it ended
     * @param purpose which turn or escape it blocks, or what it is for
     * @param ideal the grip that would have been best here
     */
    @Built
    record Grip(
            Part holder,
            Part target,
            Optional<Firmness> firmness,
            List<Way> ways,
            OptionalLong untilMicros,
            Optional<GripEnd> ended,
            Optional<String> swappedFor,
            Optional<String> why,
            Optional<String> purpose,
            Optional<String> ideal)
            implements Fact {
        public Grip {
            ways = List.copyOf(ways);
        }

        /** {@return a grip of which nothing more is told} */
        public static Grip of(Part holder, Part target) {
            return FactGripBuilder.builder()
                    .holder(holder)
                    .target(target)
                    .untilMicros(OptionalLong.empty())
                    .create();
        }

        @Override
        public Fact exchanged() {
            return FactGripBuilder.builder(this)
                    .holder(holder.exchanged())
                    .target(target.exchanged())
                    .create();
        }

        @Override
        public Fact mirrored() {
            return FactGripBuilder.builder(this)
                    .holder(holder.mirrored())
                    .target(target.mirrored())
                    .create();
        }

        @Override
        public <R> R match(FactCases<R> cases) {
            return cases.grip(this);
        }
    }

    enum Firmness {
        TIGHT,
        LOOSE
    }

    /** How a grip is taken. Near and far are told where a side is not; same side and cross are worked out where it is. */
    enum Way {
        OVER,
        UNDER,
        ROUND,
        THROUGH,
        DEEP,
        SHALLOW,
        NEAR,
        FAR,
        THUMB_IN,
        PALM_UP,
        TWO_HANDS,
        /** From one hand to the other. */
        FED,
        PULLED_OUT
    }

    enum GripEnd {
        BROKEN,
        RELEASED,
        SWAPPED
    }

    /**
     * A blow.
     *
     * @param kind such as kick or knee
     * @param target such as body or thigh
     */
    record Strike(Part by, String kind, String target, Contact contact) implements Fact {
        public Strike {
            filled("A strike's kind", kind);
            filled("A strike's target", target);
        }

        @Override
        public Fact exchanged() {
            return new Strike(by.exchanged(), kind, target, contact);
        }

        @Override
        public Fact mirrored() {
            return new Strike(by.mirrored(), kind, target, contact);
        }

        @Override
        public <R> R match(FactCases<R> cases) {
            return cases.strike(this);
        }
    }

    enum Contact {
        CLEAN,
        PARTIAL,
        BLOCKED,
        MISSED,
        UNKNOWN
    }

    /** How far apart they stand, in steps from 0 to 20. */
    record Range(int steps) implements Fact {
        public Range {
            if (steps < 0 || steps > 20) {
                throw new IllegalArgumentException("A range has 0 to 20 steps but got " + steps);
            }
        }

        @Override
        public <R> R match(FactCases<R> cases) {
            return cases.range(this);
        }
    }

    /**
     * A fact of the body worth counting.
     *
     * @param of whose; empty for both or for the place
     * @param value one of {@link BodyFact#values()}, or any words for {@link BodyFact#KIT}
     */
    record Body(Optional<Seat> of, BodyFact what, String value) implements Fact {
        public Body {
            if (!what.takes(value)) {
                throw new IllegalArgumentException("%s is one of %s but got \"%s\""
                        .formatted(what.label(), String.join(", ", what.words()), value));
            }
        }

        @Override
        public Fact exchanged() {
            return new Body(of.map(Seat::other), what, value);
        }

        @Override
        public Fact mirrored() {
            return new Body(of, what, what.mirrored(value));
        }

        @Override
        public <R> R match(FactCases<R> cases) {
            return cases.body(this);
        }
    }

    /**
     * A tie to another moment.
     *
     * @param moment its id
     * @param bout the bout it belongs to; empty for this one
     * @param changed what was done otherwise, of a retry; why it turned, of what grew out of another
     */
    record Link(Tie tie, String moment, Optional<String> bout, Optional<String> changed) implements Fact {
        /** What is written for the moment before: the other's last one for an answer, the own last one for all else. */
        public static final String LAST = "last";

        public Link {
            filled("A link", moment);
        }

        @Override
        public Fact retied(UnaryOperator<String> moments) {
            return bout.isPresent() ? this : new Link(tie, moments.apply(moment), bout, changed);
        }

        @Override
        public boolean ties(Tie how) {
            return tie == how;
        }

        @Override
        public Optional<Tied> tied() {
            return bout.isPresent() ? Optional.empty() : Optional.of(new Tied(moment, label(tie)));
        }

        @Override
        public Optional<Fact> untied(String other) {
            return bout.isEmpty() && moment.equals(other) ? Optional.empty() : Optional.of(this);
        }

        public static Link answering(String moment) {
            return new Link(Tie.ANSWERS, moment, Optional.empty(), Optional.empty());
        }

        @Override
        public <R> R match(FactCases<R> cases) {
            return cases.link(this);
        }
    }

    enum Tie {
        ANSWERS,
        /** The same attempt, a step further: counted once, with the earlier one. */
        CONTINUES,
        /** An attempt that grew out of an earlier one of another kind, which turned into it; why, its words say. */
        OUT_OF,
        CAUSES,
        INTERRUPTS,
        RETRIES,
        COMPARES,
        /** An award that was taken back. */
        WITHDRAWS,
        /** An award in the place of another. */
        CORRECTS,
        /** At the same time as. */
        WITH
    }

    /** An option that was open and not taken. */
    record Could(String words) implements Fact {
        public Could {
            filled("An option not taken", words);
        }

        @Override
        public <R> R match(FactCases<R> cases) {
            return cases.could(this);
        }
    }

    /**
     * A mistake, as a person judged it.
     *
     * @param code the same words wherever the same mistake is made
     * @param made whether by doing or by leaving undone; empty if that is not told
     * @param by id of the moment that punished it
     * @param at the level at which it would be punished
     * @param better what would have been better
     * @param forWhom the build, level or rules it holds for
     * @param see where it is done well: a moment's id, or BOUT/ID
     */
    @Built
    record Mistake(
            String code,
            Optional<Made> made,
            Optional<Punished> punished,
            Optional<String> by,
            Optional<Level> at,
            Optional<String> better,
            Optional<String> forWhom,
            Optional<String> see)
            implements Fact {
        public Mistake {
            filled("A mistake", code);
        }

        @Override
        public Fact retied(UnaryOperator<String> moments) {
            return FactMistakeBuilder.builder(this).by(by.map(moments)).create();
        }

        @Override
        public Optional<Tied> tied() {
            return by.map(moment -> new Tied(moment, "by"));
        }

        @Override
        public Optional<Fact> untied(String moment) {
            return Optional.of(FactMistakeBuilder.builder(this)
                    .by(by.filter(other -> !other.equals(moment)))
                    .create());
        }

        @Override
        public <R> R match(FactCases<R> cases) {
            return cases.mistake(this);
        }
    }

    enum Made {
        DONE,
        OMITTED
    }

    enum Punished {
        NO,
        PARTLY,
        FULLY,
        LUCKY
    }

    /** Something done well: good defence deserves a tag too. */
    record Well(String words) implements Fact {
        public Well {
            filled("Something done well", words);
        }

        @Override
        public <R> R match(FactCases<R> cases) {
            return cases.well(this);
        }
    }

    /** A rule of thumb obeyed or broken here. @param within where it holds, in words; empty for everywhere */
    record Principle(boolean obeyed, String words, Optional<String> within) implements Fact {
        public Principle(boolean obeyed, String words) {
            this(obeyed, words, Optional.empty());
        }

        public Principle {
            filled("A principle", words);
        }

        @Override
        public <R> R match(FactCases<R> cases) {
            return cases.principle(this);
        }
    }

    /**
     * This moment does not count for a figure of the dossier, as a person judged it; it stays where it is.
     *
     * @param figure what is counted for it: the id of its tally
     */
    record Struck(String figure, String why) implements Fact {
        public Struck {
            filled("What is struck from a figure", figure);
            filled("The reason why it is struck", why);
        }

        @Override
        public <R> R match(FactCases<R> cases) {
            return cases.struck(this);
        }
    }

    /** The step of a game plan that this was. @param came what became of the step; empty if that is not told */
    record PlanStep(String words, Optional<Came> came) implements Fact {
        public PlanStep(String words) {
            this(words, Optional.empty());
        }

        public PlanStep {
            filled("A plan step", words);
        }

        @Override
        public <R> R match(FactCases<R> cases) {
            return cases.planStep(this);
        }
    }

    /** Whether a step of the plan could be done. */
    enum Came {
        CAME,
        PARTLY,
        REFUSED
    }

    /** A remark: seen by a person, never measured here. */
    record Remark(About about, String words) implements Fact {
        /** What a remark is about. */
        public enum About {
            TEMPO,
            FATIGUE,
            RULES,
            CONDUCT,
            SAFETY,
            /** How the athlete felt, as she says. */
            FELT;

            /** {@return whether it stays out of anything shared} */
            public boolean isPrivate() {
                return this == CONDUCT || this == SAFETY || this == FELT;
            }
        }

        public Remark {
            filled("A remark", words);
        }

        @Override
        public <R> R match(FactCases<R> cases) {
            return cases.remark(this);
        }
    }

    /**
     * Something drawn on the frame.
     *
     * @param corners pairs x, y in [0, 1] from the picture's upper left: two of them, from and to, or centre and rim
     */
    record Drawing(Shape shape, List<Double> corners) implements Fact {
        public Drawing {
            corners = List.copyOf(corners);
            if (corners.size() != 4 || corners.stream().anyMatch(at -> !(0 <= at && at <= 1))) {
                throw new IllegalArgumentException("A drawing needs four numbers from 0 to 1 but got " + corners);
            }
        }

        @Override
        public <R> R match(FactCases<R> cases) {
            return cases.drawing(this);
        }
    }

    enum Shape {
        ARROW,
        RING,
        LINE
    }

    /** The layer of the viewing in which this was told, where it is not the story. */
    record InLayer(Layer layer) implements Fact {
        @Override
        public <R> R match(FactCases<R> cases) {
            return cases.inLayer(this);
        }
    }

    /** Who told it, where a bout has several coders. */
    record Coder(String name) implements Fact {
        public Coder {
            filled("A coder", name);
        }

        @Override
        public <R> R match(FactCases<R> cases) {
            return cases.coder(this);
        }
    }

    /** How sure somebody is of one field, and where it comes from. */
    record About(Field field, Optional<Certainty> certainty, Optional<Source> source) implements Fact {
        public About {
            if (certainty.isEmpty() && source.isEmpty()) {
                throw new IllegalArgumentException("A remark about a field needs a certainty or a source");
            }
        }

        @Override
        public <R> R match(FactCases<R> cases) {
            return cases.about(this);
        }
    }

    /** Looked for, and it cannot be told; a field merely absent was not looked for. */
    record Unknown(Field field) implements Fact {
        @Override
        public <R> R match(FactCases<R> cases) {
            return cases.unknown(this);
        }
    }

    /** Another reading of a field, and whose it is; neither is thrown away. */
    record Rival(Field field, String reading, String by) implements Fact {
        public Rival {
            filled("A rival reading", reading);
            filled("The source of a rival reading", by);
        }

        @Override
        public <R> R match(FactCases<R> cases) {
            return cases.rival(this);
        }
    }

    /** Where it started from, as told; the state before it is worked out besides. */
    record From(Settled settled) implements Fact {
        @Override
        public Fact exchanged() {
            return new From(settled.exchanged());
        }

        @Override
        public Fact mirrored() {
            return new From(settled.mirrored());
        }

        @Override
        public <R> R match(FactCases<R> cases) {
            return cases.from(this);
        }
    }

    /** A field that can be unsure, unknown or disputed by itself. */
    enum Field {
        TIME,
        ACTOR,
        TECHNIQUE,
        SIDE,
        BECAME,
        EFFECT,
        LINE,
        STAGE,
        MOTIVE,
        ANSWERS,
        POSITION,
        TOP,
        GRIP,
        STRIKE,
        BODY,
        MISTAKE
    }

    /** Where a reading comes from. */
    enum Source {
        SEEN,
        DEDUCED,
        TOLD,
        HEARD,
        MEASURED
    }

    /** {@return the word for an enum's value in files and on screen} */
    static String label(Enum<?> value) {
        return value.name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    private static void filled(String what, String words) {
        if (words.isBlank()) {
            throw new IllegalArgumentException(what + " needs words.");
        }
    }
}
