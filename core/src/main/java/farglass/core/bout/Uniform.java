package farglass.core.bout;

import java.util.Locale;

/** What is worn: it decides which grips exist. */
public enum Uniform {
    GI,
    NO_GI;

    /** {@return the word for it in files and on screen} */
    public String label() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }
}
