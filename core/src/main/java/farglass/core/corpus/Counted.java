package farglass.core.corpus;

import farglass.core.estimate.Taken;
import java.util.List;

/**
 * What was counted of one bout for one question.
 *
 * @param evidence each chance, and what was taken
 * @param taken the same as numbers
 */
public record Counted(List<Evidence> evidence, Taken taken) {
    /** Most bouts say nothing to most questions. */
    private static final Counted NOTHING = new Counted(List.of(), Taken.of(List.of()));

    static Counted of(List<Evidence> evidence) {
        return evidence.isEmpty()
                ? NOTHING
                : new Counted(
                        List.copyOf(evidence),
                        Taken.of(evidence.stream().map(Evidence::option).toList()));
    }
}
