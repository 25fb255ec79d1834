package farglass.core.scribe;

import static org.assertj.core.api.Assertions.assertThat;

import farglass.core.Bouts;
import farglass.core.bout.Award;
import farglass.core.bout.Bout;
import farglass.core.bout.Moment;
import farglass.core.side.Seat;
import farglass.core.state.Stand;
import java.util.List;
import java.util.Optional;
import java.util.OptionalLong;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What a referee gave, told as people tell it: to whom, how much, and what is said of it beside. Juno is A, Pip is B. */
class AwardWordsTest {
    private static Moment typed(String line) {
        Bout bout = Bouts.of("0:10 A guard-pull; held");
        Stand stand = new Stand(Bouts.LEXICON.position("half-guard").orElseThrow(), Optional.of(Seat.A));
        return ScribeLine.read(line, LinePlace.end(bout, stand), Bouts.LEXICON, Expectation.NONE)
                .orElseThrow()
                .proposal()
                .at("m", OptionalLong.empty(), stand, Bouts.LEXICON);
    }

    @ParameterizedTest
    @CsvSource({
        "juno gets two points, A, POINTS, 2, ",
        "juno two points, A, POINTS, 2, ",
        "pip scores 3 points, B, POINTS, 3, ",
        "juno gets four points for the mount, A, POINTS, 4, for the mount",
        "two points for juno, A, POINTS, 2, ",
        "two points to pip for the sweep, B, POINTS, 2, for the sweep",
        "the referee gives pip two points, B, POINTS, 2, ",
        "ref gives two points to juno, A, POINTS, 2, ",
        "pip gets an advantage, B, ADVANTAGE, 0, ",
        "pip gets her second advantage for the near sweep, B, ADVANTAGE, 0, for the near sweep",
        "advantage to juno, A, ADVANTAGE, 0, ",
        "juno is penalized, A, PENALTY, 0, ",
        "juno gets a penalty for stalling, A, PENALTY, 0, for stalling",
        "pip gets a warning, B, WARNING, 0, ",
        "pip was warned for fleeing, B, WARNING, 0, for fleeing",
        "the ref warns pip, B, WARNING, 0, ",
    })
    void whatWasGivenIsRead(String line, Seat to, Award.Kind kind, int points, String note) {
        Moment moment = typed(line);
        assertThat(moment.actor()).as(line).contains(to);
        Award award = moment.deed().given().orElseThrow(() -> new AssertionError(line + ": " + moment.deed()));
        assertThat(award.kind()).isEqualTo(kind);
        assertThat(award.points()).isEqualTo(points);
        assertThat(moment.telling().note()).isEqualTo(Optional.ofNullable(note));
    }

    @ParameterizedTest
    @CsvSource({
        "juno gets two on one",
        "juno gets two hooks in",
        "pip takes advantage of the space",
        "three points of contact"
    })
    void whatOnlySoundsSoIsNoAward(String line) {
        assertThat(typed(line).deed().given()).as(line).isEmpty();
    }

    @Test
    void whatIsLeftOnTheClockIsNoSide() {
        assertThat(typed("juno is up by two with a minute left").telling().side())
                .isEmpty();
        assertThat(typed("juno knee cut with ten seconds left").telling().side())
                .isEmpty();
        assertThat(typed("juno knee cut left with ten seconds left").telling().side())
                .isPresent();
    }

    @Test
    void aPastedRunOfSmallWordsIsKeptWhole() {
        for (String many : List.of(" a", " two points to", " ref warns pip", " her second")) {
            String line = "juno gets" + many.repeat(20_000);
            assertThat(typed(line).deed().given()).isEmpty();
            assertThat(Bouts.of("0:10 A gets" + many.repeat(20_000)).moments()).hasSize(1);
        }
    }
}
