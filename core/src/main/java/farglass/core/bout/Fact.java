package farglass.core.bout;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalLong;

/**
 * One thing told of a moment beyond its story: an effect, a grip, a mistake, how sure somebody is of one field. A moment
 * holds as many as there are; what was not told costs nothing. Words in here are the analyst's own and never empty.
 */
public sealed interface Fact {
    /** {@return the same fact in a bout seen in a mirror: owners stay, sides turn} */
    default Fact mirrored() {
        return this;
    }

    /** {@return the same with the two athletes exchanged} */
    default Fact exchanged() {
        return this;
    }

    /**
     * What an action did, whatever became of it: a stopped attack may have done its job.
     *
     * @param cost whether it was lost by it; otherwise it was won or forced
     * @param words which; may be empty
     */
    record Effect(boolean cost, Gain gain, String words) implements Fact {}

    /** What an effect wins, forces or costs. */
    enum Gain {
        ANSWER,
        GRIP,
        LINE,
        POSITION,
        AWARD,
        RETREAT
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
    }

    /** One of a finish's conditions: knees together, wrist past the knee line. */
    record Condition(Met met, String words) implements Fact {
        public Condition {
            filled("A condition", words);
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
    }

    /** The actor's leading leg in a pass. */
    record LeadLeg(Side side) implements Fact {
        @Override
        public Fact mirrored() {
            return new LeadLeg(side.mirrored());
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
    }

    /**
     * A grip as a lane in time; it begins with its moment.
     *
     * @param holder what holds: a hand, but also a foot, a hook, a knee, the head, the own shin or lapel
     * @param untilMicros on the bout's timeline; empty while nobody looked when it ended
     * @param swappedFor the grip taken in its place
     * @param why why it ended
     * @param purpose which turn or escape it blocks, or what it is for
     * @param ideal the grip that would have been best here
     */
    record Grip(
            Part holder,
            Part target,
            Optional<Firmness> firmness,
            OptionalLong untilMicros,
            Optional<GripEnd> ended,
            Optional<String> swappedFor,
            Optional<String> why,
            Optional<String> purpose,
            Optional<String> ideal)
            implements Fact {
        /** {@return a grip of which nothing more is told} */
        public static Grip of(Part holder, Part target) {
            return new Grip(
                    holder,
                    target,
                    Optional.empty(),
                    OptionalLong.empty(),
                    Optional.empty(),
                    Optional.empty(),
                    Optional.empty(),
                    Optional.empty(),
                    Optional.empty());
        }

        @Override
        public Fact exchanged() {
            return new Grip(
                    holder.exchanged(),
                    target.exchanged(),
                    firmness,
                    untilMicros,
                    ended,
                    swappedFor,
                    why,
                    purpose,
                    ideal);
        }

        @Override
        public Fact mirrored() {
            return new Grip(
                    holder.mirrored(),
                    target.mirrored(),
                    firmness,
                    untilMicros,
                    ended,
                    swappedFor,
                    why,
                    purpose,
                    ideal);
        }
    }

    enum Firmness {
        TIGHT,
        LOOSE
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

        public static Link answering(String moment) {
            return new Link(Tie.ANSWERS, moment, Optional.empty(), Optional.empty());
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
        /** At the same time as. */
        WITH
    }

    /** An option that was open and not taken. */
    record Could(String words) implements Fact {
        public Could {
            filled("An option not taken", words);
        }
    }

    /**
     * A mistake, as a person judged it.
     *
     * @param code the same words wherever the same mistake is made
     * @param by id of the moment that punished it
     * @param at the level at which it would be punished
     * @param better what would have been better
     * @param forWhom the build, level or rules it holds for
     * @param see where it is done well: a moment's id, or BOUT/ID
     */
    record Mistake(
            String code,
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
    }

    /** A rule of thumb obeyed or broken here. */
    record Principle(boolean obeyed, String words) implements Fact {
        public Principle {
            filled("A principle", words);
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
    }

    /** The step of a game plan that this was. */
    record PlanStep(String words) implements Fact {
        public PlanStep {
            filled("A plan step", words);
        }
    }

    /** A remark on tempo or fatigue: seen by a person, never measured here. */
    record Remark(About about, String words) implements Fact {
        /** What a remark is about. */
        public enum About {
            TEMPO,
            FATIGUE
        }

        public Remark {
            filled("A remark", words);
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
    }

    enum Shape {
        ARROW,
        RING,
        LINE
    }

    /** The layer of the viewing in which this was told, where it is not the story. */
    record InLayer(Layer layer) implements Fact {}

    /** Who told it, where a bout has several coders. */
    record Coder(String name) implements Fact {
        public Coder {
            filled("A coder", name);
        }
    }

    /** How sure somebody is of one field, and where it comes from. */
    record About(Field field, Optional<Certainty> certainty, Optional<Source> source) implements Fact {
        public About {
            if (certainty.isEmpty() && source.isEmpty()) {
                throw new IllegalArgumentException("A remark about a field needs a certainty or a source");
            }
        }
    }

    /** Looked for, and it cannot be told; a field merely absent was not looked for. */
    record Unknown(Field field) implements Fact {}

    /** Another reading of a field, and whose it is; neither is thrown away. */
    record Rival(Field field, String reading, String by) implements Fact {
        public Rival {
            filled("A rival reading", reading);
            filled("The source of a rival reading", by);
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
