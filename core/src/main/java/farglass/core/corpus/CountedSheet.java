package farglass.core.corpus;

import farglass.core.side.Seat;
import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;

/** What is asked of one bout worked out: its chances, stays and minutes, without what somebody struck. */
final class CountedSheet {
    private CountedSheet() {}

    /** {@return every chance that the athlete in that seat had for what is asked, and what was taken} */
    static Counted counted(BoutSheet sheet, Tally tally, Seat seat) {
        return Counted.of(unstruck(sheet, tally.count().apply(sheet, seat), Function.identity(), tally.id()));
    }

    /** {@return by sort, every chance that the athlete in that seat had, and how it ended} */
    static Map<String, Counted> counted(BoutSheet sheet, EachTally tally, Seat seat) {
        Map<String, List<Evidence>> bySort = new LinkedHashMap<>();
        for (EachTally.Chance chance :
                unstruck(sheet, tally.count().apply(sheet, seat), EachTally.Chance::end, tally.id())) {
            bySort.computeIfAbsent(chance.sort(), any -> new ArrayList<>()).add(chance.end());
        }
        Map<String, Counted> counted = new LinkedHashMap<>();
        bySort.forEach((sort, chances) -> counted.put(sort, Counted.of(chances)));
        return counted.isEmpty() ? Map.of() : Collections.unmodifiableMap(counted);
    }

    /** {@return every stay asked about, of that seat} */
    static List<TimedStay> stays(BoutSheet sheet, Stays asked, Seat seat) {
        return unstruck(sheet, asked.stays().apply(sheet, seat), TimedStay::evidence, asked.id());
    }

    /** Without those of which somebody said that they do not count there. */
    private static <T> List<T> unstruck(BoutSheet sheet, List<T> all, Function<T, Evidence> evidence, String tally) {
        return sheet.struck().isEmpty()
                ? all
                : all.stream()
                        .filter(each -> evidence.apply(each)
                                .moment()
                                .filter(id -> sheet.struck()
                                        .getOrDefault(id, Set.of())
                                        .contains(tally))
                                .isEmpty())
                        .toList();
    }

    /** {@return how many minutes of each stretch were watched, asked of that seat} */
    static Map<String, Double> minutes(BoutSheet sheet, Stretches stretches, Seat seat) {
        return Map.copyOf(stretches.minutes().apply(sheet, seat));
    }
}
