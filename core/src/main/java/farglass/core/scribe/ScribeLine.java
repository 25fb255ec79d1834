package farglass.core.scribe;

import farglass.core.bout.Award;
import farglass.core.bout.Became;
import farglass.core.bout.Bout;
import farglass.core.bout.Certainty;
import farglass.core.bout.Deed;
import farglass.core.bout.Fact;
import farglass.core.bout.Line;
import farglass.core.bout.Moment;
import farglass.core.bout.Motive;
import farglass.core.bout.OwnedSide;
import farglass.core.bout.Seat;
import farglass.core.bout.Settled;
import farglass.core.bout.Side;
import farglass.core.bout.Stage;
import farglass.core.bout.Telling;
import farglass.core.laterality.CalledSide;
import farglass.core.lexicon.Lexicon;
import farglass.core.lexicon.Position;
import farglass.core.lexicon.SideRule;
import farglass.core.lexicon.Technique;
import farglass.core.lexicon.Term;
import farglass.core.notation.BoutFile;
import farglass.core.state.Stand;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Deque;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * Reads what is typed while the film runs: {@code runa knee cut left nearly knee}, {@code a mount}, {@code +3},
 * {@code stop edge}. Every text means something: words the lexicon does not know are kept as words.
 */
public final class ScribeLine {
    private final Bout bout;
    private final Stand now;
    private final Lexicon lexicon;
    private final Deque<String> words = new ArrayDeque<>();
    private static final Set<String> QUALIFIERS = Set.of("own", "their", "screen", "facing", "away");

    private final List<String> kept = new ArrayList<>();
    private final Set<String> qualifiers = new HashSet<>();
    private Optional<Seat> actor = Optional.empty();
    private Telling telling = Telling.NOTHING;
    private Optional<Settled> settled = Optional.empty();
    private SideRule sideRule = SideRule.NONE;

    private final ActorWords actors;
    private final Expectation expectation;

    /** How likely each technique or position is to be meant here; it only chooses between completions. */
    public interface Expectation {
        Expectation NONE = key -> 0;

        double of(String key);
    }

    private ScribeLine(String text, Bout bout, Stand now, Lexicon lexicon, Expectation expectation) {
        this.bout = bout;
        this.now = now;
        this.lexicon = lexicon;
        this.actors = new ActorWords(bout, now);
        this.expectation = expectation;
        String[] fields = text.split(";", -1);
        for (int i = 1; i < fields.length; i++) {
            field(fields[i].strip());
        }
        Arrays.stream(fields[0].strip().split("\\s+"))
                .filter(word -> !word.isEmpty())
                .forEach(words::add);
    }

    /** After a semicolon stands a field of the bout file; what is none stays as words. */
    private void field(String text) {
        if (text.startsWith("->")) {
            Optional<Settled> where = BoutFile.settled(text.substring(2), lexicon);
            if (where.isPresent()) {
                settled = where;
                return;
            }
        }
        Optional<Fact> fact = BoutFile.fact(text, lexicon);
        if (fact.isPresent()) {
            telling = telling.and(fact.get());
        } else if (!text.isEmpty()) {
            kept.add(text);
        }
    }

    /**
     * {@return what the text means here; empty for an empty text}
     *
     * @param now where the two stand at that instant: it settles who can have done it, where only one could
     * @param answerable id of the moment that the word "answers" refers to
     * @param expectation chooses what an unfinished word is finished to
     */
    public static Optional<Proposal> read(
            String text, Bout bout, Stand now, Optional<String> answerable, Lexicon lexicon, Expectation expectation) {
        if (text.isBlank()) {
            return Optional.empty();
        }
        return Optional.of(new ScribeLine(text, bout, now, lexicon, expectation).proposal(answerable));
    }

    /**
     * {@return the moment with what the text tells of it added} For changing many moments at once: an outcome, a side, another
     * actor; words that are no such thing become a note.
     */
    public static Moment amended(Moment moment, String text, Bout bout, Stand now, Lexicon lexicon) {
        ScribeLine line = new ScribeLine(text, bout, now, lexicon, Expectation.NONE);
        line.telling = moment.telling()
                .withFacts(Stream.concat(moment.telling().facts().stream(), line.telling.facts().stream())
                        .distinct()
                        .toList());
        line.takeActor();
        line.actor = line.actor.or(moment::actor);
        moment.technique().flatMap(lexicon::technique).ifPresent(known -> line.sideRule = known.sideRule());
        line.details(Optional.empty());
        Proposal amended = new Proposal(
                line.actor,
                moment.deed(),
                line.settled.or(() -> moment.settled().filter(told -> !told.workedOut())),
                line.telling);
        return amended.at(moment.id(), moment.atMicros(), lexicon);
    }

