package farglass.core.rules;

import farglass.core.entry.Control;
import java.util.Locale;

/** What a ruleset may give points for. */
public enum Scored {
    TAKEDOWN,
    SWEEP,
    PASS,
    KNEE,
    MOUNT,
    BACK;

    public String label() {
        return name().toLowerCase(Locale.ROOT);
    }

    /** {@return whether an athlete on top in such a place still holds what was scored} */
    boolean holdsIn(Control control, boolean triangleCounts) {
        return switch (this) {
            case TAKEDOWN, SWEEP -> control.isTopOnGround();
            case PASS -> control.isPast();
            case KNEE -> control == Control.KNEE;
            case MOUNT -> control == Control.MOUNT;
            case BACK ->
                control == Control.BACK
                        || control == Control.BACK_UNTOLD
                        || triangleCounts && control == Control.TRIANGLE;
        };
    }

    /** {@return whether a run goes on from here to there, so that only the last position need be held} */
    boolean runsInto(Scored next) {
        return switch (this) {
            case KNEE -> next == MOUNT || next == BACK;
            case MOUNT -> next == BACK;
            case BACK -> next == MOUNT;
            case TAKEDOWN, SWEEP, PASS -> false;
        };
    }
}
