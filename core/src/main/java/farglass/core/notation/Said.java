package farglass.core.notation;

import farglass.core.bout.Became;
import farglass.core.bout.Deed;
import farglass.core.bout.Header;
import farglass.core.bout.Seat;
import farglass.core.bout.Settled;
import farglass.core.lexicon.Ends;
import farglass.core.lexicon.Family;
import farglass.core.lexicon.Here;
import farglass.core.lexicon.Kind;
import farglass.core.lexicon.Lexicon;
import farglass.core.lexicon.Naming;
import farglass.core.lexicon.Position;
import farglass.core.lexicon.Role;
import farglass.core.lexicon.Technique;
import farglass.core.lexicon.Term;
import farglass.core.lexicon.Words;
import farglass.core.state.Stand;
import farglass.core.state.Whereabouts;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
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
 * @param became what the phrase itself says of what became of it: "loses the underhook"; empty for most
 */
public record Said(
        Deed deed,
        Optional<Settled> settled,
        Optional<Naming.How> how,
        List<Term> others,
        boolean unclear,
        Optional<Became> became) {
    /** So many other meanings are worth reading. */
    private static final int MOST_OTHERS = 5;

    /** What leads to a place without being more than the way there. */
    private static final Set<Kind> WAYS =
            EnumSet.of(Kind.TRANSITION, Kind.GUARD_CHANGE, Kind.PASS_ENTRY, Kind.ENTRY, Kind.PULL, Kind.DEFENCE);

    public Said {
        others = List.copyOf(others);
    }

    Said(Deed deed, Optional<Settled> settled, Optional<Naming.How> how, List<Term> others, boolean unclear) {
        this(deed, settled, how, others, unclear, Optional.empty());
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
        Here here = scene.by(actor);
        Naming naming = lexicon.naming();
        if (Passive.act(phrase).isPresent()) {
            // The act is the other's: read as one's own, it would be credited to whoever suffered it.
            return kept(phrase, List.of(), false, Optional.empty());
        }
        Optional<Naming.Found> found = naming.read(phrase, here, hint).or(() -> naming.mended(phrase, here, hint));
        if (found.isEmpty()) {
            Optional<String> bare = fromHere(phrase, here, lexicon);
            if (bare.isPresent()) {
                return of(bare.get(), actor, scene, became, hint, lexicon);
            }
        }
        Optional<Said> outcome = found.isPresent() ? Optional.empty() : outcome(phrase, actor, scene, hint, lexicon);
        if (outcome.isPresent()) {
            return outcome.get();
        }
        Optional<Said> ended =
                found.isPresent() ? Optional.empty() : ended(phrase, actor, scene, became, hint, lexicon);
        if (ended.isPresent()) {
            return ended.get();
        }
        Optional<Said> placed = found.isPresent() ? Optional.empty() : placed(phrase, actor, lexicon);
        if (placed.isPresent()) {
            return placed.get();
        }
        if (found.isEmpty()) {
            return kept(phrase, naming.near(phrase, here, MOST_OTHERS), false, naming.kind(phrase, here));
        }
        if (found.get().clear().isEmpty()) {
            List<Term> terms = found.get().terms();
            return kept(phrase, terms, true, lexicon.generalOf(terms).map(Technique::key));
        }
        return meant(found.get().clear().get(), phrase, found.get().how(), actor, here, became, lexicon);
    }

    /** "Loses the underhook": the name behind a verb that says what became of it. */
    private static Optional<Said> outcome(
            String phrase, Optional<Seat> actor, Scene scene, Naming.Hint hint, Lexicon lexicon) {
        return OutcomeVerb.in(phrase).flatMap(verb -> {
            Said named = of(verb.named(), actor, scene, Optional.of(verb.became()), hint, lexicon);
            boolean fits = technique(named, lexicon).filter(verb::fits).isPresent();
            return fits
                    ? Optional.of(new Said(
                            named.deed(),
                            named.settled(),
                            named.how(),
                            named.others(),
                            false,
                            Optional.of(verb.became())))
                    : Optional.empty();
        });
    }

    private static final List<String> TO = List.of(" straight to ", " into ", " to ");

    /** "Passes to side control", "sweeps to mount": what was done, and where it ended. Not of what came to nothing. */
    private static Optional<Said> ended(
            String phrase,
            Optional<Seat> actor,
            Scene scene,
            Optional<Became> became,
            Naming.Hint hint,
            Lexicon lexicon) {
        if (actor.isEmpty() || became.isPresent() && !became.get().isSuccess()) {
            return Optional.empty();
        }
        for (String to : TO) {
            int at = phrase.toLowerCase(Locale.ROOT).lastIndexOf(to);
            Optional<Position> place = at > 0 ? lexicon.place(phrase.substring(at + to.length())) : Optional.empty();
            if (place.isPresent() && Naming.isLight(phrase.substring(0, at))) {
                // "Switches to three quarter mount": whoever is on top stays there.
                boolean top = scene.by(actor).role() == Role.TOP
                        || !place.get().family().isGuard();
                return Optional.of(
                        reached(place.get(), top ? actor.get() : actor.get().other()));
            }
            if (place.isPresent()) {
                Said done = of(phrase.substring(0, at), actor, scene, became, hint, lexicon);
                return technique(done, lexicon)
                        .filter(technique -> !technique.kind().movesNobody()
                                && !technique.to().isEmpty())
                        .flatMap(technique -> whereEnded(place.get(), technique, actor.get()))
                        .map(where -> new Said(
                                done.deed(),
                                Optional.of(where),
                                done.how(),
                                done.others(),
                                false,
                                Optional.of(Became.HELD)));
            }
        }
        return Optional.empty();
    }

    /** {@return that place as the technique ends there; empty where the technique does not say who is on top of it} */
    private static Optional<Settled> whereEnded(Position place, Technique technique, Seat actor) {
        if (place.hasTop() == (technique.ends() != Ends.NOBODY)) {
            return Optional.of(new Settled(place.key(), Whereabouts.top(technique, actor), false));
        }
        // Whoever escapes to a guard or to turtle is still underneath.
        return technique.kind() == Kind.ESCAPE && place.hasTop()
                ? Optional.of(new Settled(place.key(), Optional.of(actor.other()), false))
                : Optional.empty();
    }

    private static Optional<Technique> technique(Said said, Lexicon lexicon) {
        return said.deed() instanceof Deed.Did did ? lexicon.technique(did.technique()) : Optional.empty();
    }

    private static final List<String> FROM = List.of(" from the ", " from ", " in the ", " in ");
    /** Said behind a phrase, and telling nothing that the order of moments does not. */
    private static final List<String> AGAIN = List.of(" again", " once more", " now");

    /** Families whose places people call by one name: "from the back" is said of every way to have it. */
    private static final Set<Family> ONE_NAME = EnumSet.of(Family.BACK, Family.HALF, Family.TURTLE, Family.LEGS);

    /** "Kimura from half guard", said in half guard: {@return the words without what is known: the place, the role in it, "again"} */
    private static Optional<String> fromHere(String phrase, Here here, Lexicon lexicon) {
        String lower = phrase.toLowerCase(Locale.ROOT);
        for (String again : AGAIN) {
            if (lower.endsWith(again)) {
                return Optional.of(phrase.substring(0, phrase.length() - again.length()));
            }
        }
        for (String from : FROM) {
            int at = lower.lastIndexOf(from);
            if (at > 0 && isHere(lower.substring(at + from.length()), here, lexicon)) {
                return Optional.of(phrase.substring(0, at));
            }
        }
        return Optional.empty();
    }

    private static boolean isHere(String place, Here here, Lexicon lexicon) {
        if (ON_TOP.contains(place) || UNDERNEATH.contains(place)) {
            return here.role() == (ON_TOP.contains(place) ? Role.TOP : Role.BOTTOM);
        }
        return lexicon.place(place)
                .filter(named -> named.equals(here.position())
                        || named.family() == here.position().family() && ONE_NAME.contains(named.family()))
                .isPresent();
    }

    private static final List<String> ON_TOP = List.of("on top", "on the top", "top");
    private static final List<String> UNDERNEATH =
            List.of("underneath", "under", "on the bottom", "on bottom", "bottom");
    private static final List<String> WITHIN = List.of(" in the ", " in ", " of ", " from ");
    private static final List<String> IN_THE_OTHERS =
            List.of("in her ", "in his ", "in their ", "inside her ", "inside his ", "inside their ");
    private static final String ON_THE_GROUND = "ground-not-told";

    /** "Half guard on top", "on top in mount" and "mount underneath": a place, and where whoever is named is in it. */
    private static Optional<Said> placed(String phrase, Optional<Seat> actor, Lexicon lexicon) {
        String plain = Words.plain(phrase);
        if (actor.isEmpty()) {
            return Optional.empty();
        }
        for (String in : IN_THE_OTHERS) {
            if (plain.startsWith(in)) {
                return lexicon.place(plain.substring(in.length()))
                        .filter(Position::hasTop)
                        .map(place -> reached(place, actor.get()));
            }
        }
        return within(plain, ON_TOP, lexicon)
                .map(place -> reached(place, actor.get()))
                .or(() -> within(plain, UNDERNEATH, lexicon)
                        .map(place -> reached(place, actor.get().other())));
    }

    /** {@return the place of which the words say that somebody is so in it} */
    private static Optional<Position> within(String plain, List<String> wheres, Lexicon lexicon) {
        for (String where : wheres) {
            if (plain.equals(where)) {
                return lexicon.position(ON_THE_GROUND);
            }
            if (plain.endsWith(" " + where)) {
                return lexicon.place(plain.substring(0, plain.length() - where.length() - 1))
                        .filter(Position::hasTop);
            }
            for (String in : WITHIN) {
                if (plain.startsWith(where + in)) {
                    return lexicon.place(plain.substring(where.length() + in.length()))
                            .filter(Position::hasTop);
                }
            }
        }
        return Optional.empty();
    }

    private static Said reached(Position place, Seat top) {
        return new Said(
                new Deed.Reached(),
                Optional.of(new Settled(place.key(), Optional.of(top).filter(seat -> place.hasTop()), false)),
                Optional.of(Naming.How.FORM),
                List.of(),
                false);
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
        if (term instanceof Technique technique) {
            return new Said(new Deed.Did(technique.key()), Optional.empty(), Optional.of(how), List.of(), false);
        }
        Position place = (Position) term;
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
        boolean stays =
                here.role() == Role.TOP && place.hasTop() && lexicon.naming().arrives(phrase);
        return stays
                ? reached(place, actor.orElseThrow())
                : new Said(new Deed.Reached(), Optional.of(reached(place, actor)), Optional.of(how), List.of(), false);
    }

    /** {@return that place, with whoever plays it: a guard is played from underneath, any other place is had from the top} */
    public static Settled reached(Position place, Optional<Seat> actor) {
        Function<Seat, Seat> top = seat -> place.family().isGuard() ? seat.other() : seat;
        return new Settled(place.key(), place.hasTop() ? actor.map(top) : Optional.empty(), false);
    }
}
