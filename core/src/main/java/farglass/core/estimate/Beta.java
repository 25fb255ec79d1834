package farglass.core.estimate;

import org.apache.commons.numbers.gamma.LogBeta;

/**
 * A beta distribution that is asked at many places: what depends on its parameters alone is worked out once.
 * <p>The probability is the continued fraction of the incomplete beta function, NIST Digital Library of Mathematical Functions, 8.17.22, by
 * the modified method of Lentz (W. H. Press and others, "Numerical Recipes", 3rd edition, 2007, section 6.4), to ten digits.
 */
final class Beta {
    private static final double CLOSE = 1e-11;
    private static final double TINY = 1e-300;
    /** Of the order of the square root of the larger parameter, which is ten million at most. */
    private static final int MOST_TERMS = 100_000;

    private final double successes;
    private final double failures;
    private final double logBeta;
    /** From there on the fraction of the other side is the one that ends soon. */
    private final double turn;

    /** @param successes above 0 @param failures above 0 */
    Beta(double successes, double failures) {
        this.successes = successes;
        this.failures = failures;
        this.logBeta = LogBeta.value(successes, failures);
        this.turn = (successes + 1) / (successes + failures + 2);
    }

    /** {@return the probability of at most that} @param share in (0, 1) */
    double below(double share) {
        return below(share, front(share));
    }

    /** {@return the same, and the density there} @param share in (0, 1) */
    Quantile.At at(double share) {
        double front = front(share);
        return new Quantile.At(below(share, front), front / (share * (1 - share)));
    }

    private double front(double share) {
        return Math.exp(successes * Math.log(share) + failures * Math.log1p(-share) - logBeta);
    }

    private double below(double share, double front) {
        return share < turn ? part(successes, failures, share, front) : 1 - part(failures, successes, 1 - share, front);
    }

    private static double part(double a, double b, double x, double front) {
        // Far out nothing is left to be multiplied.
        return front == 0 ? 0 : Math.min(1, front / a * fraction(a, b, x));
    }

    private static double fraction(double a, double b, double x) {
        double numerator = 1;
        double denominator = 1 / away(1 - (a + b) * x / (a + 1));
        double fraction = denominator;
        for (int m = 1; m <= MOST_TERMS; m++) {
            double even = m * (b - m) * x / ((a + 2 * m - 1) * (a + 2 * m));
            denominator = 1 / away(1 + even * denominator);
            numerator = away(1 + even / numerator);
            fraction *= denominator * numerator;
            double odd = -(a + m) * (a + b + m) * x / ((a + 2 * m) * (a + 2 * m + 1));
            denominator = 1 / away(1 + odd * denominator);
            numerator = away(1 + odd / numerator);
            double step = denominator * numerator;
            fraction *= step;
            if (Math.abs(step - 1) < CLOSE) {
                return fraction;
            }
        }
        throw new ArithmeticException(
                "The incomplete beta function of %s, %s at %s did not settle; please report it.".formatted(a, b, x));
    }

    private static double away(double value) {
        return Math.abs(value) < TINY ? TINY : value;
    }
}
