package farglass.core.rules;

import farglass.core.bout.Bout;
import farglass.core.bout.Deed;
import farglass.core.bout.Moment;
import farglass.core.state.MatchClock;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** How long something was held: in match time, without a stoppage in it, or as somebody timed it on the film. */
final class HoldTimes {
    /** The clock stops, or runs on. */
    private record Turn(long at, boolean stops) {}

    private final MatchClock clock;
    private final long errorMicros;
    private final List<Turn> turns = new ArrayList<>();
    private final List<Moment> timed = new ArrayList<>();

    HoldTimes(Bout bout, MatchClock clock, long errorMicros) {
        this.clock = clock;
        this.errorMicros = errorMicros;
        for (Moment moment : bout.moments()) {
            if (moment.deed().timed().isPresent()) {
                timed.add(moment);
            }
            boolean stops =
                    moment.deed().stop().isPresent() || moment.deed().ended().isPresent();
            if (moment.atMicros().isPresent()
                    && (stops || moment.deed().restart().isPresent())) {
                turns.add(new Turn(moment.atMicros().getAsLong(), stops));
            }
        }
    }

    /** {@return match time of the longest stretch of the hold without a stoppage in it, up to that instant} */
    long longestPartMicros(long since, long until) {
        long longest = 0;
        long from = since;
        for (int i = firstAfter(since); i < turns.size() && turns.get(i).at() < until; i++) {
            Turn turn = turns.get(i);
            if (turn.at() > since) {
                if (turn.stops()) {
                    longest = Math.max(longest, clock.playedMicros(turn.at()) - clock.playedMicros(from));
                } else {
                    from = turn.at();
                }
            }
        }
        return Math.max(longest, clock.playedMicros(until) - clock.playedMicros(from));
    }

    /** {@return the hold as somebody timed it with the stopwatch, if the measured stretch is this one} */
    Optional<Long> timedMicros(long since, long until) {
        return timed.stream()
                .filter(moment -> moment.deed().timed().isPresent()
                        && moment.atMicros().isPresent()
                        && Math.abs(moment.atMicros().getAsLong() - since) <= errorMicros)
                .map(moment -> ((Deed.Timed) moment.deed()).toMicros()
                        - moment.atMicros().getAsLong())
                .filter(length -> Math.abs(since + length - until) <= 2 * errorMicros)
                .findFirst();
    }

    private int firstAfter(long since) {
        int low = 0;
        int high = turns.size();
        while (low < high) {
            int middle = (low + high) / 2;
            if (turns.get(middle).at() <= since) {
                low = middle + 1;
            } else {
                high = middle;
            }
        }
        return low;
    }
}
