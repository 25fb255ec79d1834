package farglass.core.bout;

import java.util.Locale;

/** What sort of material a film, or a telling, is: it decides what of it counts. */
public enum Material {
    /** A match or a round, watched as it came: in all rates, over what is covered. */
    BOUT,
    /** Clips, highlights or a told sequence, chosen by somebody: in no rate, but told apart as shown. */
    CLIPS,
    /** Shown by somebody to teach it: never counted. */
    DEMONSTRATION;

    /** {@return the word for it in files and on screen} */
    public String label() {
        return name().toLowerCase(Locale.ROOT);
    }
}
