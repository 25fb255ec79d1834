package farglass.core.scribe;

import farglass.core.bout.Bout;
import farglass.core.bout.Deed;
import farglass.core.bout.Moment;
import farglass.core.bout.Telling;
import farglass.core.entry.Kind;
import farglass.core.entry.SideRule;
import farglass.core.entry.Technique;
import farglass.core.entry.Term;
import farglass.core.fact.Body;
import farglass.core.fact.Fact;
import farglass.core.fact.PartState;
import farglass.core.fact.Purpose;
import farglass.core.fact.Span;
import farglass.core.lexicon.Lexicon;
import farglass.core.naming.Here;
import farglass.core.naming.Naming;
import farglass.core.naming.Words;
import farglass.core.notation.BoutFile;
import farglass.core.notation.FieldHints;
import farglass.core.notation.OtherWords;
import farglass.core.notation.ShortWords;
import farglass.core.said.Passive;
import farglass.core.said.Said;
import farglass.core.side.Seat;
import farglass.core.side.Settled;
import farglass.core.state.Stand;
import farglass.core.state.UnusualAhead;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.IntStream;

/**
 * Reads what is typed while the film runs: {@code runa knee cut left nearly knee}, {@code a mount}, {@code +3},
 * {@code stop edge}. Every text means something. What is typed is never saved as something else: words that name nothing, or of which
 * one is left over, are kept whole as they stand, and what was guessed is told.
 */
public final class ScribeLine {
    /** Before whoever got what a referee gave. */
    private static final Set<String> BEFORE_WHOM = Set.of("to", "for", "on", "against", "na", "no", "para");

    /** What may stand behind a name without making it the name of something else. */
    private static final Pattern ASIDE = Pattern.compile(
            "([^;\"]+?),? ((?:(?:really|very|so|too|quite) )?"
                    + "(?:hard|well|nicely|slowly|quickly|fast|early|cleanly|badly|tightly|immediately|beautifully|smoothly|lazily|sloppily)"
                    + "|(?:against|near|by|at|on) the (?:edge|boundary|line)|(?:para|pra) (?:frente|tr[aá]s)|forwards?|backwards?|(?:right|straight) away|at the (?:buzzer|bell|end|horn)|(?:for|with) \\w+ (?:seconds?|minutes?)(?: left| to go)?|for a (?:second|moment|while|bit)|a (?:bit|little))",
            Pattern.CASE_INSENSITIVE);

    private static final Pattern QUOTED = Pattern.compile("^(.*?)\"([^\"]*)\"?(.*)$", Pattern.DOTALL);
    /** A pasted page is kept whole; more words than these are no line. */
    private static final int MOST_WORDS = 60;

    private final Place place;
    private final Bout bout;
    private final Stand now;
    private final int before;
    private final Lexicon lexicon;
    private final LinkTargets links;
    private final Expectation expectation;
    private final ActorWords actors;
    private final Said.Scene scene;

    private final List<String> remarks = new ArrayList<>();
    private List<String> unread = List.of();
    private Telling telling = Telling.NOTHING;
    private Optional<Settled> settled = Optional.empty();

    /** How likely each technique or position is to be meant here; it only chooses between completions. */
    public interface Expectation {
        Expectation NONE = key -> 0;

        double of(String key);
    }

    /**
     * Where a line is typed.
     *
     * @param now where the two stand at that instant: it settles who can have done it, where only one could, and which of several
     *     things a word means
     * @param answerable id of the moment that the word "answers" refers to
     * @param before how many of the bout's moments lie before it
     */
    public record Place(Bout bout, Stand now, Optional<String> answerable, int before) {
        /** {@return the place at the end of the bout, with no moment chosen} */
        public static Place end(Bout bout, Stand now) {
            return new Place(bout, now, Optional.empty(), bout.moments().size());
        }
    }

    private ScribeLine(Place place, Lexicon lexicon, Expectation expectation) {
        this.place = place;
        this.bout = place.bout();
        this.now = place.now();
        this.lexicon = lexicon;
        this.before = place.before();
        this.links = new LinkTargets(bout, place.answerable(), place.before());
        this.expectation = expectation;
        this.actors = new ActorWords(bout, now);
        this.scene = Said.Scene.of(now, bout.header());
    }

