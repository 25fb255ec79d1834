package farglass.core.simulate;

import farglass.core.entry.Family;
import farglass.core.entry.Kind;
import farglass.core.entry.Position;
import farglass.core.entry.Technique;
import farglass.core.script.Pose;
import java.util.Optional;
import java.util.Set;

/** How a try looks while it is on, whatever becomes of it. */
final class TryLooks {
    private static final Set<String> HEADLOCKS = Set.of("snap-down", "guillotine", "arm-in-choke", "anaconda-choke");

    private TryLooks() {}

    /** {@return the pose of a try from there; empty where the two look as before} */
    static Optional<Pose> of(Technique technique, Position from) {
        if (HEADLOCKS.contains(technique.key())) {
            return Optional.of(Pose.FRONT_HEADLOCK);
        }
        if (technique.key().contains("berimbolo")) {
            return Optional.of(Pose.BERIMBOLO);
        }
        if (technique.kind() == Kind.SUBMISSION) {
            return lock(technique, from);
        }
        if (technique.kind() == Kind.TAKEDOWN && from.family() == Family.STANDING) {
            return Optional.of(
                    technique.key().contains("single") || technique.key().contains("pick")
                            ? Pose.SINGLE_LEG
                            : Pose.CLINCH);
        }
        return technique.kind() == Kind.SWEEP ? Optional.of(Pose.SCRAMBLE) : Optional.empty();
    }

    private static Optional<Pose> lock(Technique technique, Position from) {
        if (technique.key().contains("triangle") && from.family() != Family.PIN) {
            return Optional.of(Pose.TRIANGLE);
        }
        if (technique.target().isEmpty()) {
            return Optional.empty();
        }
        return switch (technique.target().get()) {
            case NECK -> from.family() == Family.BACK ? Optional.of(Pose.BACK_CHOKE) : Optional.empty();
            case ARM -> Optional.of(Pose.ARMLOCK);
            case LEG -> from.family() == Family.LEGS ? Optional.empty() : Optional.of(Pose.LEG_ENTANGLEMENT);
            case BODY -> Optional.empty();
        };
    }
}
