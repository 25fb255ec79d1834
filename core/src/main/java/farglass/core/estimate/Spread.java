package farglass.core.estimate;

import java.util.Collection;
import java.util.List;

/**
 * How much athletes differ: their mean share, and how many chances the knowledge of it is worth.
 *
 * @param mean in (0, 1)
 * @param strength of the beta distribution round the mean from which athletes seem drawn, in [{@link #LEAST}, {@link #MOST}]
 * @param athletes how many had chances
 */
record Spread(double mean, double strength, int athletes) {
    /** Even a very mixed population says something. */
    static final double LEAST = 1;
    /** However alike athletes seem, they are not the same. */
    static final double MOST = 60;

    /** One athlete's chances and successes, as many as they are worth once the likeness within bouts is taken out. */
    record Effective(double successes, double chances) {
        static Effective of(List<BoutCount> bouts, double likeness) {
            double effect = Likeness.designEffect(bouts, likeness);
            return new Effective(
                    bouts.stream().mapToInt(BoutCount::successes).sum() / effect,
                    bouts.stream().mapToInt(BoutCount::chances).sum() / effect);
        }
    }

    /** What the moments of one option add up to; those of several options can be added. */
    record Moments(double found, double room) {
        Moments and(Moments more) {
            return new Moments(found + more.found, room + more.room);
        }

        double strength() {
            double alike = room > 0 ? found / room : 0;
            return alike > 0 ? Math.max(LEAST, Math.min(MOST, 1 / alike - 1)) : MOST;
        }
    }

    /**
     * {@return the spread of these athletes by the method of moments for beta-binomial counts, weights n}
     * <p>Source: J. C. Kleinman, "Proportions with extraneous variance: single and independent samples", Journal of the American
     * Statistical Association 68 (1973), pp. 46-54; n are effective chances.
     */
    static Spread of(Collection<List<BoutCount>> athletes, double likeness) {
        List<Effective> all = athletes.stream()
                .map(bouts -> Effective.of(bouts, likeness))
                .filter(athlete -> athlete.chances() > 0)
                .toList();
        double chances = all.stream().mapToDouble(Effective::chances).sum();
        double successes = all.stream().mapToDouble(Effective::successes).sum();
        // Half a chance each way keeps a mean of exactly 0 or 1 from ruling the other out.
        double mean = (successes + 0.5) / (chances + 1);
        return new Spread(mean, moments(all, mean).strength(), all.size());
    }

    static Moments moments(List<Effective> athletes, double mean) {
        double chances = 0;
        double squares = 0;
        double spread = 0;
        for (Effective athlete : athletes) {
            chances += athlete.chances();
            squares += athlete.chances() * athlete.chances();
            spread += athlete.chances() * Math.pow(athlete.successes() / athlete.chances() - mean, 2);
        }
        double variance = mean * (1 - mean);
        int spare = athletes.size() - 1;
        return chances == 0
                ? new Moments(0, 0)
                : new Moments(spread - variance * spare, variance * (chances - squares / chances - spare));
    }
}
