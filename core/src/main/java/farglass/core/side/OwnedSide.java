package farglass.core.side;

/**
 * A side with its owner. Stored once; how it looks to the other athlete or to the camera is worked out.
 *
 * @param owner whose left or right it is
 * @param side which
 */
public record OwnedSide(Seat owner, Side side) {
    /** {@return the same in a bout seen in a mirror: the owner stays, the side turns} */
    public OwnedSide mirrored() {
        return new OwnedSide(owner, side.mirrored());
    }

    /** {@return the same of the other athlete} */
    public OwnedSide exchanged() {
        return new OwnedSide(owner.other(), side);
    }

    /** {@return on which side it lies for an athlete who faces the owner: my left is your right} */
    public Side seenBy(Seat viewer) {
        return viewer == owner ? side : side.mirrored();
    }
}
