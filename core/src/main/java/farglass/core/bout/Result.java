package farglass.core.bout;

import farglass.core.side.Seat;
import java.util.Optional;

/**
 * The official result.
 *
 * @param winner empty for a draw or where it is not known
 * @param finish the lexicon's key of the finish, for a submission
 * @param score points of A and B as announced
 */
public record Result(Optional<Seat> winner, Method method, Optional<String> finish, Optional<Score> score) {
    /** Points of both athletes, 0 or more. */
    public record Score(int a, int b) {
        public Score {
            if (a < 0 || b < 0) {
                throw new IllegalArgumentException("Announced points cannot be negative: " + a + "-" + b);
            }
        }
    }
}
