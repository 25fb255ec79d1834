package farglass.core.corpus;

import farglass.core.side.Seat;
import java.util.List;
import java.util.function.BiFunction;

/**
 * One question put to one bout: every chance there was, and which option was taken.
 *
 * @param id the same for ever for the same question: what was counted is kept with the sheet under it
 * @param count depends on nothing but the sheet and the seat
 */
public record Tally(String id, BiFunction<BoutSheet, Seat, List<Evidence>> count) {}
