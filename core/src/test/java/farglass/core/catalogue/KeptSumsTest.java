package farglass.core.catalogue;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import farglass.core.Demo;
import farglass.core.bout.Bout;
import farglass.core.corpus.BoutCounts;
import farglass.core.corpus.Corpus;
import farglass.core.corpus.KeptSums;
import farglass.core.lexicon.Lexicon;
import farglass.core.question.Dossier;
import farglass.core.scope.Scope;
import farglass.core.simulate.ActedBout;
import java.io.IOException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Sums that were kept give the dossier that counting gives, to the last digit, or are not believed. */
class KeptSumsTest {
    private static final String ATHLETE = "Runa Castellan";
    private static final Lexicon LEXICON = Lexicon.shipped();
    private static final List<Bout> BOUTS =
            Demo.SEASONS.bouts().stream().map(ActedBout::told).limit(60).toList();

    private static Dossier dossier(Corpus corpus) {
        return Catalogue.dossier(ATHLETE, corpus, Scope.ALL);
    }

    private static KeptSums kept() {
        Corpus counted = Corpus.of(BOUTS, LEXICON);
        dossier(counted);
        return counted.sums();
    }

    /** As they come from disk the next time: the same, and other objects. */
    private static List<Bout> again(List<Bout> bouts) {
        return bouts.stream()
                .map(bout -> new Bout(bout.id(), bout.header(), bout.moments(), bout.comments()))
                .toList();
    }

    @Test
    void theDossierIsTheSameWithoutCountingAnybodyAgain() throws Exception {
        KeptSums kept = kept();
        Corpus recalled = Corpus.of(again(BOUTS), LEXICON);
        recalled.recall(KeptSums.of(kept.bytes()));
        assertThat(recalled.sums().saysMoreThan(kept)).isFalse();
        assertThat(dossier(recalled)).isEqualTo(dossier(Corpus.of(BOUTS, LEXICON)));
        assertThat(recalled.counts(ATHLETE)).noneMatch(BoutCounts::isMade);
        assertThat(recalled.sums().saysMoreThan(kept)).isFalse();
        assertThat(kept.saysMoreThan(KeptSums.NONE)).isTrue();
    }

    @Test
    void ofWhoseBoutsOneChangedNothingIsBelieved() {
        List<Bout> changed = new ArrayList<>(again(BOUTS));
        Bout last = changed.get(changed.size() - 1);
        changed.set(
                changed.size() - 1,
                last.without(last.moments().get(last.moments().size() / 2).id()));
        Corpus recalled = Corpus.of(changed, LEXICON);
        recalled.recall(kept());
        assertThat(dossier(recalled)).isEqualTo(dossier(Corpus.of(changed, LEXICON)));
        assertThat(recalled.sums().saysMoreThan(kept())).isTrue();
    }

    @Test
    void whatIsCutShortIsRefused() {
        byte[] whole = kept().bytes();
        for (int length = 0; length < whole.length; length += 1 + whole.length / 97) {
            byte[] part = Arrays.copyOf(whole, length);
            assertThatThrownBy(() -> KeptSums.of(part)).isInstanceOf(IOException.class);
        }
    }
}
