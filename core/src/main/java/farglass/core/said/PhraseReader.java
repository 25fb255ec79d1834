package farglass.core.said;

import farglass.core.bout.Became;
import farglass.core.bout.Deed;
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
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * Reads phrases where the two are: the one reader for bout files and for the line one types into, so that both
 * read the same words the same way. A phrase that names nothing, or several things, is kept as it stands.
 */
public final class PhraseReader {
    /** What leads to a place without being more than the way there. */
    private static final Set<Kind> WAYS =
            EnumSet.of(Kind.TRANSITION, Kind.GUARD_CHANGE, Kind.PASS_ENTRY, Kind.ENTRY, Kind.PULL, Kind.DEFENCE);

    private PhraseReader() {}

    /**
     * {@return what the phrase says}
     *
     * @param became what became of it, if that is told
     * @param hint what else is told that says what sort of thing is meant
     */
    public static PhraseMeaning read(
            String phrase,
            Optional<Seat> actor,
            Scene scene,
            Optional<Became> became,
            Naming.Hint hint,
            Lexicon lexicon) {
        Here here = scene.by(actor);
        Naming naming = lexicon.naming();
        if (Passive.in(phrase).isPresent()) {
            // The act is the other's: read as one's own, it would be credited to whoever suffered it.
            return PhraseMeaning.kept(phrase, List.of(), false, Optional.empty());
        }
        WordsAround.Part read = (part, told) -> read(part, actor, scene, told, hint, lexicon);
        Optional<Naming.Found> found = naming.read(phrase, here, hint).or(() -> naming.mended(phrase, here, hint));
        if (found.isEmpty()) {
            return new WordsAround(phrase, actor, scene, became, lexicon, read)
                    .meaning()
                    .orElseGet(() -> PhraseMeaning.kept(phrase, List.of(), false, naming.kind(phrase, here)));
        }
        if (found.get().clear().isEmpty()) {
            List<Term> terms = found.get().terms();
            return PhraseMeaning.kept(
                    phrase, terms, true, lexicon.generalOf(terms).map(Technique::key));
        }
        return meant(found.get().clear().get(), phrase, found.get().how(), actor, here, became, lexicon);
    }

    /**
     * {@return the other's act, where the phrase tells clearly what whoever is named suffers: "gets swept", "taps to the armbar"} See
     * {@link MannerTold#suffered}.
     */
    public static Optional<PhraseMeaning> suffered(
            String phrase,
            Optional<Seat> actor,
            Scene scene,
            Optional<Became> became,
            Naming.Hint hint,
            Lexicon lexicon) {
        Optional<Passive> suffered = Passive.in(phrase).filter(passive -> passive.clear() && actor.isPresent());
        return suffered.flatMap(passive -> {
            PhraseMeaning act = read(passive.act(), actor.map(Seat::other), scene, became, hint, lexicon);
            return Optional.of(act.with(act.settled(), passive.manner(act.manner())))
                    .filter(PhraseMeaning::isSure)
                    .filter(read -> passive.canBe(read.deed().did().flatMap(lexicon::technique)));
        });
    }

    /**
     * {@return the entry most likely meant by words that name nothing} Empty for what somebody suffers, where it would be her own act, and
     * for a place that was only threatened, which has a name.
     */
    public static Optional<Term> nearest(String phrase, Optional<Seat> actor, Scene scene, Lexicon lexicon) {
        Here here = scene.by(actor);
        Naming naming = lexicon.naming();
        return Passive.in(phrase).isPresent()
                        || naming.read(phrase, here, Naming.Hint.NONE).isPresent()
                ? Optional.empty()
                : naming.near(phrase, here, 1).stream().findFirst();
    }

    /** {@return that entry, done or reached} For a person who chose it among several. */
    public static PhraseMeaning meaning(
            Term term, String phrase, Optional<Seat> actor, Scene scene, Optional<Became> became, Lexicon lexicon) {
        return meant(term, phrase, Naming.How.WRITTEN, actor, scene.by(actor), became, lexicon);
    }

    private static PhraseMeaning meant(
            Term term,
            String phrase,
            Naming.How how,
            Optional<Seat> actor,
            Here here,
            Optional<Became> became,
            Lexicon lexicon) {
        if (term.asPosition().isEmpty()) {
            return PhraseMeaning.done(term.key(), how);
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
                    ? PhraseMeaning.done(ways.get(0).key(), how)
                    : PhraseMeaning.kept(
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
                ? PhraseMeaning.reached(place, actor.orElseThrow())
                : new PhraseMeaning(
                        new Deed.Reached(),
                        Optional.of(PhraseMeaning.reached(place, actor)),
                        Optional.of(how),
                        List.of(),
                        false);
    }
}
