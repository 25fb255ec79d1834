package farglass.core.said;

import farglass.core.bout.Deed;
import farglass.core.entry.Meaning;
import farglass.core.entry.Position;
import farglass.core.entry.Term;
import farglass.core.naming.Naming;
import farglass.core.side.Seat;
import farglass.core.side.Settled;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;

/**
 * What a phrase says that somebody did.
 *
 * @param deed what is meant; the words themselves where that is not clear
 * @param settled where the two are then, for a phrase that names a place
 * @param how how it was understood; empty where the words were kept
 * @param others what it could mean where it could mean several things, the likeliest first
 * @param unclear whether it means several things, of which a person has to choose
 * @param manner what the phrase itself says of how it went
 */
public record PhraseMeaning(
        Deed deed,
        Optional<Settled> settled,
        Optional<Naming.How> how,
        List<Term> others,
        boolean unclear,
        MannerTold manner) {
    public PhraseMeaning {
        others = List.copyOf(others);
    }

    PhraseMeaning(Deed deed, Optional<Settled> settled, Optional<Naming.How> how, List<Term> others, boolean unclear) {
        this(deed, settled, how, others, unclear, MannerTold.NOT_TOLD);
    }

    /** {@return that technique, done} */
    public static PhraseMeaning done(String technique, Naming.How how) {
        return new PhraseMeaning(new Deed.Did(technique), Optional.empty(), Optional.of(how), List.of(), false);
    }

    static PhraseMeaning reached(Position place, Seat top) {
        return new PhraseMeaning(
                new Deed.Reached(),
                Optional.of(new Settled(place.key(), Optional.of(top).filter(seat -> place.hasTop()), false)),
                Optional.of(Naming.How.FORM),
                List.of(),
                false);
    }

    /** {@return whether it was understood, and nothing had to be mended for that} */
    public boolean isSure() {
        return how.filter(understood -> understood != Naming.How.MENDED).isPresent();
    }

    /** {@return the same, with where it ended and how it went} */
    PhraseMeaning with(Optional<Settled> where, MannerTold went) {
        return new PhraseMeaning(deed, where, how, others, unclear, went);
    }

    /** @param kind the general entry for what it was, if that much is clear: a sweep, though not which */
    static PhraseMeaning kept(String phrase, List<Term> others, boolean unclear, Optional<String> kind) {
        return new PhraseMeaning(new Deed.Unnamed(phrase, kind), Optional.empty(), Optional.empty(), others, unclear);
    }

    /** {@return that place, with whoever plays it: a guard, or turtle, is played from underneath, any other place is had from the top} */
    public static Settled reached(Position place, Optional<Seat> actor) {
        boolean underneath = place.family().isGuard() || place.means(Meaning.TURTLE);
        Function<Seat, Seat> top = seat -> underneath ? seat.other() : seat;
        return new Settled(place.key(), place.hasTop() ? actor.map(top) : Optional.empty(), false);
    }
}
