package farglass.core.estimate;

import java.util.List;
import java.util.OptionalDouble;
import org.apache.commons.statistics.distribution.BetaDistribution;

/** Estimates shares: beta-binomial for yes or no, Dirichlet-multinomial (by its beta margins) among options. */
public final class Shares {
    private Shares() {}

    /**
     * {@return the share of successes, its point the posterior median}
     *
     * @param bouts the athlete's own, weighted
     * @param likeness of moments of one bout, in [0, 1)
     */
    public static Share yesOrNo(List<BoutCount> bouts, Prior prior, double likeness) {
        return share(bouts, prior, likeness, true);
    }

    /**
     * {@return the share of one option among several, its point the posterior mean, so that all add up to one}
     *
     * @param bouts successes are chances at which this option was taken
     * @param prior its mean is the option's own; all options of one question must share one strength
     */
    public static Share option(List<BoutCount> bouts, Prior prior, double likeness) {
        return share(bouts, prior, likeness, false);
    }

    private static Share share(List<BoutCount> bouts, Prior prior, double likeness, boolean median) {
        double effect = Likeness.designEffect(bouts, likeness);
        double chances = 0;
        double successes = 0;
        int rawChances = 0;
        int rawSuccesses = 0;
        int used = 0;
        for (BoutCount bout : bouts) {
            chances += bout.weight() * bout.chances() / effect;
            successes += bout.weight() * bout.successes() / effect;
            rawChances += bout.chances();
            rawSuccesses += bout.successes();
            used += bout.chances() > 0 ? 1 : 0;
        }
        double alpha = prior.mean() * prior.strength() + successes;
        double beta = (1 - prior.mean()) * prior.strength() + Math.max(0, chances - successes);
        BetaDistribution posterior = BetaDistribution.of(alpha, beta);
        double low95 = posterior.inverseCumulativeProbability(0.025);
        double low80 = posterior.inverseCumulativeProbability(0.10);
        double high80 = posterior.inverseCumulativeProbability(0.90);
        double high95 = posterior.inverseCumulativeProbability(0.975);
        double point = median ? posterior.inverseCumulativeProbability(0.5) : posterior.getMean();
        // A mean may lie outside the middle 80 % of a very skewed posterior; the interval then reaches to it.
        return new Share(
                Math.min(low95, point),
                Math.min(low80, point),
                point,
                Math.max(high80, point),
                Math.max(high95, point),
                rawSuccesses,
                rawChances,
                used,
                chances,
                prior.comparable() ? OptionalDouble.of(prior.mean()) : OptionalDouble.empty(),
                prior.others());
    }

    /**
     * {@return the posterior probability that the share lies above a value} For a side preference that value is one
     * half, or the population's own share.
     *
     * @param above in (0, 1)
     */
    public static double probabilityAbove(double above, List<BoutCount> bouts, Prior prior, double likeness) {
        double effect = Likeness.designEffect(bouts, likeness);
        double chances = bouts.stream()
                        .mapToDouble(bout -> bout.weight() * bout.chances())
                        .sum()
                / effect;
        double successes = bouts.stream()
                        .mapToDouble(bout -> bout.weight() * bout.successes())
                        .sum()
                / effect;
        return BetaDistribution.of(
                        prior.mean() * prior.strength() + successes,
                        (1 - prior.mean()) * prior.strength() + Math.max(0, chances - successes))
                .survivalProbability(above);
    }
}
