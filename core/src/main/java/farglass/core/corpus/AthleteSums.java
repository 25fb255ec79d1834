package farglass.core.corpus;

import farglass.core.estimate.Choices;
import farglass.core.estimate.time.Exposure;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;

/**
 * What was added up of one athlete's bouts, all of them alike: what everybody else is held against. It says nothing of single bouts, and
 * holds as long as the athlete's bouts stay the same. May be read and added to by many threads.
 *
 * @param choices by the id of a {@link Tally}
 * @param each by the id of an {@link EachTally}, and by sort of chances
 * @param rates by the id of a tally and its option
 */
record AthleteSums(
        Map<String, Choices> choices, Map<String, Map<String, Choices>> each, Map<OfOption, Exposure> rates) {
    /** An option of a tally. */
    record OfOption(String tally, String option) {}

    AthleteSums() {
        this(new ConcurrentHashMap<>(), new ConcurrentHashMap<>(), new ConcurrentHashMap<>());
    }

    /** {@return the same, to which is added apart} */
    AthleteSums copy() {
        return new AthleteSums(
                new ConcurrentHashMap<>(choices), new ConcurrentHashMap<>(each), new ConcurrentHashMap<>(rates));
    }

    int size() {
        return choices.size() + each.size() + rates.size();
    }
}
