package farglass.core.fact;

import farglass.core.Spelling;

/** How sure the viewer is. */
public enum Certainty {
    SURE,
    UNSURE,
    HIDDEN;

    /** {@return the word for it in files and on screen} */
    public String label() {
        return Spelling.of(this);
    }
}
