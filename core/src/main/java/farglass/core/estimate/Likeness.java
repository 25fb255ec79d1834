package farglass.core.estimate;

/** How alike the moments of one bout are: the intraclass correlation, pooled over athletes. */
public final class Likeness {
    /** Stands where the library has too few bouts to measure it. */
    public static final double USUAL = 0.1;
    /** A larger value from few bouts is more likely noise than truth. */
    public static final double MOST = 0.5;

    private static final int FEWEST_SPARE_BOUTS = 8;

    private Likeness() {}

    /**
     * The sums of the analysis of variance over athletes, each round its own mean.
     *
     * @param spareBouts bouts beyond each athlete's first, once for every option
     * @param spareChances chances beyond one a bout, likewise
     */
    record Sums(double between, double within, double size, double spareBouts, double spareChances) {}

    /**
     * {@return the analysis-of-variance estimate of the correlation within a bout, round each athlete's own mean, over all the options
     * together, in [0, 0.5]} The stated default where fewer than eight bouts are to spare.
     * <p>Source: M. S. Ridout, C. G. B. Demétrio, D. Firth, "Estimating intraclass correlation for binary data",
     * Biometrics 55 (1999), pp. 137-148, ANOVA estimator, pooled within athletes.
     *
     * @param options how many there are
     */
    static double of(Sums sums, int options) {
        if (sums.spareBouts < FEWEST_SPARE_BOUTS * options || sums.spareBouts == 0 || sums.spareChances <= 0) {
            return USUAL;
        }
        double meanBetween = sums.between / sums.spareBouts;
        double meanWithin = sums.within / sums.spareChances;
        double usualSize = sums.size / sums.spareBouts;
        double total = meanBetween + (usualSize - 1) * meanWithin;
        return total <= 0 ? USUAL : Math.max(0, Math.min(MOST, (meanBetween - meanWithin) / total));
    }
}
