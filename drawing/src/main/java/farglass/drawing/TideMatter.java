package farglass.drawing;

import farglass.core.bout.Bout;
import farglass.core.rules.Scorecard;
import farglass.core.side.Seat;
import farglass.core.state.Tide;
import java.util.Optional;

/**
 * What a tide is drawn from.
 *
 * @param seat where the athlete under study sits: above the middle line
 * @param card what the rules say, to stand beside the referee's awards; empty where the ruleset is not at hand
 * @param fromMicros the instant at the left edge
 * @param toMicros the instant at the right edge; not before the left one
 */
public record TideMatter(Bout bout, Tide tide, Seat seat, Optional<Scorecard> card, long fromMicros, long toMicros) {
    /** {@return the whole bout, without what the rules say: as small tides are drawn} */
    public static TideMatter whole(Bout bout, Tide tide, Seat seat, long extentMicros) {
        return new TideMatter(bout, tide, seat, Optional.empty(), 0, extentMicros);
    }
}
