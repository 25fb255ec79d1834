package farglass.desktop.desk;

import java.util.List;
import javafx.collections.ObservableList;

/** A list that is shown anew: only what is not as it was is given to it, since every row that it is given is laid out. */
public final class Renewal {
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
        if (until - same == others.size()) {
            for (int i = 0; i < others.size(); i++) {
                if (!shown.get(same + i).equals(others.get(i))) {
                    shown.set(same + i, others.get(i));
                }
            }
        } else if (same == 0 && sameAtEnd == 0) {
            // In one step: a list that is emptied first is laid out empty.
            shown.setAll(now);
        } else {
            shown.remove(same, until);
            shown.addAll(same, others);
        }
    }
}
