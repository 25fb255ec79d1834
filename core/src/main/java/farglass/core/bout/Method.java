package farglass.core.bout;

import farglass.core.Spelling;

/** How a bout ended. */
public enum Method {
    POINTS,
    ADVANTAGES,
    PENALTIES,
    DECISION,
    SUBMISSION,
    DISQUALIFICATION,
    /** Less time needed to escape in overtime. */
    ESCAPE_TIME,
    KNOCKOUT,
    REFEREE,
    DOCTOR,
    NO_CONTEST,
    DRAW,
    UNKNOWN;

    /** {@return the word for it in files and on screen} */
    public String label() {
        return Spelling.of(this);
    }
}
