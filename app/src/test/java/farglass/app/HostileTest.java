package farglass.app;

import static org.assertj.core.api.Assertions.assertThat;

import farglass.core.bout.Bout;
import farglass.core.change.Change;
import farglass.core.lexicon.Lexicon;
import farglass.core.notation.BoutFile;
import farglass.library.Library;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Duration;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Assertions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Files and targets that are wrong, endless or somebody's: a sentence and an exit code, and nothing harmed. */
class HostileTest extends AtTheCommandLine {
    private static final String HEAD = "far-glass bout 1\nid: b\nA: Juno\nB: Pip\n";

    @TempDir
    Path folder;

    private final InputStream in = System.in;

    @AfterEach
    void giveInputBack() {
        System.setIn(in);
    }

    /** Refused in a sentence: no stack of ours, no name of a class, no number of an error. */
    private void isRefused(String why, Object... arguments) {
        assertThat(run(arguments)).as(words()).isEqualTo(1);
        assertThat(words())
                .contains(why)
                .doesNotContain("\tat ", "Exception", "farglass.")
                .doesNotContainPattern("\\(-\\d+\\)");
    }

    private Path file(String name, String text) throws IOException {
        return Files.writeString(folder.resolve(name), text);
    }

    private Path library(String... texts) throws IOException {
        Path path = folder.resolve("l.farglass");
        try (Library library = Library.create(path, Clock.systemUTC(), "t")) {
            for (String text : texts) {
                Bout bout = BoutFile.parse(text, Lexicon.shipped()).bout().orElseThrow();
                library.change("Add", Change.added(bout));
            }
        }
        return path;
    }

    @Test
    void readingIsBoundedAndWarningsAreCapped() throws IOException {
        Path fields = file("fields.bout", HEAD + "0:10 A knee-cut" + "; unknown side".repeat(40_000) + "\n");
        StringBuilder unknown = new StringBuilder(HEAD);
        for (int i = 0; i < 3_000; i++) {
            unknown.append("%d:%02d A blorp%d%n".formatted(i / 60, i % 60, i));
        }
        Path words = file("words.bout", unknown.toString());
        // Far above what it takes, and far below what it took.
        Assertions.assertTimeout(Duration.ofSeconds(30), () -> {
            isRefused("more than 1000 fields", "check", fields);
            assertThat(run("check", words)).isZero();
        });
        assertThat(words()).contains("more; mend these, and check again").contains("3000 moments can be imported");
        assertThat(words().lines().count()).isLessThan(600);
    }

    @Test
    void twoBoutsWhoseIdsHashAlikeAreBothExported() throws IOException {
        Path library = library(HEAD.replace("id: b", "id: Aa"), HEAD.replace("id: b", "id: BB"));
        Path into = folder.resolve("out");
        assertThat(run("export", "--library", library, "--out", into)).isZero();
        try (var files = Files.list(into)) {
            assertThat(files).hasSize(2);
        }
        isRefused("is there already", "export", "--library", library, "--out", into);
        assertThat(run("export", "--library", library, "--out", into, "--force"))
                .isZero();
    }

