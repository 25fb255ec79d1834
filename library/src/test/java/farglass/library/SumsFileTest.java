package farglass.library;

import static org.assertj.core.api.Assertions.assertThat;

import farglass.core.bout.Bout;
import farglass.core.catalogue.Catalogue;
import farglass.core.corpus.Corpus;
import farglass.core.corpus.KeptSums;
import farglass.core.entry.School;
import farglass.core.lexicon.Lexicon;
import farglass.core.scope.Scope;
import farglass.core.simulate.ActedBout;
import farglass.core.simulate.Cast;
import farglass.library.contents.OwnWords;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.FileTime;
import java.time.Duration;
import java.time.Instant;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Sums kept on disk are those that were written, or none. */
class SumsFileTest {
    private static final Lexicon LEXICON = Lexicon.shipped();
    private static final List<Bout> BOUTS = Cast.seasons(LEXICON).bouts().stream()
            .map(ActedBout::told)
            .limit(12)
            .toList();

    @TempDir
    Path folder;

    private static KeptSums counted() {
        Corpus corpus = Corpus.of(BOUTS, LEXICON);
        corpus.athletes().forEach(athlete -> Catalogue.dossier(athlete, corpus, Scope.ALL));
        return corpus.sums();
    }

    private SumsFile file(OwnWords.Stanza... own) throws Exception {
        return SumsFile.in(
                        folder.resolve("sums"),
                        Path.of("some.farglass"),
                        LEXICON,
                        new OwnWords(List.of(own), List.of()))
                .orElseThrow();
    }

    private Path onDisk() throws Exception {
        try (Stream<Path> files = Files.list(folder.resolve("sums"))) {
            return files.reduce((one, other) -> {
                        throw new AssertionError("Two files: %s, %s".formatted(one, other));
                    })
                    .orElseThrow();
        }
    }

    @Test
    void whatIsWrittenIsRead() throws Exception {
        KeptSums counted = counted();
        assertThat(counted.saysMoreThan(file().read())).isTrue();
        file().write(counted);
        assertThat(counted.saysMoreThan(file().read())).isFalse();
        file().write(counted);
        assertThat(onDisk()).isRegularFile();
    }

    @Test
    void underOtherWordsItIsNotBelieved() throws Exception {
        file().write(counted());
        assertThat(SumsFile.in(
                                folder.resolve("sums"),
                                Path.of("some.farglass"),
                                LEXICON.shownIn(School.PORTUGUESE),
                                new OwnWords(List.of(), List.of()))
                        .orElseThrow()
                        .read())
                .isSameAs(KeptSums.NONE);
        assertThat(file(new OwnWords.Stanza("t", "technique ours \"Ours\"")).read())
                .isSameAs(KeptSums.NONE);
    }

    @Test
    void aByteThatTurnedOrWasLostMakesItNothing() throws Exception {
        file().write(counted());
        byte[] whole = Files.readAllBytes(onDisk());
        for (int at = 0; at < whole.length; at += 1 + whole.length / 61) {
            byte[] turned = whole.clone();
            turned[at] ^= 0x10;
            Files.write(onDisk(), turned);
            assertThat(file().read()).as("byte %d turned", at).isSameAs(KeptSums.NONE);
            Files.write(onDisk(), Arrays.copyOf(whole, at));
            assertThat(file().read()).as("cut at %d", at).isSameAs(KeptSums.NONE);
        }
    }

    @Test
    void sumsOfALibraryNotOpenedForMonthsAreThrownAway() throws Exception {
        file().write(counted());
        Path old = folder.resolve("sums").resolve("0123.sums");
        Path mine = folder.resolve("sums").resolve("notes.txt");
        for (Path each : List.of(old, mine)) {
            Files.writeString(each, "old");
            Files.setLastModifiedTime(each, FileTime.from(Instant.now().minus(Duration.ofDays(200))));
        }
        file().write(counted());
        assertThat(old).doesNotExist();
        assertThat(mine).exists();
        assertThat(counted().saysMoreThan(file().read())).isFalse();
    }
}
