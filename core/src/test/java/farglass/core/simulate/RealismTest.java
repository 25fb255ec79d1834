package farglass.core.simulate;

import static farglass.core.Bouts.LEXICON;
import static org.assertj.core.api.Assertions.assertThat;

import farglass.core.bout.Bout;
import farglass.core.notation.BoutFile;
import farglass.core.state.Timeline;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Made-up bouts stay within what they are meant to look like, and nothing happens in them that cannot. */
class RealismTest {
    private static final List<ActedBout> MATCHES = Cast.league(600, LEXICON);

    @Test
    void everyAimIsMet() {
        assertThat(Realism.of(MATCHES, LEXICON)).allMatch(Realism.Row::isMet);
    }

    @Test
    void nothingContradictsItselfAndEveryBoutComesBackFromItsText() {
        for (ActedBout match : MATCHES) {
            assertThat(Timeline.of(match.truth(), LEXICON).findings())
                    .extracting(finding -> match.truth().id() + " " + finding.momentId() + ": " + finding.sentence())
                    .allMatch(sentence -> sentence.contains("disputed"));
        }
        for (ActedBout match : MATCHES.subList(0, 40)) {
            Bout told = match.told();
            assertThat(BoutFile.parse(BoutFile.print(told), LEXICON).bout()).contains(told);
        }
    }
}
