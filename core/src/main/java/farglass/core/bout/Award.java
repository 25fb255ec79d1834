package farglass.core.bout;

/**
 * What the referee gave.
 *
 * @param points 1 to 9 for points, 0 for an advantage or a penalty
 */
public record Award(Kind kind, int points) {
    /** A penalty is a mark against the athlete it goes to. */
    public enum Kind {
        POINTS,
        ADVANTAGE,
        PENALTY
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
}
