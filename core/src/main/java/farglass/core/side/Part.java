package farglass.core.side;

import farglass.core.Spelling;
import java.util.Optional;

/**
 * A part of somebody's body, or of the cloth on it: her left sleeve. Stored with its owner; near, far, same-side and cross
 * are worked out.
 *
 * @param owner whose it is
 * @param side empty where the part has none, such as a belt, or where the side is not told
 */
public record Part(Seat owner, Optional<Side> side, Kind kind) {
    /** What can hold, be held, or be attacked. */
    public enum Kind {
        HAND,
        WRIST,
        ARM,
        ELBOW,
        SHOULDER,
        HEAD,
        NECK,
        CHEST,
        BODY,
        HIP,
        LEG,
        KNEE,
        SHIN,
        ANKLE,
        FOOT,
        HEEL,
        HOOK,
        COLLAR,
        SLEEVE,
        LAPEL,
        BELT,
        TROUSERS,
        FINGERS,
        THUMB,
        FOREARM,
        ELBOW_CROOK,
        BICEPS,
        TRICEPS,
        ARMPIT,
        STERNUM,
        BELLY,
        WAIST,
        BACK,
        SIDE_OF_HIP,
        THIGH,
        HAMSTRING,
        KNEE_PIT,
        CALF,
        INSTEP,
        SOLE,
        TOES,
        TOP_OF_HEAD,
        TEMPLE,
        JAW,
        CHIN,
        /** Of the trousers. */
        SEAT,
        /** Of the jacket. */
        TAIL;

        /** {@return the word for it in files and on screen} */
        public String label() {
            return Spelling.of(this);
        }
    }

    /** {@return the same part of the other athlete} */
    public Part exchanged() {
        return new Part(owner.other(), side, kind);
    }

    /** {@return the same in a bout seen in a mirror} */
    public Part mirrored() {
        return new Part(owner, side.map(Side::mirrored), kind);
    }
}
