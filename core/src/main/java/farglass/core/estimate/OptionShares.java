package farglass.core.estimate;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;

/**
 * Estimates the shares of several options of one choice: each by its own mixture, since an athlete may be unusual in one option and like
 * all others in the rest; then the points are scaled, so that they add up to one. Besides the options ever taken there is always one
 * more, never seen: a lone option is no certainty.
 */
public final class OptionShares {
    /** Stands for what nobody was ever seen to take. */
    private static final String NEVER_SEEN = "";

    private final List<String> options;
    private final Map<String, Prior> priors = new LinkedHashMap<>();
    private final Map<String, Posterior> others = new LinkedHashMap<>();
    private final double likeness;

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
        List<String> all = new ArrayList<>(options);
        if (!options.isEmpty()) {
            all.add(NEVER_SEEN);
        }
        for (String option : all) {
            List<List<BoutCount>> counts = athletes.stream()
                    .map(bouts -> counts(bouts, option, ones(bouts.size())))
                    .toList();
            Prior prior = Prior.learned(counts, 1.0 / all.size(), likeness, weakShare);
            priors.put(option, prior);
            if (prior.comparable() && !option.equals(NEVER_SEEN)) {
                others.put(option, Spread.of(counts, likeness).ofMean());
            }
        }
    }

    private static List<Double> ones(int many) {
        return Collections.nCopies(many, 1.0);
    }

    private static List<BoutCount> counts(List<List<String>> bouts, String option, List<Double> weights) {
        List<BoutCount> counts = new ArrayList<>();
        for (int i = 0; i < bouts.size(); i++) {
            int taken = (int) bouts.get(i).stream().filter(option::equals).count();
            counts.add(new BoutCount(weights.get(i), taken, bouts.get(i).size()));
        }
        return counts;
    }

    /**
     * {@return the shares of the options that the athlete took, in their order; the points are the posterior means, scaled}
     *
     * @param own the options taken in each of the athlete's bouts
     * @param weights of these bouts, each in (0, 1]
     */
    public Map<String, Share> of(List<List<String>> own, List<Double> weights) {
        double sum = 0;
        Map<String, Posterior> posteriors = new LinkedHashMap<>();
        for (Map.Entry<String, Prior> prior : priors.entrySet()) {
            Posterior posterior = Shares.posterior(counts(own, prior.getKey(), weights), prior.getValue(), likeness);
            posteriors.put(prior.getKey(), posterior);
            sum += posterior.mean();
        }
        Map<String, Share> shares = new LinkedHashMap<>();
        for (String option : options) {
            List<BoutCount> bouts = counts(own, option, weights);
            if (bouts.stream().anyMatch(bout -> bout.successes() > 0)) {
                Posterior posterior = posteriors.get(option);
                Prior prior = priors.get(option);
                shares.put(
                        option,
                        Shares.share(
                                bouts,
                                posterior,
                                posterior.mean() / sum,
                                likeness,
                                prior.comparable() ? OptionalDouble.of(prior.mean()) : OptionalDouble.empty(),
                                prior.others()));
            }
        }
        return shares;
    }

    /** {@return what is believed of each option's share once these bouts were seen} */
    public Map<String, Posterior> posteriors(List<List<String>> own, List<Double> weights) {
        Map<String, Posterior> posteriors = new LinkedHashMap<>();
        for (String option : options) {
            posteriors.put(option, Shares.posterior(counts(own, option, weights), priors.get(option), likeness));
        }
        return posteriors;
    }

    /** {@return what is believed of the others' mean share of each option; none where too few others had such chances} */
    public Map<String, Posterior> others() {
        return Map.copyOf(others);
    }
}
