package farglass.core.corpus;

import farglass.core.bout.Bout;
import farglass.core.bout.BoutKind;
import farglass.core.bout.Deed;
import farglass.core.bout.Moment;
import farglass.core.bout.Motive;
import farglass.core.entry.Kind;
import farglass.core.entry.Technique;
import farglass.core.fact.Fact;
import farglass.core.fact.FactKind;
import farglass.core.fact.Layer;
import farglass.core.lexicon.Lexicon;
import farglass.core.side.Seat;
import farglass.core.side.Settled;
import farglass.core.state.Attempt;
import farglass.core.state.Conversation;
import farglass.core.state.Counting;
import farglass.core.state.Stretch;
import farglass.core.state.Timeline;
import farglass.core.state.Visit;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * One bout worked out: where the two were, what was watched, what was tried. Of what was not watched nothing is known; it never counts as
 * not having happened. A sheet is made once for each version of a bout and may be read by many threads.
 * <p>The one place that knows what was covered, what a chance is, what a try is and what followed it: whoever counts asks a sheet.
 */
public final class BoutSheet {
    private final Bout bout;
    private final Timeline timeline;
    private final Counting counting;
    private final Lexicon lexicon;
    private final List<Map<Kind, List<CountedTry>>> tried;
    /** The same of every kind, in the order of the bout. */
    private final List<List<CountedTry>> inOrder;

    private final List<Map<Kind, List<CountedTry>>> shown;
    private final List<Visit> visits;
    private final Conversation conversation;
    private final double watchedMinutes;
    private final List<Moment> seen;
    private final List<Moment> deeds;
    private final Map<Class<?>, List<Moment>> happened = new HashMap<>();
    private final Map<Kind, List<Moment>> acts = new EnumMap<>(Kind.class);
    private final Map<Class<?>, List<Moment>> told = new HashMap<>();
    private final Map<FactKind.Matter, List<Moment>> toldOf = new EnumMap<>(FactKind.Matter.class);
    private final Map<String, Set<String>> struck = new HashMap<>();
    private final Map<String, Integer> seenPlaces = new HashMap<>();
    private final Map<String, Integer> deedPlaces = new HashMap<>();

    private BoutSheet(Bout bout, Lexicon lexicon, Timeline timeline, Optional<List<Stretch>> only) {
        this.bout = bout;
        this.lexicon = lexicon;
        this.timeline = timeline;
        this.counting = Counting.of(bout, only);
        this.tried = List.of(new EnumMap<>(Kind.class), new EnumMap<>(Kind.class));
        this.shown = List.of(new EnumMap<>(Kind.class), new EnumMap<>(Kind.class));
        attempts();
        this.inOrder = tried.stream()
                .map(byKind -> byKind.values().stream()
                        .flatMap(List::stream)
                        .sorted(Comparator.comparingInt(CountedTry::place))
                        .toList())
                .toList();
        bout.moments()
                .forEach(moment -> moment.telling().facts(Fact.Struck.class).forEach(fact -> struck.computeIfAbsent(
                                moment.id(), any -> new HashSet<>())
                        .add(fact.figure())));
        this.seen = bout.moments().stream().filter(counting::counts).toList();
        for (int i = 0; i < seen.size(); i++) {
            seenPlaces.put(seen.get(i).id(), i);
        }
        for (Moment moment : seen) {
            happened.computeIfAbsent(moment.deed().getClass(), any -> new ArrayList<>())
                    .add(moment);
            moment.telling().facts().stream().map(Fact::getClass).distinct().forEach(kind -> told.computeIfAbsent(
                            kind, any -> new ArrayList<>())
                    .add(moment));
            moment.telling().facts().stream()
                    .map(fact -> fact.factKind().matter())
                    .distinct()
                    .forEach(matter -> toldOf.computeIfAbsent(matter, any -> new ArrayList<>())
                            .add(moment));
        }
        seen.forEach(moment -> technique(moment)
                .ifPresent(technique -> acts.computeIfAbsent(technique.kind(), any -> new ArrayList<>())
                        .add(moment)));
        this.deeds = watchedDeeds();
        for (int i = 0; i < deeds.size(); i++) {
            deedPlaces.put(deeds.get(i).id(), i);
        }
        this.conversation = Conversation.of(bout);
        this.watchedMinutes = counting.watchedMicros(timeline.clock()) / 60e6;
        this.visits = timeline.visits().stream()
                .filter(visit -> !visit.openStart() && counting.seen(visit.fromMicros()))
                .toList();
    }

    /** {@return the sheet of a bout, with the words of that lexicon} Linear in its moments. */
    public static BoutSheet of(Bout bout, Lexicon lexicon) {
        return new BoutSheet(bout, lexicon, Timeline.of(bout, lexicon), Optional.empty());
    }

    /** {@return the same bout as if only that part of it had been watched, from the view of whoever sits there} */
    BoutSheet within(PartOfBout part, Seat seat) {
        return new BoutSheet(bout, lexicon, timeline, part.of(bout, timeline.clock(), seat));
    }

    public Bout bout() {
        return bout;
    }

    public Timeline timeline() {
        return timeline;
    }

