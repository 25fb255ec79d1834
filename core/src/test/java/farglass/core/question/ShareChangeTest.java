package farglass.core.question;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

class ShareChangeTest {
    private static ShareChange.Dated bout(String day, int successes, int chances) {
        return new ShareChange.Dated(LocalDate.parse(day), 1, successes, chances);
    }

    @Test
    void theHalvesAreCountedByTheDayInTheMiddle() {
        List<ShareChange.Dated> bouts = List.of(
                bout("2026-03-01", 5, 6),
                bout("2024-03-01", 1, 4),
                bout("2024-06-01", 0, 3),
                bout("2025-03-01", 2, 4),
                bout("2025-09-01", 3, 5),
                bout("2026-06-01", 4, 4));
        ShareChange changed = ShareChange.of(bouts, 0.1).orElseThrow();
        assertThat(changed.since()).isEqualTo("2025-09-01");
        assertThat(changed.before()).isEqualTo(new Claim.Half(3, 11));
        assertThat(changed.after()).isEqualTo(new Claim.Half(12, 15));
        assertThat(changed.trend().change()).isPositive();
    }

    @Test
    void manyBoutsOnTheFirstDayLeaveNoHalfEmpty() {
        List<ShareChange.Dated> bouts = new ArrayList<>();
        for (int i = 0; i < 5; i++) {
            bouts.add(bout("2024-03-01", 1, 4));
        }
        bouts.add(bout("2026-03-01", 3, 4));
        ShareChange changed = ShareChange.of(bouts, 0.1).orElseThrow();
        assertThat(changed.since()).isEqualTo("2026-03-01");
        assertThat(changed.before()).isEqualTo(new Claim.Half(5, 20));
        assertThat(ShareChange.of(bouts.subList(0, 5), 0.1)).isEmpty();
        assertThat(ShareChange.of(List.of(), 0.1)).isEmpty();
    }
}
