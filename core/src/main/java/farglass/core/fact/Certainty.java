package farglass.core.fact;

import java.util.Locale;

/** How sure the viewer is. */
public enum Certainty {
    SURE,
    UNSURE,
    HIDDEN;

    /** {@return the word for it in files and on screen} */
    public String label() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }
}