    /**
     * {@return what the text means there; empty for an empty text}
     *
     * @param expectation chooses what an unfinished word is finished to
     */
    public static Optional<Reading> read(String text, Place place, Lexicon lexicon, Expectation expectation) {
        if (text.isBlank()) {
            return Optional.empty();
        }
        if (text.strip().endsWith(" right away") && !text.contains("screen")) {
            // "Passes right away" tells no side.
            Optional<Reading> atOnce = aside(text, place, lexicon, expectation);
            if (atOnce.isPresent()) {
                return atOnce;
            }
        }
        if (new SaidFacts(place, lexicon).comeFirst(text)) {
            Optional<Reading> facts = withFacts(text, place, lexicon, expectation);
            if (facts.isPresent()) {
                return facts;
            }
        }
        Reading asItStands = new ScribeLine(place, lexicon, expectation).reading(text);
        return Optional.of(
                asItStands.isUnderstood()
                        ? asItStands
                        : inOtherWords(text, place, lexicon, expectation)
                                .or(() -> aside(text, place, lexicon, expectation))
                                .or(() -> withFacts(text, place, lexicon, expectation))
                                .orElse(asItStands));
    }

    /** "Sprawls hard", "takes her down at the edge": how and where, of which nothing is asked, is kept as a note. */
    private static Optional<Reading> aside(String text, Place place, Lexicon lexicon, Expectation expectation) {
        Matcher aside = ASIDE.matcher(text.strip());
        return aside.matches() && !text.contains(" note ")
                ? read(aside.group(1) + " note " + aside.group(2), place, lexicon, expectation)
                        .filter(Reading::isUnderstood)
                : Optional.empty();
    }

    /** "Knee cut opens the back", "waits until 4:20": what is said beyond the name. */
    private static Optional<Reading> withFacts(String text, Place place, Lexicon lexicon, Expectation expectation) {
        Predicate<String> understood = line ->
                new ScribeLine(place, lexicon, expectation).reading(line).isUnderstood();
        return new SaidFacts(place, lexicon).asFields(text, understood).flatMap(fields -> {
            Reading reading = new ScribeLine(place, lexicon, expectation).reading(fields);
            // What hangs on something is said clearly, though what was done has no name.
            boolean told = reading.isUnderstood()
                    || reading.proposal().deed().onlyTime()
                            && reading.proposal().telling().facts().stream().allMatch(ScribeLine::standsAlone)
                    || !reading.proposal().deed().onlyTime()
                            && reading.proposal().telling().facts().stream().anyMatch(ScribeLine::isSaidClearly);
            // A name that had to be guessed is no reason to read the rest so.
            boolean guessed = reading.how()
                    .filter(how -> how == Naming.How.FINISHED || how == Naming.How.MENDED)
                    .isPresent();
            return Optional.of(reading).filter(any -> told && !guessed);
        });
    }

    /** How somebody lies, what is waited for: told of nobody's act. "Opens the guard" is an act. */
    private static boolean standsAlone(Fact fact) {
        return fact instanceof Body
                || fact instanceof PartState
                || fact instanceof Purpose.Branch
                || fact instanceof Purpose.Why why && why.how() == Purpose.How.WAITED_FOR;
    }

    /** "Fights for the grip" is not said of something that was for it. */
    private static boolean isSaidClearly(Fact fact) {
        boolean purpose = fact instanceof Purpose.Why why && why.how() == Purpose.How.FOR;
        return fact instanceof Span || fact instanceof Purpose && !purpose;
    }

    /** The fields behind the first semicolon, a note and what stands in quotes are left as they are. */
    private static Optional<Reading> inOtherWords(String text, Place place, Lexicon lexicon, Expectation expectation) {
        String front = text.split("[;\"]|\\bnote\\b", 2)[0];
        return OtherWords.of(front.strip()).flatMap(words -> {
            String reworded = words + " " + text.substring(front.length());
            Reading reading = new ScribeLine(place, lexicon, expectation).reading(reworded);
            return Optional.of(reading).filter(Reading::isUnderstood);
        });
    }

    private TypedFields fields(String text) {
        TypedFields fields = TypedFields.of(text, lexicon);
        telling = fields.telling();
        settled = fields.settled();
        unread = fields.unread();
        return fields;
    }

