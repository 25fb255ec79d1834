package farglass.core.question;

import farglass.core.estimate.DatedCount;
import farglass.core.estimate.Trend;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;

/** How a share changed: the line through the years, and the two halves that anybody can count. */
record ShareChange(Trend trend, LocalDate since, Claim.Half before, Claim.Half after) {
    private static final double DAYS_OF_A_YEAR = 365.25;

    /** What one bout told, and when it was. */
    record Dated(LocalDate day, double weight, int successes, int chances) {
        DatedCount count() {
            return new DatedCount(
                    ChronoUnit.DAYS.between(LocalDate.EPOCH, day) / DAYS_OF_A_YEAR, weight, successes, chances);
        }
    }

    /**
     * {@return how the share changed; empty where the bouts are too few, or lie too close together}
     *
     * @param bouts each with chances
     * @param likeness of moments of one bout, in [0, 1)
     */
    static Optional<ShareChange> of(List<Dated> bouts, double likeness) {
        return Trend.of(bouts.stream().map(Dated::count).toList(), likeness).map(trend -> {
            List<LocalDate> days = bouts.stream().map(Dated::day).sorted().toList();
            // The later half begins with a day of its own, however many bouts the first day had.
            LocalDate since = days.stream()
                    .skip(days.size() / 2)
                    .filter(day -> day.isAfter(days.get(0)))
                    .findFirst()
                    .orElseThrow();
            return new ShareChange(
                    trend, since, half(bouts, day -> day.isBefore(since)), half(bouts, day -> !day.isBefore(since)));
        });
    }

    private static Claim.Half half(List<Dated> bouts, Predicate<LocalDate> in) {
        List<Dated> half = bouts.stream().filter(bout -> in.test(bout.day())).toList();
        return new Claim.Half(
                half.stream().mapToInt(Dated::successes).sum(),
                half.stream().mapToInt(Dated::chances).sum());
    }

    Claim claim(Claims.Direction direction) {
        return new Claim.ThanBefore(direction, since, before, after);
    }
}
