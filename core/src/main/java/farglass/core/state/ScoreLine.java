package farglass.core.state;

import farglass.core.bout.Award;
import farglass.core.bout.Bout;
import farglass.core.bout.Moment;
import farglass.core.bout.TakenBack;
import farglass.core.side.Seat;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;

/**
 * How it stood for one athlete, from one award to the next, by points alone. Awards count whether they were watched or not: the score is
 * what it was. Of a film that begins in the middle it is not known.
 */
public final class ScoreLine {
    /** How it stands. */
    public enum Lead {
        AHEAD,
        LEVEL,
        BEHIND;

        /** {@return the word for it in files and on screen} */
        public String label() {
            return name().toLowerCase(Locale.ROOT);
        }

        private static Lead of(int points) {
            return points > 0 ? AHEAD : points < 0 ? BEHIND : LEVEL;
        }
    }

    /** From an instant on it stands so. */
    private record Knot(long fromMicros, Lead lead) {}

    private final List<Knot> knots = new ArrayList<>();

    private ScoreLine(Bout bout, Seat seat) {
        Map<String, Integer> given = new HashMap<>();
        knots.add(new Knot(0, Lead.LEVEL));
        for (Moment moment : bout.moments()) {
            if (moment.atMicros().isEmpty()) {
                continue;
            }
            int known = given.size();
            if (moment.actor().isPresent() && moment.deed().gives(Award.Kind.POINTS)) {
                int points = moment.deed().given().orElseThrow().points();
                given.put(moment.id(), moment.actor().get() == seat ? points : -points);
            }
            boolean tied = given.keySet().removeAll(TakenBack.by(moment));
            if (tied || given.size() != known) {
                int points = given.values().stream().mapToInt(Integer::intValue).sum();
                knots.add(new Knot(moment.atMicros().getAsLong(), Lead.of(points)));
            }
        }
    }

    /** {@return how it stood for whoever sits there} Linear in the moments of the bout. */
    public static ScoreLine of(Bout bout, Seat seat) {
        return new ScoreLine(bout, seat);
    }

    /** {@return whether the score of the bout is known from its beginning} */
    public static boolean isKnown(Bout bout) {
        return bout.header().footage().opening().isEmpty();
    }

    /** {@return how it stood at that instant} */
    public Lead at(long micros) {
        Lead lead = Lead.LEVEL;
        for (Knot knot : knots) {
            if (knot.fromMicros() > micros) {
                break;
            }
            lead = knot.lead();
        }
        return lead;
    }

    public boolean wasEver(Lead lead) {
        return knots.stream().anyMatch(knot -> knot.lead() == lead);
    }

    /** {@return the stretches of the bout in which it stood so, in order} */
    public List<Stretch> stretches(Lead lead) {
        List<Stretch> stretches = new ArrayList<>();
        for (int i = 0; i < knots.size(); i++) {
            long to = i + 1 < knots.size() ? knots.get(i + 1).fromMicros() : Long.MAX_VALUE;
            if (knots.get(i).lead() == lead && to > knots.get(i).fromMicros()) {
                stretches.add(new Stretch(knots.get(i).fromMicros(), to));
            }
        }
        return stretches;
    }
}
