package farglass.core.estimate;

import java.util.List;

/**
 * What is believed of a share before an athlete's own film counts: a part learned from the others, and a weak belief that lets an unusual
 * athlete be unusual.
 * <p>Source: H. Schmidli and others, "Robust meta-analytic-predictive priors in clinical trials with historical control information",
 * Biometrics 70 (2014), pp. 1023-1032.
 *
 * @param belief the mixture
 * @param mean the others' share, in (0, 1)
 * @param others athletes it was learned from
 * @param comparable whether there are enough of them to compare with
 */
public record Prior(Posterior belief, double mean, int others, boolean comparable) {
    /** How many chances the weak belief is worth. */
    public static final double WEAK = 2;
    /**
     * How much of the belief is the weak one, for intervals that are shown: measured by {@code CoverageRun}. More lets unusual athletes
     * be seen sooner and makes all intervals wider; with 0.5 they held 83.5 % instead of 80.
     */
    public static final double SHOWN = 0.4;
    /** With fewer others no comparison is made. */
    public static final int FEWEST = 8;

    /** {@return the weak belief alone, where nothing is known of others} @param evenMean one half for yes or no */
    public static Prior weak(double evenMean) {
        return new Prior(belief(1, evenMean, evenMean, 1), evenMean, 0, false);
    }

    /**
     * {@return the prior learned from how much the other athletes differ} With fewer than eight others who had chances, the weak belief alone.
     *
     * @param spread the noise within their bouts is taken out of it
     * @param evenMean what is believed where nothing is known: one half for yes or no
     * @param weakShare how much of the belief is the weak one, in (0, 1]: {@link #SHOWN}, less for claims
     */
    static Prior learned(Spread spread, double evenMean, double weakShare) {
        boolean comparable = spread.athletes() >= FEWEST;
        double mean = spread.athletes() == 0 ? evenMean : spread.mean();
        return new Prior(
                belief(comparable ? weakShare : 1, mean, (mean + evenMean) / 2, spread.strength()),
                mean,
                spread.athletes(),
                comparable);
    }

    /**
     * {@return what is believed of an athlete's share of the option once these bouts were seen}
     *
     * @param likeness of moments of one bout, in [0, 1)
     */
    public Posterior after(Choices own, String option, double likeness) {
        EffectiveCounts seen = own.effective(option, likeness);
        return belief.after(seen.successes(), seen.chances() - seen.successes());
    }

    private static Posterior belief(double weakShare, double mean, double weakMean, double strength) {
        Posterior.Part weak = new Posterior.Part(weakShare, weakMean * WEAK, (1 - weakMean) * WEAK);
        return new Posterior(
                weakShare == 1
                        ? List.of(weak)
                        : List.of(new Posterior.Part(1 - weakShare, mean * strength, (1 - mean) * strength), weak));
    }
}
