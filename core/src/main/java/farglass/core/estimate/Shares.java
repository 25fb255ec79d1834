package farglass.core.estimate;

import java.util.Optional;
import java.util.OptionalDouble;

/** Estimates shares of yes or no; shares of several options are {@link OptionShares}. */
public final class Shares {
    private Shares() {}

    /**
     * {@return the share of an option, its point the posterior median}
     *
     * @param own the athlete's own, weighted
     * @param likeness of moments of one bout, in [0, 1)
     */
    public static Share yesOrNo(Choices own, String option, Prior prior, double likeness) {
        Posterior posterior = prior.after(own, option, likeness);
        double[] ends = posterior.quantiles(0.025, 0.10, 0.5, 0.90, 0.975);
        return share(own, option, new double[] {ends[0], ends[1], ends[3], ends[4]}, ends[2], prior, likeness);
    }

    /** {@return the athlete's share held against the others'; empty where too few others had such chances} */
    public static Optional<Comparison> comparison(Choices own, Population.Others others, String option) {
        Spread spread = others.spread(option);
        Prior prior = Prior.learned(spread, 0.5, Comparison.WEAK);
        return prior.comparable()
                ? Optional.of(new Comparison(prior.after(own, option, others.likeness()), spread.ofMean()))
                : Optional.empty();
    }

    /** @param ends where 2.5, 10, 90 and 97.5 % of the belief lie below */
    static Share share(Choices own, String option, double[] ends, double point, Prior prior, double likeness) {
        // A mean may lie outside the middle 80 % of a very skewed posterior; the interval then reaches to it. And each
        // quantile is found by itself: where they are nearly one, their last digits must not change their order.
        double low80 = Math.min(ends[1], point);
        double high80 = Math.max(ends[2], point);
        return new Share(
                Math.min(ends[0], low80),
                low80,
                point,
                high80,
                Math.max(ends[3], high80),
                own.taken(option),
                own.chances(),
                own.bouts(),
                own.effective(option, likeness).chances(),
                prior.comparable() ? OptionalDouble.of(prior.mean()) : OptionalDouble.empty(),
                prior.others());
    }
}