    public Lexicon lexicon() {
        return lexicon;
    }

    /** {@return whether anything of the bout counts, and if not why} */
    public Counting.Standing standing() {
        return Counting.standing(bout);
    }

    /** {@return by moment, ids of the tallies of which somebody said that it does not count there} */
    Map<String, Set<String>> struck() {
        return struck;
    }

    /**
     * {@return whether that layer was looked at where the moment is} Only there is it known that something of the layer did not happen; a
     * moment without a time lies in no stretch.
     */
    public boolean covers(Layer layer, Moment moment) {
        return moment.atMicros().isPresent() && covers(layer, moment.atMicros().getAsLong());
    }

    /** {@return whether that layer was looked at all the way from there to the moment} @param fromMicros on the bout's timeline */
    public boolean covers(Layer layer, long fromMicros, Moment moment) {
        return moment.atMicros().isPresent()
                && bout.header().covers(layer, fromMicros, moment.atMicros().getAsLong());
    }

    /** {@return whether that layer was looked at there} @param micros on the bout's timeline, in microseconds */
    public boolean covers(Layer layer, long micros) {
        return bout.header().covers(layer, micros);
    }

    /** What was only shown so that the other moves does not try to succeed. */
    private static final Set<Motive> NOT_TRIED = EnumSet.of(Motive.FEINT, Motive.BAIT);

    private static boolean isTried(Moment moment) {
        return moment.telling().motive().filter(NOT_TRIED::contains).isEmpty();
    }

    private void attempts() {
        boolean stands = standing() == Counting.Standing.COUNTS;
        List<Attempt> attempts = Attempt.of(bout);
        for (int place = 0; place < attempts.size(); place++) {
            Attempt attempt = attempts.get(place);
            Optional<Technique> technique = attempt.technique(lexicon);
            if (attempt.actor().isEmpty() || technique.isEmpty()) {
                continue;
            }
            boolean counts =
                    counting.counts(attempt.first()) && attempt.steps().stream().allMatch(BoutSheet::isTried);
            if (counts || !stands) {
                (stands ? tried : shown)
                        .get(attempt.actor().get().ordinal())
                        .computeIfAbsent(technique.get().kind(), kind -> new ArrayList<>())
                        .add(CountedTry.of(place, attempt, technique.get()));
            }
        }
    }

    /** {@return what of that kind the athlete tried within the watched stretches, in order; feints and baits left out} */
    public List<CountedTry> tried(Seat seat, Kind kind) {
        return Collections.unmodifiableList(tried.get(seat.ordinal()).getOrDefault(kind, List.of()));
    }

    /** {@return what of those kinds the athlete tried, in the order of the bout} */
    public List<CountedTry> tried(Seat seat, Set<Kind> kinds) {
        List<CountedTry> of = new ArrayList<>();
        for (CountedTry each : inOrder.get(seat.ordinal())) {
            if (kinds.contains(each.technique().kind())) {
                of.add(each);
            }
        }
        return of;
    }

    /** {@return what of that kind is told of the athlete in a bout that counts in nothing; empty for one that counts} */
    public List<CountedTry> shown(Seat seat, Kind kind) {
        return Collections.unmodifiableList(shown.get(seat.ordinal()).getOrDefault(kind, List.of()));
    }

    /**
     * {@return what the other one did about a try: what a person linked to any of its steps as the answer, else what merely followed the
     * last of them; empty if nothing did}
     */
    public Optional<Conversation.Reply> reply(CountedTry tried) {
        return tried.attempt().steps().stream()
                .flatMap(step -> conversation.after(step).stream())
                .filter(Conversation.Reply::confirmed)
                .reduce((earlier, later) -> later)
                .or(() -> conversation.after(tried.attempt().last()));
    }

    /** {@return match time of the watched stretches, in minutes: in so many could something happen; 0 where nothing counts} */
    public double watchedMinutes() {
        return watchedMinutes;
    }

    /** {@return what anybody did within the watched stretches, in order} */
    public List<Moment> deeds() {
        return deeds;
    }

    private List<Moment> watchedDeeds() {
        return seen.stream()
                .filter(moment ->
                        moment.actor().isPresent() && moment.technique().isPresent())
                .filter(BoutSheet::isTried)
                .toList();
    }

    /** {@return which of {@link #seen()} that moment is, from 0; -1 for one that was not watched} */
    public int place(Moment moment) {
        return seenPlaces.getOrDefault(moment.id(), -1);
    }

    /** {@return what the referee gave, watched or not} */
    public List<Moment> awards() {
        return bout.moments().stream()
                .filter(moment -> moment.deed().given().isPresent())
                .toList();
    }

    /** {@return everything that happened within the watched stretches, in order} */
    public List<Moment> seen() {
        return seen;
    }

    /** {@return the watched moments at which something of that kind happened, in order: awards, stops, restarts} */
    public List<Moment> happened(Class<? extends Deed> kind) {
        return Collections.unmodifiableList(happened.getOrDefault(kind, List.of()));
    }

    /** {@return the watched moments at which something of that kind was done, meant or not, in order} */
    public List<Moment> acts(Kind kind) {
        return Collections.unmodifiableList(acts.getOrDefault(kind, List.of()));
    }