    private Reading reading(String text) {
        TypedFields fields = fields(text);
        String line = fields.front().strip();
        Matcher quoted = QUOTED.matcher(line);
        if (quoted.matches()) {
            return unnamed(quoted.group(2), quoted.group(1) + " " + quoted.group(3));
        }
        List<String> words = split(line);
        if (words.size() > MOST_WORDS) {
            return kept(line, Optional.empty(), new TypedDetails(List.of()), List.of(), false, Optional.empty());
        }
        // A bout file's sign for nobody is understood here as well.
        words = !words.isEmpty() && words.get(0).equals("-") ? words.subList(1, words.size()) : words;
        Optional<Seat> named = actorInFront(words);
        List<String> rest = named.isPresent() ? words.subList(1, words.size()) : words;
        Optional<Deed> happening = BoutFile.happening(String.join(" ", rest), lexicon)
                .or(() -> ShortWords.deed(rest))
                .or(() -> named.isPresent() ? Optional.empty() : ShortWords.referees(rest));
        if (happening.isPresent()) {
            return happened(happening.get(), named, rest);
        }
        return said(words, named);
    }

    private static List<String> split(String line) {
        List<String> words = new ArrayList<>(Arrays.asList(line.split("\\s+")));
        words.removeIf(String::isEmpty);
        // The one outcome of two words.
        int last = words.size() - 1;
        if (last > 1
                && words.get(last).equalsIgnoreCase("off")
                && words.get(last - 1).equalsIgnoreCase("cut")) {
            words.subList(last - 1, last + 1).clear();
            words.add("cut-off");
        }
        int out = words.size() - 1;
        if (out > 0 && words.get(out).equalsIgnoreCase("out") && new TypedDetails(List.of(words.get(out - 1))).taps()) {
            words.remove(out);
        }
        return words;
    }

    private Optional<Seat> actorInFront(List<String> words) {
        if (words.isEmpty()) {
            return Optional.empty();
        }
        // "Top lock" is no lock by the one on top.
        boolean ofAName = words.size() > 1
                && (words.get(0).equals("top") || words.get(0).equals("bottom"))
                && !lexicon.meanings(words.get(0) + " " + words.get(1)).isEmpty();
        return ofAName ? Optional.empty() : actors.seat(words.get(0));
    }

    private Reading happened(Deed deed, Optional<Seat> named, List<String> words) {
        boolean whole = deed.stop().isPresent()
                || BoutFile.happening(String.join(" ", words), lexicon).isPresent();
        List<String> details = whole || words.isEmpty() ? List.of() : words.subList(1, words.size());
        Optional<Seat> actor = named.or(() -> actorAmong(details));
        List<String> left = new ArrayList<>(unread);
        for (int i = 0; i < details.size(); i++) {
            boolean toSomebody = i + 1 < details.size()
                    && BEFORE_WHOM.contains(details.get(i))
                    && actors.seat(details.get(i + 1)).isPresent();
            if (!TypedDetails.isDetail(details, i)
                    && actors.seat(details.get(i)).isEmpty()
                    && !toSomebody) {
                left.add(details.get(i));
            }
        }
        Telling told = new TypedDetails(details).in(telling, actor, Optional.empty(), links, remarks);
        if (!left.isEmpty()) {
            String more = String.join(" ", left);
            told = told.withNote(told.note().map(note -> note + " " + more).orElse(more));
            remarks.add("“%s” is kept as a note.".formatted(more));
        }
        return new Reading(new Proposal(actor, deed, settled, told), Optional.empty(), remarks, List.of());
    }

    private Optional<Seat> actorAmong(List<String> words) {
        for (int i = 0; i < words.size(); i++) {
            // An "a" in the middle of a remark is an article.
            boolean isArticle = words.get(i).length() == 1 && i < words.size() - 1;
            Optional<Seat> seat = actors.seat(words.get(i));
            if (seat.isPresent() && !isArticle) {
                return seat;
            }
        }
        return Optional.empty();
    }

