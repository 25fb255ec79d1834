package farglass.core.state;

import farglass.core.entry.Position;
import farglass.core.entry.Role;
import farglass.core.side.Seat;
import java.util.Optional;

/**
 * A position with who is on top; empty where nobody is, or nobody can tell.
 *
 * @param passing where legs are entangled: who was on top before, and so was passing; empty elsewhere and where nobody was
 */
public record Stand(Position position, Optional<Seat> top, Optional<Seat> passing) {
    public Stand(Position position, Optional<Seat> top) {
        this(position, top, Optional.empty());
    }

    /** {@return the part that athlete has in it} */
    public Role roleOf(Seat seat) {
        return top.map(who -> who == seat ? Role.TOP : Role.BOTTOM).orElse(Role.NEUTRAL);
    }
}
