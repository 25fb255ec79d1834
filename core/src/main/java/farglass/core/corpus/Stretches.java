package farglass.core.corpus;

import farglass.core.side.Seat;
import java.util.Map;
import java.util.function.BiFunction;

/**
 * Parts of a bout that are held against each other: its minutes, ahead and behind.
 *
 * @param id the same for ever: what was worked out is kept with the sheet under it
 * @param minutes how much of each was watched, in minutes of match time; depends on nothing but the sheet and the seat
 */
public record Stretches(String id, BiFunction<BoutSheet, Seat, Map<String, Double>> minutes) {}