    /** Words in quotes stay as they are; of what kind it was may stand behind them. */
    private Reading unnamed(String said, String around) {
        List<String> words = split(around.strip());
        Optional<Seat> front = actorInFront(words);
        List<String> rest = new ArrayList<>(front.isPresent() ? words.subList(1, words.size()) : words);
        Optional<String> kind = rest.stream()
                .flatMap(word -> lexicon.meanings(word).stream()
                        .filter(term ->
                                term.asTechnique().filter(Technique::generic).isPresent())
                        .map(term -> Map.entry(word, term.key())))
                .findFirst()
                .map(found -> {
                    rest.remove(found.getKey());
                    return found.getValue();
                });
        Optional<Seat> actor = front.or(() -> actorAmong(rest));
        for (int i = 0; i < rest.size(); i++) {
            if (!TypedDetails.isDetail(rest, i) && actors.seat(rest.get(i)).isEmpty()) {
                remarks.add("“%s” stands outside the quotes and would not be saved.".formatted(rest.get(i)));
            }
        }
        Telling told = new TypedDetails(rest).in(telling, actor, kind.flatMap(lexicon::technique), links, remarks);
        Deed deed = said.isBlank() ? new Deed.Mark() : new Deed.Unnamed(said.strip(), kind);
        return new Reading(new Proposal(actor, deed, settled, told), Optional.empty(), remarks, List.of());
    }

    private boolean isDetail(List<String> words, int at) {
        return TypedDetails.isDetail(words, at) || actors.seat(words.get(at)).isPresent();
    }

    /** What has a name, or would have. */
    private Reading said(List<String> words, Optional<Seat> front) {
        int first = front.isPresent() ? 1 : 0;
        List<String> rest = words.subList(first, words.size());
        Optional<Seat> actor = front.or(() -> actorAmong(rest).filter(seat -> !isPlace(rest)));
        Optional<Reading> suffered = suffered(rest, actor);
        if (suffered.isPresent()) {
            return suffered.get();
        }
        TypedDetails all = new TypedDetails(IntStream.range(0, rest.size())
                .filter(at -> TypedDetails.isDetail(rest, at))
                .mapToObj(rest::get)
                .toList());
        Naming.Hint hint =
                FieldHints.of(all.became(Optional.empty()), all.line().isPresent());
        Here here = scene.by(actor);
        NameSearch search = new NameSearch(
                lexicon,
                here,
                hint,
                rest,
                // "Ann plan b": who acts is named in front, and a single letter is no second name.
                at -> isDetail(rest, at)
                        && (front.isEmpty() || rest.get(at).length() > 1 || TypedDetails.isDetail(rest, at)));
        // A single letter is a name only where it begins no longer one: "knee s" is no S-grip.
        Optional<NameSearch.Span> span = search.named()
                .filter(named ->
                        search.text(named).length() > 1 || search.begun().isEmpty());
        Rephrasing rephrasing = new Rephrasing(lexicon, here, expectation, words, first);
        if (span.isEmpty() && search.core().isEmpty()) {
            return details(rest, actor, rephrasing);
        }
        Optional<NameSearch.Span> begun = span.isPresent() ? Optional.empty() : search.begun();
        if (begun.isPresent()) {
            return finished(search, begun.get(), rephrasing, actor);
        }
        Optional<NameSearch.Span> abbreviated = span.isPresent() ? Optional.empty() : search.abbreviated();
        if (abbreviated.isPresent()) {
            return finished(search, abbreviated.get(), rephrasing, actor);
        }
        Optional<Reading> ended = span.isPresent() ? Optional.empty() : ended(words, front, rephrasing);
        if (ended.isPresent()) {
            return ended.get();
        }
        span = span.or(search::mended);
        if (span.isEmpty()) {
            NameSearch.Span named = search.whole(search.core().orElseThrow());
            TypedDetails details = around(rest, named);
            NameSearch.Span core =
                    withUnused(rest, named, concat(details.unused(false), details.loose(front.isPresent())));
            Said whole = Said.of(search.text(core), actor, scene, Optional.empty(), hint, lexicon);
            if (whole.how().isPresent()) {
                return meant(search, core, rephrasing, actor);
            }
            // "Triangle from guard deep": how far it got stands beside more than the bare name.
            boolean beside = !named.equals(core)
                    && technique(Said.of(search.text(named), actor, scene, Optional.empty(), hint, lexicon))
                            .isPresent();
            if (beside) {
                return meant(search, named, rephrasing, actor);
            }
            return kept(
                    search.text(core),
                    actor,
                    around(rest, core),
                    rephrasing.saying(near(search, core), core, search.text(core)),
                    false,
                    kind(whole));
        }
        return meant(search, span.get(), rephrasing, actor);
    }

