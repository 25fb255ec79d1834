package farglass.core.script;

import farglass.core.entry.Position;

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
    SINGLE_LEG,
    FRONT_HEADLOCK,
    LEG_ENTANGLEMENT,
    NORTH_SOUTH,
    KNEE_SHIELD,
    TRIANGLE,
    SCRAMBLE,
    RESET,
    TIE,
    BUTTERFLY,
    DE_LA_RIVA,
    SPIDER,
    X_GUARD,
    SADDLE,
    FIFTY_FIFTY,
    REAR_BODY_LOCK,
    FRONT_BODY_LOCK,
    HOOKLESS_BACK,
    ONE_HOOK_BACK,
    BODY_TRIANGLE,
    FLAT_BACK,
    BERIMBOLO;

    /** {@return the pose that shows that position best} */
    public static Pose of(Position position) {
        return switch (position.key()) {
            case "single-leg-held", "double-legs-held" -> SINGLE_LEG;
            case "front-headlock", "standing-front-headlock" -> FRONT_HEADLOCK;
            case "standing", "standing-apart" -> STANDING;
            case "north-south" -> NORTH_SOUTH;
            case "knee-shield" -> KNEE_SHIELD;
            case "standing-grips", "collar-tie", "two-on-one-tie" -> TIE;
            case "seated-guard", "shin-to-shin-guard" -> SEATED;
            case "butterfly-guard", "half-butterfly-guard" -> BUTTERFLY;
            case "de-la-riva-guard", "reverse-de-la-riva-guard" -> DE_LA_RIVA;
            case "spider-guard", "lasso-guard", "double-lasso-guard", "collar-sleeve-guard", "double-sleeve-guard" ->
                SPIDER;
            case "x-guard", "single-leg-x-guard" -> X_GUARD;
            case "inside-leg-entanglement", "cross-leg-entanglement" -> SADDLE;
            case "fifty-fifty", "backside-fifty-fifty" -> FIFTY_FIFTY;
            case "rear-body-lock" -> REAR_BODY_LOCK;
            case "front-body-lock", "double-underhooks" -> FRONT_BODY_LOCK;
            case "hookless-back" -> HOOKLESS_BACK;
            case "one-hook-back" -> ONE_HOOK_BACK;
            case "back-body-triangle" -> BODY_TRIANGLE;
            case "flat-back" -> FLAT_BACK;
            case "closed-guard" -> CLOSED_GUARD;
            case "knee-on-belly" -> KNEE_ON_BELLY;
            case "mount", "technical-mount" -> MOUNT;
            case "armlock-hold" -> ARMLOCK;
            default ->
                switch (position.family()) {
                    case STANDING -> CLINCH;
                    case NONE -> SCRAMBLE;
                    case GUARD, PASSING -> OPEN_GUARD;
                    case LEGS -> LEG_ENTANGLEMENT;
                    case HALF -> HALF_GUARD;
                    case TURTLE -> TURTLE;
                    case PIN -> SIDE_CONTROL;
                    case FINISH -> TRIANGLE;
                    case BACK -> BACK;
                };
        };
    }
}
