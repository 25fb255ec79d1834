package farglass.core.scribe;

import farglass.core.bout.Deed;
import farglass.core.bout.Moment;
import farglass.core.bout.Seat;
import farglass.core.lexicon.Lexicon;
import farglass.core.state.Stand;
import farglass.core.state.Whereabouts;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.OptionalLong;

/**
 * What one typed line tells of both: "ann knee cut left, bea frames" is two moments, the second read where the first leads. A line is
 * parted at a comma only where its first part is understood and the next begins with the other athlete, or tells what the referee did.
 */
public final class Clauses {
    private static final int MOST = 4;

    private Clauses() {}

    /**
     * @param text its words alone
     * @param place where it is read: for the second of a line, where the first leads
     */
    public record Clause(String text, ScribeLine.Place place, Reading reading) {}

    /** {@return what the line tells, one moment each, in order; empty for an empty line} */
    public static List<Clause> read(
            String text, ScribeLine.Place place, Lexicon lexicon, ScribeLine.Expectation expectation) {
        Optional<Clause> whole = clause(text, place, lexicon, expectation);
        if (whole.isEmpty()
                || whole.get().reading().isUnderstood()
                || text.indexOf(';') >= 0
                || text.indexOf('"') >= 0) {
            return whole.stream().toList();
        }
        String[] parts = text.split(",", MOST + 1);
        List<Clause> clauses = new ArrayList<>();
        ScribeLine.Place here = place;
        Optional<Seat> last = Optional.empty();
        for (String part : parts) {
            Optional<Clause> next = clause(part.strip(), here, lexicon, expectation);
            boolean first = clauses.isEmpty();
            if (next.isEmpty()
                    || clauses.size() == MOST
                    || first && !next.get().reading().isUnderstood()
                    || !first && !begins(next.get(), last)) {
                return whole.stream().toList();
            }
            clauses.add(next.get());
            Proposal told = next.get().reading().proposal();
            last = told.actor();
            here = after(here, told, lexicon);
        }
        if (clauses.size() == 2 && isRestart(clauses.get(0)) && isStop(clauses.get(1))) {
            // "Reset, out of bounds" gives the reason behind what followed from it.
            Collections.reverse(clauses);
        }
        return clauses;
    }

    private static boolean isRestart(Clause clause) {
        return clause.reading().proposal().deed() instanceof Deed.Restarted;
    }

    private static boolean isStop(Clause clause) {
        return clause.reading().proposal().deed() instanceof Deed.Stopped;
    }

    private static Optional<Clause> clause(
            String text, ScribeLine.Place place, Lexicon lexicon, ScribeLine.Expectation expectation) {
        return ScribeLine.read(text, place, lexicon, expectation).map(reading -> new Clause(text, place, reading));
    }

    /** The other athlete has to be named in front, so that no remark behind a comma becomes a moment of its own. */
    private static boolean begins(Clause clause, Optional<Seat> last) {
        Proposal told = clause.reading().proposal();
        if (told.deed() instanceof Deed.Awarded || isStop(clause) || isRestart(clause)) {
            return true;
        }
        Optional<Seat> named = new ActorWords(
                        clause.place().bout(), clause.place().now())
                .seat(clause.text().split("\\s+")[0]);
        return clause.reading().isUnderstood()
                && named.isPresent()
                && told.actor().equals(named)
                && last.isPresent()
                && !last.equals(named);
    }

    private static ScribeLine.Place after(ScribeLine.Place place, Proposal told, Lexicon lexicon) {
        Moment moment = told.at("clause", OptionalLong.empty(), place.now(), lexicon);
        Stand next = Whereabouts.after(place.now(), moment, lexicon);
        return new ScribeLine.Place(place.bout(), next, place.answerable(), place.before());
    }
}