    /** Top and bottom say which of the two is meant, unless a place is named: then they say where its actor is. */
    private boolean isPlace(List<String> words) {
        List<String> bare = words.stream()
                .filter(word -> !List.of("on", "under", "top", "bottom").contains(word.toLowerCase(Locale.ROOT)))
                .toList();
        return bare.size() < words.size()
                && lexicon.place(String.join(" ", bare)).isPresent()
                && lexicon.meanings(String.join(" ", bare)).stream().noneMatch(Technique.class::isInstance);
    }

    /** The last word may be an outcome, a side or a line of which more letters are to come: "knee cut right pa". */
    private Optional<Reading> ended(List<String> words, Optional<Seat> front, Rephrasing rephrasing) {
        int last = words.size() - 1;
        String typed = words.get(last);
        if (last <= rephrasing.first()
                || typed.length() < 2
                || Words.isSmall(words.get(last - 1))
                || lexicon.naming().isWord(typed)) {
            return Optional.empty();
        }
        Map<String, Reading> ends = new LinkedHashMap<>();
        for (String detail : TypedDetails.beginning(typed)) {
            List<String> finished = new ArrayList<>(words.subList(0, last));
            finished.add(detail);
            ScribeLine line = new ScribeLine(place, lexicon, expectation);
            line.telling = telling;
            line.settled = settled;
            line.unread = unread;
            Reading reading = line.said(finished, front);
            if (reading.how().isPresent()) {
                ends.put(detail, reading);
            }
        }
        return ends.entrySet().stream().findFirst().map(likeliest -> {
            List<String> told = new ArrayList<>(likeliest.getValue().remarks());
            told.add("“%s” was finished to %s.".formatted(typed, likeliest.getKey()));
            List<Reading.Alternative> others = new ArrayList<>();
            ends.keySet().forEach(detail -> others.add(rephrasing.ending(detail)));
            others.add(rephrasing.keeping(new NameSearch.Span(0, words.size() - rephrasing.first())));
            return new Reading(likeliest.getValue().proposal(), Optional.of(Naming.How.FINISHED), told, others);
        });
    }

    private Reading details(List<String> words, Optional<Seat> actor, Rephrasing rephrasing) {
        boolean taps = new TypedDetails(words).taps();
        if (actor.isPresent() && (taps || words.equals(List.of("tap")))) {
            Optional<Reading> tapped = TapByTheOther.to(bout, before, actor.get(), lexicon);
            if (tapped.isPresent()) {
                return tapped.get();
            }
        }
        if (actor.isPresent() && taps) {
            // Who taps has been submitted: the try is the other's, and which it was is not told here.
            String other = bout.header().contestant(actor.get().other()).name();
            return kept(
                    String.join(" ", words),
                    actor,
                    new TypedDetails(List.of()),
                    List.of(new Reading.Alternative(
                            "Submission by %s, tapped".formatted(other),
                            actor.get().other() + " submission tap ",
                            "who taps has been submitted")),
                    false,
                    Optional.empty());
        }
        Telling told = new TypedDetails(words).in(telling, actor, Optional.empty(), links, remarks);
        unread.forEach(field -> remarks.add("“%s” is no field and would not be saved.".formatted(field)));
        remarks.add("Say what it was as well: “%s” names nothing that was done. Enter keeps a bare mark with it."
                .formatted(String.join(" ", words)));
        return new Reading(
                new Proposal(actor, new Deed.Mark(), settled, told),
                Optional.empty(),
                remarks,
                rephrasing.naming(tellable(new TypedDetails(words), rephrasing.here())));
    }

    /** {@return what can start here of which all of this can be told, the likeliest first} */
    private List<Technique> tellable(TypedDetails details, Here here) {
        return lexicon.techniques().stream()
                .filter(technique -> lexicon.naming().fitsHere(technique, here) && !technique.generic())
                .filter(technique -> !details.hasSide() || technique.sideRule() != SideRule.NONE)
                .filter(technique ->
                        details.misplaced(Optional.of(technique), false).isEmpty())
                .filter(technique -> details.otherLimb(Optional.of(technique)).isEmpty())
                .sorted(Comparator.comparingDouble((Technique technique) -> -expectation.of(technique.key()))
                        .thenComparing(Technique::label))
                .toList();
    }