    /**
     * {@return what is told of that kind there} Nothing of a layer that was not looked through there, though it may have been told in passing.
     */
    public <F extends Fact> Stream<F> facts(Moment moment, Class<F> kind) {
        return moment.telling().facts(kind).filter(fact -> isLookedFor(fact, moment));
    }

    /** What counts at all was watched for the story. */
    private boolean isLookedFor(Fact fact, Moment moment) {
        return fact.layer() == Layer.STORY || covers(fact.layer(), moment);
    }

    /** {@return the watched moments at which {@link #facts} of that kind are told, in order} */
    public List<Moment> telling(Class<? extends Fact> kind) {
        return told(kind).stream()
                .filter(moment -> facts(moment, kind).findAny().isPresent())
                .toList();
    }

    /** {@return the watched moments at which a fact of that kind is told, looked for or in passing, in order} Nothing can be counted from it. */
    public List<Moment> told(Class<? extends Fact> kind) {
        return Collections.unmodifiableList(told.getOrDefault(kind, List.of()));
    }

    /** {@return the watched moments at which something of that matter is told, in order} Nothing can be counted from it. */
    public List<Moment> told(FactKind.Matter matter) {
        return Collections.unmodifiableList(toldOf.getOrDefault(matter, List.of()));
    }

    /** {@return what whoever acted there did next, within so many microseconds; empty if nothing, or the times are not known} */
    public Optional<Moment> nextOwn(Moment moment, long withinMicros) {
        return near(moment, 1, withinMicros, moment.actor());
    }

    /** {@return what whoever acted there had done before, within so many microseconds; empty if nothing, or the times are not known} */
    public Optional<Moment> lastOwn(Moment moment, long withinMicros) {
        return near(moment, -1, withinMicros, moment.actor());
    }

    /** {@return what the other one had done before, within so many microseconds; empty if nothing, or the times are not known} */
    public Optional<Moment> lastOthers(Moment moment, long withinMicros) {
        return near(moment, -1, withinMicros, moment.actor().map(Seat::other));
    }

    private Optional<Moment> near(Moment moment, int step, long withinMicros, Optional<Seat> whose) {
        Integer at = deedPlaces.get(moment.id());
        if (at == null || moment.atMicros().isEmpty()) {
            return Optional.empty();
        }
        long from = moment.atMicros().getAsLong();
        for (int i = at + step; i >= 0 && i < deeds.size(); i += step) {
            Moment other = deeds.get(i);
            if (other.atMicros().isEmpty() || Math.abs(other.atMicros().getAsLong() - from) > withinMicros) {
                return Optional.empty();
            }
            if (other.actor().equals(whose)) {
                return Optional.of(other);
            }
        }
        return Optional.empty();
    }

    /** {@return match time of the watched stretches between two instants of the bout, in minutes; 0 where nothing counts} */
    public double watchedMinutes(long fromMicros, long toMicros) {
        return counting.watchedMicros(timeline.clock(), fromMicros, toMicros) / 60e6;
    }

    /** {@return every visit of which any time was watched, though its beginning was not} */
    public List<Visit> present() {
        return timeline.visits().stream()
                .filter(visit -> watchedMinutes(visit.fromMicros(), visit.toMicros()) > 0)
                .toList();
    }

    /** {@return the visits whose beginning was watched} */
    public List<Visit> visits() {
        return visits;
    }

    /**
     * {@return the moments that led into another place, where that was watched} Without a time it is not known how long they stayed, but
     * that they came there is.
     */
    public List<Moment> arrivals() {
        Set<String> opened =
                visits().stream().flatMap(visit -> visit.openedBy().stream()).collect(Collectors.toSet());
        return bout.moments().stream()
                .filter(moment -> moment.atMicros().isPresent()
                        ? opened.contains(moment.id())
                        : counting.counts(moment) && !timeline.after(moment).equals(timeline.before(moment)))
                .toList();
    }

    /** {@return what answered or followed what} */
    public Conversation conversation() {
        return conversation;
    }

    /** {@return whether the end of the visit was watched} */
    public boolean sawEnd(Visit visit) {
        return !visit.openEnd() && counting.seen(visit.toMicros());
    }

    /** {@return whether the start of a bout was watched: a film that begins in the middle has none, and a set position is none} */
    public boolean sawStart() {
        return counting.seen(0)
                && bout.header().footage().opening().isEmpty()
                && bout.header().kind() != BoutKind.POSITIONAL;
    }

    /**
     * {@return what a moment is counted as: its technique, with its variants; the place, where it only tells one} Empty for a kind
     * without a method, and for what is neither.
     */
    public Optional<String> name(Moment moment) {
        return moment.deed().onlyPlace()
                ? moment.settled().map(Settled::position)
                : technique(moment)
                        .filter(technique -> !technique.generic())
                        .map(technique -> lexicon.together(technique.key()));
    }

    /** {@return the technique of a moment, if this lexicon has it} */
    public Optional<Technique> technique(Moment moment) {
        return moment.technique().flatMap(lexicon::technique);
    }
}
