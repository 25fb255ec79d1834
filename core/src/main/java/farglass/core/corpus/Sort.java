package farglass.core.corpus;

import farglass.core.bout.Contestant;
import farglass.core.bout.Level;
import farglass.core.bout.Seat;
import farglass.core.lexicon.Kind;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * What sort of athlete somebody is, as far as the bouts tell.
 *
 * @param level the highest belt told
 * @param kilograms the weight told last
 * @param begins whether she pulls guard or takes down, of at least {@link #LEAST} tries at either two in three
 */
public record Sort(Optional<Level> level, OptionalDouble kilograms, Optional<Begins> begins) {
    /** How somebody brings a bout to the ground. */
    public enum Begins {
        FROM_GUARD,
        FROM_TOP
    }

    /** By so much may the weights of two alike differ, in kilograms: about one class. */
    static final double SAME_CLASS = 7;

    private static final int LEAST = 4;
    private static final Pattern KILOGRAMS = Pattern.compile("(\\d{2,3}(?:[.,]\\d+)?) ?kg\\b.*");

    /** {@return the sort of the athlete whose bouts these are} Linear in what was tried. */
    static Sort of(String athlete, List<BoutSheet> sheets) {
        Optional<Level> level = Optional.empty();
        OptionalDouble kilograms = OptionalDouble.empty();
        int pulls = 0;
        int takedowns = 0;
        for (BoutSheet sheet : sheets) {
            Seat seat = sheet.bout().header().seatOf(athlete).orElseThrow();
            Contestant told = sheet.bout().header().contestant(seat);
            if (told.level().isPresent()
                    && level.map(known -> known.compareTo(told.level().get()) < 0)
                            .orElse(true)) {
                level = told.level();
            }
            // The newest bout comes first.
            kilograms = kilograms.isPresent() ? kilograms : kilograms(told);
            pulls += sheet.tried(seat, Kind.PULL).size();
            takedowns += sheet.tried(seat, Kind.TAKEDOWN).size();
        }
        int both = pulls + takedowns;
        Optional<Begins> begins = both < LEAST
                ? Optional.empty()
                : 3 * pulls >= 2 * both
                        ? Optional.of(Begins.FROM_GUARD)
                        : 3 * takedowns >= 2 * both ? Optional.of(Begins.FROM_TOP) : Optional.empty();
        return new Sort(level, kilograms, begins);
    }

    private static OptionalDouble kilograms(Contestant told) {
        Matcher matcher = KILOGRAMS.matcher(told.weight().orElse(""));
        return matcher.matches()
                ? OptionalDouble.of(Double.parseDouble(matcher.group(1).replace(',', '.')))
                : OptionalDouble.empty();
    }

    /**
     * {@return whether the two resemble each other: nothing that is known of both speaks against it, and something speaks for it} Belts may
     * be one apart, weights {@value #SAME_CLASS} kilograms; both pull, or both take down.
     */
    public boolean isLike(Sort other) {
        boolean anything = level.isPresent() && other.level.isPresent()
                || kilograms.isPresent() && other.kilograms.isPresent()
                || begins.isPresent() && other.begins.isPresent();
        boolean belts = level.isEmpty()
                || other.level.isEmpty()
                || Math.abs(level.get().ordinal() - other.level.get().ordinal()) <= 1;
        boolean weights = kilograms.isEmpty()
                || other.kilograms.isEmpty()
                || Math.abs(kilograms.getAsDouble() - other.kilograms.getAsDouble()) <= SAME_CLASS;
        boolean ways = begins.isEmpty() || other.begins.isEmpty() || begins.equals(other.begins);
        return anything && belts && weights && ways;
    }
}
