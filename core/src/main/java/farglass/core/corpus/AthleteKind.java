package farglass.core.corpus;

import farglass.core.bout.Contestant;
import farglass.core.entry.Kind;
import farglass.core.side.Level;
import farglass.core.side.Seat;
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
 * @param centimetres the height told last, among the words of how she is built
 * @param begins whether she pulls guard or takes down, of at least {@link #LEAST} tries at either two in three
 */
public record AthleteKind(
        Optional<Level> level, OptionalDouble kilograms, OptionalDouble centimetres, Optional<Begins> begins) {
    /** How somebody brings a bout to the ground. */
    public enum Begins {
        FROM_GUARD,
        FROM_TOP
    }

    /** By so much may the weights of two alike differ, in kilograms: about one class. */
    static final double SAME_CLASS = 7;

    /** By so much their heights, in centimetres: reach then differs by about a hand. */
    static final double SAME_HEIGHT = 8;

    private static final int LEAST = 4;
    private static final Pattern KILOGRAMS = Pattern.compile("(\\d{2,3}(?:[.,]\\d+)?) ?kg\\b.*");
    private static final Pattern CENTIMETRES =
            Pattern.compile("(?<![\\d.,])(?:([12]\\d\\d) ?cm|([12])[.,](\\d\\d) ?m)\\b");

    /** {@return the sort of the athlete whose bouts these are} Linear in what was tried. */
    static AthleteKind of(String athlete, List<BoutSheet> sheets) {
        Optional<Level> level = Optional.empty();
        OptionalDouble kilograms = OptionalDouble.empty();
        OptionalDouble centimetres = OptionalDouble.empty();
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
            centimetres = centimetres.isPresent() ? centimetres : centimetres(told);
            pulls += sheet.tried(seat, Kind.PULL).size();
            takedowns += sheet.tried(seat, Kind.TAKEDOWN).size();
        }
        int both = pulls + takedowns;
        Optional<Begins> begins = both < LEAST
                ? Optional.empty()
                : 3 * pulls >= 2 * both
                        ? Optional.of(Begins.FROM_GUARD)
                        : 3 * takedowns >= 2 * both ? Optional.of(Begins.FROM_TOP) : Optional.empty();
        return new AthleteKind(level, kilograms, centimetres, begins);
    }

    private static OptionalDouble kilograms(Contestant told) {
        Matcher matcher = KILOGRAMS.matcher(told.weight().orElse(""));
        return matcher.matches()
                ? OptionalDouble.of(Double.parseDouble(matcher.group(1).replace(',', '.')))
                : OptionalDouble.empty();
    }

    private static OptionalDouble centimetres(Contestant told) {
        Matcher matcher = CENTIMETRES.matcher(told.build().orElse(""));
        if (!matcher.find()) {
            return OptionalDouble.empty();
        }
        String whole = matcher.group(1) == null ? matcher.group(2) + matcher.group(3) : matcher.group(1);
        return OptionalDouble.of(Integer.parseInt(whole));
    }

    /**
     * {@return whether the two resemble each other: nothing that is known of both speaks against it, and something speaks for it} Belts may
     * be one apart, weights {@value #SAME_CLASS} kilograms, heights {@value #SAME_HEIGHT} centimetres; both pull, or both take down.
     */
    public boolean isLike(AthleteKind other) {
        boolean anything = level.isPresent() && other.level.isPresent()
                || kilograms.isPresent() && other.kilograms.isPresent()
                || centimetres.isPresent() && other.centimetres.isPresent()
                || begins.isPresent() && other.begins.isPresent();
        boolean belts = level.isEmpty()
                || other.level.isEmpty()
                || Math.abs(level.get().ordinal() - other.level.get().ordinal()) <= 1;
        boolean ways = begins.isEmpty() || other.begins.isEmpty() || begins.equals(other.begins);
        return anything
                && belts
                && isNear(kilograms, other.kilograms, SAME_CLASS)
                && isNear(centimetres, other.centimetres, SAME_HEIGHT)
                && ways;
    }

    private static boolean isNear(OptionalDouble one, OptionalDouble other, double most) {
        return one.isEmpty() || other.isEmpty() || Math.abs(one.getAsDouble() - other.getAsDouble()) <= most;
    }
}
