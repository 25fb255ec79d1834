package farglass.core.bout;

import java.util.Locale;

/** What became of an action; what it did to the other athlete is another matter. */
public enum Became {
    SHOWN,
    THREATENED,
    OFF_BALANCED,
    NEARLY,
    /** It worked, and what it reached was kept. */
    HELD,
    ABANDONED,
    TURNED;

    /** {@return the word for it in files and on screen} */
    public String label() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }
}
