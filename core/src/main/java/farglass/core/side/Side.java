package farglass.core.side;

import java.util.Locale;

/** Left or right, always of somebody: see {@link OwnedSide}. */
public enum Side {
    LEFT,
    RIGHT;

    public Side mirrored() {
        return this == LEFT ? RIGHT : LEFT;
    }

    /** {@return "left" or "right"} */
    public String label() {
        return name().toLowerCase(Locale.ROOT);
    }
}
