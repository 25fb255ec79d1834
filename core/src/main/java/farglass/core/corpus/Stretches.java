package farglass.core.corpus;

import farglass.core.bout.Seat;
import java.util.Map;
import java.util.function.BiFunction;

/**
 * Parts of a bout that are held against each other: its minutes, ahead and behind.
 *
 * @param minutes how much of each was watched, in minutes of match time; depends on nothing but the sheet and the seat
 */
public record Stretches(BiFunction<BoutSheet, Seat, Map<String, Double>> minutes) {
    /** All that was watched is one stretch, whatever happened in it. */
    public static Stretches whole(String option) {
        return new Stretches((sheet, seat) -> Map.of(option, sheet.watchedMinutes()));
    }

    double minutes(BoutSheet sheet, Seat seat, String option) {
        return minutes.apply(sheet, seat).getOrDefault(option, 0.0);
    }
}
