package farglass.core.scribe;

import farglass.core.bout.Bout;
import farglass.core.scribe.typed.ActorWords;
import farglass.core.side.Seat;
import farglass.core.state.Stand;
import java.util.Optional;

/**
 * Where a line is typed.
 *
 * @param now where the two stand at that instant: it settles who can have done it, where only one could, and which of several
 *     things a word means
 * @param answerable id of the moment that the word "answers" refers to
 * @param before how many of the bout's moments lie before it
 * @param landing who comes out on top of what the same line told before: a place reached behind it is reached so
 */
public record LinePlace(Bout bout, Stand now, Optional<String> answerable, int before, Optional<Seat> landing) {
    public LinePlace(Bout bout, Stand now, Optional<String> answerable, int before) {
        this(bout, now, answerable, before, Optional.empty());
    }

    /** {@return the place at the end of the bout, with no moment chosen} */
    public static LinePlace end(Bout bout, Stand now) {
        return new LinePlace(bout, now, Optional.empty(), bout.moments().size());
    }

    /** {@return the same, behind what brings that one out on top} */
    public LinePlace landing(Optional<Seat> top) {
        return new LinePlace(bout, now, answerable, before, top);
    }

    /** {@return who is meant by a word there} */
    public ActorWords actors() {
        return new ActorWords(bout, now);
    }
}
