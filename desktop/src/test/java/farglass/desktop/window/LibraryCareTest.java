package farglass.desktop.window;

import static org.assertj.core.api.Assertions.assertThat;

import farglass.core.bout.Bout;
import farglass.core.change.Change;
import farglass.core.lexicon.Lexicon;
import farglass.core.notation.BoutFile;
import farglass.core.study.Athlete;
import farglass.library.Library;
import farglass.library.backup.Backups;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;

/** The library's own affairs, from the window: backups, copies, damage, a second opening. */
class LibraryCareTest extends OnStage {
    private static final Bout BOUT = BoutFile.parse(
                    "far-glass bout 1\nid: b\nA: Runa Castellan\nB: Wilma Ferreby\n0:10 B guard-pull; held\n",
                    Lexicon.shipped())
            .bout()
            .orElseThrow();

    private void choose(String item) throws Exception {
        robot.clickOn("#library-menu");
        robot.clickOn(item);
    }

    @Test
    void aBackupIsRestoredFromTheProductAndWhatWasThereIsKept() throws Exception {
        libraryWith(BOUT);
        Path path = desk().library().path();
        await(
                "the day's backup is made",
                () -> !Backups.of(desk().library()).list().isEmpty());
        press(KeyCode.DELETE);
        await("the bout is removed", () -> desk().contents().bouts().isEmpty());
        choose("Backups\u2026");
        robot.clickOn("Restore the chosen one");
        await("the bout is back", () -> isOpen() && desk().contents().bouts().size() == 1);
        assertThat(text("#message")).startsWith("Restored.");
        try (Stream<Path> files = Files.list(path.getParent())) {
            assertThat(files).anyMatch(file -> file.getFileName().toString().contains("before-restore"));
        }
    }

    @Test
    void aWholeCopyIsSaved() throws Exception {
        libraryWith(BOUT);
        Path copy = folder.resolve("copy.farglass");
        chosen.add(copy);
        choose("Save a copy\u2026");
        await("the copy is told", () -> text("#message").startsWith("A whole copy was saved"));
        try (Library library = Library.open(copy, Clock.systemUTC(), "t")) {
            assertThat(library.contents()).isEqualTo(desk().contents());
        }
        chosen.add(copy);
        choose("Save a copy\u2026");
        await("nothing is written over", () -> text("#message").contains("is there already"));
    }

    @Test
    void aDamagedLibraryIsRecoveredFromTheWindow() throws Exception {
        Path path = folder.resolve("hurt.farglass");
        try (Library library = Library.create(path, Clock.systemUTC(), "t")) {
            List<Change> changes = new ArrayList<>(List.of(Change.added(BOUT)));
            for (int i = 0; i < 1500; i++) {
                changes.add(Change.added(new Athlete("athlete-" + i, "Athlete number " + i)));
            }
            library.change("Add", changes);
        }
        byte[] bytes = Files.readAllBytes(path);
        Arrays.fill(bytes, bytes.length / 2, bytes.length / 2 + 20_000, (byte) 0x5a);
        Files.write(path, bytes);
        chosen.add(path);
        robot.clickOn("Open a library\u2026");
        await("the damage is told", () -> workbench.lookup(".sheet-title") != null);
        robot.clickOn("Recover what is whole");
        await("it is open again", this::isOpen);
        assertThat(text("#message"))
                .startsWith("Recovered ")
                .contains("The damaged file is kept as hurt.farglass.damaged-");
        assertThat(folder.resolve("hurt.farglass.recovering-journal")).doesNotExist();
    }

