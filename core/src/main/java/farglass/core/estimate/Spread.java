package farglass.core.estimate;

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

    /** {@return what is believed of the mean} */
    Posterior ofMean() {
        return new Posterior(List.of(new Posterior.Part(1, mean * worth, (1 - mean) * worth)));
    }
}
