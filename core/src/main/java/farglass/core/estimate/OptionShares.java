package farglass.core.estimate;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.apache.commons.numbers.gamma.LogGamma;

/**
 * Estimates the shares of several options of one choice: a mixture of two Dirichlet-multinomials, one learned from the others and one
 * weak, so that the points add up to one. Besides the options ever seen there is always one more, never seen: a lone option is no
 * certainty.
 */
public final class OptionShares {
    /** The Dirichlet parameters of one part of the mixture; behind the options stands the one never seen. */
    private record Part(double weight, double[] parameters) {
        double total() {
            double total = 0;
            for (double parameter : parameters) {
                total += parameter;
            }
            return total;
        }

        /** {@return the logarithm of the marginal likelihood of these counts} */
        double logLikelihood(double[] counts) {
            double log = 0;
            double seen = 0;
            for (int i = 0; i < counts.length; i++) {
                log += LogGamma.value(parameters[i] + counts[i]) - LogGamma.value(parameters[i]);
                seen += counts[i];
            }
            return log + LogGamma.value(total()) - LogGamma.value(total() + seen);
        }
    }

    private final List<String> options;
    private final Map<String, Double> means = new LinkedHashMap<>();
    private final List<Part> parts = new ArrayList<>();
    private final double likeness;
    private final int others;
    /** How many chances the knowledge of the others' means is worth. */
    private final double worth;

    /**
     * Learns from the other athletes.
     *
     * @param athletes the bouts of each other athlete, unweighted, as the options taken in each bout
     * @param options every option taken by anybody, the athlete under study included
     * @param likeness of moments of one bout, in [0, 1)
     * @param weakShare how much of the belief is the weak one, in (0, 1]
     */
    public OptionShares(
            Collection<List<List<String>>> athletes, List<String> options, double likeness, double weakShare) {
        this.options = List.copyOf(options);
        this.likeness = likeness;
        Map<String, List<Spread.Effective>> effective = new LinkedHashMap<>();
        for (String option : options) {
            effective.put(
                    option,
                    athletes.stream()
                            .map(bouts -> Spread.Effective.of(counts(bouts, option, bout -> 1.0), likeness))
                            .filter(athlete -> athlete.chances() > 0)
                            .toList());
        }
        double chances = effective.values().stream()
                .findFirst()
                .map(all -> all.stream().mapToDouble(Spread.Effective::chances).sum())
                .orElse(0.0);
        this.others = effective.values().stream().findFirst().map(List::size).orElse(0);
        int all = options.size() + 1;
        Spread.Moments moments = new Spread.Moments(0, 0);
        for (String option : options) {
            double taken = effective.get(option).stream()
                    .mapToDouble(Spread.Effective::successes)
                    .sum();
            // Half a chance for each option, and for the one never seen.
            double mean = (taken + 0.5) / (chances + 0.5 * all);
            means.put(option, mean);
            moments = moments.and(Spread.moments(effective.get(option), mean));
        }
        double unseen = 0.5 / (chances + 0.5 * all);
        double strength = moments.strength();
        this.worth = effective.values().stream()
                .findFirst()
                .map(each -> Spread.worth(each, strength))
                .orElse(1.0);
        double[] learned = new double[all];
        double[] weak = new double[all];
        for (int i = 0; i < all; i++) {
            double mean = i < options.size() ? means.get(options.get(i)) : unseen;
            learned[i] = mean * strength;
            weak[i] = (mean + 1.0 / all) / 2 * Prior.WEAK;
        }
        double share = comparable() ? weakShare : 1;
        parts.add(new Part(share, weak));
        if (share < 1) {
            parts.add(new Part(1 - share, learned));
        }
    }

    private boolean comparable() {
        return others >= Prior.FEWEST;
    }

    private static List<BoutCount> counts(List<List<String>> bouts, String option, Function<Integer, Double> weight) {
        List<BoutCount> counts = new ArrayList<>();
        for (int i = 0; i < bouts.size(); i++) {
            int taken = (int) bouts.get(i).stream().filter(option::equals).count();
            counts.add(new BoutCount(weight.apply(i), taken, bouts.get(i).size()));
        }
        return counts;
    }

    /**
     * {@return the shares of the options that the athlete took, in their order; each point the posterior mean}
     *
     * @param own the options taken in each of the athlete's bouts
     * @param weights of these bouts, each in (0, 1]
     */
    public Map<String, Share> of(List<List<String>> own, List<Double> weights) {
        double[] counts = counts(own, weights);
        double seen = Arrays.stream(counts).sum();
        List<Part> after = weighed(counts);
        Map<String, Share> shares = new LinkedHashMap<>();
        for (int i = 0; i < options.size(); i++) {
            String option = options.get(i);
            List<BoutCount> bouts = counts(own, option, weights::get);
            if (bouts.stream().anyMatch(bout -> bout.successes() > 0)) {
                shares.put(option, share(bouts, margin(after, i, counts[i], seen), option));
            }
        }
        return shares;
    }

    /** {@return what is believed of each option's share once these bouts were seen} */
    public Map<String, Posterior> posteriors(List<List<String>> own, List<Double> weights) {
        double[] counts = counts(own, weights);
        double seen = Arrays.stream(counts).sum();
        List<Part> after = weighed(counts);
        Map<String, Posterior> posteriors = new LinkedHashMap<>();
        for (int i = 0; i < options.size(); i++) {
            posteriors.put(options.get(i), margin(after, i, counts[i], seen));
        }
        return posteriors;
    }

    /** {@return what is believed of the others' mean share of each option; none where too few others had such chances} */
    public Map<String, Posterior> others() {
        Map<String, Posterior> others = new LinkedHashMap<>();
        if (comparable()) {
            means.forEach((option, mean) -> others.put(
                    option, new Posterior(List.of(new Posterior.Part(1, mean * worth, (1 - mean) * worth)))));
        }
        return others;
    }

    /** {@return how often each option was taken, after weights and the likeness within bouts; none of the one never seen} */
    private double[] counts(List<List<String>> own, List<Double> weights) {
        double[] counts = new double[options.size() + 1];
        for (int i = 0; i < options.size(); i++) {
            counts[i] = Shares.Discounted.of(counts(own, options.get(i), weights::get), likeness)
                    .successes();
        }
        return counts;
    }

    private Share share(List<BoutCount> bouts, Posterior margin, String option) {
        return Shares.share(
                bouts,
                margin,
                margin.mean(),
                likeness,
                comparable() ? OptionalDouble.of(means.get(option)) : OptionalDouble.empty(),
                others);
    }

    /** {@return the parts, each weighed by how well it foresaw the counts} */
    private List<Part> weighed(double[] counts) {
        double most = parts.stream()
                .mapToDouble(part -> part.logLikelihood(counts))
                .max()
                .orElseThrow();
        double sum = parts.stream()
                .mapToDouble(part -> part.weight() * Math.exp(part.logLikelihood(counts) - most))
                .sum();
        return parts.stream()
                .map(part ->
                        new Part(part.weight() * Math.exp(part.logLikelihood(counts) - most) / sum, part.parameters()))
                .collect(Collectors.toList());
    }

    private static Posterior margin(List<Part> parts, int option, double taken, double seen) {
        return new Posterior(parts.stream()
                .map(part -> new Posterior.Part(
                        Math.min(1, part.weight()),
                        part.parameters()[option] + taken,
                        part.total() - part.parameters()[option] + (seen - taken)))
                .toList());
    }
}
