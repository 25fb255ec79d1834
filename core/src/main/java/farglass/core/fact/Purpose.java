package farglass.core.fact;

import farglass.core.Spelling;
import farglass.core.side.Part;
import farglass.core.side.Seat;
import java.util.Optional;
import java.util.function.UnaryOperator;

/** Why something was done, what it hung on, and what it opened or closed. */
public sealed interface Purpose extends Fact {
    /** What it hangs on. */
    enum How {
        /** What it was for: "for posture", "for shelter"; of an award, what it was given for. */
        FOR,
        /** What it was aimed at, where it got something else. */
        AIMED_AT,
        /** It is a feint for that. */
        FEINT_FOR,
        /** What the actor saw. */
        CUE,
        /** What the actor waited for. */
        WAITED_FOR,
        /** What was seen coming before it came. */
        EXPECTED,
        BECAUSE,
        /** The better thing that could not be had. */
        INSTEAD_OF,
        AVOIDS,
        /** Where it is done well. */
        SEE
    }

    /**
     * What it hangs on: another moment, words, or both.
     *
     * @param moment its id, earlier or later in this bout; empty where only words tell it
     * @param words may be empty where a moment is told
     */
    record Why(How how, Optional<String> moment, String words) implements Purpose {
        public Why {
            if (moment.isEmpty() && words.isBlank()) {
                throw new IllegalArgumentException("A reason needs a moment or words.");
            }
        }

        @Override
        public <R> R match(FactCases<R> cases) {
            return cases.why(this);
        }

        @Override
        public Fact retied(UnaryOperator<String> moments) {
            return new Why(how, moment.map(moments), words);
        }

        @Override
        public Optional<Tied> tied() {
            return moment.map(other -> new Tied(other, Spelling.of(how)));
        }

        @Override
        public Optional<Fact> untied(String other) {
            Optional<String> left = moment.filter(tied -> !tied.equals(other));
            return left.isEmpty() && words.isBlank() ? Optional.empty() : Optional.of(new Why(how, left, words));
        }
    }

    /** How the other one lets it happen, as a person judged. */
    enum Leave {
        CONCEDED,
        BAITED,
        ALLOWED
    }

    /** The other one's motive while the actor acts. */
    record Theirs(Leave leave) implements Purpose {
        @Override
        public <R> R match(FactCases<R> cases) {
            return cases.theirs(this);
        }
    }

    /**
     * What it opens or closes, whatever becomes of it: a part of a body, or in words an attack, a turn, a side.
     *
     * @param opens otherwise it closes it
     * @param words empty where it is a part
     */
    record Opened(boolean opens, Optional<Part> part, String words) implements Purpose {
        public Opened {
            if (part.isPresent() != words.isBlank()) {
                throw new IllegalArgumentException(
                        "What is opened or closed is either a part of a body or told in words.");
            }
        }

        @Override
        public <R> R match(FactCases<R> cases) {
            return cases.opened(this);
        }

        @Override
        public Fact exchanged() {
            return new Opened(opens, part.map(Part::exchanged), words);
        }

        @Override
        public Fact mirrored() {
            return new Opened(opens, part.map(Part::mirrored), words);
        }
    }

    /** What somebody says would be done if the other did something: told, not seen, and never counted. */
    record Branch(Seat who, String does, String then) implements Purpose {
        public Branch {
            if (does.isBlank() || then.isBlank()) {
                throw new IllegalArgumentException("A branch needs what is done, and what is done then.");
            }
        }

        @Override
        public <R> R match(FactCases<R> cases) {
            return cases.branch(this);
        }

        @Override
        public Fact exchanged() {
            return new Branch(who.other(), does, then);
        }
    }
}
