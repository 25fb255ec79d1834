package farglass.core.bout;

/**
 * What a referee gives, or an analyst rules should be given.
 *
 * @param points 1 to 9 for points, 0 for everything else
 */
public record Award(Kind kind, int points) {
    /** A negative, a penalty, a warning and a disqualification go against the athlete they go to. */
    public enum Kind {
        POINTS,
        /** A point taken away, where the rules know negatives. */
        NEGATIVE,
        ADVANTAGE,
        PENALTY,
        /** A warning, which counts nothing yet. */
        WARNING,
        DISQUALIFICATION
    }

    public Award {
        if (kind == Kind.POINTS ? points < 1 || points > 9 : points != 0) {
            throw new IllegalArgumentException(
                    "An award of points needs 1 to 9, any other 0, but got " + kind + " with points=" + points);
        }
    }

    public static Award points(int points) {
        return new Award(Kind.POINTS, points);
    }

    public static Award advantage() {
        return new Award(Kind.ADVANTAGE, 0);
    }

    public static Award penalty() {
        return new Award(Kind.PENALTY, 0);
    }

    /** {@return an award without a number: any but points} */
    public static Award of(Kind kind) {
        return new Award(kind, 0);
    }
}
