package farglass.core.estimate;

import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/** Estimates shares of yes or no; shares of several options are {@link OptionShares}. */
public final class Shares {
    private Shares() {}

    /**
     * {@return the share of successes, its point the posterior median}
     *
     * @param bouts the athlete's own, weighted
     * @param likeness of moments of one bout, in [0, 1)
     */
    public static Share yesOrNo(List<BoutCount> bouts, Prior prior, double likeness) {
        Posterior posterior = posterior(bouts, prior, likeness);
        return share(
                bouts,
                posterior,
                posterior.quantile(0.5),
                likeness,
                prior.comparable() ? OptionalDouble.of(prior.mean()) : OptionalDouble.empty(),
                prior.others());
    }

    /**
     * {@return the athlete's share held against the others'; empty where too few others had such chances}
     *
     * @param others one collection of bouts per other athlete, unweighted
     */
    public static Optional<Comparison> comparison(
            List<BoutCount> bouts, Collection<List<BoutCount>> others, double likeness) {
        Prior prior = Prior.learned(others, 0.5, likeness, Comparison.WEAK);
        return prior.comparable()
                ? Optional.of(new Comparison(
                        posterior(bouts, prior, likeness),
                        Spread.of(others, likeness).ofMean()))
                : Optional.empty();
    }

    /** {@return what is believed of the share once these bouts were seen} */
    public static Posterior posterior(List<BoutCount> bouts, Prior prior, double likeness) {
        Discounted seen = Discounted.of(bouts, likeness);
        return prior.belief().after(seen.successes(), seen.chances() - seen.successes());
    }

    static Share share(
            List<BoutCount> bouts,
            Posterior posterior,
            double point,
            double likeness,
            OptionalDouble population,
            int others) {
        // A mean may lie outside the middle 80 % of a very skewed posterior; the interval then reaches to it. And each
        // quantile is found by itself: where they are nearly one, their last digits must not change their order.
        double low80 = Math.min(posterior.quantile(0.10), point);
        double high80 = Math.max(posterior.quantile(0.90), point);
        return new Share(
                Math.min(posterior.quantile(0.025), low80),
                low80,
                point,
                high80,
                Math.max(posterior.quantile(0.975), high80),
                bouts.stream().mapToInt(BoutCount::successes).sum(),
                bouts.stream().mapToInt(BoutCount::chances).sum(),
                (int) bouts.stream().filter(bout -> bout.chances() > 0).count(),
                Discounted.of(bouts, likeness).chances(),
                population,
                others);
    }

    /** Chances and successes, as many as they are worth after weights and the likeness within bouts. */
    record Discounted(double successes, double chances) {
        static Discounted of(List<BoutCount> bouts, double likeness) {
            double effect = Likeness.designEffect(bouts, likeness);
            double chances = 0;
            double successes = 0;
            for (BoutCount bout : bouts) {
                chances += bout.weight() * bout.chances() / effect;
                successes += bout.weight() * bout.successes() / effect;
            }
            // Rounding must not leave fewer chances than successes.
            return new Discounted(successes, Math.max(chances, successes));
        }
    }
}
