package farglass.core.side;

import farglass.core.Spelling;

/** The last line of the legs a pass has beaten, in order of depth. */
public enum Line {
    FOOT,
    KNEE,
    HIP,
    PAST;

    /** {@return the word for it in files and on screen} */
    public String label() {
        return Spelling.of(this);
    }
}
