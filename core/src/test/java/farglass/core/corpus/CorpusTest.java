package farglass.core.corpus;

import static farglass.core.Bouts.LEXICON;
import static org.assertj.core.api.Assertions.assertThat;

import farglass.core.Bouts;
import farglass.core.bout.Bout;
import farglass.core.notation.BoutFile;
import farglass.core.side.Seat;
import farglass.core.state.Counting;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.Test;

class CorpusTest {
    private static Bout bout(String id, String header, String... moments) {
        return Bouts.parsed("id: " + id + "\n" + header, moments);
    }

    @Test
    void anEditMakesOneSheetAnewAndAFilterNone() {
        AtomicInteger counted = new AtomicInteger();
        Tally tally = new Tally("tries", (sheet, seat) -> {
            counted.incrementAndGet();
            return List.of(new Evidence(sheet.bout().id(), Optional.empty(), "try"));
        });
        Bout one = bout("one", "covered: story 0:00 to 1:00\n", "0:10 A knee-cut");
        Bout two = bout("two", "covered: story 0:00 to 1:00\n", "0:10 A knee-cut");
        Corpus corpus = Corpus.of(List.of(one, two), LEXICON);
        for (int i = 0; i < 3; i++) {
            corpus.counts("Juno").forEach(bout -> bout.counted(tally, Seat.A));
        }
        assertThat(counted).hasValue(2);
        Bout edited = bout("two", "covered: story 0:00 to 1:00\n", "0:10 A toreando");
        Corpus after = corpus.renewed(List.of(one, edited), LEXICON);
        after.counts("Juno").forEach(bout -> bout.counted(tally, Seat.A));
        assertThat(counted).hasValue(3);
        assertThat(after.of("Juno")).contains(corpus.of("Juno").get(0));
        assertThat(after.alike(tally, "Juno").chances()).isEqualTo(2);
        Corpus same = after.renewed(List.of(one, edited), LEXICON);
        assertThat(same.alike(tally, "Juno")).isSameAs(after.alike(tally, "Juno"));
        assertThat(same.renewed(List.of(one), LEXICON).alike(tally, "Juno").chances())
                .isEqualTo(1);
    }

    @Test
    void onlyWhatWasWatchedHasASheetAndTheNewestStandsFirst() {
        Bout old = bout("old", "date: 2024-01-01\ncovered: story 0:00 to 1:00\n", "0:10 A knee-cut");
        Bout late = bout("late", "date: 2026-01-01\ncovered: story 0:00 to 1:00\n", "0:10 A knee-cut");
        Bout told = bout("told", "", "0:10 A knee-cut");
        Bout second = bout("second", "coding of: old\ncovered: story 0:00 to 1:00\n", "0:10 A knee-cut");
        Corpus corpus = Corpus.of(List.of(old, late, told, second), LEXICON);
        assertThat(corpus.bouts()).hasSize(4);
        assertThat(corpus.of("Juno")).extracting(sheet -> sheet.bout().id()).containsExactly("late", "old");
        assertThat(corpus.of("nobody known")).isEmpty();
        assertThat(Corpus.of(List.of(), LEXICON).athletes()).isEmpty();
    }

    private static Bout between(String a, String b) {
        return BoutFile.parse(
                        "far-glass bout 1\nA: %s\nB: %s\ncovered: story 0:00 to 1:00\n0:10 A knee-cut\n"
                                .formatted(a, b),
                        LEXICON)
                .bout()
                .orElseThrow();
    }

    @Test
    void aBoutAgainstOneselfCountsInNothingAndSaysSo() {
        Bout self = between("Juno", "Juno");
        assertThat(Corpus.of(List.of(self), LEXICON).of("Juno")).isEmpty();
        assertThat(Corpus.of(List.of(self), LEXICON).aside("Juno")).hasSize(1);
        assertThat(Counting.sentence(self).orElseThrow()).startsWith("Both athletes are called Juno");
    }

    @Test
    void peopleNobodyKnowsAreNotOneAthlete() {
        Corpus corpus = Corpus.of(List.of(between("unknown", "unknown"), between("Juno", "unknown")), LEXICON);
        assertThat(corpus.athletes()).containsExactly("Juno");
        assertThat(corpus.of("Juno")).hasSize(1);
    }

    @Test
    void namesThatDifferInALetterAreTwoAthletes() {
        Corpus corpus = Corpus.of(List.of(between("Juno", "Pip"), between("juno", "Pip")), LEXICON);
        assertThat(corpus.of("Juno")).hasSize(1);
        assertThat(corpus.of("Pip")).hasSize(2);
    }
}
