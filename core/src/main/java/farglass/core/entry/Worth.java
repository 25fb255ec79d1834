package farglass.core.entry;

/**
 * What a position is worth to the athlete on top.
 *
 * @param points by the points it leads to, in [-1, 1]
 * @param finish by how near it is to a finish, in [-1, 1]
 */
public record Worth(double points, double finish) {
    public Worth {
        if (!(Math.abs(points) <= 1 && Math.abs(finish) <= 1)) {
            throw new IllegalArgumentException(
                    "Worth needs two numbers in [-1, 1] but got points=" + points + ", finish=" + finish);
        }
    }
}
