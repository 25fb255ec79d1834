package farglass.core.prose;

import static org.assertj.core.api.Assertions.assertThat;

import farglass.core.bout.Bout;
import farglass.core.catalogue.Catalogue;
import farglass.core.corpus.Corpus;
import farglass.core.lexicon.Lexicon;
import farglass.core.notation.BoutFile;
import farglass.core.scope.Scope;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

class SinceLastTest {
    private static final Lexicon LEXICON = Lexicon.shipped();

    private static Bout bout(String id, String athlete, String day, String pass, int times) {
        StringBuilder text = new StringBuilder(
                "far-glass bout 1\nid: %s\nA: %s\nB: Sparring Partner %s\ndate: %s\ncovered: story 0:00 to 9:00\n0:00 B guard-pull; held\n"
                        .formatted(id, athlete, id, day));
        for (int i = 0; i < times; i++) {
            text.append("0:%02d A %s; threatened\n".formatted(10 + i, pass));
        }
        return BoutFile.parse(text.toString(), LEXICON).bout().orElseThrow();
    }

    private static Page page(List<Bout> bouts) {
        return Page.of(Catalogue.dossier("Bea Ash", Corpus.of(bouts, LEXICON), Scope.ALL), LEXICON);
    }

    @Test
    void whatWasNeverSeenBeforeSurprisesAndWhatWasHabitIsConfirmed() {
        List<Bout> before = new ArrayList<>();
        for (int other = 0; other < 12; other++) {
            for (int i = 0; i < 5; i++) {
                before.add(bout("o%d-%d".formatted(other, i), "Other " + other, "2026-01-1" + i, "knee-cut", 6));
            }
        }
        for (int i = 0; i < 6; i++) {
            before.add(bout("b" + i, "Bea Ash", "2026-02-1" + i, "toreando", 6));
        }
        Bout last = BoutFile.parse(
                        """
                        far-glass bout 1
                        id: last
                        A: Bea Ash
                        B: Cy Dorn
                        date: 2026-03-01
                        covered: story 0:00 to 5:00
                        0:00 B guard-pull; held
                        0:10 A toreando; threatened
                        0:30 A leg-drag; threatened
                        """,
                        LEXICON)
                .bout()
                .orElseThrow();
        List<Bout> after = new ArrayList<>(before);
        after.add(last);
        SinceLast since = SinceLast.of(page(before), page(after), "last", last.header());
        assertThat(since.told()).isEqualTo("2026-03-01, against Cy Dorn");
        assertThat(since.confirmed()).contains("toreando pass");
        assertThat(since.surprised()).contains("leg drag, never seen in 36 tries to pass that have a name before");
        assertThat(since.contradicted()).isEmpty();
    }
}
