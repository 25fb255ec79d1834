package farglass.core.script;

import farglass.core.bout.Seat;
import farglass.core.bout.Side;

/**
 * A hand that holds cloth for a while, as a mark at the hand shows.
 *
 * @param fromMicros on the bout's own clock
 * @param toMicros on the bout's own clock, after the start
 */
public record Grip(long fromMicros, long toMicros, Seat by, Side hand) {}