    private static TypedDetails around(List<String> words, NameSearch.Span span) {
        List<String> around = new ArrayList<>();
        for (int i = 0; i < words.size(); i++) {
            boolean inside = span.from() <= i && i < span.to();
            if (!inside && !TypedDetails.isBesideASide(words, i)) {
                around.add(words.get(i));
            }
        }
        return new TypedDetails(around);
    }

    /** The name with the words beside it that tell nothing by themselves: all of it is kept. */
    private static NameSearch.Span withUnused(List<String> words, NameSearch.Span span, List<String> unused) {
        int from = span.from();
        int to = span.to();
        for (int i = 0; i < words.size(); i++) {
            if (unused.contains(words.get(i).toLowerCase(Locale.ROOT))) {
                from = Math.min(from, i);
                to = Math.max(to, i + 1);
            }
        }
        return new NameSearch.Span(from, to);
    }

    /** "Bea gets flattened": the act is the other one's, which is one key away. */
    private Optional<Reading> suffered(List<String> words, Optional<Seat> actor) {
        String phrase = String.join(" ", words);
        return Passive.act(phrase).map(act -> {
            List<Reading.Alternative> alternatives = actor
                    .map(Seat::other)
                    .flatMap(other -> read(
                                    other + " " + act, new Place(bout, now, Optional.empty(), 0), lexicon, expectation)
                            .filter(reading -> reading.how().isPresent()
                                    && reading.proposal().deed().did().isPresent())
                            .map(reading -> new Reading.Alternative(
                                    "%2$s: %1$s"
                                            .formatted(
                                                    lexicon.label(((Deed.Did) reading.proposal()
                                                                    .deed())
                                                            .technique()),
                                                    bout.header()
                                                            .contestant(other)
                                                            .name()),
                                    other + " " + act + " ",
                                    "it was the other one\u2019s act")))
                    .stream()
                    .toList();
            return kept(phrase, actor, new TypedDetails(List.of()), alternatives, false, Optional.empty());
        });
    }

    private Reading meant(NameSearch search, NameSearch.Span span, Rephrasing rephrasing, Optional<Seat> actor) {
        String phrase = search.text(span);
        TypedDetails details = around(search.words(), span);
        Said said = Said.of(phrase, actor, scene, details.became(Optional.empty()), search.hint(), lexicon);
        Optional<Technique> technique = technique(said);
        Optional<String> otherLimb = details.otherLimb(technique);
        List<String> unused = concat(
                details.unused(said.settled().isPresent()),
                details.misplaced(
                        technique, technique.isEmpty() && said.settled().isPresent()));
        unused = concat(unused, tapsBefore(span, search.words()));
        // What names nothing clear is kept with all that was said of it in front of the other details.
        boolean kept = said.how().isEmpty() || !unused.isEmpty();
        unused = concat(unused, kept ? details.loose(rephrasing.first() > 0) : List.of());
        if (said.how().isEmpty() || otherLimb.isPresent() || !unread.isEmpty() || !unused.isEmpty()) {
            NameSearch.Span all = otherLimb.isPresent()
                    ? new NameSearch.Span(0, search.words().size())
                    : withUnused(search.words(), span, unused);
            boolean clear = said.how().isPresent();
            return kept(
                    search.text(all),
                    actor,
                    around(search.words(), all),
                    rephrasing.saying(
                            clear ? terms(said) : said.others(),
                            all,
                            clear ? String.join("; ", concat(List.of(search.text(all)), unread)) : ""),
                    said.unclear(),
                    kind(said));
        }
        List<Reading.Alternative> alternatives = said.how().equals(Optional.of(Naming.How.MENDED))
                ? List.of(rephrasing.keeping(span))
                : rephrasing.saying(others(phrase, said), span, "");
        if (said.how().equals(Optional.of(Naming.How.MENDED))) {
            remarks.add("“%s” was read as %s.".formatted(phrase, label(said)));
        }
        return proposal(said, phrase, actor, details, alternatives);
    }

