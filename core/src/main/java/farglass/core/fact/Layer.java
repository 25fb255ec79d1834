package farglass.core.fact;

import farglass.core.Spelling;

/** What one viewing of a bout was for; not tagged in a layer that was not covered is never "did not happen". */
public enum Layer {
    STORY,
    ANSWERS,
    GRIPS,
    ERRORS;

    /** {@return the word for it in files and on screen} */
    public String label() {
        return Spelling.of(this);
    }
}
