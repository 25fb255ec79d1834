package farglass.core.entry;

/** What sort of place a position is; dossiers group by it. */
public enum Family {
    STANDING,
    GUARD,
    HALF,
    /** The passer's own place among the legs, such as headquarters: no guard that the other plays. */
    PASSING,
    LEGS,
    TURTLE,
    PIN,
    BACK,
    FINISH,
    NONE;

    /** {@return whether it is a guard that the one underneath plays: guard and half guard alike} */
    public boolean isGuard() {
        return this == GUARD || this == HALF;
    }
}
