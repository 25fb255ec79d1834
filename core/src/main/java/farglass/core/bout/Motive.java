package farglass.core.bout;

import java.util.Locale;

/** Why an athlete did it, as far as a person can tell; the product never decides this. */
public enum Motive {
    CHOSEN,
    FORCED,
    BAIT,
    CONCEDED,
    DECLINED,
    FEINT;

    /** {@return the word for it in files and on screen} */
    public String label() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }
}
