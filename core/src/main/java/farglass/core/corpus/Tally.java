package farglass.core.corpus;

import farglass.core.bout.Layer;
import farglass.core.bout.Seat;
import java.util.List;
import java.util.Set;
import java.util.function.BiFunction;

/**
 * One question put to one bout: every chance there was, and which option was taken.
 *
 * @param id the same for ever for the same question: what was counted is kept with the sheet under it
 * @param layers what a viewing must have looked for, where the chance was, for it to count
 * @param count depends on nothing but the sheet and the seat
 */
public record Tally(String id, Set<Layer> layers, BiFunction<BoutSheet, Seat, List<Evidence>> count) {
    /** {@return a question that the story alone answers} */
    public static Tally ofStory(String id, BiFunction<BoutSheet, Seat, List<Evidence>> count) {
        return new Tally(id, Set.of(Layer.STORY), count);
    }
}
