package farglass.core.entry;

import java.util.Set;

/**
 * Where a technique starts.
 *
 * @param positions keys of positions
 * @param role the actor's role there
 */
public record Start(Set<String> positions, Role role) {
    public Start {
        positions = Set.copyOf(positions);
    }

    boolean allows(Position position, Role actor) {
        return positions.contains(position.key()) && (role == Role.ANY || role == actor);
    }
}
