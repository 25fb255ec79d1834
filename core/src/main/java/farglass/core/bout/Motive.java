package farglass.core.bout;

import farglass.core.Spelling;

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
        return Spelling.of(this);
    }
}
