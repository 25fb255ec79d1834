package farglass.core.pick;

import static org.assertj.core.api.Assertions.assertThat;

import farglass.core.Bouts;
import farglass.core.bout.Became;
import farglass.core.bout.Moment;
import farglass.core.entry.SideRule;
import farglass.core.lexicon.Lexicon;
import farglass.core.side.Line;
import farglass.core.side.OwnedSide;
import farglass.core.side.Seat;
import farglass.core.side.Settled;
import farglass.core.side.Side;
import farglass.core.side.Stage;
import farglass.core.state.Stand;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class FanTest {
    private static final Lexicon LEXICON = Lexicon.shipped();
    private static final Stand GUARD = new Stand(LEXICON.position("open-guard").orElseThrow(), Optional.of(Seat.B));

    private static Moment moment(String line) {
        return Bouts.of("0:10 A guard-pull; held", line).moments().get(1);
    }

    private static Moment answer(Moment moment, String words, Optional<Side> side) {
        Fan fan = Fan.of(moment, LEXICON).orElseThrow();
        Fan.Choice choice = fan.choices().stream()
                .filter(each -> each.words().equals(words))
                .findFirst()
                .orElseThrow();
        return fan.answered(moment, choice, side, GUARD, LEXICON);
    }

    @Test
    void oneKeyTellsOutcomeLineAndSideOfAPass() {
        Moment told = answer(moment("0:20 B knee-cut"), "nearly, hip", Optional.of(Side.LEFT));
        assertThat(told.telling().became()).contains(Became.NEARLY);
        assertThat(told.telling().line()).contains(Line.HIP);
        assertThat(told.telling().side()).contains(new OwnedSide(Seat.B, Side.LEFT));
        assertThat(Fan.of(told, LEXICON)).as("nothing more is open").isEmpty();
    }

    @Test
    void theSideOfALockIsTheVictims() {
        Moment told = answer(moment("0:20 B kimura"), "deep", Optional.of(Side.RIGHT));
        assertThat(told.telling().stage()).contains(Stage.DEEP);
        assertThat(told.telling().side()).contains(new OwnedSide(Seat.A, Side.RIGHT));
    }

    @Test
    void aSideNotSeenStaysUnknown() {
        assertThat(answer(moment("0:20 B knee-cut"), "held", Optional.empty())
                        .telling()
                        .side())
                .isEmpty();
    }

    @Test
    void whatTheRulesSettleIsWorkedOutAndWhatTheyLeaveOpenIsAsked() {
        Moment passed = answer(moment("0:20 B knee-cut"), "held", Optional.empty());
        assertThat(passed.settled()).contains(new Settled("side-control", Optional.of(Seat.B), true));
        Moment down = answer(moment("0:20 A single-leg"), "held", Optional.of(Side.LEFT));
        assertThat(down.settled().orElseThrow().workedOut()).isTrue();
        Fan where = Fan.of(down, LEXICON).orElseThrow();
        assertThat(where.question()).isEqualTo("Where did it end?");
        assertThat(where.sides()).isEqualTo(SideRule.NONE);
        Moment placed = where.answered(down, where.choices().get(0), Optional.empty(), GUARD, LEXICON);
        assertThat(placed.settled())
                .contains(new Settled(
                        LEXICON.technique("single-leg").orElseThrow().to().get(0), Optional.of(Seat.A), false));
        assertThat(Fan.of(placed, LEXICON)).isEmpty();
    }

    @Test
    void aGripIsTakenOrDeniedAndADefenceWorkedOrFailed() {
        assertThat(answer(moment("0:20 A sleeve-grip"), "denied", Optional.empty())
                        .telling()
                        .became())
                .contains(Became.DENIED);
        assertThat(answer(moment("0:20 A frame"), "partly", Optional.empty())
                        .telling()
                        .became())
                .contains(Became.PARTLY);
    }

    @Test
    void noFanAsksMoreThanTwoHandsOfFourFingersInTwoRowsCanAnswer() {
        assertThat(LEXICON.techniques()).allSatisfy(technique -> {
            Moment moment = moment("0:20 A " + technique.key());
            assertThat(Fan.of(moment, LEXICON).orElseThrow().choices()).hasSizeBetween(5, 8);
            assertThat(technique.to()).hasSizeLessThanOrEqualTo(8);
        });
    }
}
