package farglass.core.estimate;

import java.util.OptionalDouble;

/**
 * How often something happens. Shares are fractions in [0, 1], never percent.
 *
 * @param low95 lower end of the 95 % interval; low95 <= low80 <= point <= high80 <= high95
 * @param point posterior median for yes or no; posterior mean among several options, so that these add up to one
 * @param successes raw count, as shown
 * @param chances raw count, as shown; successes <= chances
 * @param bouts in how many bouts the chances arose
 * @param effective chances the interval rests on, after weights and the likeness of moments of one bout; 0 or more
 * @param population the other athletes' share, where at least eight of them had such chances
 * @param others how many other athletes had such chances
 */
public record Share(
        double low95,
        double low80,
        double point,
        double high80,
        double high95,
        int successes,
        int chances,
        int bouts,
        double effective,
        OptionalDouble population,
        int others) {
    public Share {
        // Asked as "not in order", because every comparison with NaN is false: so NaN is refused too.
        boolean inOrder =
                0 <= low95 && low95 <= low80 && low80 <= point && point <= high80 && high80 <= high95 && high95 <= 1;
        if (!inOrder || successes < 0 || chances < successes || !(effective >= 0) || !Double.isFinite(effective)) {
            throw new IllegalArgumentException(
                    ("A share needs 0 <= low95 <= low80 <= point <= high80 <= high95 <= 1 and 0 <= successes <= chances"
                                    + " but got %s, %s, %s, %s, %s, %d of %d, %s effective")
                            .formatted(low95, low80, point, high80, high95, successes, chances, effective));
        }
    }

    /**
     * {@return the exact one-sided 95 % bound for what was never seen in so many chances: 1 - 0.05^(1/chances)}
     * <p>Source: J. A. Hanley and A. Lippman-Hand, "If nothing goes wrong, is everything all right?", Journal of the
     * American Medical Association 249 (1983), pp. 1743-1745.
     *
     * @param chances effective chances, 0 or more, finite; 0 leaves the whole of [0, 1] open
     * @throws IllegalArgumentException if {@code chances} is negative, infinite or not a number
     */
    public static double neverSeenBound(double chances) {
        if (!(chances >= 0) || Double.isInfinite(chances)) {
            throw new IllegalArgumentException("Chances must be 0 or more and finite, but are " + chances);
        }
        // With no chances this divides by zero on purpose: the bound comes out as 1. expm1 keeps small bounds exact.
        return -Math.expm1(Math.log(0.05) / chances);
    }

    /** {@return whether the film is too little to say more than a count: under four effective chances} */
    public boolean isTooLittle() {
        return effective < 4;
    }

    /**
     * {@return whether the count itself lies outside the 80 % interval, because its chances weigh less than they are many} Old or unlike
     * bouts weigh less, and moments of one bout come together: then the others draw the share towards theirs.
     */
    public boolean isApart() {
        double counted = (double) successes / Math.max(1, chances);
        return (counted < low80 || counted > high80) && Math.round(effective) < chances;
    }
}
