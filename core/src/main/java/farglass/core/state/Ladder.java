package farglass.core.state;

import farglass.core.entry.Position;

/** By which school a position's worth is told. */
public enum Ladder implements Scale {
    POINTS,
    FINISH;

    @Override
    public double of(Position position) {
        return this == POINTS ? position.worth().points() : position.worth().finish();
    }
}
