package farglass.core.lexicon;

import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * Something an athlete does.
 *
 * @param from keys of the positions it starts from
 * @param fromRole the actor's role there
 * @param to key of the position it ends in when it works; empty when it leaves the position as it is
 * @param ends who is on top then
 * @param sideRule whose side a bare "left" means
 * @param caution what to say before anybody drills it; empty for most
 */
public record Technique(
        String key,
        String label,
        Kind kind,
        Set<String> from,
        Role fromRole,
        Optional<String> to,
        Ends ends,
        SideRule sideRule,
        List<String> aliases,
        Optional<String> caution)
        implements Term {
    public Technique {
        from = Set.copyOf(from);
        aliases = List.copyOf(aliases);
    }

    /** {@return whether the sport allows it from there} */
    public boolean canStart(Position position, Role role) {
        return from.contains(position.key()) && (fromRole == Role.ANY || fromRole == role);
    }
}
