package farglass.desktop.desk;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import javafx.collections.FXCollections;
import javafx.collections.ListChangeListener;
import javafx.collections.ObservableList;
import org.junit.jupiter.api.Test;

class RenewalTest {
    private final ObservableList<String> shown = FXCollections.observableArrayList();
    /** What a view would lay out. */
    private final List<String> given = new ArrayList<>();

    RenewalTest() {
        shown.addListener((ListChangeListener<String>) change -> {
            while (change.next()) {
                given.addAll(change.getAddedSubList());
            }
        });
    }

    private void renew(String... now) {
        given.clear();
        Renewal.renew(shown, List.of(now));
    }

    @Test
    void onlyWhatIsNotAsItWasIsGiven() {
        renew("a", "b", "c", "d");
        renew("a", "b", "new", "c", "d");
        assertThat(given).containsExactly("new");
        renew("a", "B", "new", "c", "d");
        assertThat(given).containsExactly("B");
        renew("a", "B", "c", "d");
        assertThat(given).isEmpty();
        renew("a", "x", "y", "d");
        assertThat(given).containsExactly("x", "y");
    }

    @Test
    void anyListBecomesAnyOther() {
        Random random = new Random(7);
        for (int each = 0; each < 2000; each++) {
            List<String> now = random.ints(random.nextInt(8), 0, 4)
                    .mapToObj(Integer::toString)
                    .toList();
            Renewal.renew(shown, now);
            assertThat(shown).isEqualTo(now);
        }
    }
}
