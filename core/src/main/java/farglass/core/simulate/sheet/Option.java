package farglass.core.simulate.sheet;

import farglass.core.bout.Uniform;
import farglass.core.side.Line;
import java.util.Optional;

/**
 * One thing an athlete may do somewhere.
 *
 * @param weight against the other options there, above 0
 * @param success against an ordinary defence, in [0, 1]
 * @param left how often to the own left or with the left limb, in [0, 1]; empty where no side is told
 * @param line where it is usually stopped, if it is a pass
 * @param only with the gi, or without; empty for both
 */
public record Option(
        String technique,
        double weight,
        double success,
        Optional<Double> left,
        Optional<Line> line,
        Optional<Uniform> only) {}
