package farglass.core.question;

import farglass.core.estimate.Difference;
import java.util.Map;
import java.util.function.Function;

/**
 * A figure that is counted, and not yet told what may be claimed of it: that depends on all the figures of the page.
 *
 * @param family what could be claimed, by id
 */
public record DraftFigure(Map<String, Difference> family, Function<Claims, Figure> figure) {
    public DraftFigure {
        family = Map.copyOf(family);
    }

    /** {@return a figure of which nothing is claimed} */
    public static DraftFigure of(Figure figure) {
        return new DraftFigure(Map.of(), claims -> figure);
    }
}
