package farglass.core.clause;

import static org.assertj.core.api.Assertions.assertThat;

import farglass.core.bout.Became;
import farglass.core.bout.Bout;
import farglass.core.bout.Deed;
import farglass.core.bout.Moment;
import farglass.core.lexicon.Lexicon;
import farglass.core.notation.BoutFile;
import farglass.core.scribe.Expectation;
import farglass.core.scribe.LinePlace;
import farglass.core.scribe.Proposal;
import farglass.core.scribe.Reading;
import farglass.core.side.Seat;
import farglass.core.side.Side;
import farglass.core.side.Stage;
import farglass.core.state.Stand;
import java.util.List;
import java.util.Optional;
import java.util.OptionalLong;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Lines that stopped somebody while whole bouts were typed, in English, Portuguese and with Japanese names. Written before the code. */
class WholeDayTest {
    private static final Lexicon LEXICON = Lexicon.shipped();

    private static Bout bout(String moments) {
        return BoutFile.parse(
                        "far-glass bout 1\nid: harbour\nA: Ann Castellan\nB: Bea Ferreby\n0:10 B guard-pull; held\n"
                                + moments,
                        LEXICON)
                .bout()
                .orElseThrow();
    }

    private static List<Clause> clauses(Bout bout, String position, Seat top, String text) {
        Stand stand = new Stand(LEXICON.position(position).orElseThrow(), Optional.ofNullable(top));
        return Clauses.read(text, LinePlace.end(bout, stand), LEXICON, Expectation.NONE);
    }

    private static Proposal read(String position, Seat top, String text) {
        return clauses(bout(""), position, top, text).get(0).reading().proposal();
    }

    private static String saved(Proposal told) {
        Moment moment =
                new Moment("m", OptionalLong.empty(), told.actor(), told.deed(), told.settled(), told.telling());
        return BoutFile.line(moment).replaceFirst("^\\? ", "").replaceFirst("; id m$", "");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "half-guard | A | ann 2 points | A award 2 points",
                "half-guard | A | ben 2 pts | - \"ben 2 pts\"",
                "half-guard | A | bea 2 pts | B award 2 points",
                "half-guard | A | b 1 advantage | B award advantage",
                "half-guard | A | bea 3 pontos | B award 3 points",
                "half-guard | A | bea vantagem | B award advantage",
                "half-guard | A | a punicao | A award penalty",
                "open-guard | A | ann near pass | A pass; nearly",
                "half-guard | A | bea near sweep | B sweep; nearly",
                "standing | | ann double leg done | A double-leg; held",
                "half-guard | A | a knee cut completed | A knee-cut; held",
                "half-guard | A | back to standing | - reached; -> standing",
                "half-guard | A | bea back to closed guard | B re-guard-closed",
                "half-guard | A | reset | - restart",
                "half-guard | A | out of bounds | - stop edge",
                "half-guard | A | matte | - stop",
                "half-guard | A | hajime | - restart",
                "open-guard | A | ann toreando para a esquerda | A toreando; side A left",
                "half-guard | A | ann corte de joelho direita | A knee-cut; side A right",
                "half-guard | A | ann passa para os cem quilos | A pass; -> side-control, A on top; held",
                "open-guard | A | bea raspagem de gancho defendida | B butterfly-sweep; failed",
                "mount | A | ann americana no braço esquerdo | A americana; side B left",
                "half-guard | A | ann quase passa | A pass; nearly",
                "mount | A | ann ezequiel threat; unsure | A ezequiel-choke; stage threat; unsure",
                "half-guard | A | ann knee cut; line hip; nearly; side left | A knee-cut; side A left; line hip; nearly",
                "standing | | bea puxa para a guarda fechada | B guard-pull; -> closed-guard, A on top; held",
                "standing-grips | | ann osoto gari hidari | A outer-reap; side A left",
            })
    void plainWordsOfTheDayAreUnderstood(String position, Seat top, String text, String saved) {
        assertThat(saved(read(position, top, text))).isEqualTo(saved);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "half-guard | A | ann knee cut left, bea frames | A knee-cut; side A left | B frame",
                "standing | | ann single leg, bea sprawls | A single-leg | B sprawl",
                "half-guard | A | a knee cut, b knee shield | A knee-cut | B reached; -> knee-shield, A on top",
                "back-control | A | ann rear naked choke, bea hand fights | A rear-naked-choke | B hand-fight",
                "half-guard | A | bea sweeps, +2 bea | B sweep | B award 2 points",
                "half-guard | A | out of bounds, reset | - stop edge | - restart",
                "half-guard | A | reset, out of bounds | - stop edge | - restart",
                "half-guard | A | ann toreando, bea repõe a guarda | A toreando | B re-guard",
            })
    void oneLineTellsWhatBothDid(String position, Seat top, String text, String first, String second) {
        assertThat(clauses(bout(""), position, top, text))
                .extracting(clause -> saved(clause.reading().proposal()))
                .containsExactly(first, second);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "a knee cut, left",
                "a knee cut; grip A right hand on B left collar, tight",
                "a knee cut note with the underhook, bea frames",
                "a \"sort of a roll, bea under\"",
                "a the thing, bea that other thing",
            })
    void aCommaWithinOneTellingPartsNothing(String text) {
        assertThat(clauses(bout(""), "half-guard", Seat.A, text)).hasSize(1);
    }

    @Test
    void theSecondIsReadWhereTheFirstLeads() {
        List<Clause> read = clauses(bout(""), "half-guard", Seat.A, "bea sweeps to mount, ann bridges");
        assertThat(read).hasSize(2);
        assertThat(read.get(1).place().now().top()).contains(Seat.B);
        assertThat(read.get(1).place().now().position().key()).isEqualTo("mount");
    }

    @ParameterizedTest
    @ValueSource(strings = {"bea taps", "b tapped", "bea bate", "bea maitta"})
    void whoTapsEndsTheOthersLastTry(String text) {
        Bout bout = bout("1:00 A armbar; side B right; id lock\n1:04 B stack-defence\n");
        Proposal told = clauses(bout, "mount", Seat.A, text).get(0).reading().proposal();
        assertThat(told.actor()).contains(Seat.A);
        assertThat(told.deed()).isEqualTo(new Deed.Did("armbar"));
        assertThat(told.telling().became()).contains(Became.HELD);
        assertThat(told.telling().stage()).contains(Stage.TAP);
        assertThat(told.telling().side().orElseThrow().side()).isEqualTo(Side.RIGHT);
        assertThat(BoutFile.line(new Moment(
                        "m", OptionalLong.empty(), told.actor(), told.deed(), told.settled(), told.telling())))
                .contains("continues lock");
    }

    @Test
    void aTryThatIsOverIsNotTappedTo() {
        for (String since : List.of("1:00 A armbar; failed", "1:00 A armbar\n1:10 - restart", "1:00 B armbar")) {
            Reading told = clauses(bout(since + "\n"), "mount", Seat.A, "bea taps")
                    .get(0)
                    .reading();
            assertThat(told.proposal().deed()).as(since).isInstanceOf(Deed.Unnamed.class);
        }
    }

    @Test
    void aBoutFileReadsThemAsWell() {
        Bout read = bout("1:00 A 2 points\n1:03 A toreando para a esquerda\n1:04 B 1 vantagem\n");
        assertThat(read.moments().stream().skip(1).map(BoutFile::line).map(line -> line.replaceFirst("; id .*", "")))
                .containsExactly("1:00 A award 2 points", "1:03 A toreando; side A left", "1:04 B award advantage");
    }
}
