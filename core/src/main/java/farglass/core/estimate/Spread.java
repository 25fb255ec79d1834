package farglass.core.estimate;

import java.util.Collection;
import java.util.List;

/**
 * How much athletes differ: their mean share, and how many chances the knowledge of it is worth.
 *
 * @param mean in (0, 1)
 * @param strength of the beta distribution round the mean from which athletes seem drawn, in [{@link #LEAST}, {@link #MOST}]
 * @param worth how many chances the knowledge of the mean itself is worth, above 0
 * @param athletes how many had chances
 */
record Spread(double mean, double strength, double worth, int athletes) {
    /** Even a very mixed population says something. */
    static final double LEAST = 1;
    /** However alike athletes seem, they are not the same. */
    static final double MOST = 60;

    /**
     * {@return the spread of these athletes by the method of moments for beta-binomial counts, weights n}
     * <p>Source: J. C. Kleinman, "Proportions with extraneous variance: single and independent samples", Journal of the American
     * Statistical Association 68 (1973), pp. 46-54; n are effective chances.
     */
    static Spread of(Collection<Choices> athletes, String option, double likeness) {
        List<Effective> all = athletes.stream()
                .map(athlete -> athlete.effective(option, likeness))
                .filter(athlete -> athlete.chances() > 0)
                .toList();
        double chances = all.stream().mapToDouble(Effective::chances).sum();
        double successes = all.stream().mapToDouble(Effective::successes).sum();
        // Half a chance each way keeps a mean of exactly 0 or 1 from ruling the other out.
        double mean = (successes + 0.5) / (chances + 1);
        double strength = strength(all, mean);
        return new Spread(mean, strength, worth(all, strength), all.size());
    }

    /**
     * {@return how many chances the knowledge of the mean is worth} The variance of a mean of beta-binomial counts is mean × (1 - mean) ×
     * Σ n (1 + (n - 1) / (strength + 1)) / (Σ n)²; of a beta of that worth it is mean × (1 - mean) / (worth + 1).
     */
    private static double worth(List<Effective> athletes, double strength) {
        double chances = 0;
        double weighed = 0;
        for (Effective athlete : athletes) {
            chances += athlete.chances();
            weighed += athlete.chances() * (1 + Math.max(0, athlete.chances() - 1) / (strength + 1));
        }
        return chances == 0 ? 1 : Math.max(1, chances * chances / weighed - 1);
    }

    /** {@return what is believed of the mean} */
    Posterior ofMean() {
        return new Posterior(List.of(new Posterior.Part(1, mean * worth, (1 - mean) * worth)));
    }

    private static double strength(List<Effective> athletes, double mean) {
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
        double room = chances == 0 ? 0 : variance * (chances - squares / chances - spare);
        double alike = room > 0 ? (spread - variance * spare) / room : 0;
        return alike > 0 ? Math.max(LEAST, Math.min(MOST, 1 / alike - 1)) : MOST;
    }
}
