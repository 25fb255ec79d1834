package farglass.core.fact;

import farglass.core.side.Line;
import farglass.core.side.OwnedSide;
import farglass.core.side.Part;
import farglass.core.side.Seat;
import farglass.core.side.Settled;
import farglass.core.side.Side;
import java.util.Optional;
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
                Grip,
                Strike,
                Fact.Range,
                Body,
                Link,
                Fact.Could,
                Mistake,
                Fact.Well,
                Fact.Principle,
                Fact.Struck,
                Fact.PlanStep,
                Remark,
                Drawing,
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

    /** {@return which of all kinds it is; a strike's own kind is another thing} */
    default FactKind factKind() {
        return match(KindOfFact.CASES);
    }

    /**
     * {@return the layer it belongs to: the viewing that looks for it} Nobody who did not look through a stretch for that layer can say that it
     * was not so. What is told of a try, of a place and of the bout itself is the story; what only shows when one looks again, for nothing
     * else, belongs to the answers, the grips or the errors.
     */
    default Layer layer() {
        return factKind().layer();
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
            NeedsWords.check("A condition", words);
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

    /** An option that was open and not taken. */
    record Could(String words) implements Fact {
        public Could {
            NeedsWords.check("An option not taken", words);
        }

        @Override
        public <R> R match(FactCases<R> cases) {
            return cases.could(this);
        }
    }

    /** Something done well: good defence deserves a tag too. */
    record Well(String words) implements Fact {
        public Well {
            NeedsWords.check("Something done well", words);
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
            NeedsWords.check("A principle", words);
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
            NeedsWords.check("What is struck from a figure", figure);
            NeedsWords.check("The reason why it is struck", why);
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
            NeedsWords.check("A plan step", words);
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
            NeedsWords.check("A coder", name);
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
            NeedsWords.check("A rival reading", reading);
            NeedsWords.check("The source of a rival reading", by);
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
}
