package farglass.core.catalogue.pace;

import farglass.core.bout.Award;
import farglass.core.bout.Deed;
import farglass.core.bout.Moment;
import farglass.core.bout.Seat;
import farglass.core.corpus.BoutSheet;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** How it stood, from one award to the next: ahead, level or behind, by points alone. A film that begins in the middle is not asked. */
final class ScoreLine {
    static final String AHEAD = "ahead";
    static final String LEVEL = "level";
    static final String BEHIND = "behind";

    /** From an instant on, so many points more than the other. */
    private record Knot(long fromMicros, int lead) {}

    private final List<Knot> knots = new ArrayList<>();
    private final BoutSheet sheet;

    ScoreLine(BoutSheet sheet, Seat seat) {
        this.sheet = sheet;
        int lead = 0;
        knots.add(new Knot(0, 0));
        for (Moment moment : sheet.awards()) {
            if (moment.atMicros().isPresent()
                    && moment.actor().isPresent()
                    && moment.deed() instanceof Deed.Awarded awarded
                    && awarded.award().kind() == Award.Kind.POINTS) {
                int points = awarded.award().points();
                lead += moment.actor().get() == seat ? points : -points;
                knots.add(new Knot(moment.atMicros().getAsLong(), lead));
            }
        }
    }

    static boolean isKnown(BoutSheet sheet) {
        return sheet.bout().header().footage().opening().isEmpty();
    }

    private static String word(int lead) {
        return lead > 0 ? AHEAD : lead < 0 ? BEHIND : LEVEL;
    }

    String at(long micros) {
        int lead = 0;
        for (Knot knot : knots) {
            if (knot.fromMicros() > micros) {
                break;
            }
            lead = knot.lead();
        }
        return word(lead);
    }

    boolean wasEver(String state) {
        return knots.stream().anyMatch(knot -> word(knot.lead()).equals(state));
    }

    /** {@return how many minutes of each state were watched} */
    Map<String, Double> minutes() {
        Map<String, Double> minutes = new LinkedHashMap<>();
        for (int i = 0; i < knots.size(); i++) {
            long to = i + 1 < knots.size() ? knots.get(i + 1).fromMicros() : Long.MAX_VALUE;
            minutes.merge(
                    word(knots.get(i).lead()), sheet.watchedMinutes(knots.get(i).fromMicros(), to), Double::sum);
        }
        return minutes;
    }
}
