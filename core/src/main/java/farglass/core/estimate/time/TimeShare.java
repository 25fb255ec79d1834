package farglass.core.estimate.time;

import java.util.List;
import java.util.Optional;
import org.apache.commons.statistics.distribution.TDistribution;

/**
 * Which share of the time was spent somewhere: all its seconds by all the seconds watched, with the error of a ratio over bouts, since
 * moments of one bout are alike. Below {@link #FEWEST_BOUTS} bouts only the seconds are told.
 * <p>Source: W. G. Cochran, Sampling Techniques, 3rd ed., Wiley 1977, section 6.3.
 *
 * @param seconds spent there; 0 or more
 * @param ofSeconds in all; at least as many
 * @param bouts in how many bouts anything was watched
 * @param error how far off it is; empty with too few bouts
 */
public record TimeShare(double seconds, double ofSeconds, int bouts, Optional<Error> error) {
    public static final int FEWEST_BOUTS = 5;

    /** The ends of intervals, within [0, 1]: low95 <= low80 <= point <= high80 <= high95; the point weighs the bouts. */
    public record Error(double low95, double low80, double point, double high80, double high95) {}

    /** What one bout tells: so many seconds there of so many watched, and how much the bout weighs. */
    public record OfBout(double seconds, double ofSeconds, double weight) {}

    public TimeShare {
        if (!(seconds >= 0) || !(ofSeconds >= seconds) || Double.isInfinite(ofSeconds)) {
            throw new IllegalArgumentException("A share of time needs 0 <= seconds <= all seconds, but got %s of %s"
                    .formatted(seconds, ofSeconds));
        }
    }

    /** {@return the share over all bouts of which something was watched} */
    public static TimeShare of(List<OfBout> all) {
        List<OfBout> bouts = all.stream().filter(bout -> bout.ofSeconds() > 0).toList();
        double seconds = bouts.stream().mapToDouble(OfBout::seconds).sum();
        double ofSeconds = bouts.stream().mapToDouble(OfBout::ofSeconds).sum();
        return new TimeShare(seconds, Math.max(seconds, ofSeconds), bouts.size(), error(bouts));
    }

    private static Optional<Error> error(List<OfBout> bouts) {
        int n = bouts.size();
        if (n < FEWEST_BOUTS) {
            return Optional.empty();
        }
        double part = bouts.stream()
                .mapToDouble(bout -> bout.weight() * bout.seconds())
                .sum();
        double all = bouts.stream()
                .mapToDouble(bout -> bout.weight() * bout.ofSeconds())
                .sum();
        double ratio = part / all;
        double residuals = bouts.stream()
                .mapToDouble(bout -> bout.weight() * (bout.seconds() - ratio * bout.ofSeconds()))
                .map(residual -> residual * residual)
                .sum();
        double error = Math.sqrt(n / (n - 1.0) * residuals) / all;
        TDistribution t = TDistribution.of(n - 1.0);
        double likely = error * t.inverseCumulativeProbability(0.9);
        double wide = error * t.inverseCumulativeProbability(0.975);
        return Optional.of(new Error(
                Math.max(0, ratio - wide),
                Math.max(0, ratio - likely),
                ratio,
                Math.min(1, ratio + likely),
                Math.min(1, ratio + wide)));
    }

    /** {@return the share in [0, 1]; 0 where nothing was watched} */
    public double share() {
        return ofSeconds == 0 ? 0 : seconds / ofSeconds;
    }
}
