package farglass.core.rules;

import static org.assertj.core.api.Assertions.assertThat;

import farglass.core.Bouts;
import farglass.core.bout.Bout;
import farglass.core.bout.Seat;
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
}
