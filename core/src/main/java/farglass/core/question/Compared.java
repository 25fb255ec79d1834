package farglass.core.question;

import farglass.core.estimate.Comparison;
import farglass.core.estimate.Posterior;
import farglass.core.estimate.Share;
import java.util.List;
import java.util.function.Function;
import java.util.stream.Stream;

/**
 * A figure held against the others': in the mean, and one by one.
 *
 * @param each works out what is believed of every single other athlete, one after another, those first who most
 *     likely speak against a claim that way: the first who does ends it
 */
record Compared(Comparison comparison, Function<Claims.Direction, Stream<Posterior>> each) {
    private static final int POINTS = 15;

    /** {@return the claim that it differs, worded by how far it holds} */
    Claim claim(Claims.Direction direction, Share share) {
        return new Claim.ThanOthers(
                direction, againstEach(direction), share.population().orElseThrow(), share.others());
    }

    /** {@return whether it holds against every single one of them, and not only against their mean} */
    boolean againstEach(Claims.Direction direction) {
        boolean more = direction == Claims.Direction.MORE;
        Posterior own = comparison.own();
        List<Point> ends = Stream.of(0.5, 0.25, 0.75)
                .map(part -> part * Claims.WRONG)
                .map(left -> new Point(own, own.quantile(more ? left : 1 - left)))
                .toList();
        Point middle = new Point(own, own.mean());
        double[] shares = own.middles(POINTS);
        return each.apply(direction)
                .allMatch(other -> ends.stream().anyMatch(end -> end.eitherBeyondAtMost(Claims.WRONG, other, more))
                        || middle.bothBeyond(other, more) <= Claims.WRONG
                                && wrong(shares, other, more) <= Claims.WRONG);
    }

    /**
     * A share that two athletes are held against. Mostly it settles the matter without more arithmetic: if both are beyond it, each from
     * its side, they stand the other way round than claimed; if they do, then at least one of the two is.
     */
    private record Point(double at, double ownBelow) {
        Point(Posterior own, double at) {
            this(at, own.below(at));
        }

        private double own(boolean more) {
            return more ? ownBelow : 1 - ownBelow;
        }

        private double other(Posterior other, boolean more) {
            return more ? 1 - other.below(at) : other.below(at);
        }

        double bothBeyond(Posterior other, boolean more) {
            return own(more) * other(other, more);
        }

        /** A bound that costs little mostly says enough. */
        boolean eitherBeyondAtMost(double probability, Posterior other, boolean more) {
            double left = probability - own(more);
            return (more ? other.aboveAtMost(at) : other.belowAtMost(at)) <= left || other(other, more) <= left;
        }
    }

    /** By the midpoint rule over the own share, whose points are the same for every other. */
    private static double wrong(double[] shares, Posterior other, boolean more) {
        double below = 0;
        for (double share : shares) {
            below += other.below(share);
        }
        return more ? 1 - below / POINTS : below / POINTS;
    }
}
