package farglass.core.said;

import farglass.core.bout.Became;
import farglass.core.bout.Deed;
import farglass.core.bout.Header;
import farglass.core.entry.Kind;
import farglass.core.entry.Meaning;
import farglass.core.entry.Position;
import farglass.core.entry.Role;
import farglass.core.entry.Technique;
import farglass.core.entry.Term;
import farglass.core.lexicon.Lexicon;
import farglass.core.naming.Here;
import farglass.core.naming.Naming;
import farglass.core.side.Seat;
import farglass.core.side.Settled;
import farglass.core.state.Stand;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;

/**
 * What a phrase says that somebody did, where the two are: the one reader for bout files and for the line one types into, so that both
 * read the same words the same way. A phrase that names nothing, or several things, is kept as it stands.
 *
 * @param deed what is meant; the words themselves where that is not clear
 * @param settled where the two are then, for a phrase that names a place
 * @param how how it was understood; empty where the words were kept
 * @param others what it could mean where it could mean several things, else what is near; the likeliest first
 * @param unclear whether it means several things, of which a person has to choose
 * @param manner what the phrase itself says of how it went
 */
public record Said(
        Deed deed,
        Optional<Settled> settled,
        Optional<Naming.How> how,
        List<Term> others,
        boolean unclear,
        MannerTold manner) {
    /** So many other meanings are worth reading. */
    private static final int MOST_OTHERS = 5;

    /** What leads to a place without being more than the way there. */
    private static final Set<Kind> WAYS =
            EnumSet.of(Kind.TRANSITION, Kind.GUARD_CHANGE, Kind.PASS_ENTRY, Kind.ENTRY, Kind.PULL, Kind.DEFENCE);

    public Said {
        others = List.copyOf(others);
    }

    public Said(Deed deed, Optional<Settled> settled, Optional<Naming.How> how, List<Term> others, boolean unclear) {
        this(deed, settled, how, others, unclear, MannerTold.NOT_TOLD);
    }

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

    /**
     * {@return what the phrase says}
     *
     * @param became what became of it, if that is told
     * @param hint what else is told that says what sort of thing is meant
     */
    public static Said of(
            String phrase,
            Optional<Seat> actor,
            Scene scene,
            Optional<Became> became,
            Naming.Hint hint,
            Lexicon lexicon) {
        return of(phrase, actor, scene, became, hint, lexicon, true);
    }

    /** @param suggesting whether entries that may have been meant are looked for, where it names none: the longest part of the work */
    public static Said of(
            String phrase,
            Optional<Seat> actor,
            Scene scene,
            Optional<Became> became,
            Naming.Hint hint,
            Lexicon lexicon,
            boolean suggesting) {
        Here here = scene.by(actor);
        Naming naming = lexicon.naming();
        if (Passive.act(phrase).isPresent()) {
            // The act is the other's: read as one's own, it would be credited to whoever suffered it.
            return kept(phrase, List.of(), false, Optional.empty());
        }
        Optional<Naming.Found> found = naming.read(phrase, here, hint).or(() -> naming.mended(phrase, here, hint));
        if (found.isEmpty()) {
            return new WordsAround(phrase, actor, scene, became, hint, lexicon)
                    .said()
                    .orElseGet(() -> kept(
                            phrase,
                            suggesting ? naming.near(phrase, here, MOST_OTHERS) : List.of(),
                            false,
                            naming.kind(phrase, here)));
        }
        if (found.get().clear().isEmpty()) {
            List<Term> terms = found.get().terms();
            return kept(phrase, terms, true, lexicon.generalOf(terms).map(Technique::key));
        }
        return meant(found.get().clear().get(), phrase, found.get().how(), actor, here, became, lexicon);
    }

    static Said reached(Position place, Seat top) {
        return new Said(
                new Deed.Reached(),
                Optional.of(new Settled(place.key(), Optional.of(top).filter(seat -> place.hasTop()), false)),
                Optional.of(Naming.How.FORM),
                List.of(),
                false);
    }

    /** {@return the same, with where it ended and how it went} */
    Said with(Optional<Settled> where, MannerTold went) {
        return new Said(deed, where, how, others, unclear, went);
    }

    /** @param kind the general entry for what it was, if that much is clear: a sweep, though not which */
    private static Said kept(String phrase, List<Term> others, boolean unclear, Optional<String> kind) {
        return new Said(new Deed.Unnamed(phrase, kind), Optional.empty(), Optional.empty(), others, unclear);
    }

    /** {@return that entry, done or reached} For a person who chose it among several. */
    public static Said meaning(
            Term term, String phrase, Optional<Seat> actor, Scene scene, Optional<Became> became, Lexicon lexicon) {
        return meant(term, phrase, Naming.How.WRITTEN, actor, scene.by(actor), became, lexicon);
    }

    private static Said meant(
            Term term,
            String phrase,
            Naming.How how,
            Optional<Seat> actor,
            Here here,
            Optional<Became> became,
            Lexicon lexicon) {
        if (term.asPosition().isEmpty()) {
            return new Said(new Deed.Did(term.key()), Optional.empty(), Optional.of(how), List.of(), false);
        }
        Position place = term.asPosition().get();
        if (became.isPresent() && !became.get().isSuccess()) {
            // A place that was only threatened was not reached: meant is the way there.
            List<Term> ways = lexicon.techniques().stream()
                    .filter(technique ->
                            WAYS.contains(technique.kind()) && technique.to().equals(List.of(place.key())))
                    .filter(technique -> lexicon.naming().fitsHere(technique, here))
                    .map(Term.class::cast)
                    .toList();
            return ways.size() == 1
                    ? new Said(new Deed.Did(ways.get(0).key()), Optional.empty(), Optional.of(how), List.of(), false)
                    : kept(
                            phrase,
                            ways,
                            ways.size() > 1,
                            lexicon.generalOf(ways).map(Technique::key));
        }
        // Who is on top and lands in a guard is still on top.
        boolean stays = here.role() == Role.TOP
                && place.hasTop()
                && (place.means(Meaning.TURTLE) || lexicon.naming().arrives(phrase));
        return stays
                ? reached(place, actor.orElseThrow())
                : new Said(new Deed.Reached(), Optional.of(reached(place, actor)), Optional.of(how), List.of(), false);
    }

    /** {@return that place, with whoever plays it: a guard, or turtle, is played from underneath, any other place is had from the top} */
    public static Settled reached(Position place, Optional<Seat> actor) {
        boolean underneath = place.family().isGuard() || place.means(Meaning.TURTLE);
        Function<Seat, Seat> top = seat -> underneath ? seat.other() : seat;
        return new Settled(place.key(), place.hasTop() ? actor.map(top) : Optional.empty(), false);
    }
}
