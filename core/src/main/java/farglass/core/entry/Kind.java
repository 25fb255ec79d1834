package farglass.core.entry;

import java.util.Locale;

/** What sort of action a technique is. */
public enum Kind {
    GRIP,
    PULL,
    ENTRY,
    TAKEDOWN,
    SWEEP,
    PASS_ENTRY,
    PASS,
    HOLD,
    TRANSITION,
    BACK_TAKE,
    SUBMISSION,
    ESCAPE,
    DEFENCE,
    GUARD_CHANGE,
    RETENTION,
    STRIKE,
    /** A limb placed for a purpose: a foot on the hip, a knee behind the knee. */
    PLACEMENT,
    /** A step, or a change of distance. */
    STEP,
    /** Keeps what there is for a while. */
    KEEPING,
    /** What the body does in answer, wished or not. */
    REACTION,
    MOVEMENT,
    WAITING;

    /**
     * {@return whether a technique of that kind leaves the two where they are, whatever became of it} A grip, a frame, a post, a hook or
     * waiting never moves anyone.
     */
    public boolean movesNobody() {
        return switch (this) {
            case GRIP, HOLD, STRIKE, PLACEMENT, STEP, KEEPING, REACTION, WAITING -> true;
            default -> false;
        };
    }

    /** {@return the kind as people read it, such as "back take"} */
    public String label() {
        return name().toLowerCase(Locale.ROOT).replace('_', ' ');
    }
}
