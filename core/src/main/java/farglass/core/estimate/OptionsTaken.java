package farglass.core.estimate;

import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.Map;

/**
 * What was taken in one bout.
 *
 * @param options how often each option was taken; those never taken are left out
 * @param chances how often one was taken at all
 */
public record OptionsTaken(Map<String, Integer> options, int chances) {
    public OptionsTaken {
        options = Map.copyOf(options);
    }

    /** {@return the counts of these options, one for each chance} */
    public static OptionsTaken of(Collection<String> taken) {
        Map<String, Integer> options = new LinkedHashMap<>();
        taken.forEach(option -> options.merge(option, 1, Integer::sum));
        return new OptionsTaken(options, taken.size());
    }
}
