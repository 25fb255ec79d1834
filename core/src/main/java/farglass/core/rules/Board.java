package farglass.core.rules;

import farglass.core.bout.Award;
import farglass.core.bout.Bout;
import farglass.core.bout.Deed;
import farglass.core.bout.Moment;
import farglass.core.bout.Seat;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * What the referee had given by an instant, under points with advantages.
 *
 * @param awards the moments it rests on, in order
 */
public record Board(Column a, Column b, List<Moment> awards) {
    /** One athlete's side of the board; every number is 0 or more. */
    public record Column(int points, int advantages, int penalties) {
        private Column plus(Award award) {
            return switch (award.kind()) {
                case POINTS -> new Column(points + award.points(), advantages, penalties);
                case ADVANTAGE -> new Column(points, advantages + 1, penalties);
                case NEGATIVE -> new Column(points - 1, advantages, penalties);
                case PENALTY -> new Column(points, advantages, penalties + 1);
                case WARNING, DISQUALIFICATION -> this;
            };
        }
    }

    /** {@return the board at that instant of the bout's timeline; awards without a time count from the start} */
    public static Board at(Bout bout, long micros) {
        Column[] columns = {new Column(0, 0, 0), new Column(0, 0, 0)};
        List<Moment> awards = new ArrayList<>();
        for (Moment moment : bout.moments()) {
            boolean given = moment.atMicros().isEmpty() || moment.atMicros().getAsLong() <= micros;
            if (given && moment.actor().isPresent() && moment.deed() instanceof Deed.Awarded awarded) {
                int seat = moment.actor().get().ordinal();
                columns[seat] = columns[seat].plus(awarded.award());
                awards.add(moment);
            }
        }
        return new Board(columns[0], columns[1], List.copyOf(awards));
    }

    /** {@return the board when all is over} */
    public static Board atEnd(Bout bout) {
        return at(bout, Long.MAX_VALUE);
    }

    public Column of(Seat seat) {
        return seat == Seat.A ? a : b;
    }

    /** {@return who leads: by points, then advantages, then fewer penalties; empty when level} */
    public Optional<Seat> leader() {
        int order = Integer.compare(a.points, b.points);
        order = order != 0 ? order : Integer.compare(a.advantages, b.advantages);
        order = order != 0 ? order : Integer.compare(b.penalties, a.penalties);
        return order == 0 ? Optional.empty() : Optional.of(order > 0 ? Seat.A : Seat.B);
    }
}
