package farglass.core.fact;

import farglass.core.side.Line;
import farglass.core.side.Stage;
import java.util.Optional;
import java.util.OptionalInt;

/** How long it lasts, how often it was done, and how far it fell back. */
public sealed interface Span extends Fact {
    /** It lasts until that instant of the bout's timeline. */
    record Until(long micros) implements Span {
        public Until {
            if (micros < 0) {
                throw new IllegalArgumentException("Nothing lasts until before its bout: " + micros + " us");
            }
        }

        @Override
        public <R> R match(FactCases<R> cases) {
            return cases.until(this);
        }
    }

    /**
     * Counted loosely: as often, over a stretch that nobody told apart. No rate is claimed from it.
     *
     * @param count at least two; empty for "several"
     */
    record Times(OptionalInt count) implements Span {
        public Times {
            if (count.isPresent() && (count.getAsInt() < 2 || count.getAsInt() > 999)) {
                throw new IllegalArgumentException(
                        "What was done several times was done 2 to 999 times, not " + count.getAsInt());
            }
        }

        @Override
        public <R> R match(FactCases<R> cases) {
            return cases.times(this);
        }
    }

    /** A line of the guard won back, or a stage lost again: it fell back to that one. Exactly one of the two is told. */
    record BackTo(Optional<Line> line, Optional<Stage> stage) implements Span {
        public BackTo {
            if (line.isPresent() == stage.isPresent()) {
                throw new IllegalArgumentException("It fell back to a line or to a stage.");
            }
        }

        @Override
        public <R> R match(FactCases<R> cases) {
            return cases.backTo(this);
        }
    }
}
