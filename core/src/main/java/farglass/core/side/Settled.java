package farglass.core.side;

import java.util.Optional;

/**
 * The position a moment ends in.
 *
 * @param position the lexicon's key
 * @param top who is on top; empty where nobody is or it is not known
 * @param side on which side, such as her left in side control, or whose leg is held in half guard; empty if not told
 * @param passing where nobody is on top, as with legs entangled: who was on top before, and so was passing; empty if not told
 * @param workedOut whether the rules of the sport filled it in; such a thing is never counted as seen
 */
public record Settled(
        String position, Optional<Seat> top, Optional<OwnedSide> side, Optional<Seat> passing, boolean workedOut) {
    public Settled(String position, Optional<Seat> top, boolean workedOut) {
        this(position, top, Optional.empty(), Optional.empty(), workedOut);
    }

    /** {@return the same with the two athletes exchanged} */
    public Settled exchanged() {
        return new Settled(
                position, top.map(Seat::other), side.map(OwnedSide::exchanged), passing.map(Seat::other), workedOut);
    }

    /** {@return the same in a bout seen in a mirror} */
    public Settled mirrored() {
        return new Settled(position, top, side.map(OwnedSide::mirrored), passing, workedOut);
    }
}
