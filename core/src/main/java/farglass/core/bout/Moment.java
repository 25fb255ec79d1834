package farglass.core.bout;

import farglass.core.side.Seat;
import farglass.core.side.Settled;
import java.util.Optional;
import java.util.OptionalLong;

/**
 * One thing that happened in a bout.
 *
 * @param id unique within its bout
 * @param atMicros when, in microseconds on the bout's own timeline; empty where only the order is known
 * @param actor who did it; empty for the referee's stops and for what cannot be told
 */
public record Moment(
        String id, OptionalLong atMicros, Optional<Seat> actor, Deed deed, Optional<Settled> settled, Telling telling) {
    public Moment {
        if (id.isBlank()) {
            throw new IllegalArgumentException("A moment needs an id.");
        }
        if (atMicros.isPresent() && atMicros.getAsLong() < 0) {
            throw new IllegalArgumentException("A moment cannot be before its bout: " + atMicros.getAsLong() + " us");
        }
    }

    /** {@return the key of the technique done, if the moment has a named one; of an unnamed one the general entry of its kind} */
    public Optional<String> technique() {
        return deed.did().or(() -> deed.unnamed().flatMap(Deed.Unnamed::kind));
    }

    public boolean became(Became what) {
        return telling.became().filter(what::equals).isPresent();
    }

    /** {@return whether it is told that it reached what it was for: held, worked, taken} */
    public boolean succeeded() {
        return telling.became().filter(Became::isSuccess).isPresent();
    }

    public Moment at(long micros) {
        return new Moment(id, OptionalLong.of(micros), actor, deed, settled, telling);
    }

    public Moment by(Optional<Seat> newActor) {
        return new Moment(id, atMicros, newActor, deed, settled, telling);
    }

    public Moment with(Telling newTelling) {
        return new Moment(id, atMicros, actor, deed, settled, newTelling);
    }

    /**
     * {@return the moment with the two athletes exchanged: what was one's is the other's, sides and grips with it} For who was
     * taken for the other.
     */
    public Moment exchanged() {
        return new Moment(
                id, atMicros, actor.map(Seat::other), deed, settled.map(Settled::exchanged), telling.exchanged());
    }

    /** {@return the same in a bout seen in a mirror} */
    Moment mirrored() {
        return new Moment(id, atMicros, actor, deed, settled.map(Settled::mirrored), telling.mirrored());
    }
}
