package farglass.core.laterality;

import farglass.core.entry.Facing;
import farglass.core.side.OwnedSide;
import farglass.core.side.Seat;
import farglass.core.side.Side;
import java.util.Optional;

/**
 * A side as somebody called it, before it is stored with its owner.
 *
 * @param said the word
 * @param view from whose eyes
 */
public record CalledSide(Side said, View view) {
    /** From whose eyes a side was called. */
    public enum View {
        /** Of the athlete whose limb or way it is. */
        OWNER,
        /** Of the other athlete. */
        OTHER,
        /** Of whoever looks at the picture. */
        SCREEN
    }

    /**
     * {@return the owned side that was meant; empty where what is known does not settle it, and then it stays unknown}
     *
     * @param owner whose limb or way it is
     * @param facing how the two lie to each other, if that is known
     * @param facesCamera whether the owner faces the camera, if that is known
     */
    public Optional<OwnedSide> of(Seat owner, Optional<Facing> facing, Optional<Boolean> facesCamera) {
        Optional<Side> own =
                switch (view) {
                    case OWNER -> Optional.of(said);
                    case OTHER -> facing.map(how -> how.mirrors() ? said.mirrored() : said);
                    // Somebody who faces the camera has her left hand on the picture's right.
                    case SCREEN -> facesCamera.map(faces -> faces ? said.mirrored() : said);
                };
        return own.map(side -> new OwnedSide(owner, side));
    }
}
