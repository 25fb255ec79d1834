package farglass.core.laterality;

import farglass.core.side.Side;
import farglass.core.side.Stance;

/**
 * What two stances mean for one of the two athletes. "Open" and "closed" are guards; stances are the same or mirrored.
 *
 * @param own her stance
 * @param other the other's
 */
public record StanceMatch(Stance own, Stance other) {
    public boolean isMirrored() {
        return own != other;
    }

    /** {@return the way to circle, as her own side: away from the other's strong rear hand} */
    public Side circle() {
        // A lead left means a rear right, which face to face is on her left: away from it she goes to her right.
        return other.lead().mirrored();
    }

    /** {@return her lead foot} In mirrored stance it wants to be outside the other's. */
    public Side leadFoot() {
        return own.lead();
    }

    /** {@return her rear side: in mirrored stance her straight rear attack has the open line} */
    public Side rear() {
        return own.lead().mirrored();
    }

    /** {@return what it means, in a sentence, with every left and right named as hers} */
    public String sentence() {
        String circle = "She circles to her own %s, away from the rear hand".formatted(circle().label());
        return isMirrored()
                ? "Mirrored stance: her %s foot wants to be outside the other's lead foot, and her straight %s attack has the open line. %s."
                        .formatted(leadFoot().label(), rear().label(), circle)
                : "Same stance: the lead feet face each other crosswise, and no straight rear line is open. %s."
                        .formatted(circle);
    }
}
