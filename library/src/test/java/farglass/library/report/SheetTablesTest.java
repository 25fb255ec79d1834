package farglass.library.report;

import static org.assertj.core.api.Assertions.assertThat;

import farglass.core.bout.Bout;
import farglass.core.corpus.Corpus;
import farglass.core.lexicon.Lexicon;
import farglass.core.notation.BoutFile;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Every try and every stay of a bout of which they were written down by hand. */
class SheetTablesTest {
    private static final Lexicon LEXICON = Lexicon.shipped();
    private static final Bout BOUT = BoutFile.parse(
                    """
                    far-glass bout 1
                    id: final
                    A: =Juno
                    B: Pip, the second
                    date: 2026-03-14
                    covered: story 0:00 to 2:00
                    0:10 B guard-pull; held; -> closed-guard, A on top; id pull
                    0:30 A toreando; side A left; line knee; threatened; id first
                    0:40 A toreando; side A left; held; -> side-control, A on top; continues first; id passed
                    0:43 A award 3 points; id points
                    1:00 A armbar; failed; id lock
                    3:00 A armbar; held; id unseen
                    """,
                    LEXICON)
            .bout()
            .orElseThrow();
    private static final Corpus CORPUS = Corpus.of(List.of(BOUT), LEXICON);

    @Test
    void eachTryIsALineAndWhatWasNotWatchedIsNone() {
        assertThat(SheetTables.tries(CORPUS).lines().skip(1))
                .containsExactly(
                        "final,2026-03-14,'=Juno,\"Pip, the second\",first,30.000,pass,toreando,false,'=Juno,left,closed-guard,top,level,2,knee,,worked,,",
                        "final,2026-03-14,'=Juno,\"Pip, the second\",lock,60.000,submission,armbar,false,,,side-control,top,ahead,1,,,stopped,,",
                        "final,2026-03-14,\"Pip, the second\",'=Juno,pull,10.000,pull,guard-pull,false,,,standing,neutral,level,1,,,worked,,");
    }

    @Test
    void eachStayIsALine() {
        assertThat(SheetTables.stays(CORPUS).lines().skip(1))
                .containsExactly(
                        "final,2026-03-14,standing,,,0.000,10.000,10.000,true,,pull",
                        "final,2026-03-14,closed-guard,'=Juno,\"Pip, the second\",10.000,40.000,30.000,true,pull,passed",
                        "final,2026-03-14,side-control,'=Juno,\"Pip, the second\",40.000,180.000,140.000,false,passed,");
    }
}
