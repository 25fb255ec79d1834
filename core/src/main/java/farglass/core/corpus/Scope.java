package farglass.core.corpus;

import farglass.core.bout.BoutKind;
import farglass.core.bout.Header;
import farglass.core.bout.Uniform;
import farglass.core.study.Weighing;
import java.time.LocalDate;
import java.util.Optional;
import java.util.Set;

/**
 * Which of an athlete's bouts are looked at, and how much each of them weighs. The others, with whom she is compared, are taken with all
 * their bouts, each in full.
 *
 * @param from the first day looked at; a bout without a date then is not
 * @param to the last day looked at; likewise
 * @param uniform empty for any
 * @param kinds empty for all
 */
public record Scope(
        Optional<LocalDate> from,
        Optional<LocalDate> to,
        Optional<Uniform> uniform,
        Set<BoutKind> kinds,
        Weighing weighing) {
    /** Every bout, each in full. */
    public static final Scope ALL = weighed(Weighing.ALIKE);

    /** @throws IllegalArgumentException if no day lies between the two */
    public Scope {
        kinds = Set.copyOf(kinds);
        if (from.isPresent() && to.isPresent() && to.get().isBefore(from.get())) {
            throw new IllegalArgumentException(
                    "The last day, %s, lies before the first, %s. Exchange them.".formatted(to.get(), from.get()));
        }
    }

    /** {@return every bout, weighed as a study or camp does} */
    public static Scope weighed(Weighing weighing) {
        return new Scope(Optional.empty(), Optional.empty(), Optional.empty(), Set.of(), weighing);
    }

    /** {@return whether bouts of that header are looked at} */
    public boolean holds(Header header) {
        return from.map(day -> header.date().filter(date -> !date.isBefore(day)).isPresent())
                        .orElse(true)
                && to.map(day ->
                                header.date().filter(date -> !date.isAfter(day)).isPresent())
                        .orElse(true)
                && uniform.map(worn -> worn == header.uniform()).orElse(true)
                && (kinds.isEmpty() || kinds.contains(header.kind()));
    }

    /**
     * {@return the weight of a bout that is looked at, in (0, 1]}
     *
     * @throws IllegalArgumentException if the weighing gives another number
     */
    public double weight(Header header) {
        double weight = weighing.of(header);
        if (!(weight > 0 && weight <= 1)) {
            throw new IllegalArgumentException("A bout weighs more than 0 and at most 1, but this one " + weight);
        }
        return weight;
    }
}
