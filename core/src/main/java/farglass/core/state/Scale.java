package farglass.core.state;

import farglass.core.entry.Position;

/** What positions are worth, by one way of looking at them. */
public interface Scale {
    /** {@return what the position is worth to the athlete on top, in [-1, 1]} */
    double of(Position position);
}
