package farglass.core.bout;

import farglass.core.Spelling;

/** What sort of bout it is; competition weighs more than a round in the gym. */
public enum BoutKind {
    COMPETITION,
    SPARRING,
    POSITIONAL,
    TRAINING;

    /** {@return the word for it in files and on screen} */
    public String label() {
        return Spelling.of(this);
    }
}
