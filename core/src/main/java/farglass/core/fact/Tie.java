package farglass.core.fact;

public enum Tie {
    ANSWERS,
    /** The same attempt, a step further: counted once, with the earlier one. */
    CONTINUES,
    /** An attempt that grew out of an earlier one of another kind, which turned into it; why, its words say. */
    OUT_OF,
    CAUSES,
    INTERRUPTS,
    RETRIES,
    COMPARES,
    /** An award that was taken back. */
    WITHDRAWS,
    /** An award in the place of another. */
    CORRECTS,
    /** At the same time as. */
    WITH
}
