package farglass.core.corpus;

import farglass.core.side.Seat;
import java.util.List;
import java.util.function.BiFunction;

/**
 * How long something lasts, asked of one bout.
 *
 * @param id the same for ever: what was worked out is kept with the sheet under it
 * @param stays every stay whose beginning was watched; depends on nothing but the sheet and the seat
 */
public record Stays(String id, BiFunction<BoutSheet, Seat, List<TimedStay>> stays) {}
