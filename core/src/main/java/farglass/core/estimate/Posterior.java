package farglass.core.estimate;

import java.util.List;
import org.apache.commons.numbers.gamma.LogBeta;
import org.apache.commons.statistics.distribution.BetaDistribution;

/**
 * What is believed of a share: a mixture of beta distributions.
 *
 * @param parts their weights add up to one
 */
public record Posterior(List<Part> parts) {
    /**
     * One beta of the mixture.
     *
     * @param weight in [0, 1]
     * @param successes its first parameter, above 0
     * @param failures its second, above 0
     */
    public record Part(double weight, double successes, double failures) {
        public Part {
            if (!(weight >= 0 && weight <= 1 && successes > 0 && failures > 0)
                    || Double.isInfinite(successes)
                    || Double.isInfinite(failures)) {
                throw new IllegalArgumentException(
                        "A part needs a weight in [0, 1] and two finite parameters above 0, but got %s, %s, %s"
                                .formatted(weight, successes, failures));
            }
        }

        double mean() {
            return successes / (successes + failures);
        }
    }

    private static final double CLOSE = 1e-9;
    private static final int MOST_STEPS = 200;

    public Posterior {
        parts = List.copyOf(parts);
    }

    /**
     * {@return what is believed once these were seen} Each part's weight is multiplied by how well it foresaw them: its marginal
     * likelihood, B(a + s, b + f) / B(a, b).
     *
     * @param seen successes, after weights and design effect, 0 or more
     * @param missed failures likewise
     */
    Posterior after(double seen, double missed) {
        double[] logs = parts.stream()
                .mapToDouble(part -> Math.log(part.weight())
                        + LogBeta.value(part.successes() + seen, part.failures() + missed)
                        - LogBeta.value(part.successes(), part.failures()))
                .toArray();
        double most = Double.NEGATIVE_INFINITY;
        for (double log : logs) {
            most = Math.max(most, log);
        }
        double sum = 0;
        for (int i = 0; i < logs.length; i++) {
            logs[i] = Math.exp(logs[i] - most);
            sum += logs[i];
        }
        Part[] after = new Part[logs.length];
        for (int i = 0; i < logs.length; i++) {
            Part part = parts.get(i);
            after[i] = new Part(Math.min(1, logs[i] / sum), part.successes() + seen, part.failures() + missed);
        }
        return new Posterior(List.of(after));
    }

    /** {@return the posterior mean, in (0, 1)} */
    public double mean() {
        double mean = 0;
        for (Part part : parts) {
            mean += part.weight() * part.mean();
        }
        return mean;
    }

    /** {@return the probability that the share is at most that} */
    public double below(double share) {
        if (share <= 0) {
            return 0;
        }
        if (share >= 1) {
            return 1;
        }
        double below = 0;
        for (Part part : parts) {
            below += part.weight() == 0
                    ? 0
                    : part.weight()
                            * BetaDistribution.of(part.successes(), part.failures())
                                    .cumulativeProbability(share);
        }
        return Math.min(1, below);
    }

    private double density(double share) {
        double density = 0;
        for (Part part : parts) {
            density += part.weight()
                    * BetaDistribution.of(part.successes(), part.failures()).density(share);
        }
        return density;
    }

    /**
     * {@return the share below which that much of the belief lies, to nine digits of it} Newton's steps, and halving where they leave the
     * bracket.
     *
     * @param probability in (0, 1)
     */
    public double quantile(double probability) {
        double low = 0;
        double high = 1;
        double at = mean();
        for (int i = 0; i < MOST_STEPS && high - low > CLOSE * high; i++) {
            double off = below(at) - probability;
            if (off > 0) {
                high = at;
            } else {
                low = at;
            }
            double slope = density(at);
            double next = slope > 0 && Double.isFinite(slope) ? at - off / slope : Double.NaN;
            if (next > low && next < high && Math.abs(next - at) < CLOSE * at) {
                return next;
            }
            at = next > low && next < high ? next : low + (high - low) / 2;
        }
        return at;
    }
}
