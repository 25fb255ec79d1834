package farglass.core.rules;

import farglass.core.entry.Control;
import farglass.core.side.Seat;
import farglass.core.state.Visit;
import java.util.List;
import java.util.Optional;

/** Something reached and not yet held for the required seconds. Lives only while a bout is walked through. */
final class HoldInProgress {
    final Seat to;
    final Scored scored;
    final Ruleset.Worth worth;
    final Call.Verdict atBest;
    final List<String> moments;
    final String where;
    /** Where it must be held now: its own place, or the next one of a run. */
    private Scored holding;

    private long sinceMicros;
    private boolean clean;

    HoldInProgress(
            Seat to, Scored scored, Ruleset.Worth worth, Call.Verdict atBest, Visit reached, List<String> moments) {
        this.to = to;
        this.scored = scored;
        this.worth = worth;
        this.atBest = atBest;
        this.moments = moments;
        this.where = reached.stand().position().label();
        this.holding = scored;
        this.sinceMicros = reached.fromMicros();
        this.clean = reached.stand().position().control().isPast();
    }

    /** {@return the instant from which the hold counts, on the bout's timeline} */
    long sinceMicros() {
        return sinceMicros;
    }

    int points() {
        return clean ? worth.past() : worth.points();
    }

    /** {@return whether the hold goes on in that place, or the run it belongs to does} */
    boolean goesOnIn(Visit visit, boolean triangleCounts) {
        Control control = visit.stand().position().control();
        if (!visit.stand().top().equals(Optional.of(to))) {
            return false;
        }
        if (holding.holdsIn(control, triangleCounts)) {
            clean &= control.isPast();
            return true;
        }
        for (Scored next : Scored.values()) {
            if (holding.runsInto(next) && next.holdsIn(control, triangleCounts)) {
                holding = next;
                sinceMicros = visit.fromMicros();
                return true;
            }
        }
        return false;
    }
}
