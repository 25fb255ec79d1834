package farglass.library.exchange;

import static org.assertj.core.api.Assertions.assertThat;

import farglass.core.bout.Bout;
import farglass.core.lexicon.Lexicon;
import farglass.core.notation.BoutFile;
import java.util.Set;
import org.junit.jupiter.api.Test;

class CuttingTest {
    private static final Lexicon LEXICON = Lexicon.shipped();

    private static Bout bout(String film) {
        return BoutFile.parse(
                        "far-glass bout 1\nA: Juno\nB: Pip\n" + film
                                + "0:01 A guard-pull; held\n0:10 B knee-cut\n0:13 A frame\n0:40 B toreando\n? B mark\n",
                        LEXICON)
                .bout()
                .orElseThrow();
    }

    @Test
    void eachMomentBringsItsLeadAndOverlapsAreOne() {
        var cut = Cutting.of(
                bout("film: x.mp4 from 0:05\n"), Set.of("m1", "m2", "m3", "m5"), 3_000_000, 2_000_000, LEXICON);
        assertThat(cut).hasSize(2);
        assertThat(cut.get(0).fromMicros()).isEqualTo(3_000_000);
        assertThat(cut.get(0).toMicros()).isEqualTo(8_000_000);
        assertThat(cut.get(1).fromMicros()).isEqualTo(12_000_000);
        assertThat(cut.get(1).toMicros()).isEqualTo(20_000_000);
        assertThat(cut.get(1).words()).isEqualTo("0:10  Pip: Knee cut; 0:13  Juno: Frame");
    }

    @Test
    void whatTheFilmDoesNotShowIsNotCut() {
        assertThat(Cutting.of(bout(""), Set.of("m1"), 0, 1, LEXICON)).isEmpty();
        // The film begins twenty seconds into the bout.
        var cut = Cutting.of(bout("film: x.mp4 from -0:20\n"), Set.of("m1", "m4"), 30_000_000, 2_000_000, LEXICON);
        assertThat(cut).hasSize(1);
        assertThat(cut.get(0).fromMicros()).isZero();
        assertThat(cut.get(0).toMicros()).isEqualTo(22_000_000);
    }
}
