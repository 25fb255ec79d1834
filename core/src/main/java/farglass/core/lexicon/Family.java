package farglass.core.lexicon;

/** What sort of place a position is; dossiers group by it. */
public enum Family {
    STANDING,
    GUARD,
    HALF,
    LEGS,
    TURTLE,
    PIN,
    BACK,
    FINISH,
    NONE;

    /** {@return whether the bottom athlete's legs stand between: guard and half guard alike, as rules.md has it} */
    public boolean isGuard() {
        return this == GUARD || this == HALF;
    }
}
