package farglass.core.entry;

import java.util.Optional;

/** How two athletes lie to each other, as far as left and right go. */
public enum Facing {
    /** Face to face, heads the same way: my left is on your right. */
    EACH_OTHER,
    /** One behind the other: my left is on your left. */
    SAME_WAY,
    /** Face to face, heads opposite ways, as in north-south: turned twice, so my left is on your left again. */
    HEADS_APART;

    /** {@return how they mostly lie in such a place; empty where the bodies may lie in any way} */
    public static Optional<Facing> usual(Family family) {
        return switch (family) {
            case BACK -> Optional.of(SAME_WAY);
            // In a leg entanglement or a held lock the bodies may lie in any way.
            case LEGS, FINISH, NONE -> Optional.empty();
            default -> Optional.of(EACH_OTHER);
        };
    }

    /** {@return whether one's left lies on the other's right} */
    public boolean mirrors() {
        return this == EACH_OTHER;
    }
}
