package farglass.core.profile;

import farglass.core.bout.Bout;
import farglass.core.bout.BoutKind;
import farglass.core.bout.Moment;
import farglass.core.bout.Motive;
import farglass.core.bout.Seat;
import farglass.core.lexicon.Lexicon;
import farglass.core.lexicon.Technique;
import farglass.core.state.Attempt;
import farglass.core.state.Counting;
import farglass.core.state.Timeline;
import farglass.core.state.Visit;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * The part of a bout that counts: whole matches, and of these only the stretches whose story was watched. What was not
 * watched is not known; it never counts as not having happened.
 */
record Watched(Bout bout, Timeline timeline, Counting counting, Lexicon lexicon) {
    static Watched of(Bout bout, Lexicon lexicon) {
        return new Watched(bout, Timeline.of(bout, lexicon), Counting.of(bout), lexicon);
    }

    /** What was only shown so that the other moves does not try to succeed. */
    private static final Set<Motive> NOT_TRIED = EnumSet.of(Motive.FEINT, Motive.BAIT);

    private static boolean isTried(Moment moment) {
        return moment.telling().motive().filter(NOT_TRIED::contains).isEmpty();
    }

    /** {@return what the athlete tried and did within the watched stretches, feints and baits left out} */
    List<Attempt> attempts(Seat seat) {
        return Attempt.of(bout).stream()
                .filter(attempt -> attempt.actor().filter(seat::equals).isPresent())
                .filter(attempt -> attempt.technique(lexicon).isPresent())
                .filter(attempt -> counting.counts(attempt.first()))
                .filter(attempt -> attempt.steps().stream().allMatch(Watched::isTried))
                .toList();
    }

    /** {@return what anybody did within the watched stretches, in order} */
    List<Moment> deeds() {
        return bout.moments().stream()
                .filter(moment ->
                        moment.actor().isPresent() && moment.technique().isPresent())
                .filter(Watched::isTried)
                .filter(counting::counts)
                .toList();
    }

    /** {@return the visits whose beginning was watched} */
    List<Visit> visits() {
        return timeline.visits().stream()
                .filter(visit -> !visit.openStart() && counting.seen(visit.fromMicros()))
                .toList();
    }

    /**
     * {@return the moments that led into another place, where that was watched} Without a time it is not known how long they stayed, but
     * that they came there is.
     */
    List<Moment> arrivals() {
        Set<String> opened =
                visits().stream().flatMap(visit -> visit.openedBy().stream()).collect(Collectors.toSet());
        return bout.moments().stream()
                .filter(moment -> moment.atMicros().isPresent()
                        ? opened.contains(moment.id())
                        : counting.counts(moment) && !timeline.after(moment).equals(timeline.before(moment)))
                .toList();
    }

    /** {@return whether the end of the visit was watched} */
    boolean sawEnd(Visit visit) {
        return !visit.openEnd() && counting.seen(visit.toMicros());
    }

    /** {@return whether the start of a bout was watched: a film that begins in the middle has none, and a set position is none} */
    boolean sawStart() {
        return counting.seen(0)
                && bout.header().footage().opening().isEmpty()
                && bout.header().kind() != BoutKind.POSITIONAL;
    }

    Optional<Technique> technique(Moment moment) {
        return moment.technique().flatMap(lexicon::technique);
    }
}
