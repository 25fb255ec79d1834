package farglass.library.exchange;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import farglass.core.lexicon.Lexicon;
import farglass.library.Library;
import farglass.library.SampleBouts;
import farglass.library.store.LibraryException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class BoutImportTest {
    private static final Lexicon LEXICON = Lexicon.shipped();

    @TempDir
    Path folder;

    private Library library() {
        return Library.create(folder.resolve("l.farglass"), Clock.systemUTC(), "tester");
    }

    private Path file(String name, byte[] bytes) throws Exception {
        return Files.write(folder.resolve(name), bytes);
    }

    @Test
    void whatIsExportedInFullIsImportedAsTheSameBout() {
        Path file = folder.resolve("out.bout");
        BoutExport.write(SampleBouts.full(), Destination.chosen(file), BoutExport.Form.bout, true);
        try (Library library = library()) {
            BoutImport preview = BoutImport.preview(List.of(file), LEXICON, library);
            assertThat(preview.items().get(0).newAthletes())
                    .containsExactlyInAnyOrder("Maren Tolliver", "Runa Castellan");
            assertThat(preview.items().get(0).replaces()).isFalse();
            preview.into(library);
            assertThat(library.contents().bouts()).containsExactly(SampleBouts.full());
            assertThat(BoutImport.preview(List.of(file), LEXICON, library)
                            .items()
                            .get(0)
                            .replaces())
                    .isTrue();
        }
    }

    @Test
    void sharingLeavesOutWhatIsPrivate() {
        assertThat(BoutExport.forSharing(SampleBouts.full()).moments())
                .hasSize(SampleBouts.full().moments().size() - 1)
                .noneMatch(moment -> moment.telling().confidential());
    }

    @Test
    void oneBrokenFileKeepsAllOutAndNamesLineAndColumn() throws Exception {
        Path good = file("good.bout", SampleBouts.FULL.getBytes(StandardCharsets.UTF_8));
        Path bad = file(
                "bad.bout",
                SampleBouts.FULL
                        .replace("lantern-final", "other")
                        .replace("1:15 -", "0:05 -")
                        .getBytes(StandardCharsets.UTF_8));
        try (Library library = library()) {
            BoutImport preview = BoutImport.preview(List.of(good, bad), LEXICON, library);
            assertThat(preview.isClean()).isFalse();
            assertThat(preview.items().get(1).messages()).anySatisfy(message -> assertThat(message)
                    .contains("bad.bout")
                    .contains("0:05")
                    .contains("1:10"));
            assertThatThrownBy(() -> preview.into(library))
                    .isInstanceOf(LibraryException.class)
                    .hasMessageStartingWith("Nothing was imported: bad.bout");
            assertThat(library.contents().bouts()).isEmpty();
        }
    }

    @Test
    void wrongEncodingNoiseEmptyAndMissingFilesAreRefusedWithAReason() throws Exception {
        byte[] latin =
                SampleBouts.FULL.replace("Runa", "R\u00fcna").getBytes(java.nio.charset.StandardCharsets.ISO_8859_1);
        byte[] noise = new byte[50 * 1024 * 1024];
        new Random(7).nextBytes(noise);
        assertThat(message(file("latin.bout", latin))).contains("not UTF-8").startsWith("6:");
        assertThat(message(file("noise.bout", noise))).contains("51,200 kB");
        assertThat(message(file("small-noise.bout", Arrays.copyOf(noise, 100_000))))
                .contains("not UTF-8");
        assertThat(message(file("empty.bout", new byte[0]))).contains("empty");
        assertThat(message(folder.resolve("missing.bout"))).contains("cannot be read");
    }

    private static String message(Path file) {
        var reading = BoutImport.readAll(file, LEXICON).get(0);
        assertThat(reading.bout()).isEmpty();
        return reading.diagnostics().get(0).line() + ": "
                + reading.diagnostics().get(0).message();
    }

    @Test
    void wordsAreNamedOnTheWayInAndAStoppedImportLeavesNothing() throws Exception {
        Path one = Files.writeString(
                folder.resolve("one.bout"), "far-glass bout 1\nA: x\nB: y\n0:10 A \"coat hanger\"; held\n");
        Path two = Files.writeString(folder.resolve("two.bout"), "far-glass bout 1\nA: x\nB: y\n0:20 B coat hanger\n");
        try (Library library = Library.create(folder.resolve("n.farglass"), Clock.systemUTC(), "t")) {
            List<Double> shares = new java.util.ArrayList<>();
            BoutImport found = BoutImport.preview(List.of(one, two), Lexicon.shipped(), library, shares::add);
            assertThat(shares).containsExactly(0.5, 1.0);
            assertThat(found.unnamed()).containsOnly(Map.entry("coat hanger", 2));
            BoutImport named = found.naming(Map.of("coat hanger", "rear-naked-choke"));
            assertThatThrownBy(() -> named.into(library, share -> {}, () -> true))
                    .hasMessageContaining("nothing was imported");
            assertThat(library.contents().bouts()).isEmpty();
            named.into(library);
            assertThat(library.contents().bouts()).hasSize(2).allSatisfy(bout -> assertThat(
                            bout.moments().get(0).technique())
                    .contains("rear-naked-choke"));
        }
    }
}