    private Reading finished(NameSearch search, NameSearch.Span span, Rephrasing rephrasing, Optional<Seat> actor) {
        List<Term> terms = search.beginning(span, expectation, Rephrasing.MOST);
        TypedDetails details = around(search.words(), span);
        Optional<Technique> begun =
                Optional.of(terms.get(0)).filter(Technique.class::isInstance).map(Technique.class::cast);
        List<String> unused = concat(details.unused(begun.isEmpty()), details.misplaced(begun, begun.isEmpty()));
        // "Staples the knee": behind an article stands the rest of the phrase, and not a line.
        boolean article = List.of("the", "his", "her")
                .contains(search.words().get(span.to() - 1).toLowerCase(Locale.ROOT));
        unused = concat(unused, article || !unused.isEmpty() ? details.loose(true) : List.of());
        if (!unread.isEmpty() || !unused.isEmpty()) {
            NameSearch.Span all = withUnused(search.words(), span, unused);
            return kept(
                    search.text(all),
                    actor,
                    around(search.words(), all),
                    rephrasing.saying(terms, all, search.text(all)),
                    false,
                    Optional.empty());
        }
        Said said =
                Said.meaning(terms.get(0), search.text(span), actor, scene, details.became(Optional.empty()), lexicon);
        remarks.add("“%s” was finished to %s."
                .formatted(search.text(span), terms.get(0).label()));
        List<Reading.Alternative> alternatives = new ArrayList<>(rephrasing.saying(terms, span, ""));
        alternatives.add(rephrasing.keeping(span));
        Reading reading = proposal(said, search.text(span), actor, details, alternatives);
        return new Reading(reading.proposal(), Optional.of(Naming.How.FINISHED), remarks, alternatives);
    }

    private Reading proposal(
            Said said,
            String words,
            Optional<Seat> named,
            TypedDetails details,
            List<Reading.Alternative> alternatives) {
        Optional<Technique> technique = technique(said);
        Optional<Seat> actor = named.or(() -> technique.flatMap(this::onlyOneWhoCould));
        Telling told = said.manner().in(details.in(telling, actor, technique, links, remarks));
        technique
                .flatMap(what -> actor.flatMap(seat -> UnusualAhead.of(what, seat, bout, before, now, lexicon)))
                .ifPresent(remarks::add);
        boolean lands =
                lexicon.naming().arrives(words) && named.filter(this::threw).isPresent();
        Optional<Settled> where = said.settled()
                .map(place -> lands && place.top().isPresent()
                        ? new Settled(place.position(), named, false)
                        : turned(place, named, details));
        return new Reading(
                new Proposal(actor, said.deed(), settled.or(() -> where), told), said.how(), remarks, alternatives);
    }

    /** Who has just thrown the other and lands in a guard lands on top of it. */
    private boolean threw(Seat seat) {
        int last = Math.min(before, bout.moments().size()) - 1;
        return last >= 0
                && Optional.of(bout.moments().get(last))
                        .filter(moment -> moment.actor().equals(Optional.of(seat)))
                        .flatMap(Moment::technique)
                        .flatMap(lexicon::technique)
                        .filter(technique -> technique.kind() == Kind.TAKEDOWN)
                        .isPresent();
    }

    /** Who is named with a guard plays it, and has any other place from the top, unless "on top" or "under" says otherwise. */
    private Settled turned(Settled place, Optional<Seat> actor, TypedDetails details) {
        if (place.top().isEmpty() || actor.isEmpty()) {
            return place;
        }
        Optional<Seat> top = details.under() ? actor.map(Seat::other) : details.onTop() ? actor : place.top();
        return new Settled(place.position(), top, place.workedOut());
    }

    private static Optional<String> kind(Said said) {
        return said.deed().unnamed().flatMap(Deed.Unnamed::kind);
    }

    private Optional<Technique> technique(Said said) {
        return said.deed().did().flatMap(lexicon::technique);
    }

    private List<Term> terms(Said said) {
        return technique(said).<List<Term>>map(List::of).orElseGet(() -> said.settled()
                .flatMap(place -> lexicon.position(place.position()))
                .<List<Term>>map(List::of)
                .orElse(List.of()));
    }

    private String label(Said said) {
        return terms(said).stream().findFirst().map(Term::label).orElse("");
    }

