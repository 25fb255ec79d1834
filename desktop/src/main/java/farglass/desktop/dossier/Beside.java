package farglass.desktop.dossier;

import farglass.core.corpus.Period;
import farglass.core.corpus.Scope;
import java.time.LocalDate;
import java.util.Optional;

/**
 * With what an athlete is held side by side: another one, or the same one before a year.
 *
 * @param athlete whose bouts
 * @param beforeYear only bouts before it; empty for the same bouts as are looked at
 */
record Beside(String athlete, Optional<Integer> beforeYear) {
    /** {@return as it stands beside a figure} */
    String words() {
        return beforeYear.map(year -> "before " + year).orElse(athlete.split("\\s+")[0]);
    }

    /** {@return which bouts are held beside those of that scope} */
    Scope scope(Scope looked) {
        return beforeYear
                .map(year -> looked.in(Period.until(LocalDate.of(year - 1, 12, 31))))
                .orElse(looked);
    }
}
