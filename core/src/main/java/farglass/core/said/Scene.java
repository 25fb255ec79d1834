package farglass.core.said;

import farglass.core.bout.Header;
import farglass.core.entry.Role;
import farglass.core.naming.Here;
import farglass.core.side.Seat;
import farglass.core.state.Stand;
import java.util.Optional;

/**
 * Where something is said.
 *
 * @param now where the two are
 * @param strikes whether the rules of the bout know blows
 */
public record Scene(Stand now, boolean strikes) {
    public static Scene of(Stand now, Header header) {
        return new Scene(now, header.knowsBlows());
    }

    /** {@return the same for whoever acts; for either where that is not told} */
    public Here by(Optional<Seat> actor) {
        return new Here(now.position(), actor.map(now::roleOf).orElse(Role.ANY), strikes);
    }
}
