package farglass.desktop.dossier.figure;

import farglass.core.scope.Period;
import farglass.core.scope.Scope;
import java.time.LocalDate;
import java.util.Optional;

/**
 * With what an athlete is held side by side: another one, the same one before a year, or a single bout.
 *
 * @param athlete whose bouts
 * @param beforeYear only bouts before it; empty for the same bouts as are looked at
 * @param bout only this one; empty for all
 */
public record Beside(String athlete, Optional<Integer> beforeYear, Optional<OneBout> bout) {
    /**
     * A bout that can be looked at alone.
     *
     * @param words day and opponent
     */
    public record OneBout(String id, String words) {}

    public static Beside of(String other) {
        return new Beside(other, Optional.empty(), Optional.empty());
    }

    public static Beside before(String athlete, int year) {
        return new Beside(athlete, Optional.of(year), Optional.empty());
    }

    public static Beside bout(String athlete, OneBout bout) {
        return new Beside(athlete, Optional.empty(), Optional.of(bout));
    }

    /** {@return as it stands beside a figure} */
    public String words() {
        return beforeYear
                .map(year -> "before " + year)
                .or(() -> bout.map(OneBout::words))
                .orElse(athlete.split("\\s+")[0]);
    }

    /** {@return which bouts are held beside those of that scope} */
    public Scope scope(Scope looked) {
        Scope years = beforeYear
                .map(year -> looked.in(Period.until(LocalDate.of(year - 1, 12, 31))))
                .orElse(looked);
        return bout.map(only -> years.in(Period.ALL).in(years.setting().only(Optional.of(only.id()))))
                .orElseGet(() -> years.in(years.setting().only(Optional.empty())));
    }
}
