package farglass.core.pick;

import farglass.core.bout.Award;
import farglass.core.bout.Bout;
import farglass.core.bout.Deed;
import farglass.core.bout.Moment;
import farglass.core.bout.Telling;
import farglass.core.corpus.BoutSheet;
import farglass.core.corpus.Corpus;
import farglass.core.entry.Technique;
import farglass.core.lexicon.Lexicon;
import farglass.core.scribe.Proposal;
import farglass.core.side.Seat;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/**
 * What is likely to come next, for the digits: who acts, and then what that athlete does, each from the position, the last two
 * moments, this athlete and the whole library, backed off down to what the sport lets start here. It only orders the picks; an
 * outcome, a side or a motive is never among them, so none is ever filled in from habit.
 */
public final class Continuations {
    /**
     * One likely next moment.
     *
     * @param probability of just this moment coming next, in [0, 1]
     */
    public record Likely(Proposal proposal, double probability) {}

    /** What one moment taught, so that it can be taken back. */
    private record Lesson(
            List<String> whoContexts, Situation.Who who, Optional<List<String>> deedContexts, Optional<Deed> deed) {}

    private static final List<Optional<Seat>> ACTORS =
            List.of(Optional.of(Seat.A), Optional.of(Seat.B), Optional.empty());
    private static final List<Award> AWARDS =
            List.of(Award.points(2), Award.points(3), Award.points(4), Award.advantage(), Award.penalty());

    private static final Comparator<Likely> LIKELIEST =
            Comparator.comparingDouble(Likely::probability).reversed();

    private final Lexicon lexicon;
    private final UsualMoves usual;
    private final SequenceCounts<Situation.Who> whos = new SequenceCounts<>();
    private final SequenceCounts<Deed> deeds = new SequenceCounts<>();
    private final Map<String, List<Lesson>> lessons = new HashMap<>();
    private final Map<String, String> firstCodings = new HashMap<>();
    private Optional<String> setAside = Optional.empty();
    private final Map<String, Set<Deed>> possible = new HashMap<>();

    private Continuations(Lexicon lexicon) {
        this.lexicon = lexicon;
        this.usual = UsualMoves.of(lexicon);
    }

    /** {@return what the bouts of a library teach, watched or not} Linear in their moments. */
    public static Continuations learned(Corpus corpus) {
        Continuations learned = new Continuations(corpus.lexicon());
        for (BoutSheet sheet : corpus.sheets()) {
            Bout bout = sheet.bout();
            List<Lesson> taught = lessonsOf(sheet);
            learned.lessons.put(bout.id(), taught);
            learned.firstCodings.put(bout.id(), firstCoding(bout));
            taught.forEach(lesson -> learned.teach(lesson, 1));
        }
        return learned;
    }

    /**
     * Leaves a bout and every other coding of it out, until another is named: a bout that is being tagged must not teach what comes next
     * in it, nor must the first coding of a bout that is coded again blindly.
     */
    public void setAside(Bout bout) {
        String first = firstCoding(bout);
        lessons.forEach((id, taught) -> {
            boolean was = setAside.equals(Optional.of(firstCodings.get(id)));
            boolean is = first.equals(firstCodings.get(id));
            if (was != is) {
                taught.forEach(lesson -> teach(lesson, is ? -1 : 1));
            }
        });
        setAside = Optional.of(first);
    }

    private static String firstCoding(Bout bout) {
        return bout.header().codingOf().orElse(bout.id());
    }

    private static List<Lesson> lessonsOf(BoutSheet sheet) {
        Bout bout = sheet.bout();
        List<Lesson> taught = new ArrayList<>();
        for (int i = 0; i < bout.moments().size(); i++) {
            Moment moment = bout.moments().get(i);
            Situation before = Situation.after(bout, i, sheet.timeline().before(moment));
            Optional<Deed> deed = plain(moment.deed());
            taught.add(new Lesson(
                    whoContexts(before),
                    before.whoIs(moment.actor()),
                    deed.map(known -> deedContexts(before, moment.actor())),
                    deed));
        }
        return taught;
    }

    private void teach(Lesson lesson, int times) {
        lesson.whoContexts().forEach(context -> whos.add(context, lesson.who(), times));
        lesson.deedContexts()
                .ifPresent(contexts -> contexts.forEach(
                        context -> deeds.add(context, lesson.deed().orElseThrow(), times)));
    }

