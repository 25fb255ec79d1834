package farglass.core.corpus;

import farglass.core.estimate.OptionsTaken;
import farglass.core.estimate.time.BoutRate;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
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
public record Counted(Map<String, List<Evidence>> evidence, OptionsTaken taken) {
    /** Most bouts say nothing to most questions. */
    public static final Counted NOTHING = new Counted(Map.of(), OptionsTaken.of(List.of()));

    static Counted of(List<Evidence> evidence) {
        if (evidence.isEmpty()) {
            return NOTHING;
        }
        Map<String, List<Evidence>> byOption = new LinkedHashMap<>();
        for (Evidence each : evidence) {
            byOption.computeIfAbsent(each.option(), any -> new ArrayList<>()).add(each);
        }
        Map<String, Integer> times = new HashMap<>();
        byOption.forEach((option, each) -> times.put(option, each.size()));
        byOption.replaceAll((option, each) -> Collections.unmodifiableList(each));
        return new Counted(Collections.unmodifiableMap(byOption), new OptionsTaken(times, evidence.size()));
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
