package farglass.core.simulate.sheet;

/**
 * A habit of more than one step.
 *
 * @param reply what the other did after {@code first}: a technique, "*" for anything, "-" for nothing
 * @param share how often {@code next} then follows, in [0, 1], where it can
 */
public record Chain(String first, String reply, String next, double share) {
    public boolean follows(String own, String others) {
        return first.equals(own) && (reply.equals("*") || reply.equals(others));
    }
}
