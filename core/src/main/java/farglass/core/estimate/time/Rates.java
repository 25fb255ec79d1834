package farglass.core.estimate.time;

import farglass.core.estimate.Prior;
import farglass.core.estimate.Quantile;
import farglass.core.estimate.Shares;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import java.util.function.ToDoubleFunction;
import org.apache.commons.numbers.gamma.LogGamma;
import org.apache.commons.statistics.distribution.GammaDistribution;

/**
 * Estimates rates by gamma-Poisson, as {@link Shares} does shares: a mixture of what the others do and of a weak belief, and fewer events
 * than were counted where those of one bout come together.
 */
public final class Rates {

    private static final int FEWEST_SPARE_BOUTS = 8;
    /** Stands where the library has too few bouts to measure it. */
    private static final double USUAL_FORM = 0.1;

    private static final double MOST_FORM = 2;

    /** One gamma: events in minutes. */
    private record Part(double weight, double events, double minutes) {
        double logLikelihood(double seen, double exposure) {
            return LogGamma.value(events + seen)
                    - LogGamma.value(events)
                    + events * Math.log(minutes)
                    - (events + seen) * Math.log(minutes + exposure);
        }
    }

    private Rates() {}

    /**
     * {@return the rate per minute}
     *
     * @param own the athlete's own, weighted
     */
    public static Rate of(Exposure own, OtherRates others) {
        double form = form(own, others);
        double mean = others.mean();
        boolean comparable = others.athletes() >= Prior.FEWEST;
        List<Part> prior = new ArrayList<>();
        prior.add(new Part(comparable ? Prior.SHOWN : 1, OtherRates.WEAK, OtherRates.WEAK / mean));
        if (comparable) {
            double events = others.events(form);
            prior.add(new Part(1 - Prior.SHOWN, events, events / mean));
        }
        double overcounted = clustering(own, mean, form);
        List<Part> after = after(prior, own.weighedTimes() / overcounted, own.weighedMinutes() / overcounted);
        double[] ends = quantiles(after, 0.025, 0.1, 0.5, 0.9, 0.975);
        return new Rate(
                ends[0],
                ends[1],
                ends[2],
                ends[3],
                ends[4],
                own.times(),
                own.minutes(),
                own.bouts(),
                comparable ? OptionalDouble.of(mean) : OptionalDouble.empty());
    }

    /**
     * {@return by how much events are overcounted: 1 + form × m, m the size-weighted mean of events expected per bout} The longer a bout,
     * the more of its events share its form of the day.
     */
    private static double clustering(Exposure athlete, double mean, double form) {
        return 1 + form * OtherRates.perForm(athlete, mean);
    }

    /** {@return how much an athlete's rate differs from bout to bout: the squared coefficient of variation, by moments, in [0, 2]} */
    private static double form(Exposure own, OtherRates others) {
        double found = own.found() + others.found();
        double room = own.room() + others.room();
        int spare = own.spareBouts() + others.spareBouts();
        return spare < FEWEST_SPARE_BOUTS || room == 0 ? USUAL_FORM : Math.max(0, Math.min(MOST_FORM, found / room));
    }

    private static List<Part> after(List<Part> prior, double times, double exposure) {
        double most = prior.stream()
                .mapToDouble(part -> part.logLikelihood(times, exposure))
                .max()
                .orElseThrow();
        double sum = prior.stream()
                .mapToDouble(part -> part.weight() * Math.exp(part.logLikelihood(times, exposure) - most))
                .sum();
        return prior.stream()
                .map(part -> new Part(
                        part.weight() * Math.exp(part.logLikelihood(times, exposure) - most) / sum,
                        part.events() + times,
                        part.minutes() + exposure))
                .toList();
    }

    /** {@return the rates below which that much of the belief lies} @param probabilities the smallest first */
    private static double[] quantiles(List<Part> parts, double... probabilities) {
        List<GammaDistribution> gammas = parts.stream()
                .map(part -> GammaDistribution.of(part.events(), 1 / part.minutes()))
                .toList();
        Quantile quantile = new Quantile(
                rate -> new Quantile.At(
                        Math.min(1, mixed(parts, gammas, gamma -> gamma.cumulativeProbability(rate))),
                        mixed(parts, gammas, gamma -> gamma.density(rate))),
                Quantile.Scale.LOG);
        double most = mixed(parts, gammas, GammaDistribution::getMean);
        double[] rates = new double[probabilities.length];
        double from = 0;
        for (int i = 0; i < rates.length; i++) {
            double start = i == 0 ? most : from;
            while (quantile.belief().apply(most).below() < probabilities[i]) {
                most *= 2;
            }
            from = quantile.of(probabilities[i], start, from, most);
            rates[i] = from;
        }
        return rates;
    }

    private static double mixed(
            List<Part> parts, List<GammaDistribution> gammas, ToDoubleFunction<GammaDistribution> what) {
        double mixed = 0;
        for (int k = 0; k < gammas.size(); k++) {
            double weight = parts.get(k).weight();
            mixed += weight > 0 ? weight * what.applyAsDouble(gammas.get(k)) : 0;
        }
        return mixed;
    }
}
