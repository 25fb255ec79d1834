package farglass.core.scope;

import java.time.LocalDate;
import java.util.Optional;

/**
 * The days that are looked at; with either end told, a bout without a date is not.
 *
 * @param from the first day
 * @param to the last day
 */
public record Period(Optional<LocalDate> from, Optional<LocalDate> to) {
    public static final Period ALL = new Period(Optional.empty(), Optional.empty());

    /** @throws IllegalArgumentException if no day lies between the two */
    public Period {
        if (from.isPresent() && to.isPresent() && to.get().isBefore(from.get())) {
            throw new IllegalArgumentException(
                    "The last day, %s, lies before the first, %s. Exchange them.".formatted(to.get(), from.get()));
        }
    }

    public static Period since(LocalDate day) {
        return new Period(Optional.of(day), Optional.empty());
    }

    public static Period until(LocalDate day) {
        return new Period(Optional.empty(), Optional.of(day));
    }

    boolean holds(Optional<LocalDate> date) {
        return from.map(day -> date.filter(on -> !on.isBefore(day)).isPresent()).orElse(true)
                && to.map(day -> date.filter(on -> !on.isAfter(day)).isPresent())
                        .orElse(true);
    }
}
