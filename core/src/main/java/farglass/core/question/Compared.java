package farglass.core.question;

import farglass.core.estimate.Comparison;
import farglass.core.estimate.Posterior;
import farglass.core.estimate.Share;
import java.util.Arrays;
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
        Own own = new Own(comparison.own(), direction == Claims.Direction.MORE);
        return each.apply(direction).allMatch(own::standsAgainst);
    }

    /** What is believed of the one who is held against the others, worked out once for all of them. */
    private static final class Own {
        private static final double[] LOW = {0.25 * Claims.WRONG, 0.5 * Claims.WRONG, 0.75 * Claims.WRONG};
        private static final double[] HIGH = {1 - 0.75 * Claims.WRONG, 1 - 0.5 * Claims.WRONG, 1 - 0.25 * Claims.WRONG};

        private final Posterior belief;
        private final boolean more;
        private final List<Point> ends;
        private final Point middle;
        /** Mostly the ends settle it, and these are never needed. */
        private double[] middles;

        Own(Posterior belief, boolean more) {
            this.belief = belief;
            this.more = more;
            this.ends = Arrays.stream(belief.quantiles(more ? LOW : HIGH))
                    .mapToObj(at -> new Point(belief, at))
                    .toList();
            this.middle = new Point(belief, belief.mean());
        }

        boolean standsAgainst(Posterior other) {
            return ends.stream().anyMatch(end -> end.eitherBeyondAtMost(Claims.WRONG, other, more))
                    || middle.bothBeyond(other, more) <= Claims.WRONG && wrong(other) <= Claims.WRONG;
        }

        /** By the midpoint rule over the own share, whose points are the same for every other. */
        private double wrong(Posterior other) {
            if (middles == null) {
                middles = belief.middles(POINTS);
            }
            double below = other.meanBelow(middles);
            return more ? 1 - below : below;
        }
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
}
