package farglass.core.estimate;

import java.util.Collection;
import java.util.List;

/**
 * What is believed before an athlete's own film counts: a beta distribution of so much strength round the others' mean.
 *
 * @param mean in (0, 1)
 * @param strength how many chances it is worth, in [{@link #FLOOR}, {@link #CAP}]; a stated weak prior has {@link #WEAK}
 * @param others athletes it was learned from
 * @param comparable whether there are enough of them to compare with
 */
public record Prior(double mean, double strength, int others, boolean comparable) {
    /** No prior outweighs four chances on film. */
    public static final double CAP = 4;
    /** Even a very mixed population says something. */
    public static final double FLOOR = 1;
    /** Jeffreys' prior for a yes or no: half a chance each way. */
    public static final double WEAK = 1;
    /** With fewer others no comparison is made. */
    public static final int FEWEST = 8;

    /**
     * {@return the prior learned from the other athletes by the method of moments for beta-binomial counts}
     * With fewer than eight others who had chances, the weak stated prior round {@code evenMean}; with a spread that
     * does not exceed chance, the cap.
     * <p>Source: J. C. Kleinman, "Proportions with extraneous variance: single and independent samples", Journal of the
     * American Statistical Association 68 (1973), pp. 46-54, weights n.
     *
     * @param athletes one collection of bouts per other athlete, unweighted
     * @param evenMean mean of the weak prior: one half for yes or no, 1/k among k options
     */
    public static Prior learned(Collection<List<BoutCount>> athletes, double evenMean) {
        double all = 0;
        double successes = 0;
        double squares = 0;
        int others = 0;
        for (List<BoutCount> athlete : athletes) {
            double n = athlete.stream().mapToInt(BoutCount::chances).sum();
            all += n;
            squares += n * n;
            successes += athlete.stream().mapToInt(BoutCount::successes).sum();
            others += n > 0 ? 1 : 0;
        }
        if (others < FEWEST) {
            return new Prior(evenMean, WEAK, others, false);
        }
        // Half a chance each way keeps a mean of exactly 0 or 1 from ruling the other out.
        double mean = (successes + 0.5) / (all + 1);
        double spread = 0;
        for (List<BoutCount> athlete : athletes) {
            double n = athlete.stream().mapToInt(BoutCount::chances).sum();
            double x = athlete.stream().mapToInt(BoutCount::successes).sum();
            spread += n > 0 ? n * Math.pow(x / n - mean, 2) : 0;
        }
        double variance = mean * (1 - mean);
        double room = variance * (all - squares / all - (others - 1));
        double likeness = room > 0 ? (spread - variance * (others - 1)) / room : 0;
        double strength = likeness > 0 ? Math.max(FLOOR, Math.min(CAP, 1 / likeness - 1)) : CAP;
        return new Prior(mean, strength, others, true);
    }
}
