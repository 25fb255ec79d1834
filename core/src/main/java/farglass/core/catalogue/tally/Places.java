package farglass.core.catalogue.tally;

import farglass.core.entry.Role;
import farglass.core.side.Seat;
import farglass.core.state.Stand;

/** Where somebody is, as coarsely as a coach says it. */
public final class Places {
    public static final String ON_TOP = "on top";
    public static final String UNDERNEATH = "underneath";
    public static final String ENTANGLED = "legs entangled";
    public static final String STANDING = "on the feet";
    public static final String NOT_TOLD = "place not told";

    private Places() {}

    /** {@return on the feet, on top, underneath or with the legs entangled} */
    public static String broad(Stand stand, Seat seat) {
        return switch (stand.position().family()) {
            case STANDING -> STANDING;
            case LEGS -> ENTANGLED;
            case NONE -> byRole(stand, seat, NOT_TOLD);
            default -> byRole(stand, seat, NOT_TOLD);
        };
    }

    private static String byRole(Stand stand, Seat seat, String otherwise) {
        Role role = stand.roleOf(seat);
        return role == Role.TOP ? ON_TOP : role == Role.BOTTOM ? UNDERNEATH : otherwise;
    }

    /** {@return where a stay of that athlete led: to the top, past the legs, to the back, to the feet} */
    public static String ledTo(Stand stand, Seat seat) {
        boolean top = stand.roleOf(seat) == Role.TOP;
        return switch (stand.position().family()) {
            case STANDING -> "the feet";
            case LEGS -> ENTANGLED;
            case GUARD, HALF, PASSING -> top ? "the top of a guard" : "a guard underneath";
            case TURTLE -> top ? "the top of turtle" : "turtle";
            case PIN -> top ? "a pin on top" : "a pin underneath";
            case BACK -> top ? "the other\u2019s back" : "the back given";
            case FINISH -> top ? "a finishing hold" : "a hold of the other\u2019s";
            case NONE -> top ? "the top, place not told" : NOT_TOLD;
        };
    }
}
