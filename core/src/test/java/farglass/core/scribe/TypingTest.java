package farglass.core.scribe;

import static org.assertj.core.api.Assertions.assertThat;

import farglass.core.bout.Became;
import farglass.core.bout.Bout;
import farglass.core.bout.Deed;
import farglass.core.lexicon.Lexicon;
import farglass.core.notation.BoutFile;
import farglass.core.side.Line;
import farglass.core.side.Seat;
import farglass.core.side.Side;
import farglass.core.state.Stand;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Lines as they stand while somebody is still typing, and in a hurry. Written by hand before the code. */
class TypingTest {
    private static final Lexicon LEXICON = Lexicon.shipped();
    private static final Bout BOUT = BoutFile.parse(
                    """
                    far-glass bout 1
                    id: harbour
                    A: Ann Castellan
                    B: Bea Ferreby
                    0:10 B guard-pull; held
                    """,
                    LEXICON)
            .bout()
            .orElseThrow();

    private static Reading in(String position, Seat top, String text) {
        Stand stand = new Stand(LEXICON.position(position).orElseThrow(), Optional.ofNullable(top));
        return ScribeLine.read(text, LinePlace.end(BOUT, stand), LEXICON, Expectation.NONE)
                .orElseThrow();
    }

    private static Reading read(String text) {
        return in("half-guard", Seat.A, text);
    }

    private static String named(Reading reading) {
        Proposal told = reading.proposal();
        return told.deed() instanceof Deed.Did did
                ? did.technique()
                : told.deed() instanceof Deed.Reached
                        ? told.settled().orElseThrow().position()
                        : "(" + told.deed() + ")";
    }

    @ParameterizedTest
    @CsvSource({
        "half-guard, A, a kn cut, knee-cut",
        "half-guard, A, ann kn cut left, knee-cut",
        "half-guard, A, a cro fa, cross-face",
        "half-guard, A, b hip esc, hip-escape",
        "half-guard, A, b old sch, old-school-sweep",
        "closed-guard, A, b hip bu, hip-bump-sweep",
        "closed-guard, A, b sci swe, scissor-sweep",
        "closed-guard, A, b clo gua, closed-guard",
        "open-guard, A, b hal gu, half-guard",
        "side-control, A, a nor sou, north-south",
        "back-control, A, a bod tri, back-body-triangle",
        "standing, , a dou leg, double-leg",
        "standing, , a ank pi, ankle-pick",
    })
    void everyWordOfANameMayBeShort(String position, Seat top, String text, String meant) {
        Reading reading = in(position, top, text);
        assertThat(named(reading)).isEqualTo(meant);
        assertThat(reading.remarks()).as("what was guessed is told").isNotEmpty();
        assertThat(reading.alternatives())
                .as("the words can be kept as they stand")
                .anySatisfy(other -> assertThat(other.label()).startsWith("keep"));
    }

    @Test
    void theWordBeingTypedMayBeADetail() {
        Reading past = read("ann knee cut right pa");
        assertThat(named(past)).isEqualTo("knee-cut");
        assertThat(past.proposal().telling().side().orElseThrow().side()).isEqualTo(Side.RIGHT);
        assertThat(past.proposal().telling().line()).contains(Line.PAST);
        assertThat(past.remarks()).singleElement().asString().contains("“pa”", "past");
        assertThat(read("a knee cut thr").proposal().telling().became()).contains(Became.THREATENED);
        assertThat(read("a knee cut le nearly").remarks())
                .as("only the word being typed is finished")
                .noneMatch(remark -> remark.contains("was finished to"));
        assertThat(read("ann kn cut right pa").proposal().telling().line()).contains(Line.PAST);
        assertThat(read("a knee cut le")
                        .proposal()
                        .telling()
                        .side()
                        .orElseThrow()
                        .side())
                .isEqualTo(Side.LEFT);
        assertThat(in("closed-guard", Seat.A, "b scissor sweep nea")
                        .proposal()
                        .telling()
                        .became())
                .contains(Became.NEARLY);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "a in there",
                "b on her",
                "a he has it",
                "b push the fa",
                "a st",
                "b goes for the back but no",
                "a the arm is in",
                "b underhook near",
                "a chest to chest",
                "b re set re",
                "a sl kn ri",
                "b pa ha",
                "a knee cut part of the way",
            })
    void whatIsNoShortNameIsNotMadeOne(String text) {
        Reading reading = read(text);
        assertThat(reading.remarks()).noneMatch(remark -> remark.contains("was finished to") && !text.equals("a st"));
    }

    @ParameterizedTest
    @CsvSource({"a left, left", "b nearly, nearly", "a knee line, knee", "a tap, tap", "b right hip, right"})
    void detailsAloneAskWhatItWas(String text, String detail) {
        Reading reading = read(text);
        assertThat(reading.proposal().deed()).isEqualTo(new Deed.Mark());
        assertThat(reading.remarks()).anySatisfy(remark -> assertThat(remark).contains("what it was"));
        assertThat(reading.alternatives()).isNotEmpty().allSatisfy(other -> {
            assertThat(other.text()).contains(detail);
            assertThat(read(other.text()).how()).isPresent();
        });
    }

    @Test
    void aLetterBehindABlankBeginsAWordAndIsNoPlural() {
        assertThat(read("a knee s").remarks()).singleElement().asString().contains("was finished to");
        assertThat(named(read("a knee s"))).isNotEqualTo("knee-strike");
    }

    @Test
    void everyOtherReadingSaysWhy() {
        List<Reading.Alternative> others = read("a knee s").alternatives();
        assertThat(others).isNotEmpty().allSatisfy(other -> assertThat(other.why())
                .isNotEmpty());
    }
}
