package farglass.core.bout;

import farglass.core.Spelling;

/** What is worn: it decides which grips exist. */
public enum Uniform {
    GI,
    NO_GI;

    /** {@return the word for it in files and on screen} */
    public String label() {
        return Spelling.of(this);
    }
}