    /** {@return terms whose words begin like the unfinished words of the text, the likeliest here first} */
    public static List<Term> completions(
            String text, Bout bout, Stand now, Lexicon lexicon, Expectation expectation, int most) {
        ScribeLine line = new ScribeLine(text, bout, now, lexicon, expectation);
        line.takeActor();
        String rest = line.names().open(List.copyOf(line.words), true).text();
        return rest.length() < 2 || lexicon.find(rest).isPresent() && text.endsWith(" ")
                ? List.of()
                : line.names().beginning(rest, most);
    }

    /** {@return the text with its unfinished words replaced by the term's label} */
    public static String completed(String text, Bout bout, Stand now, Lexicon lexicon, Term term) {
        ScribeLine line = new ScribeLine(text, bout, now, lexicon, Expectation.NONE);
        String first = line.words.isEmpty() ? "" : line.words.peek();
        line.takeActor();
        String before = line.actor.isPresent() ? first + " " : "";
        List<String> all = new ArrayList<>(line.words);
        NameSearch.Span open = line.names().open(all, true);
        all.subList(open.from(), open.from() + open.words().size()).clear();
        all.add(open.from(), term.label().toLowerCase(Locale.ROOT));
        return before + String.join(" ", all) + " ";
    }

    private Proposal proposal(Optional<String> answerable) {
        takeActor();
        Deed deed = happening().or(this::fixed).orElseGet(this::spoken);
        if (!(deed instanceof Deed.Stopped)) {
            takeActorAmong(word -> true);
            details(answerable);
        }
        return new Proposal(actor, deed, settled, telling);
    }

    private void details(Optional<String> answerable) {
        // Whose side it is may be typed before the side or behind it, and so may who did it.
        words.stream()
                .map(word -> word.toLowerCase(Locale.ROOT))
                .filter(QUALIFIERS::contains)
                .forEach(qualifiers::add);
        while (!words.isEmpty()) {
            detail(words.poll(), answerable);
        }
        if (!kept.isEmpty()) {
            telling = telling.withNote(String.join(" ", kept));
        }
    }

    private void takeActor() {
        Optional<Seat> named = words.isEmpty() ? Optional.empty() : actors.seat(words.peek());
        // "Top lock" is no lock by the one on top.
        boolean ofAName = words.size() > 1
                && lexicon.find(words.stream().limit(2).collect(Collectors.joining(" ")))
                        .isPresent();
        if (named.isPresent() && !ofAName) {
            actor = named;
            words.poll();
        }
    }

    private void takeActorAmong(Predicate<String> words) {
        for (String word : List.copyOf(this.words)) {
            Optional<Seat> named = actors.seat(word);
            // An "a" in the middle of a remark is an article.
            boolean isArticle = word.length() == 1 && !word.equals(this.words.peekLast());
            if (actor.isEmpty() && named.isPresent() && !isArticle && words.test(word)) {
                actor = named;
                this.words.remove(word);
            }
        }
    }

    /** What the bout file has a reserved word for is typed as it is written there. */
    private Optional<Deed> happening() {
        Optional<Deed> deed = BoutFile.happening(String.join(" ", words), lexicon);
        deed.ifPresent(found -> words.clear());
        return deed;
    }

    private Optional<Deed> fixed() {
        String first = words.isEmpty() ? "" : words.peek().toLowerCase(Locale.ROOT);
        if (first.matches("\\+[1-9]")) {
            words.poll();
            return Optional.of(new Deed.Awarded(Award.points(first.charAt(1) - '0')));
        }
        Optional<Deed> deed = Optional.ofNullable(
                switch (first) {
                    case "" -> new Deed.Mark();
                    case "adv", "advantage" -> new Deed.Awarded(Award.advantage());
                    case "pen", "penalty" -> new Deed.Awarded(Award.penalty());
                    case "restart" -> new Deed.Restarted();
                    case "mark" -> new Deed.Mark();
                    case "stop" -> stopped();
                    default -> null;
                });
        if (deed.isPresent()) {
            words.poll();
        }
        return deed;
    }

    private Deed stopped() {
        List<String> reason = new ArrayList<>(words);
        reason.remove(0);
        return new Deed.Stopped(String.join(" ", reason));
    }

    private Deed spoken() {
        NameSearch.Found found = names().search(List.copyOf(words), now.position());
        drop(found.from(), found.count());
        if (found.term().isPresent()) {
            Term term = found.term().get();
            return term instanceof Technique technique ? did(technique) : reached((Position) term);
        }
        return found.unnamed().isEmpty() ? new Deed.Mark() : new Deed.Unnamed(found.unnamed());
    }

