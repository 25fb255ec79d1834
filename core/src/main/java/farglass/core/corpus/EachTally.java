package farglass.core.corpus;

import farglass.core.side.Seat;
import java.util.List;
import java.util.function.BiFunction;

/**
 * One question put apart to each of several sorts of chances: how did those end that were of this sort?
 *
 * @param id the same for ever for the same question: what was counted is kept with the sheet under it
 * @param count depends on nothing but the sheet and the seat
 */
public record EachTally(String id, BiFunction<BoutSheet, Seat, List<Chance>> count) {
    /**
     * One chance.
     *
     * @param sort which of the sorts it is of
     * @param end how it ended, with the moment where that can be seen
     */
    public record Chance(String sort, Evidence end) {}
}
