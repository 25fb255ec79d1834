package farglass.core.entry;

import java.util.EnumSet;
import java.util.Set;

/** Along which ladder the depth of an action can be told: the lines a pass beats, or the stages of another kind. */
public enum Reach {
    LINES,
    SUBMISSION,
    SWEEP,
    BACK_TAKE,
    TAKEDOWN;

    /** {@return what a technique of that kind reaches where the lexicon does not say} */
    public static Set<Reach> usual(Kind kind) {
        return switch (kind) {
            case PASS, PASS_ENTRY -> EnumSet.of(LINES);
            case SUBMISSION -> EnumSet.of(SUBMISSION);
            case SWEEP -> EnumSet.of(SWEEP);
            case BACK_TAKE -> EnumSet.of(BACK_TAKE);
            case TAKEDOWN -> EnumSet.of(TAKEDOWN);
            default -> EnumSet.noneOf(Reach.class);
        };
    }
}
