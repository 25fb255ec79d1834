package farglass.core.state;

import farglass.core.lexicon.Worth;

/** By which school a position's worth is told. */
public enum Ladder {
    POINTS,
    FINISH;

    double of(Worth worth) {
        return this == POINTS ? worth.points() : worth.finish();
    }
}
