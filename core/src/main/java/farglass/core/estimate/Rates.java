package farglass.core.estimate;

import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.OptionalDouble;
import org.apache.commons.numbers.gamma.LogGamma;
import org.apache.commons.statistics.distribution.GammaDistribution;

/**
 * Estimates rates by gamma-Poisson, as {@link Shares} does shares: a mixture of what the others do and of a weak belief, and fewer events
 * than were counted where those of one bout come together.
 */
public final class Rates {
    /** The weak belief is worth one event. */
    private static final double WEAK = 1;
    /** However alike athletes seem, the others' rate is worth no more events than these. */
    private static final double MOST = 60;

    private static final double LEAST = 1;
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
     * @param others one collection of bouts per other athlete, unweighted
     * @param usual what is believed where nobody else was seen, per minute, above 0
     */
    public static Rate of(List<BoutRate> own, Collection<List<BoutRate>> others, double usual) {
        List<List<BoutRate>> all = new ArrayList<>(others);
        all.add(own);
        double form = form(all);
        List<List<BoutRate>> seen =
                others.stream().filter(bouts -> minutes(bouts) > 0).toList();
        double allMinutes = seen.stream().mapToDouble(Rates::minutes).sum();
        double allTimes = seen.stream().mapToDouble(Rates::times).sum();
        // Half an event keeps a rate of exactly 0 from ruling every other out.
        double mean = seen.isEmpty() ? usual : (allTimes + 0.5) / (allMinutes + 0.5 / usual);
        boolean comparable = seen.size() >= Prior.FEWEST;
        List<Part> prior = new ArrayList<>();
        prior.add(new Part(comparable ? Prior.SHOWN : 1, WEAK, WEAK / mean));
        if (comparable) {
            double events = events(seen, mean, form);
            prior.add(new Part(1 - Prior.SHOWN, events, events / mean));
        }
        double overcounted = clustering(own, mean, form);
        double times =
                own.stream().mapToDouble(bout -> bout.weight() * bout.times()).sum() / overcounted;
        double exposure =
                own.stream().mapToDouble(bout -> bout.weight() * bout.minutes()).sum() / overcounted;
        List<Part> after = after(prior, times, exposure);
        double point = quantile(after, 0.5);
        double low80 = Math.min(quantile(after, 0.1), point);
        double high80 = Math.max(quantile(after, 0.9), point);
        return new Rate(
                Math.min(quantile(after, 0.025), low80),
                low80,
                point,
                high80,
                Math.max(quantile(after, 0.975), high80),
                (int) times(own),
                minutes(own),
                (int) own.stream().filter(bout -> bout.minutes() > 0).count(),
                comparable ? OptionalDouble.of(mean) : OptionalDouble.empty());
    }

    private static double minutes(List<BoutRate> bouts) {
        return bouts.stream().mapToDouble(BoutRate::minutes).sum();
    }

    private static double times(List<BoutRate> bouts) {
        return bouts.stream().mapToDouble(BoutRate::times).sum();
    }

    /** {@return how many events the knowledge of the others' rate is worth: the shape of the gamma they seem drawn from, by moments} */
    private static double events(List<List<BoutRate>> others, double mean, double form) {
        double all = others.stream().mapToDouble(Rates::minutes).sum();
        double squares = 0;
        double spread = 0;
        double noise = 0;
        for (List<BoutRate> bouts : others) {
            double minutes = minutes(bouts);
            squares += minutes * minutes;
            spread += minutes * Math.pow(times(bouts) / minutes - mean, 2);
            noise += mean * clustering(bouts, mean, form) * (1 - minutes / all);
        }
        double between = (spread - noise) / (all - squares / all);
        return between > 0 ? Math.max(LEAST, Math.min(MOST, mean * mean / between)) : MOST;
    }

    /**
     * {@return by how much events are overcounted: 1 + form × m, m the size-weighted mean of events expected per bout} The longer a bout,
     * the more of its events share its form of the day.
     */
    private static double clustering(List<BoutRate> bouts, double mean, double form) {
        double minutes = 0;
        double squares = 0;
        for (BoutRate bout : bouts) {
            minutes += bout.weight() * bout.minutes();
            squares += bout.weight() * bout.minutes() * bout.minutes();
        }
        if (minutes == 0) {
            return 1;
        }
        double rate = (times(bouts) + WEAK) / (minutes(bouts) + WEAK / mean);
        return 1 + form * rate * squares / minutes;
    }

    /** {@return how much an athlete's rate differs from bout to bout: the squared coefficient of variation, by moments, in [0, 2]} */
    private static double form(List<List<BoutRate>> athletes) {
        double found = 0;
        double room = 0;
        int spare = 0;
        for (List<BoutRate> bouts : athletes) {
            double minutes = minutes(bouts);
            double rate = minutes == 0 ? 0 : times(bouts) / minutes;
            for (BoutRate bout : bouts) {
                // Round its own mean a bout varies less: by what it had to say in that mean.
                double own = minutes == 0 ? 1 : 1 - bout.minutes() / minutes;
                double expected = rate * bout.minutes();
                found += Math.pow(bout.times() - expected, 2) - expected * own;
                room += expected * expected * own;
            }
            spare += rate > 0
                    ? (int) bouts.stream().filter(bout -> bout.minutes() > 0).count() - 1
                    : 0;
        }
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

    /** {@return the rate below which that much of the belief lies, found by halving} */
    private static double quantile(List<Part> parts, double probability) {
        double low = 0;
        double high = parts.stream()
                .mapToDouble(part -> GammaDistribution.of(part.events(), 1 / part.minutes())
                        .inverseCumulativeProbability(probability))
                .max()
                .orElseThrow();
        for (int i = 0; i < 100 && high - low > 1e-9 * high; i++) {
            double at = (low + high) / 2;
            double below = parts.stream()
                    .mapToDouble(part -> part.weight()
                            * GammaDistribution.of(part.events(), 1 / part.minutes())
                                    .cumulativeProbability(at))
                    .sum();
            if (below > probability) {
                high = at;
            } else {
                low = at;
            }
        }
        return high;
    }
}
