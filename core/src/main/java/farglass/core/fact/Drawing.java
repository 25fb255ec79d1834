package farglass.core.fact;

import java.util.List;

/**
 * Something drawn on the frame.
 *
 * @param corners pairs x, y in [0, 1] from the picture's upper left: two of them, from and to, or centre and rim
 */
public record Drawing(Shape shape, List<Double> corners) implements Fact {
    public enum Shape {
        ARROW,
        RING,
        LINE
    }

    public Drawing {
        corners = List.copyOf(corners);
        if (corners.size() != 4 || corners.stream().anyMatch(at -> !(0 <= at && at <= 1))) {
            throw new IllegalArgumentException("A drawing needs four numbers from 0 to 1 but got " + corners);
        }
    }

    @Override
    public <R> R match(FactCases<R> cases) {
        return cases.drawing(this);
    }
}
