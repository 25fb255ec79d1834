package farglass.core.estimate;

import java.util.Collection;
import java.util.List;

/** How alike the moments of one bout are: the intraclass correlation, pooled over athletes. */
public final class Likeness {
    /** Stands where the library has too few bouts to measure it. */
    public static final double USUAL = 0.1;
    /** A larger value from few bouts is more likely noise than truth. */
    public static final double MOST = 0.5;

    private static final int FEWEST_SPARE_BOUTS = 8;

    private Likeness() {}

    /**
     * {@return the analysis-of-variance estimate of the correlation within a bout, round each athlete's own mean, in
     * [0, 0.5]} The stated default where fewer than eight bouts are to spare.
     * <p>Source: M. S. Ridout, C. G. B. Demétrio, D. Firth, "Estimating intraclass correlation for binary data",
     * Biometrics 55 (1999), pp. 137-148, ANOVA estimator, pooled within athletes.
     *
     * @param athletes the bouts of each athlete, unweighted
     */
    public static double pooled(Collection<List<BoutCount>> athletes) {
        double between = 0;
        double within = 0;
        double size = 0;
        int spareBouts = 0;
        double spareChances = 0;
        for (List<BoutCount> bouts : athletes) {
            List<BoutCount> used =
                    bouts.stream().filter(bout -> bout.chances() > 0).toList();
            double all = used.stream().mapToInt(BoutCount::chances).sum();
            if (used.size() < 2) {
                continue;
            }
            double mean = used.stream().mapToInt(BoutCount::successes).sum() / all;
            double squares = 0;
            for (BoutCount bout : used) {
                double share = (double) bout.successes() / bout.chances();
                between += bout.chances() * Math.pow(share - mean, 2);
                within += bout.chances() * share * (1 - share);
                squares += (double) bout.chances() * bout.chances();
            }
            spareBouts += used.size() - 1;
            spareChances += all - used.size();
            size += all - squares / all;
        }
        if (spareBouts < FEWEST_SPARE_BOUTS || spareChances <= 0) {
            return USUAL;
        }
        double meanBetween = between / spareBouts;
        double meanWithin = within / spareChances;
        double usualSize = size / spareBouts;
        double total = meanBetween + (usualSize - 1) * meanWithin;
        return total <= 0 ? USUAL : Math.max(0, Math.min(MOST, (meanBetween - meanWithin) / total));
    }

    /**
     * {@return by how much chances are overcounted: 1 + (m - 1) × likeness, m the size-weighted mean Σm²/Σm of chances per bout, at least
     * 1} With bouts of uneven length the plain mean is too small: most moments lie in the long bouts.
     */
    public static double designEffect(List<BoutCount> bouts, double likeness) {
        double chances = 0;
        double squares = 0;
        for (BoutCount bout : bouts) {
            chances += bout.weight() * bout.chances();
            squares += bout.weight() * bout.chances() * bout.chances();
        }
        return chances == 0 ? 1 : 1 + (squares / chances - 1) * likeness;
    }
}