    /** {@return the deed without what belongs to one occasion; empty for what nobody would pick} */
    public static Optional<Deed> plain(Deed deed) {
        if (deed.did().isPresent() || deed.given().isPresent()) {
            return Optional.of(deed);
        }
        if (deed.stop().isPresent()) {
            return Optional.of(new Deed.Stopped(""));
        }
        return deed.restart().map(restarted -> new Deed.Restarted(restarted.resumed(), false));
    }

    /** Coarsest first. */
    private static List<String> whoContexts(Situation now) {
        String place = now.stand().position().key();
        // The top athlete's eyes, or the last actor's, so that both seats teach the same.
        Optional<Seat> eyes = now.stand().top().or(() -> now.last().flatMap(Moment::actor));
        String last = place + "|" + now.lastSeenBy(eyes);
        return List.of(now.stand().position().family().name(), place, last, last + "|" + now.secondLastSeenBy(eyes));
    }

    private static List<String> deedContexts(Situation now, Optional<Seat> actor) {
        Situation.Who who = now.whoIs(actor);
        boolean placed = who == Situation.Who.TOP || who == Situation.Who.BOTTOM || who == Situation.Who.NOBODY;
        String role = placed ? who.name() : "NEUTRAL";
        String family = now.stand().position().family().name() + "|" + role;
        String place = now.stand().position().key() + "|" + role;
        String last = place + "|" + now.lastSeenBy(actor);
        List<String> contexts = new ArrayList<>(List.of(family, place, last, last + "|" + now.secondLastSeenBy(actor)));
        actor.ifPresent(seat -> {
            contexts.add(now.name(seat) + "|" + place);
            contexts.add(now.name(seat) + "|" + last);
        });
        return contexts;
    }

    /** {@return up to so many next moments, the likeliest first, each with its probability} */
    public List<Likely> next(Situation now, int most) {
        List<List<Likely>> found = new ArrayList<>();
        List<SequenceCounts.Row<Situation.Who>> acting = whos.rows(whoContexts(now));
        for (Optional<Seat> actor : ACTORS) {
            double acts = SequenceCounts.share(acting, now.whoIs(actor), UsualMoves.acts(now, actor));
            List<SequenceCounts.Row<Deed>> doing = deeds.rows(deedContexts(now, actor));
            Set<Deed> startable = possible(now, actor);
            Map<Deed, Double> untaught = usual.shares(startable, now, actor);
            Set<Deed> candidates = new LinkedHashSet<>(startable);
            doing.forEach(row ->
                    row.seen().stream().filter(deed -> isAllowed(deed, now)).forEach(candidates::add));
            List<Likely> own = new ArrayList<>();
            for (Deed deed : candidates) {
                double probability = acts * SequenceCounts.share(doing, deed, untaught.getOrDefault(deed, 0.0));
                if (probability > 0) {
                    own.add(new Likely(new Proposal(actor, deed, Optional.empty(), Telling.NOTHING), probability));
                }
            }
            own.sort(LIKELIEST);
            found.add(own);
        }
        // Where both are as likely, each athlete's likeliest stand in turn.
        return IntStream.range(0, found.stream().mapToInt(List::size).max().orElse(0))
                .boxed()
                .flatMap(rank -> found.stream().filter(own -> rank < own.size()).map(own -> own.get(rank)))
                .sorted(LIKELIEST)
                .limit(most)
                .toList();
    }

    private boolean isAllowed(Deed deed, Situation now) {
        return deed.did().flatMap(lexicon::technique).map(now::allows).orElse(true);
    }

    /** What the sport lets that one do from here; blows only under rules that know them. */
    private Set<Deed> possible(Situation now, Optional<Seat> actor) {
        if (actor.isEmpty()) {
            return Set.of(
                    new Deed.Stopped(""),
                    new Deed.Restarted(Optional.of(Deed.Resumed.NEUTRAL), false),
                    new Deed.Restarted(Optional.of(Deed.Resumed.SAME), false));
        }
        return possible.computeIfAbsent(
                now.stand().position().key() + "|" + now.stand().roleOf(actor.get()) + "|" + now.blows() + "|"
                        + now.cloth(),
                any -> Stream.concat(
                                lexicon.techniques().stream()
                                        .filter(now::allows)
                                        .filter(technique -> technique.canStart(
                                                now.stand().position(),
                                                now.stand().roleOf(actor.get())))
                                        .map(Technique::key)
                                        .<Deed>map(Deed.Did::new),
                                AWARDS.stream().map(Deed.Awarded::new))
                        .collect(Collectors.toCollection(LinkedHashSet::new)));
    }
}
