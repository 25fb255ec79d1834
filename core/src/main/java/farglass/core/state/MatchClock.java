package farglass.core.state;

import farglass.core.bout.Bout;
import farglass.core.bout.Deed;
import farglass.core.bout.MidBoutStart;
import farglass.core.bout.Moment;
import farglass.core.bout.Segment;
import farglass.core.bout.Times;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.TreeMap;

/**
 * The match clock, derived from the bout's own timeline: it runs but for stoppages, and for footage that was cut in
 * (reference, demonstration, talk over a still picture). During a replay the match goes on unseen, unless it was stopped.
 */
public final class MatchClock {
    /** By so much may a clock read off the picture differ from the derived one before it is a finding. */
    static final long TOLERANCE_MICROS = 2_000_000;

    /** From an instant on, the clock runs or not. */
    private record Knot(long at, long played, boolean runs) {}

    /** A clock that the picture showed: so much was played by then, and so much was left. */
    private record Reading(long played, long left) {
        long leftAt(long playedMicros) {
            return Math.max(0, left - (playedMicros - played));
        }
    }

    private final List<Knot> knots = new ArrayList<>();
    private final List<Finding> findings = new ArrayList<>();
    private final OptionalLong left;
    private OptionalLong overtimeFrom = OptionalLong.empty();
    /** By the instant at which it was read. */
    private final TreeMap<Long, Reading> readings = new TreeMap<>();

    private MatchClock(Bout bout) {
        left = bout.header()
                .footage()
                .opening()
                .map(MidBoutStart::leftMicros)
                .orElse(bout.header().lengthMicros());
        List<long[]> frozen = new ArrayList<>();
        for (Segment segment : bout.header().footage().segments()) {
            if (segment.kind() != Segment.Kind.LIVE && segment.kind() != Segment.Kind.REPLAY) {
                frozen.add(new long[] {segment.fromMicros(), segment.toMicros()});
            }
        }
        run(bout, frozen);
    }

    /** {@return the clock of a bout; linear in its moments and segments} Moments without a time do not move it. */
    public static MatchClock of(Bout bout) {
        return new MatchClock(bout);
    }

    private void run(Bout bout, List<long[]> frozen) {
        record Turn(long at, int stops, int freezes, Moment moment) {}
        List<Turn> turns = new ArrayList<>();
        for (long[] stretch : frozen) {
            turns.add(new Turn(stretch[0], 0, 1, null));
            turns.add(new Turn(stretch[1], 0, -1, null));
        }
        for (Moment moment : bout.moments()) {
            if (moment.atMicros().isPresent() && touchesClock(moment.deed())) {
                turns.add(new Turn(moment.atMicros().getAsLong(), stops(moment.deed()), 0, moment));
            }
        }
        turns.sort(Comparator.comparingLong(Turn::at));
        knots.add(new Knot(0, 0, true));
        boolean stopped = false;
        int freezes = 0;
        for (Turn turn : turns) {
            stopped = turn.stops() == 0 ? stopped : turn.stops() > 0;
            freezes += turn.freezes();
            knots.add(new Knot(turn.at(), playedMicros(turn.at()), !stopped && freezes == 0));
            if (turn.moment() != null) {
                note(turn.moment(), turn.at());
            }
        }
    }

    private static boolean touchesClock(Deed deed) {
        return stops(deed) != 0 || deed.clockRead().isPresent();
    }

    private static int stops(Deed deed) {
        if (deed.stop().isPresent() || deed.ended().isPresent()) {
            return 1;
        }
        return deed.restart().isPresent() || deed.begun().isPresent() ? -1 : 0;
    }

    private void note(Moment moment, long at) {
        if (moment.deed().begun().equals(Optional.of(Deed.Period.OVERTIME)) && overtimeFrom.isEmpty()) {
            overtimeFrom = OptionalLong.of(at);
        }
        Optional<Deed.ClockRead> clockRead = moment.deed().clockRead();
        if (clockRead.isPresent()) {
            Deed.ClockRead read = clockRead.get();
            OptionalLong derived = leftMicros(at);
            if (derived.isPresent() && Math.abs(derived.getAsLong() - read.leftMicros()) > TOLERANCE_MICROS) {
                findings.add(Finding.warning(
                        List.of(moment.id()),
                        "%s: the picture says %s left, but by the stoppages told there would be %s. Look for a stoppage or restart that is missing, or mend the time."
                                .formatted(
                                        moment.id(),
                                        Times.exact(read.leftMicros()),
                                        Times.seconds(derived.getAsLong()))));
            }
            readings.put(at, new Reading(playedMicros(at), read.leftMicros()));
        }
    }

    private Knot knot(long at) {
        int low = 0;
        int high = knots.size() - 1;
        while (low < high) {
            int middle = (low + high + 1) / 2;
            if (knots.get(middle).at() <= at) {
                low = middle;
            } else {
                high = middle - 1;
            }
        }
        return knots.get(low);
    }

    /** {@return microseconds of match time from the start of the timeline to that instant} */
    public long playedMicros(long at) {
        Knot knot = knot(at);
        return knot.played() + (knot.runs() ? Math.max(0, at - knot.at()) : 0);
    }

    /** {@return the first instant at which so much match time was played; {@link Long#MAX_VALUE} if none is known} */
    public long whenPlayed(long micros) {
        for (int i = 0; i < knots.size(); i++) {
            Knot knot = knots.get(i);
            boolean last = i + 1 == knots.size();
            if (knot.played() >= micros) {
                return knot.at();
            }
            if (knot.runs() && (last || knots.get(i + 1).played() >= micros)) {
                return knot.at() + micros - knot.played();
            }
        }
        return Long.MAX_VALUE;
    }

    /**
     * {@return the stretch of regular time in which so much of it or less was left; empty where the length is not known}
     *
     * @param endMicros of the bout; beyond it nothing is looked for
     */
    public Optional<Stretch> last(long micros, long endMicros) {
        if (leftMicros(0).isEmpty()) {
            return Optional.empty();
        }
        long to = overtimeFrom.orElse(Long.MAX_VALUE);
        // What is left never grows but where a clock was read off the picture: the first such instant is found by
        // halving.
        long low = 0;
        long high = Math.min(to, endMicros + 1);
        long end = high;
        while (low < high) {
            long middle = (low + high) / 2;
            if (leftMicros(middle).orElse(0) <= micros) {
                high = middle;
            } else {
                low = middle + 1;
            }
        }
        return Optional.of(new Stretch(low, low == end ? low : to));
    }

    public boolean runs(long at) {
        return knot(at).runs();
    }

    public boolean inOvertime(long at) {
        return overtimeFrom.isPresent() && at >= overtimeFrom.getAsLong();
    }

    /**
     * {@return time left in regular time, 0 or more; empty where neither length nor clock is known, and in overtime} A clock
     * read off the picture is believed over the derived one from there to the next. Where the length is not known, the first one tells what
     * was before it, too.
     */
    public OptionalLong leftMicros(long at) {
        if (inOvertime(at)) {
            return OptionalLong.empty();
        }
        long played = playedMicros(at);
        Map.Entry<Long, Reading> read = readings.floorEntry(at);
        if (read != null) {
            return OptionalLong.of(read.getValue().leftAt(played));
        }
        if (left.isPresent()) {
            return OptionalLong.of(Math.max(0, left.getAsLong() - played));
        }
        return readings.isEmpty()
                ? OptionalLong.empty()
                : OptionalLong.of(readings.firstEntry().getValue().leftAt(played));
    }

    /** {@return clocks read off the picture that contradict the stoppages told} */
    public List<Finding> findings() {
        return List.copyOf(findings);
    }
}