    private NameSearch names() {
        return new NameSearch(
                lexicon, expectation, this::isDetail, word -> actors.seat(word).isPresent());
    }

    private void drop(int from, int count) {
        List<String> left = new ArrayList<>(words);
        left.subList(from, from + count).clear();
        words.clear();
        words.addAll(left);
    }

    private Deed did(Technique technique) {
        sideRule = technique.sideRule();
        takeActorAmong(word -> true);
        if (actor.isEmpty()) {
            actor = onlyOneWhoCould(technique);
        }
        return new Deed.Did(technique.key());
    }

    /** Who can have done it follows from the rules of the sport only where the two are in different roles. */
    private Optional<Seat> onlyOneWhoCould(Technique technique) {
        if (now.top().isEmpty()) {
            return Optional.empty();
        }
        List<Seat> could = Arrays.stream(Seat.values())
                .filter(seat -> technique.canStart(now.position(), now.roleOf(seat)))
                .toList();
        return could.size() == 1 ? Optional.of(could.get(0)) : Optional.empty();
    }

    private Deed reached(Position position) {
        takeActorAmong(word -> !Set.of("top", "bottom").contains(word));
        // Who is named with a guard plays it, from underneath; who is named with any other position has it.
        boolean under = take("under") | take("bottom") | position.family().isGuard();
        boolean above = take("on") | take("top");
        Optional<Seat> top =
                position.hasTop() ? actor.map(seat -> under && !above ? seat.other() : seat) : Optional.empty();
        settled = Optional.of(new Settled(position.key(), top, false));
        return new Deed.Reached();
    }

    private boolean take(String word) {
        return words.removeFirstOccurrence(word);
    }

    private boolean isDetail(String word) {
        ScribeLine alone = new ScribeLine(word, bout, now, lexicon, Expectation.NONE);
        alone.actor = Optional.of(Seat.A);
        alone.detail(alone.words.poll(), Optional.of("any"));
        return alone.kept.isEmpty();
    }

    private void detail(String written, Optional<String> answerable) {
        String word = written.toLowerCase(Locale.ROOT);
        Optional<Became> became = named(Became.values(), word);
        Optional<Line> line = named(Line.values(), word);
        Optional<Stage> stage = named(Stage.values(), word);
        Optional<Motive> motive = named(Motive.values(), word);
        if (became.isPresent() || word.equals("works")) {
            telling = telling.withBecame(became.orElse(Became.HELD));
        } else if (line.isPresent()) {
            telling = telling.withLine(line.get());
        } else if (stage.isPresent()) {
            telling = telling.withStage(stage.get());
        } else if (motive.isPresent()) {
            telling = telling.withMotive(motive.get());
        } else if (word.equals("left") || word.equals("right")) {
            side(Side.valueOf(word.toUpperCase(Locale.ROOT)), written);
        } else if (word.equals("unsure") || word.equals("hidden")) {
            telling = telling.withCertainty(Certainty.valueOf(word.toUpperCase(Locale.ROOT)));
        } else if (word.equals("private")) {
            telling = telling.withConfidential(true);
        } else if (QUALIFIERS.contains(word)) {
            qualifiers.add(word);
        } else if (word.equals("answers")) {
            telling = telling.withAnswers(answerable);
        } else {
            kept.add(written);
        }
    }

    /**
     * A side needs an owner: without an actor it stays in the note, as typed, until a person says whose it is. Bare, it is whose the
     * technique's side rule says; "own" and "their" before it say otherwise; "screen" reads it off the picture, of somebody who
     * is "facing" the camera or turned "away".
     */
    private void side(Side side, String written) {
        if (actor.isEmpty()) {
            kept.add(written);
            return;
        }
        boolean receivers = qualifiers.contains("their") || !qualifiers.contains("own") && sideRule.belongsToReceiver();
        Seat owner = receivers ? actor.get().other() : actor.get();
        CalledSide.View view = qualifiers.contains("screen") ? CalledSide.View.SCREEN : CalledSide.View.OWNER;
        Optional<Boolean> facing = qualifiers.contains("facing")
                ? Optional.of(true)
                : qualifiers.contains("away") ? Optional.of(false) : Optional.empty();
        Optional<OwnedSide> owned = new CalledSide(side, view).of(owner, Optional.empty(), facing);
        owned.ifPresentOrElse(known -> telling = telling.withSide(known), () -> kept.add("screen " + written));
    }

    private static <E extends Enum<E>> Optional<E> named(E[] values, String word) {
        return Arrays.stream(values)
                .filter(value ->
                        value.name().toLowerCase(Locale.ROOT).replace('_', '-').equals(word))
                .findFirst();
    }
}
