package farglass.core.estimate.time;

import java.util.OptionalDouble;

/**
 * How often something happens per minute of exposure.
 *
 * @param low95 lower end of the 95 % interval; low95 <= low80 <= point <= high80 <= high95
 * @param point posterior median
 * @param times raw count, as shown
 * @param minutes raw exposure, as shown
 * @param bouts in how many bouts there was exposure
 * @param population the others' rate, where at least eight of them had exposure
 */
public record Rate(
        double low95,
        double low80,
        double point,
        double high80,
        double high95,
        int times,
        double minutes,
        int bouts,
        OptionalDouble population) {
    public Rate {
        boolean inOrder = 0 <= low95
                && low95 <= low80
                && low80 <= point
                && point <= high80
                && high80 <= high95
                && Double.isFinite(high95);
        if (!inOrder) {
            throw new IllegalArgumentException(
                    "A rate needs 0 <= low95 <= low80 <= point <= high80 <= high95, finite, but got %s, %s, %s, %s, %s"
                            .formatted(low95, low80, point, high80, high95));
        }
    }
}
