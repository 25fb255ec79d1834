package farglass.core.naming;

import farglass.core.entry.Control;
import farglass.core.entry.Family;
import farglass.core.entry.Position;
import farglass.core.entry.Role;
import farglass.core.entry.Technique;
import farglass.core.entry.Term;
import java.util.Optional;
import java.util.function.Function;

/**
 * Where something is said to happen: it settles what a word of several meanings means.
 *
 * @param position where the two are
 * @param role the part of whoever acts; {@link Role#ANY} where that is not told
 * @param strikes whether the rules of the bout know blows
 */
public record Here(Position position, Role role, boolean strikes) {
    private enum Phase {
        FEET,
        GROUND,
        /** In a scramble, or out of sight. */
        EITHER
    }

    /** How well something fits here, the best last. */
    public enum Fit {
        /** Of another phase: a standing grip while they are on the ground, a blow in a bout without blows. */
        ELSEWHERE,
        UNUSUAL,
        HERE
    }

    /**
     * {@return how well it fits here}
     *
     * @param places finds a position by its key
     */
    public Fit fit(Term term, Function<String, Optional<Position>> places) {
        return term.match(this::fit, technique -> fit(technique, places));
    }

    private Fit fit(Technique technique, Function<String, Optional<Position>> places) {
        if (technique.blows() && !strikes) {
            return Fit.ELSEWHERE;
        }
        Phase now = phase(position);
        if (now == Phase.EITHER || technique.canStart(position, role)) {
            return Fit.HERE;
        }
        // Of a place not told, no more is known than whether they are on the feet, and who is on top.
        boolean samePhase = technique.starts().stream()
                .filter(start -> start.role() == Role.ANY || role == Role.ANY || start.role() == role)
                .flatMap(start -> start.positions().stream())
                .flatMap(key -> places.apply(key).stream())
                .anyMatch(from -> phase(from) == now);
        if (!position.isSettled()) {
            return samePhase ? Fit.HERE : Fit.ELSEWHERE;
        }
        return samePhase ? Fit.UNUSUAL : Fit.ELSEWHERE;
    }

    private Fit fit(Position reached) {
        Phase now = phase(position);
        // A front headlock is on the ground, but one comes there from the feet as well.
        Phase then = reached.control() == Control.STANDING && reached.family() != Family.STANDING
                ? Phase.EITHER
                : phase(reached);
        if (now != Phase.EITHER && then != Phase.EITHER && now != then) {
            return Fit.UNUSUAL;
        }
        boolean othersToPlay = reached.family().isGuard() && role == Role.TOP;
        return othersToPlay ? Fit.UNUSUAL : Fit.HERE;
    }

    private static Phase phase(Position position) {
        return switch (position.control()) {
            case STANDING -> position.family() == Family.STANDING ? Phase.FEET : Phase.GROUND;
            case NONE -> position.isSettled() ? Phase.GROUND : Phase.EITHER;
            default -> Phase.GROUND;
        };
    }
}
