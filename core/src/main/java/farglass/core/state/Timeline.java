package farglass.core.state;

import farglass.core.bout.Became;
import farglass.core.bout.Bout;
import farglass.core.bout.Deed;
import farglass.core.bout.Layer;
import farglass.core.bout.Moment;
import farglass.core.bout.Seat;
import farglass.core.bout.Segment;
import farglass.core.bout.Settled;
import farglass.core.lexicon.Control;
import farglass.core.lexicon.Ends;
import farglass.core.lexicon.Lexicon;
import farglass.core.lexicon.Position;
import farglass.core.lexicon.Role;
import farglass.core.lexicon.Technique;
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
        this.endMicros = bout.extentMicros();
        // By the rules a bout starts standing; but only if its start was watched do we know that this is its start.
        boolean startSeen = bout.header().whole()
                && bout.header().footage().opening().isEmpty()
                && bout.header().covers(Layer.STORY, 0);
        now = new Stand(position(startSeen ? "standing" : "not-visible"), Optional.empty());
        openStart = !startSeen;
        walk();
        close(endMicros, Optional.empty());
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
        now = new Stand(position("not-visible"), Optional.empty());
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

    private Position position(String key) {
        return lexicon.position(key).orElseThrow(() -> new IllegalStateException("The lexicon lacks " + key));
    }

    private void step(Moment moment, long at) {
        before.put(moment.id(), now);
        moment.technique().flatMap(lexicon::technique).ifPresent(technique -> check(moment, technique));
        reached(moment).ifPresent(next -> {
            if (!next.equals(now)) {
                close(at, Optional.of(moment.id()));
                now = next;
                openedBy = Optional.of(moment.id());
            }
        });
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

    private Optional<Stand> reached(Moment moment) {
        if (moment.settled().isPresent()) {
            Settled settled = moment.settled().get();
            Optional<Position> position = lexicon.position(settled.position());
            if (position.isPresent() && position.get().hasTop() != settled.top().isPresent()) {
                findings.add(new Finding(
                        moment.id(),
                        (position.get().hasTop()
                                        ? "%s needs somebody on top, and nobody is named. Say who is."
                                        : "In %s nobody is on top, yet somebody is named. Leave it out, or name another position.")
                                .formatted(position.get().label())));
            }
            return position.map(found -> new Stand(found, settled.top()));
        }
        if (moment.deed() instanceof Deed.Restarted restarted) {
            // "Same" goes on from where it was stopped; the stop itself moved nobody.
            return restarted.resumed().equals(Optional.of(Deed.Resumed.SAME))
                    ? Optional.empty()
                    : Optional.of(new Stand(position("standing"), Optional.empty()));
        }
        return workedOut(moment, lexicon)
                .flatMap(settled -> lexicon.position(settled.position()).map(found -> new Stand(found, settled.top())));
    }

    /**
     * {@return where a moment leads by the rules of the sport alone} Only a technique that held and has an actor leads
     * anywhere; where it can end in several places, only who is on top is settled, and the place stays "not told".
     */
    public static Optional<Settled> workedOut(Moment moment, Lexicon lexicon) {
        if (moment.actor().isEmpty() || !moment.became(Became.HELD)) {
            return Optional.empty();
        }
        Seat actor = moment.actor().get();
        return moment.technique()
                .flatMap(lexicon::technique)
                .filter(technique -> !technique.to().isEmpty())
                .map(technique -> new Settled(
                        place(technique, lexicon),
                        switch (technique.ends()) {
                            case ACTOR -> Optional.of(actor);
                            case RECEIVER -> Optional.of(actor.other());
                            case NOBODY -> Optional.empty();
                        },
                        true));
    }

    private static String place(Technique technique, Lexicon lexicon) {
        if (technique.to().size() == 1) {
            return technique.to().get(0);
        }
        if (technique.ends() == Ends.NOBODY) {
            return "not-visible";
        }
        List<Control> places = technique.to().stream()
                .flatMap(key -> lexicon.position(key).stream())
                .map(Position::control)
                .toList();
        return places.stream().allMatch(Control::isPast)
                ? "past-not-told"
                : places.stream().allMatch(Control::isTopOnGround) ? "ground-not-told" : "attack-not-told";
    }

    private void check(Moment moment, Technique technique) {
        if (moment.actor().isEmpty() || !now.position().isSettled()) {
            return;
        }
        Role role = now.roleOf(moment.actor().get());
        if (!technique.canStart(now.position(), role)) {
            findings.add(new Finding(
                    moment.id(),
                    "%s does not start from %s%s. Mend the technique, the athlete, or the position before it."
                            .formatted(
                                    technique.label(),
                                    now.position().label().toLowerCase(java.util.Locale.ROOT),
                                    role == Role.TOP ? " on top" : role == Role.BOTTOM ? " underneath" : "")));
        }
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
        return Exchange.of(bout.moments(), this);
    }

    /** {@return microseconds from the start to the last thing known of the bout} */
    public long endMicros() {
        return endMicros;
    }
}
