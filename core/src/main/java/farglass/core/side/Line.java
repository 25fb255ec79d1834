package farglass.core.side;

import java.util.Locale;

/** The last line of the legs a pass has beaten, in order of depth. */
public enum Line {
    FOOT,
    KNEE,
    HIP,
    PAST;

    /** {@return the word for it in files and on screen} */
    public String label() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }
}
