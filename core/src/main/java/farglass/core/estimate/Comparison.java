package farglass.core.estimate;

import java.util.List;

/**
 * An athlete's share held against the others'.
 *
 * @param own what is believed of the athlete's share, with the weak belief weighing less than in intervals that are shown
 * @param others what is believed of the others' mean, itself uncertain
 */
public record Comparison(Posterior own, Posterior others) implements Difference {
    /**
     * How much of the belief is the weak one where claims are made, measured by {@code ClaimsRun}: with more, an athlete like all others is
     * more often called different.
     */
    public static final double WEAK = 0.10;

    private static final double CERTAIN = 1e7;
    private static final int POINTS = 15;

    /** {@return the share held against a value that is certain, such as one half for a side} @param value in (0, 1) */
    public static Comparison with(Posterior own, double value) {
        return new Comparison(
                own, new Posterior(List.of(new Posterior.Part(1, value * CERTAIN, (1 - value) * CERTAIN))));
    }

    /** By the midpoint rule over the others' mean. */
    @Override
    public Wrong wrong(double margin) {
        double[] means = others.middles(POINTS);
        double[] above = new double[POINTS];
        double[] below = new double[POINTS];
        for (int i = 0; i < POINTS; i++) {
            above[i] = means[i] + margin;
            below[i] = means[i] - margin;
        }
        return new Wrong(own.meanBelow(above), 1 - own.meanBelow(below));
    }

    /** From the ends of the others' mean alone. */
    @Override
    public double atLeastWrong(double margin) {
        double notAbove = own.below(others.quantile(0.5 / POINTS) + margin);
        double notBelow = 1 - own.below(others.quantile((POINTS - 0.5) / POINTS) - margin);
        return Math.min(notAbove, notBelow);
    }
}
