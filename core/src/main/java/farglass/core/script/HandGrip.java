package farglass.core.script;

import farglass.core.side.Part;
import farglass.core.side.Seat;
import farglass.core.side.Side;
import java.util.Optional;

/**
 * A hand that holds something of the other for a while: it is seen to reach there.
 *
 * @param fromMicros on the bout's own clock
 * @param toMicros on the bout's own clock, after the start
 * @param hold what of the other it holds; empty where only cloth at the hand shows it
 */
public record HandGrip(long fromMicros, long toMicros, Seat by, Side hand, Optional<Hold> hold) {
    /**
     * What is held.
     *
     * @param side the other's own side; empty for what has none, such as a belt
     * @param under whether the arm goes under the other's arm to it, as an underhook does, or the cloth under the other's leg
     */
    public record Hold(Part.Kind part, Optional<Side> side, boolean under) {}

    /** {@return the same, shorter or longer} */
    public HandGrip until(long micros) {
        return new HandGrip(fromMicros, micros, by, hand, hold);
    }

    /** {@return the same, told on a clock that started so much later} */
    public HandGrip earlier(long micros) {
        return new HandGrip(Math.max(0, fromMicros - micros), toMicros - micros, by, hand, hold);
    }
}
