package farglass.core.corpus;

import farglass.core.estimate.BoutRate;
import farglass.core.estimate.Taken;
import java.util.List;
import java.util.Optional;

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

    /** {@return how often the option came in the time of this bout that was watched; empty where none was} */
    public Optional<BoutRate> rate(BoutSheet sheet, String option, double weight) {
        return sheet.watchedMinutes() > 0
                ? Optional.of(new BoutRate(weight, taken.options().getOrDefault(option, 0), sheet.watchedMinutes()))
                : Optional.empty();
    }
}
