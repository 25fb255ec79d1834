package farglass.core.pick;

import farglass.core.bout.Deed;
import farglass.core.entry.Family;
import farglass.core.entry.Kind;
import farglass.core.entry.Role;
import farglass.core.entry.Technique;
import farglass.core.lexicon.Lexicon;
import java.util.EnumSet;
import java.util.Map;
import java.util.Set;

/**
 * How likely something is where a library has taught nothing yet: what the lexicon says is done often weighs more, and more again where it
 * is what one is there for: passing on top of a guard, escaping below a pin.
 */
record UntaughtWeights(Lexicon lexicon) {
    /** By so many others a technique weighs more for each step that it is done often. */
    private static final double OFTEN = 2;

    private static final double WANTED = 3;
    /** What the referee gives is rarer than what is done. */
    private static final double GIVEN = 0.5;

    private static final Set<Kind> FREE = EnumSet.of(Kind.ESCAPE, Kind.DEFENCE, Kind.RETENTION);
    private static final Set<Kind> FEET = EnumSet.of(Kind.TAKEDOWN, Kind.PULL, Kind.ENTRY);
    private static final Set<Kind> PASSING = EnumSet.of(Kind.PASS, Kind.PASS_ENTRY);
    private static final Set<Kind> GUARD = EnumSet.of(Kind.SWEEP, Kind.SUBMISSION, Kind.RETENTION, Kind.DEFENCE);
    private static final Set<Kind> HOLDING = EnumSet.of(Kind.TRANSITION, Kind.SUBMISSION, Kind.HOLD);
    private static final Set<Kind> BACK = EnumSet.of(Kind.SUBMISSION, Kind.BACK_TAKE);
    private static final Set<Kind> TURTLE = EnumSet.of(Kind.BACK_TAKE, Kind.TRANSITION, Kind.SUBMISSION);
    private static final Set<Kind> LEGS = EnumSet.of(Kind.SUBMISSION, Kind.ESCAPE);

    private static final Map<Family, Set<Kind>> ON_TOP = Map.of(
            Family.GUARD, PASSING,
            Family.HALF, PASSING,
            Family.PASSING, PASSING,
            Family.PIN, HOLDING,
            Family.BACK, BACK,
            Family.TURTLE, TURTLE);
    private static final Map<Family, Set<Kind>> BELOW = Map.of(
            Family.GUARD, GUARD,
            Family.HALF, GUARD,
            Family.PASSING, GUARD,
            Family.PIN, FREE,
            Family.BACK, FREE,
            Family.TURTLE, FREE);

    /** {@return how the deed weighs against others that can start there, above 0} */
    double weight(Deed deed, Family family, Role role) {
        if (deed.did().isPresent()) {
            return lexicon.technique(deed.did().get())
                    .map(technique -> weight(technique, family, role))
                    .orElse(1.0);
        }
        return deed.given().isPresent() ? GIVEN : 1;
    }

    private static double weight(Technique technique, Family family, Role role) {
        double wanted = wanted(family, role).contains(technique.kind()) ? WANTED : 1;
        return 1 + technique.often() * OFTEN * wanted;
    }

    private static Set<Kind> wanted(Family family, Role role) {
        return switch (family) {
            case STANDING -> FEET;
            case LEGS -> LEGS;
            default -> (role == Role.TOP ? ON_TOP : BELOW).getOrDefault(family, Set.of());
        };
    }
}
