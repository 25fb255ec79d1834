package farglass.core.bout;

import farglass.core.Spelling;

/**
 * What became of an action; what it did to the other athlete is another matter. An attack was shown, threatened, nearly done or held, or it was abandoned or turned; a defence
 * worked, partly or failed; a grip was taken, denied or lost; anything can be cut off.
 */
public enum Became {
    SHOWN,
    THREATENED,
    OFF_BALANCED,
    NEARLY,
    /** It worked, and what it reached was kept. */
    HELD,
    ABANDONED,
    /** It became another try; which one, the later moment says. */
    TURNED,
    /** Of a defence, an escape or keeping. */
    WORKED,
    PARTLY,
    FAILED,
    /** Of a grip. */
    TAKEN,
    DENIED,
    LOST,
    /** By the edge, the bell or the referee: it began, and nobody stopped it. */
    CUT_OFF;

    /** {@return whether it reached what it was for} */
    public boolean isSuccess() {
        return this == HELD || this == WORKED || this == TAKEN;
    }

    /** {@return the word for it in files and on screen} */
    public String label() {
        return Spelling.of(this);
    }
}
