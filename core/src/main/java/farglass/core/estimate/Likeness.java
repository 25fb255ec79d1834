package farglass.core.estimate;

import java.util.Collection;

/** How alike the moments of one bout are: the intraclass correlation, pooled over athletes. */
public final class Likeness {
    /** Stands where the library has too few bouts to measure it. */
    public static final double USUAL = 0.1;
    /** A larger value from few bouts is more likely noise than truth. */
    public static final double MOST = 0.5;

    private static final int FEWEST_SPARE_BOUTS = 8;

    private Likeness() {}

    /**
     * {@return the analysis-of-variance estimate of the correlation within a bout, round each athlete's own mean, over all the options
     * together, in [0, 0.5]} The stated default where fewer than eight bouts are to spare.
     * <p>Source: M. S. Ridout, C. G. B. Demétrio, D. Firth, "Estimating intraclass correlation for binary data",
     * Biometrics 55 (1999), pp. 137-148, ANOVA estimator, pooled within athletes.
     *
     * @param athletes unweighted
     */
    public static double pooled(Collection<Choices> athletes, Collection<String> options) {
        double between = 0;
        double within = 0;
        double size = 0;
        int spareBouts = 0;
        double spareChances = 0;
        for (Choices athlete : athletes) {
            if (athlete.bouts() < 2) {
                continue;
            }
            double all = athlete.chances();
            for (String option : options) {
                double taken = athlete.taken(option);
                // The sums over bouts of n (p - mean)^2 and of n p (1 - p), multiplied out.
                between += athlete.squares(option) - taken * taken / all;
                within += taken - athlete.squares(option);
            }
            spareBouts += options.size() * (athlete.bouts() - 1);
            spareChances += options.size() * (all - athlete.bouts());
            size += options.size() * (all - athlete.rawSquares() / all);
        }
        if (spareBouts < FEWEST_SPARE_BOUTS * options.size() || spareChances <= 0) {
            return USUAL;
        }
        double meanBetween = between / spareBouts;
        double meanWithin = within / spareChances;
        double usualSize = size / spareBouts;
        double total = meanBetween + (usualSize - 1) * meanWithin;
        return total <= 0 ? USUAL : Math.max(0, Math.min(MOST, (meanBetween - meanWithin) / total));
    }
}
