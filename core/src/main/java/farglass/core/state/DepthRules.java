package farglass.core.state;

import farglass.core.entry.Reach;
import farglass.core.entry.Technique;
import farglass.core.side.Stage;

/** Which depth can be told of what: a line of a pass, a stage of what has that ladder. */
public final class DepthRules {
    private DepthRules() {}

    /** {@return whether lines can be told of it} */
    public static boolean hasLines(Technique technique) {
        return technique.reach().contains(Reach.LINES);
    }

    /** {@return whether it can get to that stage} */
    public static boolean has(Technique technique, Stage stage) {
        return technique.reach().stream()
                .filter(reach -> reach != Reach.LINES)
                .anyMatch(reach -> stage.isOn(Stage.Ladder.valueOf(reach.name())));
    }
}
