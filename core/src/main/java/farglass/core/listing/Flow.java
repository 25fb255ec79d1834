package farglass.core.listing;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * What all visits or tries come to at one point of their way: how they were entered, what was tried first, where they led.
 *
 * @param times by what it was, the most frequent first
 */
public record Flow(String heading, Map<String, Integer> times) {
    public Flow {
        times = Collections.unmodifiableMap(new LinkedHashMap<>(times));
    }

    /** {@return the counts of these} */
    static Flow of(String heading, List<String> each) {
        Map<String, Integer> times = new LinkedHashMap<>();
        each.forEach(words -> times.merge(words, 1, Integer::sum));
        Map<String, Integer> sorted = new LinkedHashMap<>();
        times.entrySet().stream()
                .sorted(Map.Entry.<String, Integer>comparingByValue().reversed())
                .forEach(entry -> sorted.put(entry.getKey(), entry.getValue()));
        return new Flow(heading, sorted);
    }
}
