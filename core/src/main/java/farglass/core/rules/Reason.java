package farglass.core.rules;

import farglass.core.Spelling;

/** Why something is, could be, or was given. */
public enum Reason {
    TAKEDOWN,
    SWEEP,
    PASS,
    KNEE,
    MOUNT,
    BACK,
    SUBMISSION,
    /** Coming up from a double pull. */
    COMING_UP,
    PULL,
    STALLING,
    /** Leaving the area to escape a submission. */
    LEAVING,
    REAPING,
    /** What follows from a penalty by the ladder of penalties. */
    LADDER;

    static Reason of(Scored scored) {
        return valueOf(scored.name());
    }

    public String label() {
        return Spelling.of(this);
    }
}
