package farglass.core.laterality;

import farglass.core.entry.Family;
import farglass.core.entry.Position;
import java.util.Optional;
import java.util.Set;

/** How two athletes lie to each other, as far as left and right go. */
public enum Facing {
    /** Face to face, heads the same way: my left is on your right. */
    EACH_OTHER,
    /** One behind the other: my left is on your left. */
    SAME_WAY,
    /** Face to face, heads opposite ways, as in north-south: turned twice, so my left is on your left again. */
    HEADS_APART;

    private static final Set<String> BEHIND =
            Set.of("rear-body-lock", "standing-back-hooks", "turtle", "side-ride", "truck");
    private static final Set<String> APART = Set.of(
            "north-south",
            "front-headlock",
            "standing-front-headlock",
            "reverse-scarf-hold",
            "reverse-mount",
            "reverse-half-guard");

    /** {@return how they face in that position; empty where the position does not settle it} */
    public static Optional<Facing> in(Position position) {
        if (!position.isSettled()) {
            return Optional.empty();
        }
        if (position.family() == Family.BACK || BEHIND.contains(position.key())) {
            return Optional.of(SAME_WAY);
        }
        if (APART.contains(position.key())) {
            return Optional.of(HEADS_APART);
        }
        // In a leg entanglement or a held lock the bodies may lie in any way.
        return position.family() == Family.LEGS || position.family() == Family.FINISH
                ? Optional.empty()
                : Optional.of(EACH_OTHER);
    }

    /** {@return whether one's left lies on the other's right} */
    public boolean mirrors() {
        return this == EACH_OTHER;
    }
}