    @Test
    void aBoutThatTheDiskChangedIsNamedAllElseIsOpenAndItIsMendedFromTheMenu() throws Exception {
        Path path = folder.resolve("hurt.farglass");
        Bout other = new Bout("other", BOUT.header(), BOUT.moments(), List.of());
        try (Library library = Library.create(path, Clock.systemUTC(), "t")) {
            library.change("Add", Change.added(BOUT), Change.added(other));
        }
        try (var connection = java.sql.DriverManager.getConnection("jdbc:sqlite:" + path)) {
            connection.createStatement().executeUpdate("UPDATE moment SET technique = 'kimura' WHERE bout = 'other'");
        }
        chosen.add(path);
        robot.clickOn("Open a library\u2026");
        await("the other bout shows", this::isOpen);
        assertThat(text("#message")).contains("The disk has changed", "its checksum differs");
        assertThat(desk().contents().bouts()).containsExactly(BOUT);
        choose("Recover\u2026");
        robot.clickOn("Recover what is whole");
        await("it is open again", () -> isOpen() && desk().contents().bouts().size() == 2);
        assertThat(text("#message")).contains("Recovered 2 bouts", "Mended: 1", "Nothing is missing");
        assertThat(desk().contents().bout("other")).contains(other);
    }

    @Test
    void anOpeningThatNobodyWaitsForAnyMoreIsLetGo() throws Exception {
        Path path = folder.resolve("given-up.farglass");
        Library.create(path, Clock.systemUTC(), "t").close();
        onScreen(() -> {
            workbench.open(path);
            workbench.closeLibrary();
            return null;
        });
        await("its lock is given back", () -> {
            try (Library free = Library.open(path, Clock.systemUTC(), "t")) {
                return free.readOnly().isEmpty();
            }
        });
        onScreen(() -> {
            workbench.open(folder.resolve("gone.farglass"));
            workbench.open(path);
            return null;
        });
        await("the newest wish is shown", this::isOpen);
        assertThat(desk().library().path()).isEqualTo(path);
        onScreen(() -> {
            workbench.open(path);
            ((javafx.scene.control.Button) workbench.lookup("#stop-opening")).fire();
            return null;
        });
        await(
                "it was stopped",
                () -> workbench.lookup("#stop-opening") == null
                        && workbench.shell().isEmpty());
    }

    @Test
    void aSecondOpeningReadsFollowsAndSaysWhyItMayNotWrite() throws Exception {
        Path path = folder.resolve("shared.farglass");
        try (Library writer = Library.create(path, Clock.systemUTC(), "first")) {
            writer.change("Add", Change.added(BOUT));
            chosen.add(path);
            robot.clickOn("Open a library\u2026");
            await("the shelf shows", this::isOpen);
            assertThat(text("#message")).startsWith("Read only:").contains("open in another Far Glass");
            writer.change("Remove", Change.removed(writer.bout("b").orElseThrow()));
            await(
                    "what the other wrote is followed",
                    () -> desk().contents().bouts().isEmpty());
        }
    }

    @Test
    void anAthleteAndAStudyAreMadeAndMistakesAreToldOnTheSheet() throws Exception {
        newLibrary();
        choose("New athlete\u2026");
        fill("name", "Juno Halvorsen");
        press(KeyCode.ENTER);
        await(
                "the athlete is there",
                () -> desk().contents().athleteNamed("Juno Halvorsen").isPresent());
        choose("New study\u2026");
        robot.clickOn("Begin the study");
        assertThat(text(".problem")).isEqualTo("Give it a name.");
        for (Map.Entry<String, String> field : Map.of(
                        "name", "Front headlock", "athletes", "Juno Halvorsen, Pip Arkwright")
                .entrySet()) {
            fill(field.getKey(), field.getValue());
        }
        robot.clickOn("Begin the study");
        await("the study is in force", () -> desk().study()
                .property()
                .get()
                .filter(study -> study.subjects().size() == 2)
                .isPresent());
        assertThat(desk().contents().athletes()).hasSize(2);
        press(KeyCode.SHORTCUT, KeyCode.Z);
        await("it is undone", () -> desk().contents().studies().isEmpty());
        assertThat(desk().contents().athletes()).hasSize(1);
    }
}
