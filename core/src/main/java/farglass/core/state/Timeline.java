package farglass.core.state;

import farglass.core.bout.Bout;
import farglass.core.bout.Moment;
import farglass.core.bout.Segment;
import farglass.core.entry.Meaning;
import farglass.core.lexicon.Lexicon;
import farglass.core.naming.Words;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * Who was where at every instant of a bout, as far as its moments tell. Time in a scramble, or out of sight, is a state of
 * its own and never credited to the last settled position.
 */
public final class Timeline {
    private final List<Visit> visits = new ArrayList<>();
    private final List<Finding> findings = new ArrayList<>();
    private final Unusual unusual;
    private final Map<String, Stand> before = new HashMap<>();
    private final Map<String, Stand> after = new HashMap<>();
    private final Lexicon lexicon;
    private final long endMicros;

    private final Bout bout;
    private final MatchClock clock;

    private Stand now;
    private long since;
    private boolean openStart;
    private Optional<String> openedBy = Optional.empty();

    private Timeline(Bout bout, Lexicon lexicon) {
        this.bout = bout;
        this.lexicon = lexicon;
        this.clock = MatchClock.of(bout);
        this.unusual = new Unusual(lexicon);
        this.endMicros = bout.extentMicros();
        now = Whereabouts.start(bout, lexicon);
        openStart = !now.position().means(Meaning.STANDING);
        walk();
        close(endMicros, Optional.empty());
        findings.addAll(unusual.findings());
        findings.addAll(Contradictions.in(bout, lexicon));
        findings.addAll(clock.findings());
    }

    /** Moments in their order, and between them the stretches in which nothing live is seen. */
    private void walk() {
        List<Segment> cuts = bout.header().footage().segments().stream()
                .filter(segment -> !segment.isLive())
                .sorted(Comparator.comparingLong(Segment::fromMicros))
                .toList();
        int cut = 0;
        long at = 0;
        for (Moment moment : bout.moments()) {
            at = moment.atMicros().orElse(at);
            while (cut < cuts.size() && cuts.get(cut).toMicros() <= at) {
                skip(cuts.get(cut++));
            }
            if (cut < cuts.size() && cuts.get(cut).holds(at)) {
                before.put(moment.id(), now);
                after.put(moment.id(), now);
            } else {
                step(moment, at);
            }
        }
        while (cut < cuts.size()) {
            skip(cuts.get(cut++));
        }
    }

    /** What a replay hides is not known afterwards either, unless the match stood still meanwhile. */
    private void skip(Segment segment) {
        long from = Math.min(Math.max(segment.fromMicros(), since), endMicros);
        long to = Math.min(Math.max(segment.toMicros(), from), endMicros);
        Stand kept = now;
        close(from, Optional.empty());
        now = new Stand(lexicon.place(Meaning.NOT_VISIBLE), Optional.empty());
        openedBy = Optional.empty();
        openStart = true;
        close(to, Optional.empty());
        openStart = true;
        now = clock.runs(from) && segment.kind() == Segment.Kind.REPLAY ? now : kept;
    }

    /** {@return the timeline of a bout; linear in its moments} Words the lexicon lacks change nothing. */
    public static Timeline of(Bout bout, Lexicon lexicon) {
        return new Timeline(bout, lexicon);
    }

    private void step(Moment moment, long at) {
        before.put(moment.id(), now);
        check(moment);
        Stand next = Whereabouts.after(now, moment, lexicon);
        if (!next.equals(now) || moment.settled().isPresent()) {
            unusual.moved();
        }
        if (!next.equals(now)) {
            close(at, Optional.of(moment.id()));
            now = next;
            openedBy = Optional.of(moment.id());
        }
        after.put(moment.id(), now);
    }

    private void close(long at, Optional<String> endedBy) {
        if (at > since) {
            boolean openEnd = endedBy.isEmpty();
            long played = clock.playedMicros(at) - clock.playedMicros(since);
            visits.add(new Visit(now, since, at, played, openStart, openEnd, openedBy, endedBy));
        }
        since = at;
        openStart = false;
    }

    private void check(Moment moment) {
        unusual.look(moment, now);
        moment.settled()
                .flatMap(settled -> lexicon.position(settled.position())
                        .filter(position -> position.hasTop() != settled.top().isPresent()))
                .ifPresent(position -> findings.add(Finding.warning(
                        List.of(moment.id()),
                        (position.hasTop()
                                        ? "%s: %s needs somebody on top, and nobody is named. Say who is."
                                        : "%s: in %s nobody is on top, yet somebody is named. Leave it out, or name another position.")
                                .formatted(moment.id(), Words.inSentence(position.label())))));
    }

    /** {@return the stays in each position, in order, without gaps} */
    public List<Visit> visits() {
        return List.copyOf(visits);
    }

    /** {@return the contradictions found, in the order of the moments} */
    public List<Finding> findings() {
        return List.copyOf(findings);
    }

    /** {@return where the athletes were just before that moment of this bout} */
    public Stand before(Moment moment) {
        return before.get(moment.id());
    }

    /** {@return where they were once it had happened} */
    public Stand after(Moment moment) {
        return after.get(moment.id());
    }

    /** {@return where they are at that instant; before the first visit, and after the last, the nearest one's} */
    public Stand at(long micros) {
        Stand found = visits.isEmpty() ? now : visits.get(0).stand();
        for (Visit visit : visits) {
            if (visit.fromMicros() > micros) {
                break;
            }
            found = visit.stand();
        }
        return found;
    }

    /** {@return the match clock of the bout} */
    public MatchClock clock() {
        return clock;
    }

    /** {@return what happened from each settled position to the next, in order} */
    public List<Exchange> exchanges() {
        return Exchange.of(bout.moments(), this::before, this::after);
    }

    /** {@return microseconds from the start to the last thing known of the bout} */
    public long endMicros() {
        return endMicros;
    }
}
