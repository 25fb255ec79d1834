package farglass.core.prose;

import java.util.OptionalDouble;

/**
 * A figure as it is drawn: where it lies on a line from 0 to 1.
 *
 * @param low95 lower end of the 95 % interval; low95 <= low80 <= point <= high80 <= high95
 * @param others where the other athletes are
 */
public record Bar(double low95, double low80, double point, double high80, double high95, OptionalDouble others) {}
