package farglass.core.estimate;

import java.util.List;
import java.util.Map;

/** Chances and successes in one bout, for tests of yes or no. */
public record BoutCount(double weight, int successes, int chances) {
    public static final String YES = "yes";

    /** {@return the choices of these bouts, in which {@link #YES} was taken that often} */
    public static Choices choices(List<BoutCount> bouts) {
        return new Choices(
                bouts.stream()
                        .map(bout -> new OptionsTaken(
                                bout.successes() == 0 ? Map.of() : Map.of(YES, bout.successes()), bout.chances()))
                        .toList(),
                bouts.stream().map(BoutCount::weight).toList());
    }
}