    @Test
    void nothingIsWrittenOntoAnInputALibraryAFolderALinkOrSomebodysFile() throws IOException {
        Path bout = file("b.bout", HEAD + "0:10 A knee-cut\n");
        Path library = library(HEAD);
        byte[] before = Files.readAllBytes(library);
        Path kept = file("kept.json", "mine");
        Path link = Files.createSymbolicLink(folder.resolve("link.json"), kept);
        Path part = file("new.json.part", "somebody's");
        isRefused("is what this is made from", "convert", bout, "--to", "bout", "--out", bout, "--force");
        isRefused("is a library", "convert", bout, "--to", "bout", "--out", library, "--force");
        isRefused("is a folder", "convert", bout, "--to", "bout", "--out", folder, "--force");
        isRefused("is a link", "convert", bout, "--to", "bout", "--out", link, "--force");
        isRefused("write over it with --force", "convert", bout, "--out", kept, "--to", "json");
        isRefused(
                "is what this is made from",
                "profile",
                "--library",
                library,
                "--athlete",
                "Juno",
                "--html",
                library,
                "--force");
        isRefused("a file is there already", "export", "--library", library, "--out", kept);
        assertThat(kept).hasContent("mine");
        assertThat(Files.readAllBytes(library)).isEqualTo(before);
        assertThat(run("convert", bout, "--out", folder.resolve("new.json"), "--to", "json"))
                .isZero();
        assertThat(part).hasContent("somebody's");
        assertThat(Files.getPosixFilePermissions(folder.resolve("new.json")))
                .as("read by whom any new file may")
                .isEqualTo(Files.getPosixFilePermissions(kept));
        assertThat(run("convert", bout, "--out", kept, "--to", "json", "--force"))
                .isZero();
        assertThat(Files.readString(kept)).contains("far-glass bout");
        try (var files = Files.list(folder)) {
            assertThat(files.map(file -> file.getFileName().toString()))
                    .as("nothing unfinished is left")
                    .noneMatch(name -> name.startsWith(".unfinished"));
        }
        isRefused(
                "cannot be written", "convert", bout, "--to", "bout", "--out", folder.resolve("no/such/folder/x.bout"));
    }

    @Test
    void onlyOrdinaryFilesAreReadAndStandardInputWhereItIsMeant() throws IOException {
        isRefused("a folder, a pipe or a device", "check", "/dev/zero");
        isRefused("a folder, a pipe or a device", "check", folder);
        System.setIn(new ByteArrayInputStream((HEAD + "0:10 A knee-cut\n").getBytes(StandardCharsets.UTF_8)));
        assertThat(run("check", "-")).isZero();
        assertThat(words()).contains("1 moment can be imported");
        System.setIn(new InputStream() {
            @Override
            public int read() {
                return 'x';
            }
        });
        isRefused("no bout file is larger", "check", "-");
    }

    @Test
    void whatCannotBeKeptIsSaidAndNotChanged() throws IOException {
        isRefused("two columns are headed", "check", file("two.csv", "time,time,what\n0:10,0:20,knee cut\n"));
        isRefused(
                "half a character", "check", file("half.bout", HEAD + "0:10 A knee-cut; note \"" + "\\" + "ud800\"\n"));
        Path bout = file("b.bout", HEAD + "0:10 A knee-cut\n");
        String json = "j.json";
        run("convert", bout, "--to", "json", "--out", folder.resolve(json));
        String text = Files.readString(folder.resolve(json));
        isRefused("half a character", "check", file("half.json", text.replace("\"Juno\"", "\"Ju\\ud800no\"")));
        assertThat(run("check", file("cr.bout", (HEAD + "0:10 A knee-cut\n").replace('\n', '\r'))))
                .isZero();
        assertThat(words()).contains("1 moment can be imported");
    }

    @Test
    void namesThatNoXmlCouldHoldStopNoPaper() throws IOException {
        Path library = library(HEAD.replace("Juno", "Ju\uFFFFno"));
        assertThat(run("profile", "--library", library, "--athlete", "Ju\uFFFFno", "--pdf", folder.resolve("p.pdf")))
                .as(words())
                .isZero();
        assertThat(Files.size(folder.resolve("p.pdf"))).isPositive();
    }

    @Test
    void whatIsLeftOutBecauseItIsDamagedIsSaid() throws Exception {
        Path library = library(HEAD + "0:10 A knee-cut\n");
        try (var connection = java.sql.DriverManager.getConnection("jdbc:sqlite:" + library)) {
            connection.createStatement().executeUpdate("UPDATE moment SET technique = 'armbar'");
        }
        run("export", "--library", library, "--out", folder.resolve("out"), "--full");
        assertThat(words()).contains("Left out, since it is damaged: Juno \u2013 Pip", "Recover", "Wrote 0 files");
    }

    @Test
    void aVersionBelowNothingIsDamage() throws Exception {
        Path library = library(HEAD);
        try (var connection = java.sql.DriverManager.getConnection("jdbc:sqlite:" + library)) {
            connection.createStatement().executeUpdate("PRAGMA user_version = -5");
        }
        isRefused("is damaged", "profile", "--library", library, "--athlete", "Juno");
    }
}
