package farglass.core.estimate;

/**
 * How often something was done in one bout, and when that was.
 *
 * @param years when, in years from any fixed day
 * @param weight in (0, 1]
 * @param successes 0 or more
 * @param chances at least as many
 */
public record DatedCount(double years, double weight, int successes, int chances) {
    public DatedCount {
        if (!Double.isFinite(years) || !(weight > 0 && weight <= 1) || successes < 0 || chances < successes) {
            throw new IllegalArgumentException(
                    "A dated count needs a finite time, a weight in (0, 1] and 0 <= successes <= chances but got %s, %s, %d of %d"
                            .formatted(years, weight, successes, chances));
        }
    }
}
