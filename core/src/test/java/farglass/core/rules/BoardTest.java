package farglass.core.rules;

import static org.assertj.core.api.Assertions.assertThat;

import farglass.core.Bouts;
import farglass.core.bout.Bout;
import farglass.core.side.Seat;
import farglass.core.state.ScoreLine;
import org.junit.jupiter.api.Test;

class BoardTest {
    private static final Bout BOUT = Bouts.of(
            "0:10 A award 2 points",
            "0:20 B award 3 points",
            "0:30 A award advantage",
            "0:40 B award penalty",
            "0:50 A award 4 points");

    @Test
    void theBoardIsWhatTheRefereeHadGivenByThen() {
        assertThat(Board.at(BOUT, 29_999_999).of(Seat.A)).isEqualTo(new Board.Column(2, 0, 0));
        assertThat(Board.at(BOUT, 30_000_000).of(Seat.A)).isEqualTo(new Board.Column(2, 1, 0));
        assertThat(Board.at(BOUT, 30_000_000).leader()).contains(Seat.B);
        assertThat(Board.atEnd(BOUT).of(Seat.A)).isEqualTo(new Board.Column(6, 1, 0));
        assertThat(Board.atEnd(BOUT).leader()).contains(Seat.A);
    }

    @Test
    void pointsThenAdvantagesThenFewerPenaltiesLead() {
        assertThat(Board.atEnd(Bouts.of("0:10 A award advantage")).leader()).contains(Seat.A);
        assertThat(Board.atEnd(Bouts.of("0:10 A award penalty")).leader()).contains(Seat.B);
        assertThat(Board.atEnd(Bouts.of("0:10 A award advantage", "0:11 B award 2 points"))
                        .leader())
                .contains(Seat.B);
        assertThat(Board.atEnd(Bouts.of()).leader()).isEmpty();
    }

    @Test
    void whatIsTakenBackOrCorrectedCountsNoLongerFromThenOn() {
        Bout bout = Bouts.of(
                "0:10 A award 2 points; id two",
                "0:20 A award advantage; id adv",
                "0:30 A award advantage; withdraws adv",
                "0:40 A award 3 points; corrects two",
                "0:50 B award 2 points; id b",
                "1:00 - mark; withdraws b");
        assertThat(Board.at(bout, 29_000_000).of(Seat.A)).isEqualTo(new Board.Column(2, 1, 0));
        assertThat(Board.at(bout, 30_000_000).of(Seat.A)).isEqualTo(new Board.Column(2, 0, 0));
        assertThat(Board.at(bout, 40_000_000).of(Seat.A)).isEqualTo(new Board.Column(3, 0, 0));
        assertThat(Board.at(bout, 50_000_000).of(Seat.B)).isEqualTo(new Board.Column(2, 0, 0));
        assertThat(Board.atEnd(bout).of(Seat.B)).isEqualTo(Board.Column.EMPTY);
        ScoreLine line = ScoreLine.of(bout, Seat.B);
        assertThat(line.at(55_000_000)).isEqualTo(ScoreLine.Lead.BEHIND);
        Bout returned = Bouts.of("0:10 A award 2 points; id two", "0:20 - mark; withdraws two");
        assertThat(ScoreLine.of(returned, Seat.A).at(15_000_000)).isEqualTo(ScoreLine.Lead.AHEAD);
        assertThat(ScoreLine.of(returned, Seat.A).at(20_000_000)).isEqualTo(ScoreLine.Lead.LEVEL);
    }
}
