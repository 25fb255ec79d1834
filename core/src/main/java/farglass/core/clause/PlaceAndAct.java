package farglass.core.clause;

import farglass.core.entry.Family;
import farglass.core.entry.Kind;
import farglass.core.entry.Position;
import farglass.core.entry.Term;
import farglass.core.scribe.LinePlace;
import farglass.core.scribe.typed.ActorWords;
import farglass.core.side.Seat;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.IntStream;

/** An act with the place where it began, of which nobody had told: "armbar from mount", "knee on belly to armbar". The place is told first. */
final class PlaceAndAct {
    private static final Pattern FROM =
            Pattern.compile(" (?:from the|from|out of|d[aeo]s?) ", Pattern.CASE_INSENSITIVE);

    private static final Pattern THEN =
            Pattern.compile(" (?:straight to|straight into|into|to|and then|then|and) ", Pattern.CASE_INSENSITIVE);

    /** Back to something, and on nobody's back. */
    static final Pattern GOES_BACK = Pattern.compile(".*(?<!the|her|his|their) back", Pattern.CASE_INSENSITIVE);

    private static final Pattern LANDS =
            Pattern.compile("(\\S+ .+) (?:lands|landed|landing) ((?:in|on) .+)", Pattern.CASE_INSENSITIVE);

    private static final Pattern AND = Pattern.compile("\\b(?:and|then)\\b", Pattern.CASE_INSENSITIVE);

    private final ClauseReader reader;

    PlaceAndAct(ClauseReader reader) {
        this.reader = reader;
    }

    /** "Armbar from mount" while nobody has told of the mount. */
    Optional<List<Clause>> begunFrom(String text, LinePlace place, Optional<Seat> actor) {
        Matcher from = FROM.matcher(text);
        while (actor.isPresent() && from.find()) {
            boolean out = from.group().strip().equalsIgnoreCase("out of");
            String act = text.substring(0, from.start());
            List<Clause> places =
                    begun(actor.get(), text.substring(from.end()), place, List.of(" ", " lands in ")).stream()
                            .filter(reached -> !isTurnedRound(reached, place))
                            .toList();
            Optional<List<Clause>> told = doneHere(places, act, place, actor.get());
            if (told.isPresent()) {
                return told;
            }
            Optional<List<Clause>> begun = doneThere(
                            out || escapes(act, place) ? heldFirst(places, actor.get()) : places, act)
                    .filter(both -> !out || isNoAttack(both.get(0)) || isAttack(both.get(1)));
            if (begun.isPresent()) {
                return begun;
            }
        }
        return Optional.empty();
    }

    /** "Double leg lands in half guard": the act, and where it ended. */
    Optional<List<Clause>> landed(String text, LinePlace place) {
        Matcher lands = LANDS.matcher(text);
        return lands.matches()
                ? reader.clause(lands.group(1), place)
                        .filter(done ->
                                done.isSure() && done.isDone() && done.actor().isPresent())
                        .flatMap(done -> reader.clause(
                                        done.actor().orElseThrow() + " lands " + lands.group(2), reader.after(done))
                                .filter(Clause::isPlace)
                                .map(where -> List.of(done, where)))
                : Optional.empty();
    }

    /** "Knee cut side control": a pin right behind what brings somebody there is where it ended. */
    Optional<List<Clause>> pinned(String text, LinePlace place) {
        List<String> words = List.of(text.split("\\s+"));
        return IntStream.range(2, words.size())
                .boxed()
                .filter(at -> reader.lexicon().place(from(words, at)).isPresent())
                .findFirst()
                .filter(at -> isPin(from(words, at)))
                .flatMap(at -> {
                    String act = String.join(" ", words.subList(0, at));
                    String where = from(words, at);
                    return reader.clause(act, place)
                            .filter(done -> done.isSure() && done.isDone() && brings(done))
                            .flatMap(done -> reader.clause(act + " to " + where, place)
                                    .filter(ended -> ended.isSameDeed(done)
                                            && ended.settled().isPresent())
                                    .map(List::of));
                });
    }

    private static String from(List<String> words, int at) {
        return String.join(" ", words.subList(at, words.size()));
    }

    /** "On the knees" is no knee on the belly: only its very words tell of a pin. */
    private boolean isPin(String where) {
        return reader.lexicon()
                .owner(where)
                .flatMap(Term::asPosition)
                .filter(position -> position.family() == Family.PIN)
                .isPresent();
    }

    /** Nobody passes or sweeps a pin, but one gets out of it, or finishes there. */
    private boolean brings(Clause done) {
        return reader.technique(done)
                .filter(technique -> technique.kind() != Kind.SUBMISSION
                        && technique.kind() != Kind.ESCAPE
                        && !technique.to().isEmpty())
                .isPresent();
    }

