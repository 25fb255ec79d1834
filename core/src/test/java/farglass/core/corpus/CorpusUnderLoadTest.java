package farglass.core.corpus;

import static org.assertj.core.api.Assertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertTimeoutPreemptively;

import farglass.core.Bouts;
import farglass.core.bout.Bout;
import farglass.core.catalogue.Catalogue;
import farglass.core.question.Dossier;
import farglass.core.scope.Scope;
import java.time.Duration;
import java.util.List;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** Counting on several threads comes to an end: whoever waits for one figure is given parts of another to work out meanwhile. */
class CorpusUnderLoadTest {
    private static final int DOSSIERS = 80;

    @Test
    void twoDossiersOfAFreshCorpusNeverWaitForEachOther() {
        List<Bout> bouts = IntStream.range(0, 6)
                .mapToObj(i -> Bouts.parsed(
                        "id: b%d\ncovered: story 0:00 to 5:00\n".formatted(i),
                        "0:10 A guard-pull; held; -> closed-guard, B on top",
                        "0:30 A scissor-sweep; side A left; nearly",
                        "1:00 B knee-cut; side B right; failed",
                        "1:30 A armbar; threatened"))
                .toList();
        assertTimeoutPreemptively(Duration.ofSeconds(60), () -> {
            ExecutorService hands = Executors.newFixedThreadPool(2);
            for (int i = 0; i < DOSSIERS; i++) {
                Corpus fresh = Corpus.of(bouts, Bouts.LEXICON);
                List<Future<Dossier>> both = Stream.of("Juno", "Pip")
                        .map(athlete -> hands.submit(
                                () -> Catalogue.dossier(athlete, fresh, Scope.ALL, share -> {}, () -> false)))
                        .toList();
                assertThat(both.get(0).get().athlete()).isEqualTo("Juno");
                assertThat(both.get(1).get().athlete()).isEqualTo("Pip");
            }
            hands.shutdown();
        });
    }
}
