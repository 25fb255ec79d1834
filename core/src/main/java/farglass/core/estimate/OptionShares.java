package farglass.core.estimate;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.stream.Stream;

/**
 * Estimates the shares of several options of one choice: each by its own mixture, since an athlete may be unusual in one option and like
 * all others in the rest; then the points are scaled, so that they add up to one. Besides the options ever taken there is always one
 * more, never seen: a lone option is no certainty.
 */
public final class OptionShares {
    /** Stands for what nobody was ever seen to take. */
    private static final String NEVER_SEEN = "";

    private final Population.Others athletes;
    private final List<String> options;
    private final Map<String, Prior> priors = new LinkedHashMap<>();
    private final Map<String, Posterior> others = new LinkedHashMap<>();
    private final double likeness;

    /**
     * Learns from the other athletes.
     *
     * @param options every option taken by anybody, the athlete under study included
     * @param weakShare how much of the belief is the weak one, in (0, 1]
     */
    public OptionShares(Population.Others athletes, List<String> options, double weakShare) {
        this.athletes = athletes;
        this.options = List.copyOf(options);
        this.likeness = athletes.likeness();
        List<String> all = new ArrayList<>(options);
        if (!options.isEmpty()) {
            all.add(NEVER_SEEN);
        }
        for (String option : all) {
            Spread spread = athletes.spread(option);
            Prior prior = Prior.learned(spread, 1.0 / all.size(), weakShare);
            priors.put(option, prior);
            if (prior.comparable() && !option.equals(NEVER_SEEN)) {
                others.put(option, spread.ofMean());
            }
        }
    }

    /** {@return the shares of the options that the athlete took, in their order; the points are the posterior means, scaled} */
    public Map<String, Share> of(Choices own) {
        return of(own, OptionalDouble.empty());
    }

    /** {@return the same, and those of what she never took and others do at least that often on average} @param usual in (0, 1); empty for none */
    public Map<String, Share> of(Choices own, OptionalDouble usual) {
        double sum = 0;
        Map<String, Posterior> posteriors = new LinkedHashMap<>();
        for (Map.Entry<String, Prior> prior : priors.entrySet()) {
            Posterior posterior = prior.getValue().after(own, prior.getKey(), likeness);
            posteriors.put(prior.getKey(), posterior);
            sum += posterior.mean();
        }
        Map<String, Share> shares = new LinkedHashMap<>();
        for (String option : options) {
            if (own.taken(option) > 0 || usual.isPresent() && isUsual(option, usual.getAsDouble())) {
                Posterior posterior = posteriors.get(option);
                shares.put(
                        option,
                        Shares.share(
                                own,
                                option,
                                posterior.quantiles(0.025, 0.10, 0.90, 0.975),
                                posterior.mean() / sum,
                                priors.get(option),
                                likeness));
            }
        }
        return shares;
    }

    private boolean isUsual(String option, double usual) {
        Prior prior = priors.get(option);
        return prior.comparable() && prior.mean() >= usual;
    }

    /** {@return what is believed of an option's share once these bouts were seen} */
    public Posterior posterior(Choices own, String option) {
        return priors.get(option).after(own, option, likeness);
    }

    /** {@return what is believed of the shares of those who may speak against a claim} See {@link Population.Others#against}. */
    public Stream<Posterior> against(String option, boolean more) {
        return athletes.against(option, more, priors.get(option));
    }

    /** {@return what is believed of the others' mean share of each option; none where too few others had such chances} */
    public Map<String, Posterior> others() {
        return Map.copyOf(others);
    }
}
