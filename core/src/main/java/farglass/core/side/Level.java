package farglass.core.side;

import farglass.core.Spelling;

/** The belt an athlete wore in this bout. */
public enum Level {
    WHITE,
    BLUE,
    PURPLE,
    BROWN,
    BLACK;

    /** {@return the word for it in files and on screen} */
    public String label() {
        return Spelling.of(this);
    }
}
