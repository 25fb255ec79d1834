package farglass.core.estimate;

import java.util.List;
import org.apache.commons.numbers.gamma.LogBeta;

/** What is believed of a share: a mixture of beta distributions, which may be asked at many shares. Immutable. */
public final class Posterior {
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

    private static final int MOST_MOMENTS = 24;

    private final List<Part> parts;
    /** Made when first needed; two threads may both make them: they are the same. */
    private volatile Beta[] betas;

    /** @param parts their weights add up to one */
    public Posterior(List<Part> parts) {
        this.parts = List.copyOf(parts);
    }

    public List<Part> parts() {
        return parts;
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
        Beta[] betas = betas();
        for (int k = 0; k < betas.length; k++) {
            double weight = parts.get(k).weight();
            below += weight > 0 ? weight * betas[k].below(share) : 0;
        }
        return Math.min(1, below);
    }

    /** {@return the mean over these shares of the probability that the belief's share is at most that} @param shares at least one */
    public double meanBelow(double... shares) {
        double sum = 0;
        for (double share : shares) {
            sum += below(share);
        }
        return sum / shares.length;
    }

    private Beta[] betas() {
        Beta[] made = betas;
        if (made == null) {
            made = new Beta[parts.size()];
            for (int k = 0; k < made.length; k++) {
                made[k] = new Beta(parts.get(k).successes(), parts.get(k).failures());
            }
            betas = made;
        }
        return made;
    }

    /**
     * {@return what the probability that the share is above that is at most} Far away this settles the matter without the beta function:
     * P(X > x) is at most E[X^k] / x^k for every k (Markov's inequality), and the moments of a beta are products of fractions.
     *
     * @param share in (0, 1]
     */
    public double aboveAtMost(double share) {
        double above = 0;
        for (Part part : parts) {
            above += part.weight() * beyondAtMost(part.successes(), part.failures(), share);
        }
        return above;
    }

    /** {@return likewise what the probability that the share is below that is at most} @param share in [0, 1) */
    public double belowAtMost(double share) {
        double below = 0;
        for (Part part : parts) {
            below += part.weight() * beyondAtMost(part.failures(), part.successes(), 1 - share);
        }
        return below;
    }

    private static double beyondAtMost(double successes, double failures, double share) {
        double least = 1;
        double moment = 1;
        for (int k = 0; k < MOST_MOMENTS; k++) {
            moment *= (successes + k) / ((successes + failures + k) * share);
            if (moment >= least && k > 0) {
                break;
            }
            least = Math.min(least, moment);
        }
        return least;
    }

    /** {@return the share below which that much of the belief lies, to six digits of it} @param probability in (0, 1) */
    public double quantile(double probability) {
        return quantiles(probability)[0];
    }

    /** {@return such shares} @param probabilities each in (0, 1), the smallest first: each search begins where the last one ended */
    public double[] quantiles(double... probabilities) {
        Quantile quantile = new Quantile(this::at, Quantile.Scale.LOGIT);
        double[] shares = new double[probabilities.length];
        double from = 0;
        for (int i = 0; i < shares.length; i++) {
            from = quantile.of(probabilities[i], i == 0 ? mean() : from, from, 1);
            shares[i] = from;
        }
        return shares;
    }

    /** {@return shares at so many probabilities, evenly spread: the middles of as many equal parts of the belief} */
    public double[] middles(int points) {
        double[] probabilities = new double[points];
        for (int i = 0; i < points; i++) {
            probabilities[i] = (i + 0.5) / points;
        }
        return quantiles(probabilities);
    }

    private Quantile.At at(double share) {
        Beta[] betas = betas();
        double below = 0;
        double density = 0;
        for (int k = 0; k < betas.length; k++) {
            double weight = parts.get(k).weight();
            if (weight > 0) {
                Quantile.At at = betas[k].at(share);
                below += weight * at.below();
                density += weight * at.density();
            }
        }
        return new Quantile.At(Math.min(1, below), density);
    }

    /** Two beliefs of the same parts are the same: what was worked out for a prior is found again by it. */
    @Override
    public boolean equals(Object other) {
        return other instanceof Posterior posterior && parts.equals(posterior.parts);
    }

    @Override
    public int hashCode() {
        return parts.hashCode();
    }

    @Override
    public String toString() {
        return parts.toString();
    }
}
