package farglass.drawing;

import java.util.OptionalDouble;

/**
 * The one glyph for every share: a dot on a ruler from 0 to 1 with its 80 % interval thick and its 95 % interval thin, and
 * the population's tick. All in pixels from the left edge.
 */
public record EstimateLayout(
        double width,
        double height,
        double low95,
        double low80,
        double dot,
        double high80,
        double high95,
        OptionalDouble population) {
    /**
     * {@return where the parts of the glyph fall}
     *
     * @param shares low95, low80, median, high80, high95 in [0, 1]
     * @param population the others' share, in [0, 1], where there are enough of them
     */
    public static EstimateLayout of(double[] shares, OptionalDouble population, double width, double height) {
        double room = width - height;
        double left = height / 2;
        return new EstimateLayout(
                width,
                height,
                left + shares[0] * room,
                left + shares[1] * room,
                left + shares[2] * room,
                left + shares[3] * room,
                left + shares[4] * room,
                population.isPresent()
                        ? OptionalDouble.of(left + population.getAsDouble() * room)
                        : OptionalDouble.empty());
    }
}
