package farglass.core.lexicon;

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
    MOVEMENT,
    WAITING;

    /** {@return the kind as people read it, such as "back take"} */
    public String label() {
        return name().toLowerCase(Locale.ROOT).replace('_', ' ');
    }
}
