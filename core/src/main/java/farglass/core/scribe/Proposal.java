package farglass.core.scribe;

import farglass.core.bout.Deed;
import farglass.core.bout.Moment;
import farglass.core.bout.Telling;
import farglass.core.lexicon.Lexicon;
import farglass.core.side.Seat;
import farglass.core.side.Settled;
import farglass.core.state.Stand;
import farglass.core.state.Whereabouts;
import java.util.Optional;
import java.util.OptionalLong;

/** A moment without a time and an id: what Enter or a digit would save. */
public record Proposal(Optional<Seat> actor, Deed deed, Optional<Settled> settled, Telling telling) {
    /**
     * {@return the moment, with the position that the rules of the sport settle filled in as worked out}
     *
     * @param now where the two are before it
     */
    public Moment at(String id, OptionalLong micros, Stand now, Lexicon lexicon) {
        Moment moment = new Moment(id, micros, actor, deed, settled, telling);
        return settled.isPresent()
                ? moment
                : new Moment(id, micros, actor, deed, Whereabouts.workedOut(now, moment, lexicon), telling);
    }
}
