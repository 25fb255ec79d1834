package farglass.core.fact;

import farglass.core.side.Seat;
import java.util.Optional;

/** What is contested about a moment. */
public sealed interface Ruling extends Fact {
    /**
     * An award, a restart or a stop that somebody disputed.
     *
     * @param by whose side disputed it; empty if not told
     * @param why in words; may be empty
     * @param gained who gained by it; empty if not told
     */
    record Disputed(Optional<Seat> by, String why, Optional<Seat> gained) implements Ruling {
        @Override
        public <R> R match(FactCases<R> cases) {
            return cases.disputed(this);
        }

        @Override
        public Fact exchanged() {
            return new Disputed(by.map(Seat::other), why, gained.map(Seat::other));
        }
    }

    /**
     * An act that somebody holds to be against the rules.
     *
     * @param what which act, or which rule
     * @param seen how clearly
     */
    record Illegal(String what, Certainty seen) implements Ruling {
        public Illegal {
            if (what.isBlank()) {
                throw new IllegalArgumentException("What is against the rules needs words.");
            }
        }

        @Override
        public <R> R match(FactCases<R> cases) {
            return cases.illegal(this);
        }
    }
}
