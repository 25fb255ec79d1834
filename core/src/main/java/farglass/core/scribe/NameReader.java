package farglass.core.scribe;

import farglass.core.bout.Bout;
import farglass.core.bout.Deed;
import farglass.core.bout.Telling;
import farglass.core.entry.SideRule;
import farglass.core.entry.Technique;
import farglass.core.entry.Term;
import farglass.core.lexicon.Lexicon;
import farglass.core.naming.Here;
import farglass.core.naming.Naming;
import farglass.core.naming.Words;
import farglass.core.notation.FieldHints;
import farglass.core.said.PhraseMeaning;
import farglass.core.said.PhraseReader;
import farglass.core.said.Scene;
import farglass.core.scribe.typed.ActorWords;
import farglass.core.scribe.typed.TypedDetails;
import farglass.core.side.Seat;
import farglass.core.side.Settled;
import farglass.core.state.Stand;
import farglass.core.state.UnusualAhead;
import farglass.core.state.Whereabouts;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.Supplier;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/** Reads what has a name, or would have: which words of a line are the name, and what the others tell of it. */
final class NameReader {
    private final ReadingDraft draft;
    private final Bout bout;
    private final Stand now;
    private final int before;
    private final Lexicon lexicon;
    private final Expectation expectation;
    private final ActorWords actors;
    private final Scene scene;

    NameReader(ReadingDraft draft) {
        this.draft = draft;
        this.bout = draft.place.bout();
        this.now = draft.place.now();
        this.before = draft.place.before();
        this.lexicon = draft.lexicon;
        this.expectation = draft.expectation;
        this.actors = draft.actors;
        this.scene = Scene.of(now, bout.header());
    }

