package farglass.core.corpus;

import farglass.core.estimate.BoutRate;
import farglass.core.estimate.Taken;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * What was counted of one bout for one question.
 *
 * @param evidence each chance, by what was taken, in the order of the bout
 * @param taken the same as numbers
 */
public record Counted(Map<String, List<Evidence>> evidence, Taken taken) {
    /** Most bouts say nothing to most questions. */
    public static final Counted NOTHING = new Counted(Map.of(), Taken.of(List.of()));

    static Counted of(List<Evidence> evidence) {
        if (evidence.isEmpty()) {
            return NOTHING;
        }
        Map<String, List<Evidence>> byOption = new LinkedHashMap<>();
        evidence.forEach(each -> byOption.computeIfAbsent(each.option(), any -> new ArrayList<>())
                .add(each));
        byOption.replaceAll((option, each) -> List.copyOf(each));
        return new Counted(
                byOption, Taken.of(evidence.stream().map(Evidence::option).toList()));
    }

    /** {@return the moments that count for the option} */
    public List<Evidence> of(String option) {
        return evidence.getOrDefault(option, List.of());
    }

    /** {@return how often the option came in so many minutes of this bout; empty where there was none} */
    public Optional<BoutRate> rate(double minutes, String option, double weight) {
        return minutes > 0 ? Optional.of(new BoutRate(weight, of(option).size(), minutes)) : Optional.empty();
    }
}
