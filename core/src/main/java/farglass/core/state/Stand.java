package farglass.core.state;

import farglass.core.bout.Seat;
import farglass.core.lexicon.Position;
import farglass.core.lexicon.Role;
import java.util.Optional;

/** A position with who is on top; empty where nobody is, or nobody can tell. */
public record Stand(Position position, Optional<Seat> top) {
    /** {@return the part that athlete has in it} */
    public Role roleOf(Seat seat) {
        return top.map(who -> who == seat ? Role.TOP : Role.BOTTOM).orElse(Role.NEUTRAL);
    }
}
