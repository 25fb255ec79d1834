package farglass.core.entry;

/** What a ruleset may see in a position. Whether it counts, and for how much, the ruleset says. */
public enum Control {
    /** On the feet. */
    STANDING,
    /** On the ground, and nobody on top: a double pull, a leg entanglement. */
    NEUTRAL,
    /** Somebody is on top on the ground, in a place of no other kind. */
    GROUNDED,
    /** The bottom athlete's legs stand between: any guard or half guard. */
    GUARD,
    /** Past the legs: side control, north-south, scarf hold. */
    PASSED,
    KNEE,
    MOUNT,
    /** Chest to back, both heels hooked inside. */
    BACK,
    /** Chest to back with a body triangle. */
    TRIANGLE,
    /** Chest to back with one hook or none. */
    ONE_HOOK,
    /** Chest to back; with how many hooks, nobody said. */
    BACK_UNTOLD,
    TURTLE,
    /** None of these: a scramble, out of sight, a lock held. */
    NONE;

    /** {@return whether whoever is on top here is past the other's legs} */
    public boolean isPast() {
        return switch (this) {
            case PASSED, KNEE, MOUNT, BACK, TRIANGLE, ONE_HOOK, BACK_UNTOLD -> true;
            case STANDING, NEUTRAL, GROUNDED, GUARD, TURTLE, NONE -> false;
        };
    }

    /** {@return whether whoever is on top here has the other's back, with hooks or without} */
    public boolean isBack() {
        return switch (this) {
            case BACK, TRIANGLE, ONE_HOOK, BACK_UNTOLD -> true;
            case STANDING, NEUTRAL, GROUNDED, GUARD, PASSED, KNEE, MOUNT, TURTLE, NONE -> false;
        };
    }

    /** {@return whether this is a place on the ground with somebody on top} */
    public boolean isTopOnGround() {
        return isPast() || this == GUARD || this == TURTLE || this == GROUNDED;
    }
}
