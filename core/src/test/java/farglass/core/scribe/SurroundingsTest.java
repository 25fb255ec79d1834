package farglass.core.scribe;

import static org.assertj.core.api.Assertions.assertThat;

import farglass.core.bout.Bout;
import farglass.core.bout.Moment;
import farglass.core.corpus.BoutSheet;
import farglass.core.lexicon.Lexicon;
import farglass.core.notation.BoutFile;
import farglass.core.phrase.Surroundings;
import org.junit.jupiter.api.Test;

class SurroundingsTest {
    private static final Bout BOUT = BoutFile.parse(
                    """
                    far-glass bout 1
                    id: harbour
                    A: Runa Castellan
                    B: Wilma Ferreby
                    date: 2026-03-14
                    0:10 B guard-pull; held; -> half-guard, A on top
                    0:20 A knee-cut; side A left; line knee
                    0:22 B frame; answers last
                    0:25 A toreando
                    0:40 - stop edge
                    """,
                    Lexicon.shipped())
            .bout()
            .orElseThrow();

    private static final BoutSheet SHEET = BoutSheet.of(BOUT, Lexicon.shipped());

    private static Moment at(int index) {
        return BOUT.moments().get(index);
    }

    @Test
    void saysWhereItWasWhatItAnswersAndWhatCameBack() {
        assertThat(Surroundings.moment(at(1), SHEET)).isEqualTo("Runa: knee cut, to own left, knee line, 0:20.0");
        assertThat(Surroundings.around(at(1), SHEET))
                .isEqualTo("From half guard, Runa on top. Answered by Wilma\u2019s frame, 0:22.0.");
    }

    @Test
    void whatMerelyCameBeforeIsSaidSoAndOnlyIfItWasJustThen() {
        assertThat(Surroundings.around(at(3), SHEET)).contains("Comes after Wilma\u2019s frame, 0:22.0.");
        assertThat(Surroundings.around(at(1), SHEET)).doesNotContain("guard pull");
    }

    @Test
    void leavesOutWhatIsNotKnown() {
        assertThat(Surroundings.moment(at(4), SHEET)).isEqualTo("Stopped: edge, 0:40.0");
        assertThat(Surroundings.around(at(4), SHEET)).doesNotContain("Answer", "Comes after", "Then");
    }

    private static String underAPin(String turn) {
        Bout bout = BoutFile.parse(
                        "far-glass bout 1\nA: Ann\nB: Bea\n\n0:10 A reached; -> side control, A on top, B left\n0:20 A cross-face\n0:30 B "
                                + turn + "\n",
                        Lexicon.shipped())
                .bout()
                .orElseThrow();
        return Surroundings.around(bout.moments().get(2), BoutSheet.of(bout, Lexicon.shipped()));
    }

    /** Ann lies to Bea's left: whoever turns right there turns the back to her. */
    @Test
    void whichTurnOpensTheBackIsWorkedOutAndSaidSo() {
        assertThat(underAPin("granby; side B right")).contains("Turns away, the back toward the other (worked out).");
        assertThat(underAPin("granby; side B left")).contains("Turns toward the other (worked out).");
        assertThat(underAPin("granby")).doesNotContain("worked out");
        assertThat(underAPin("frame; side B right")).doesNotContain("worked out");
    }
}
