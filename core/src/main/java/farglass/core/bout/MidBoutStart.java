package farglass.core.bout;

import farglass.core.side.Seat;
import java.util.Optional;
import java.util.OptionalLong;

/**
 * How a bout stood when its film begins in the middle of it.
 *
 * @param leftMicros time left on the match clock; empty where nobody knows
 * @param a what A had on the board; empty where nobody knows
 * @param b likewise
 */
public record MidBoutStart(OptionalLong leftMicros, Optional<Marks> a, Optional<Marks> b) {
    /** One athlete's points, advantages and penalties, each 0 or more; points may be negative where the rules know negatives. */
    public record Marks(int points, int advantages, int penalties) {
        public Marks {
            if (points < -99 || points > 99 || advantages < 0 || penalties < 0) {
                throw new IllegalArgumentException("A board cannot say %d points, %d advantages, %d penalties"
                        .formatted(points, advantages, penalties));
            }
        }
    }

    public MidBoutStart {
        if (leftMicros.isPresent() && leftMicros.getAsLong() < 0) {
            throw new IllegalArgumentException("The time left cannot be negative");
        }
    }

    public Optional<Marks> of(Seat seat) {
        return seat == Seat.A ? a : b;
    }
}
