package farglass.core.script;

import farglass.core.lexicon.Position;

/** How the two puppets stand, sit or lie to each other. */
public enum Pose {
    STANDING,
    CLINCH,
    SEATED,
    CLOSED_GUARD,
    OPEN_GUARD,
    HALF_GUARD,
    SIDE_CONTROL,
    KNEE_ON_BELLY,
    MOUNT,
    BACK,
    TURTLE,
    ARMLOCK,
    BACK_CHOKE,
    RESET;

    /** {@return the pose that shows that position best} */
    public static Pose of(Position position) {
        return switch (position.key()) {
            case "clinch", "collar-tie", "rear-body-lock", "single-leg-held", "front-headlock" -> CLINCH;
            case "seated-guard", "butterfly-guard" -> SEATED;
            case "closed-guard" -> CLOSED_GUARD;
            case "knee-on-belly" -> KNEE_ON_BELLY;
            case "mount", "technical-mount" -> MOUNT;
            case "armlock-hold" -> ARMLOCK;
            default ->
                switch (position.family()) {
                    case STANDING, NONE -> STANDING;
                    case GUARD, LEGS -> OPEN_GUARD;
                    case HALF -> HALF_GUARD;
                    case TURTLE -> TURTLE;
                    case PIN, FINISH -> SIDE_CONTROL;
                    case BACK -> BACK;
                };
        };
    }
}
