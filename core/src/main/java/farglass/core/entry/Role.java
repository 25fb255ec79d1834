package farglass.core.entry;

/** Where an athlete is in a position. */
public enum Role {
    TOP,
    BOTTOM,
    /** Nobody is on top. */
    NEUTRAL,
    /** Either; used in the lexicon only. */
    ANY
}
