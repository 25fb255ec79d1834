package farglass.core.side;

import farglass.core.Spelling;

/** How far an action got, on the ladder of its kind, each in order of depth. Escaped ends a submission. */
public enum Stage {
    THREAT(Ladder.SUBMISSION),
    LOCKED(Ladder.SUBMISSION),
    DEEP(Ladder.SUBMISSION),
    TAP(Ladder.SUBMISSION),
    ESCAPED(Ladder.SUBMISSION),
    OFF_BALANCED(Ladder.SWEEP),
    ONE_LEG_LOADED(Ladder.SWEEP),
    HIP_DOWN(Ladder.SWEEP),
    ON_TOP(Ladder.SWEEP),
    BEHIND(Ladder.BACK_TAKE),
    UPPER_BODY(Ladder.BACK_TAKE),
    ONE_HOOK(Ladder.BACK_TAKE),
    IN_HAND(Ladder.TAKEDOWN),
    DOWN(Ladder.TAKEDOWN),
    /** The last step of a back take and of a takedown. */
    SETTLED(Ladder.TAKEDOWN);

    /** What sort of action has these stages. */
    public enum Ladder {
        SUBMISSION,
        SWEEP,
        BACK_TAKE,
        TAKEDOWN
    }

    private final Ladder ladder;

    Stage(Ladder ladder) {
        this.ladder = ladder;
    }

    /** {@return whether an action of that sort can get here} */
    public boolean isOn(Ladder of) {
        return ladder == of || this == SETTLED && of == Ladder.BACK_TAKE;
    }

    /** {@return the word for it in files and on screen} */
    public String label() {
        return Spelling.of(this);
    }
}
