package farglass.core.state;

import farglass.core.bout.Became;
import farglass.core.bout.Bout;
import farglass.core.bout.Moment;
import farglass.core.entry.Kind;
import farglass.core.lexicon.Lexicon;
import farglass.core.side.Seat;
import farglass.core.side.Stage;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * Who has the better of it over time, to one athlete.
 *
 * @param points knots of the curve in order of time
 */
public record Tide(List<Point> points) {
    /** How far a beaten line lifts the tide above the position it was tried from, by depth; past is the next position. */
    private static final double[] LINE_RUNGS = {0.06, 0.14, 0.24, 0.3};
    /** Likewise for the stages of every ladder; an escape leaves no mark. */
    private static double rung(Stage stage) {
        return switch (stage) {
            case THREAT, OFF_BALANCED, IN_HAND -> 0.1;
            case ONE_LEG_LOADED, BEHIND -> 0.15;
            case LOCKED, UPPER_BODY -> 0.25;
            case DEEP, HIP_DOWN, ONE_HOOK, DOWN -> 0.4;
            case TAP -> 1;
            case ESCAPED, ON_TOP, SETTLED -> 0;
        };
    }

    /**
     * A knot.
     *
     * @param atMicros on the bout's timeline
     * @param value in [-1, 1]; 1 is best for the athlete the tide is drawn for
     * @param rung whether it is a line or a stage touched and not kept, drawn as a spike
     */
    public record Point(long atMicros, double value, boolean rung) {}

    public Tide {
        points = List.copyOf(points);
    }

    public static Tide of(Bout bout, Timeline timeline, Lexicon lexicon, Seat seat, Scale scale) {
        List<Point> points = new ArrayList<>();
        for (Visit visit : timeline.visits()) {
            points.add(new Point(visit.fromMicros(), value(visit.stand(), seat, scale), false));
        }
        for (Moment moment : bout.moments()) {
            double lift = lift(moment, lexicon);
            if (lift > 0 && moment.atMicros().isPresent() && moment.actor().isPresent()) {
                double signed = moment.actor().get() == seat ? lift : -lift;
                double from = value(timeline.before(moment), seat, scale);
                points.add(new Point(moment.atMicros().getAsLong(), clamp(from + signed), true));
            }
        }
        points.sort(Comparator.comparingLong(Point::atMicros));
        return new Tide(points);
    }

    private static double lift(Moment moment, Lexicon lexicon) {
        double line = moment.telling()
                .line()
                .map(found -> LINE_RUNGS[found.ordinal()])
                .orElse(0.0);
        double stage = moment.telling().stage().map(Tide::rung).orElse(0.0);
        boolean sweepNearly = moment.became(Became.NEARLY)
                && moment.technique()
                        .flatMap(lexicon::technique)
                        .filter(technique -> technique.kind() == Kind.SWEEP || technique.kind() == Kind.TAKEDOWN)
                        .isPresent();
        return Math.max(Math.max(line, stage), sweepNearly ? 0.15 : 0);
    }

    private static double value(Stand stand, Seat seat, Scale scale) {
        double toTop = scale.of(stand.position());
        return stand.top().map(top -> top == seat ? toTop : -toTop).orElse(0.0);
    }

    private static double clamp(double value) {
        return Math.max(-1, Math.min(1, value));
    }

    /** {@return the settled value at that instant, rungs aside; 0 before the first knot} */
    public double at(long micros) {
        double found = 0;
        for (Point point : points) {
            if (point.atMicros() > micros) {
                break;
            }
            if (!point.rung()) {
                found = point.value();
            }
        }
        return found;
    }
}