    /** "Knee on belly to armbar": the place, and what is done from there by whoever is named in front of it. */
    Optional<List<Clause>> placeThen(String text, LinePlace place) {
        List<String> words = List.of(text.split("\\s+", 2));
        Optional<Seat> actor = place.actors().inFront(words, reader.lexicon()).filter(seat -> words.size() > 1);
        Matcher then = THEN.matcher(actor.isPresent() ? words.get(1) : "");
        while (then.find()) {
            String where = words.get(1).substring(0, then.start());
            String act = words.get(0) + " " + words.get(1).substring(then.end());
            if (GOES_BACK.matcher(words.get(0) + " " + where).matches()) {
                continue;
            }
            List<Clause> places = begun(actor.orElseThrow(), where, place, List.of(" ")).stream()
                    .filter(this::isNoAttack)
                    .toList();
            // "Knee and passes" is no knee on belly, from which nobody passes.
            boolean and = AND.matcher(then.group()).find();
            Optional<List<Clause>> done = doneThere(places, act).filter(both -> !and || reader.canStart(both.get(1)));
            if (done.isPresent()) {
                return done;
            }
        }
        return Optional.empty();
    }

    /** "Armbar to triangle" is one try after another. */
    private boolean isNoAttack(Clause place) {
        return family(place).filter(family -> family != Family.FINISH).isPresent();
    }

    /** Where they are already, only the act is told. */
    private Optional<List<Clause>> doneHere(List<Clause> places, String act, LinePlace place, Seat actor) {
        String here = place.now().position().key();
        return places.stream()
                .flatMap(reached -> reached.settled().stream())
                .filter(where -> where.position().equals(here))
                .findFirst()
                .flatMap(where -> reader.clause(act, place))
                // "Gets rolled from mount" is the other one's.
                .filter(done -> done.isDone()
                        && (reader.canStart(done)
                                || done.actor().filter(actor.other()::equals).isPresent()))
                .map(List::of);
    }

    /** Nobody comes from under a pin to the top of it without a word. */
    private boolean isTurnedRound(Clause reached, LinePlace place) {
        return isPinOrBack(reached)
                && reached.settled()
                        .filter(where ->
                                where.position().equals(place.now().position().key())
                                        && !where.top().equals(place.now().top()))
                        .isPresent();
    }

    private boolean escapes(String act, LinePlace place) {
        return reader.clause(act, place)
                .flatMap(reader::technique)
                .filter(technique -> technique.kind() == Kind.ESCAPE)
                .isPresent();
    }

    /** Whoever gets out of a pin, or of the back taken, was not the one who had it. */
    private List<Clause> heldFirst(List<Clause> places, Seat actor) {
        return places.stream()
                .sorted(Comparator.comparing(
                        place -> isPinOrBack(place) && place.top().equals(Optional.of(actor))))
                .toList();
    }

    private boolean isPinOrBack(Clause place) {
        return family(place)
                .filter(family -> family == Family.PIN || family == Family.BACK)
                .isPresent();
    }

    /** "Steps out of the omoplata" is no omoplata of whoever steps; "armbar out of the triangle" is her triangle. */
    private boolean isAttack(Clause done) {
        return reader.technique(done)
                .filter(technique -> technique.kind() == Kind.SUBMISSION)
                .isPresent();
    }

    /** Who recovers from a leg drag was not the one who dragged. */
    private boolean isThePassers(Clause place) {
        return family(place).filter(family -> family == Family.PASSING).isPresent();
    }

    private Optional<Family> family(Clause place) {
        return place.reading()
                .proposal()
                .settled()
                .flatMap(where -> reader.lexicon().position(where.position()))
                .map(Position::family);
    }

    /** Of the roles in which the place can be meant, the first in which the act can be done. */
    private Optional<List<Clause>> doneThere(List<Clause> places, String act) {
        List<List<Clause>> begun = places.stream()
                .flatMap(reached -> reader.clause(act, reader.after(reached)).filter(Clause::isDone).stream()
                        .map(done -> List.of(reached, done)))
                .toList();
        return begun.stream()
                .filter(both -> reader.canStart(both.get(1)))
                .findFirst()
                .or(() -> begun.stream().findFirst());
    }

    /**
     * The place, with the actor in each role in which it can be meant, the likeliest first: as whoever is named has such a place; but who is
     * on top stays on top of a guard.
     *
     * @param verbs what is put between the actor and the place, one after another: "half guard" alone is a guard pull for who stands
     */
    private List<Clause> begun(Seat actor, String words, LinePlace place, List<String> verbs) {
        Function<String, Optional<Clause>> reached = role -> verbs.stream()
                .flatMap(verb -> reader.clause(actor + verb + words + role, place).stream())
                .filter(Clause::isPlace)
                .findFirst();
        Optional<Clause> named = reached.apply("");
        boolean hasNoTop = named.filter(clause -> clause.top().isEmpty()).isPresent();
        if (ActorWords.tellsRole(words) || hasNoTop) {
            return named.stream().toList();
        }
        boolean isOnTop = place.now().top().equals(Optional.of(actor));
        boolean isPassed = !isOnTop
                && place.now().top().isPresent()
                && named.filter(this::isThePassers).isPresent();
        boolean under = !named.flatMap(Clause::top).equals(Optional.of(actor));
        List<Clause> both =
                new ArrayList<>(named.or(() -> reached.apply(" under")).stream().toList());
        reached.apply(under ? " on top" : " under")
                .ifPresent(other -> both.add(isOnTop && under || isPassed && !under ? 0 : both.size(), other));
        return both;
    }
}
