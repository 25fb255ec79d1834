package farglass.core.rules;

import java.util.List;

/**
 * Where the referee and the rules differ.
 *
 * @param brief in a few words, such as "A pass 3 not given"
 */
public record Difference(long atMicros, String brief, String sentence, List<String> moments) {
    public Difference {
        moments = List.copyOf(moments);
    }
}
