package farglass.core.estimate.time;

/**
 * How often something happened in one bout, and for how long it could have.
 *
 * @param weight in (0, 1]
 * @param times 0 or more
 * @param minutes of exposure: of film in which it could have happened; 0 or more, finite; above 0 where it happened
 */
public record BoutRate(double weight, int times, double minutes) {
    public BoutRate {
        boolean possible = minutes > 0 || times == 0 && minutes == 0;
        if (!(weight > 0 && weight <= 1) || times < 0 || !possible || Double.isInfinite(minutes)) {
            throw new IllegalArgumentException(
                    "A bout needs a weight in (0, 1], times of 0 or more, and minutes above 0 where there are any, but got %s, %d, %s"
                            .formatted(weight, times, minutes));
        }
    }
}
