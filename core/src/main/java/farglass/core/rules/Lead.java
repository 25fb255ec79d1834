package farglass.core.rules;

import farglass.core.side.Seat;
import java.util.Locale;
import java.util.Optional;

/**
 * Who is ahead, or has won.
 *
 * @param seat empty when level
 */
public record Lead(Optional<Seat> seat, By by) {
    /** By what. */
    public enum By {
        SUBMISSION,
        DISQUALIFICATION,
        POINTS,
        ADVANTAGES,
        PENALTIES,
        ESCAPE_TIME,
        /** Of the judges. */
        DECISION,
        NOTHING
    }

    static final Lead LEVEL = new Lead(Optional.empty(), By.NOTHING);

    /** {@return it in words, such as "A by points", or "level"} */
    public String brief() {
        return seat.map(who -> who + " by " + by.name().toLowerCase(Locale.ROOT).replace('_', ' '))
                .orElse("level");
    }
}
