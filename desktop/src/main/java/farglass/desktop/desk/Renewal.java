package farglass.desktop.desk;

import java.util.List;
import java.util.stream.IntStream;
import javafx.collections.ObservableList;

/** A list that is shown anew: only what is not as it was is given to it, since every row that it is given is laid out. */
public final class Renewal {
    /** So many rows are exchanged one by one: about as many as a window shows of any list. */
    private static final int MOST_SINGLY = 30;

    private Renewal() {}

    /** Makes the one list hold what the other does. */
    public static <T> void renew(ObservableList<T> shown, List<T> now) {
        int least = Math.min(shown.size(), now.size());
        int same = 0;
        while (same < least && shown.get(same).equals(now.get(same))) {
            same++;
        }
        int sameAtEnd = 0;
        while (sameAtEnd < least - same
                && shown.get(shown.size() - 1 - sameAtEnd).equals(now.get(now.size() - 1 - sameAtEnd))) {
            sameAtEnd++;
        }
        int until = shown.size() - sameAtEnd;
        List<T> others = now.subList(same, now.size() - sameAtEnd);
        List<Integer> changed = IntStream.range(same, same + Math.min(until - same, others.size()))
                .filter(row -> !shown.get(row).equals(now.get(row)))
                .boxed()
                .toList();
        if (same == 0 && sameAtEnd == 0 || until - same == others.size() && changed.size() > MOST_SINGLY) {
            // In one step: a list that is emptied first is laid out empty, and one told of each row works for each.
            shown.setAll(now);
        } else if (until - same == others.size()) {
            changed.forEach(row -> shown.set(row, now.get(row)));
        } else {
            shown.remove(same, until);
            shown.addAll(same, others);
        }
    }
}
