package farglass.core.bout;

import java.util.Locale;

/** How far a submission got, in order of depth; escaped ends it. */
public enum Stage {
    THREAT,
    LOCKED,
    DEEP,
    TAP,
    ESCAPED;

    /** {@return the word for it in files and on screen} */
    public String label() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }
}