    /** "Bea taps to the armbar": the armbar is not Bea's. */
    private static List<String> tapsBefore(NameSearch.Span span, List<String> words) {
        List<String> before = words.subList(0, span.from());
        return new TypedDetails(before).taps() ? before : List.of();
    }

    private static List<String> concat(List<String> first, List<String> more) {
        List<String> all = new ArrayList<>(first);
        all.addAll(more);
        return all;
    }

    /** The words as they stand: an unnamed moment, which can be named everywhere at once later. */
    private Reading kept(
            String words,
            Optional<Seat> actor,
            TypedDetails details,
            List<Reading.Alternative> alternatives,
            boolean unclear,
            Optional<String> kind) {
        String phrase = String.join("; ", concat(List.of(words), unread));
        remarks.add(
                unclear
                        ? "“%s” can mean several things here. Choose one, or Enter keeps the words."
                                .formatted(shortened(phrase))
                        : "“%s” names nothing here. Enter keeps the words as they stand%s."
                                .formatted(
                                        shortened(phrase),
                                        kind.flatMap(lexicon::technique)
                                                .map(general -> ", counted as "
                                                        + general.kind().label())
                                                .orElse("")));
        Telling told = details.in(telling, actor, kind.flatMap(lexicon::technique), links, remarks);
        return new Reading(
                new Proposal(actor, new Deed.Unnamed(phrase, kind), settled, told),
                Optional.empty(),
                remarks,
                alternatives);
    }

    private static String shortened(String phrase) {
        return phrase.length() <= 80 ? phrase : phrase.substring(0, 80) + "…";
    }

    private List<Term> near(NameSearch search, NameSearch.Span core) {
        return lexicon.naming().near(search.text(core), search.here(), Rephrasing.MOST);
    }

    /** Other things the same words mean, which fit here less well. */
    private List<Term> others(String phrase, Said said) {
        List<Term> chosen = terms(said);
        return lexicon.meanings(phrase).stream()
                .filter(term -> !chosen.contains(term))
                .toList();
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

    /**
     * A moment changed by words.
     *
     * @param unread what tells nothing of a moment; where there is any, nothing should be changed
     */
    public record Amended(Moment moment, List<String> unread) {
        public Amended {
            unread = List.copyOf(unread);
        }
    }

    /** {@return the moment with what the text tells of it added} For changing many at once: an outcome, a side, another actor, a note. */
    public static Amended amended(Moment moment, String text, Place place, Lexicon lexicon) {
        Amended asItStands = amendedBy(moment, text, place, lexicon);
        return asItStands.unread().isEmpty()
                ? asItStands
                : moment.actor()
                        .flatMap(actor -> new SaidFacts(place, lexicon).onlyFields(text, actor))
                        .map(fields -> amendedBy(moment, fields, place, lexicon))
                        .filter(amended -> amended.unread().isEmpty())
                        .orElse(asItStands);
    }

    private static Amended amendedBy(Moment moment, String text, Place place, Lexicon lexicon) {
        ScribeLine line = new ScribeLine(place, lexicon, Expectation.NONE);
        List<String> words = split(line.fields(text).front().strip());
        Optional<Seat> front = line.actorInFront(words);
        List<String> rest = front.isPresent() ? words.subList(1, words.size()) : words;
        Optional<Seat> actor = front.or(() -> line.actorAmong(rest)).or(moment::actor);
        List<String> unread = new ArrayList<>(line.unread);
        for (int i = 0; i < rest.size(); i++) {
            if (!line.isDetail(rest, i)) {
                unread.add(rest.get(i));
            }
        }
        Telling base = moment.telling();
        for (Fact fact : line.telling.facts()) {
            base = base.facts().contains(fact) ? base : base.and(fact);
        }
        base = line.telling.note().isPresent()
                ? base.withNote(line.telling.note().get())
                : base;
        Telling told = new TypedDetails(rest)
                .in(base, actor, moment.technique().flatMap(lexicon::technique), line.links, line.remarks);
        Proposal amended = new Proposal(
                actor,
                moment.deed(),
                line.settled.or(() -> moment.settled().filter(where -> !where.workedOut())),
                told);
        return new Amended(amended.at(moment.id(), moment.atMicros(), place.now(), lexicon), unread);
    }
}