    /** What has a name, or would have. */
    Reading said(List<String> words, Optional<Seat> front) {
        int first = front.isPresent() ? 1 : 0;
        List<String> rest = words.subList(first, words.size());
        Optional<Seat> actor = front.or(() -> actors.among(rest).filter(seat -> !isPlace(rest)));
        TypedDetails all = new TypedDetails(IntStream.range(0, rest.size())
                .filter(at -> TypedDetails.isDetail(rest, at))
                .mapToObj(rest::get)
                .toList());
        Naming.Hint hint =
                FieldHints.of(all.became(Optional.empty()), all.line().isPresent());
        Here here = scene.by(actor);
        NameSearch search = new NameSearch(
                lexicon.naming(),
                here,
                hint,
                rest,
                // "Ann plan b": who acts is named in front, and a single letter is no second name.
                at -> actors.isDetail(rest, at)
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
            PhraseMeaning whole = PhraseReader.read(search.text(core), actor, scene, Optional.empty(), hint, lexicon);
            if (whole.how().isPresent()) {
                return meant(search, core, rephrasing, actor);
            }
            // "Triangle from guard deep": how far it got stands beside more than the bare name.
            boolean beside = !named.equals(core)
                    && technique(PhraseReader.read(search.text(named), actor, scene, Optional.empty(), hint, lexicon))
                            .isPresent();
            if (beside) {
                return meant(search, named, rephrasing, actor);
            }
            return draft.kept(
                    search.text(core),
                    actor,
                    around(rest, core),
                    () -> rephrasing.saying(near(search, core), core, search.text(core)),
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
            Reading reading = new NameReader(draft.afresh()).said(finished, front);
            if (reading.how().isPresent()) {
                ends.put(detail, reading);
            }
        }
        return ends.entrySet().stream().findFirst().map(likeliest -> {
            List<String> told = new ArrayList<>(likeliest.getValue().remarks());
            told.add("“%s” was finished to %s.".formatted(typed, likeliest.getKey()));
            NameSearch.Span all = new NameSearch.Span(0, words.size() - rephrasing.first());
            return new Reading(
                    likeliest.getValue().proposal(), Optional.of(Naming.How.FINISHED), told, () -> Stream.concat(
                                    ends.keySet().stream().map(rephrasing::ending), Stream.of(rephrasing.keeping(all)))
                            .toList());
        });
    }

    private Reading details(List<String> words, Optional<Seat> actor, Rephrasing rephrasing) {
        boolean taps = new TypedDetails(words).taps();
        if (actor.isPresent() && (taps || words.equals(List.of("tap")))) {
            Optional<Reading> tapped = TapByTheOther.to(
                    draft.place,
                    actor.get(),
                    lock -> draft.told(new TypedDetails(words), actor.map(Seat::other), Optional.of(lock)),
                    lexicon);
            if (tapped.isPresent()) {
                return tapped.get();
            }
        }
        if (actor.isPresent() && taps) {
            // Who taps has been submitted: the try is the other's, and which it was is not told here.
            String other = bout.header().contestant(actor.get().other()).name();
            return draft.kept(
                    String.join(" ", words),
                    actor,
                    new TypedDetails(List.of()),
                    () -> List.of(new Reading.Alternative(
                            "Submission by %s, tapped".formatted(other),
                            actor.get().other() + " submission tap ",
                            "who taps has been submitted")),
                    false,
                    Optional.empty());
        }
        Telling told = draft.told(new TypedDetails(words), actor, Optional.empty());
        draft.fields
                .unread()
                .forEach(field -> draft.remark("“%s” is no field and would not be saved.".formatted(field)));
        draft.remark("Say what it was as well: “%s” names nothing that was done. Enter keeps a bare mark with it."
                .formatted(String.join(" ", words)));
        return draft.reading(
                new Proposal(actor, new Deed.Mark(), draft.fields.settled(), told),
                Optional.empty(),
                () -> rephrasing.naming(tellable(new TypedDetails(words), rephrasing.here())));
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

    private Reading meant(NameSearch search, NameSearch.Span span, Rephrasing rephrasing, Optional<Seat> actor) {
        String phrase = search.text(span);
        TypedDetails details = around(search.words(), span);
        PhraseMeaning said =
                PhraseReader.read(phrase, actor, scene, details.became(Optional.empty()), search.hint(), lexicon);
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
        if (said.how().isEmpty()
                || otherLimb.isPresent()
                || !draft.fields.unread().isEmpty()
                || !unused.isEmpty()) {
            NameSearch.Span all = otherLimb.isPresent()
                    ? new NameSearch.Span(0, search.words().size())
                    : withUnused(search.words(), span, unused);
            boolean clear = said.how().isPresent();
            return draft.kept(
                    search.text(all),
                    actor,
                    around(search.words(), all),
                    () -> rephrasing.saying(
                            clear ? terms(said) : said.others(),
                            all,
                            clear ? String.join("; ", concat(List.of(search.text(all)), draft.fields.unread())) : ""),
                    said.unclear(),
                    kind(said));
        }
        Supplier<List<Reading.Alternative>> offers = said.how().equals(Optional.of(Naming.How.MENDED))
                ? () -> List.of(rephrasing.keeping(span))
                : () -> rephrasing.saying(others(phrase, said), span, "");
        if (said.how().equals(Optional.of(Naming.How.MENDED))) {
            draft.remark("“%s” was read as %s.".formatted(phrase, label(said)));
        }
        return proposal(said, phrase, actor, details, offers);
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
        boolean all = !lexicon.naming().isBeginning(search.text(span), terms.get(0));
        unused = concat(unused, article || all || !unused.isEmpty() ? details.loose(true) : List.of());
        if (!draft.fields.unread().isEmpty() || !unused.isEmpty() || all) {
            NameSearch.Span kept = withUnused(search.words(), span, unused);
            return draft.kept(
                    search.text(kept),
                    actor,
                    around(search.words(), kept),
                    () -> rephrasing.saying(terms, kept, all ? "" : search.text(kept)),
                    false,
                    Optional.empty());
        }
        PhraseMeaning said = PhraseReader.meaning(
                terms.get(0), search.text(span), actor, scene, details.became(Optional.empty()), lexicon);
        draft.remark("“%s” was finished to %s."
                .formatted(search.text(span), terms.get(0).label()));
        Supplier<List<Reading.Alternative>> offers =
                () -> Stream.concat(rephrasing.saying(terms, span, "").stream(), Stream.of(rephrasing.keeping(span)))
                        .toList();
        Reading reading = proposal(said, search.text(span), actor, details, offers);
        return draft.reading(reading.proposal(), Optional.of(Naming.How.FINISHED), offers);
    }

    private Reading proposal(
            PhraseMeaning said,
            String words,
            Optional<Seat> named,
            TypedDetails details,
            Supplier<List<Reading.Alternative>> offers) {
        Optional<Technique> technique = technique(said);
        Optional<Seat> actor = named.or(() -> technique.flatMap(this::onlyOneWhoCould));
        Telling told = said.manner().in(draft.told(details, actor, technique));
        technique
                .flatMap(what -> actor.flatMap(seat -> UnusualAhead.of(what, seat, bout, before, now, lexicon)))
                .ifPresent(draft::remark);
        Optional<Seat> lands =
                said.deed().onlyPlace() && !ActorWords.tellsRole(words) ? landing(words) : Optional.empty();
        Optional<Settled> where = said.settled()
                .map(place -> lands.isPresent() && place.top().isPresent() && isGuard(place)
                        ? new Settled(place.position(), lands, false)
                        : turned(place, named, details));
        return draft.reading(
                new Proposal(actor, said.deed(), draft.fields.settled().or(() -> where), told), said.how(), offers);
    }

    private boolean isGuard(Settled place) {
        return lexicon.position(place.position())
                .filter(position -> position.family().isGuard())
                .isPresent();
    }

    /** Who has just thrown or swept the other lands in a guard on top of it, and so does whoever was just pulled into one. */
    private Optional<Seat> landing(String words) {
        int last = Math.min(before, bout.moments().size()) - 1;
        return draft.place
                .landing()
                .or(() -> lexicon.naming().arrives(words) && last >= 0
                        ? Whereabouts.landing(bout.moments().get(last), lexicon)
                        : Optional.empty());
    }

    /** Who is named with a guard plays it, and has any other place from the top, unless "on top" or "under" says otherwise. */
    private Settled turned(Settled place, Optional<Seat> actor, TypedDetails details) {
        if (place.top().isEmpty() || actor.isEmpty()) {
            return place;
        }
        Optional<Seat> top = details.under() ? actor.map(Seat::other) : details.onTop() ? actor : place.top();
        return new Settled(place.position(), top, place.workedOut());
    }

    private static Optional<String> kind(PhraseMeaning said) {
        return said.deed().unnamed().flatMap(Deed.Unnamed::kind);
    }

    private Optional<Technique> technique(PhraseMeaning said) {
        return said.deed().did().flatMap(lexicon::technique);
    }

    private List<Term> terms(PhraseMeaning said) {
        return technique(said).<List<Term>>map(List::of).orElseGet(() -> said.settled()
                .flatMap(place -> lexicon.position(place.position()))
                .<List<Term>>map(List::of)
                .orElse(List.of()));
    }

    private String label(PhraseMeaning said) {
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

    private List<Term> near(NameSearch search, NameSearch.Span core) {
        return lexicon.naming().near(search.text(core), search.here(), Rephrasing.MOST);
    }

    /** Other things the same words mean, which fit here less well. */
    private List<Term> others(String phrase, PhraseMeaning said) {
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
}
