package farglass.core.rules;

import farglass.core.bout.Award;
import farglass.core.bout.Bout;
import farglass.core.bout.MidBoutStart;
import farglass.core.bout.Moment;
import farglass.core.bout.TakenBack;
import farglass.core.side.Seat;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * Two columns of points, advantages and penalties.
 *
 * @param awards the moments it rests on, in order
 */
public record Board(Column a, Column b, List<Moment> awards) {
    /** One athlete's side of the board; points may be negative where the rules know negatives. */
    public record Column(int points, int advantages, int penalties) {
        static final Column EMPTY = new Column(0, 0, 0);

        private static Column of(MidBoutStart.Marks marks) {
            return new Column(marks.points(), marks.advantages(), marks.penalties());
        }

        Column plus(Award award) {
            return switch (award.kind()) {
                case POINTS -> new Column(points + award.points(), advantages, penalties);
                case ADVANTAGE -> new Column(points, advantages + 1, penalties);
                case NEGATIVE -> new Column(points - 1, advantages, penalties);
                case PENALTY -> new Column(points, advantages, penalties + 1);
                case WARNING, DISQUALIFICATION -> this;
            };
        }
    }

    public Board {
        awards = List.copyOf(awards);
    }

    /** {@return the board as it stood when the film began} */
    static Board opening(Bout bout) {
        Optional<MidBoutStart> opening = bout.header().footage().opening();
        return new Board(
                opening.flatMap(MidBoutStart::a).map(Column::of).orElse(Column.EMPTY),
                opening.flatMap(MidBoutStart::b).map(Column::of).orElse(Column.EMPTY),
                List.of());
    }

    Board plus(Seat to, Award award) {
        return to == Seat.A ? new Board(a.plus(award), b, awards) : new Board(a, b.plus(award), awards);
    }

    /** {@return what the referee had given by that instant of the timeline; awards without a time count from the start} */
    public static Board at(Bout bout, long micros) {
        Board board = opening(bout);
        List<Moment> awards = new ArrayList<>();
        Set<String> takenBack = TakenBack.by(bout, micros);
        for (Moment moment : bout.moments()) {
            boolean given = moment.atMicros().isEmpty() || moment.atMicros().getAsLong() <= micros;
            if (given
                    && !takenBack.contains(moment.id())
                    && moment.actor().isPresent()
                    && moment.deed().given().isPresent()) {
                board = board.plus(moment.actor().get(), moment.deed().given().get());
                awards.add(moment);
            }
        }
        return new Board(board.a, board.b, awards);
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
        return lead(List.of(Ruleset.Criterion.values())).seat();
    }

    /** {@return who leads by that order} */
    Lead lead(List<Ruleset.Criterion> order) {
        for (Ruleset.Criterion criterion : order) {
            int sign =
                    switch (criterion) {
                        case POINTS -> Integer.compare(a.points, b.points);
                        case ADVANTAGES -> Integer.compare(a.advantages, b.advantages);
                        case PENALTIES -> Integer.compare(b.penalties, a.penalties);
                    };
            if (sign != 0) {
                return new Lead(Optional.of(sign > 0 ? Seat.A : Seat.B), Lead.By.valueOf(criterion.name()));
            }
        }
        return Lead.LEVEL;
    }
}
