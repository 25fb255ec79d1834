package farglass.core.profile;

import farglass.core.estimate.Comparison;
import farglass.core.estimate.Posterior;
import farglass.core.question.Claims;
import java.util.List;

/**
 * A figure held against the others': in the mean, and one by one.
 *
 * @param each what is believed of every single other athlete
 */
record Compared(Comparison comparison, List<Posterior> each) {
    private static final int POINTS = 15;

    Compared {
        each = List.copyOf(each);
    }

    /** {@return whether it holds against every single one of them, and not only against their mean} */
    boolean againstEach(Claims.Direction direction) {
        return each.stream().allMatch(other -> wrong(other, direction) <= Claims.WRONG);
    }

    private double wrong(Posterior other, Claims.Direction direction) {
        double below = 0;
        for (int i = 0; i < POINTS; i++) {
            below += comparison.own().below(other.quantile((i + 0.5) / POINTS));
        }
        return direction == Claims.Direction.MORE ? below / POINTS : 1 - below / POINTS;
    }
}
