package farglass.core.estimate;

/** Something that may differ: a share from the others', from one half, or late from early. */
public interface Difference {
    /**
     * How likely a claim would be wrong.
     *
     * @param notAbove the probability that the difference is not more than so much upwards
     * @param notBelow the probability that it is not more than so much downwards
     */
    record Wrong(double notAbove, double notBelow) {}

    /** {@return how likely each claim would be wrong} @param margin in [0, 1): a smaller difference is trivial */
    Wrong wrong(double margin);

    /** {@return what either claim is at least as likely to be wrong as} Cheaper than {@link #wrong}, and never above it. */
    double atLeastWrong(double margin);
}
