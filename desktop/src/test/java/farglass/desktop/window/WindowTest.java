package farglass.desktop.window;

import static org.assertj.core.api.Assertions.assertThat;

import farglass.core.bout.Bout;
import farglass.core.change.Change;
import farglass.core.lexicon.Lexicon;
import farglass.core.notation.BoutFile;
import farglass.core.study.Athlete;
import farglass.desktop.desk.Desk;
import farglass.desktop.desk.Place;
import farglass.desktop.desk.RecentLibrary;
import farglass.library.Library;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Instant;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.MenuButton;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;

/** What belongs to the window itself: how one gets in, what it tells, where the keys go. */
class WindowTest extends OnStage {
    private static final Bout BOUT = BoutFile.parse(
                    """
                    far-glass bout 1
                    id: harbour
                    A: Runa Castellan
                    B: Wilma Ferreby
                    date: 2026-03-14
                    covered: story 0:00 to 5:00
                    0:10 B guard-pull; held
                    0:20 A knee-cut; side A left; line knee
                    0:30 A knee-cut; side A left; held
                    """,
                    Lexicon.shipped())
            .bout()
            .orElseThrow();

    @Override
    Optional<Demo> demo() {
        Path path = folder.resolve("demo.farglass");
        return Optional.of(new Demo(
                path, () -> Library.create(path, Clock.systemUTC(), "demo").close()));
    }

    private boolean shows(String id) throws Exception {
        return onScreen(() -> {
            Node node = workbench.lookup(id);
            return node != null && node.isVisible() && node.isManaged();
        });
    }

    private void close() throws Exception {
        onScreen(() -> {
            workbench.closeLibrary();
            workbench.tell("");
            return null;
        });
    }

    @Test
    void theWelcomeLeadsToTheDemoAndBackToWhatWasOpen() throws Exception {
        robot.clickOn("#open-demo");
        await("the demo is laid and open", this::isOpen);
        assertThat(desk().library().path()).hasFileName("demo.farglass");
        close();
        robot.clickOn("demo.farglass");
        await("it is open again", this::isOpen);
        close();
        assertThat(onScreen(() -> workbench.settings().recent()))
                .extracting(known -> known.path().getFileName().toString())
                .containsExactly("demo.farglass");
    }

    @Test
    void theWelcomeHearsKeysToo() throws Exception {
        press(KeyCode.F1);
        assertThat(onScreen(() -> workbench.lookup("#version").isVisible()))
                .as("the help lies over it")
                .isTrue();
        press(KeyCode.SHORTCUT, KeyCode.N);
        assertThat(onScreen(() -> workbench.shell().isPresent() || workbench.isOpening()))
                .as("below a sheet nothing is begun")
                .isFalse();
        press(KeyCode.ESCAPE);
        press(KeyCode.SHORTCUT, KeyCode.L);
        assertThat(onScreen(() -> workbench.settings().darkProperty().get())).isTrue();
        chosen.add(folder.resolve("matches.farglass"));
        press(KeyCode.SHORTCUT, KeyCode.N);
        await("the new library is open", this::isOpen);
    }

    @Test
    void aLibraryThatIsGoneIsShownAsGoneAndCanBeFoundOrForgotten() throws Exception {
        Path moved = folder.resolve("moved.farglass");
        Library.create(moved, Clock.systemUTC(), "t").close();
        onScreen(() -> {
            workbench.settings().opened(new RecentLibrary(folder.resolve("gone.farglass"), Instant.EPOCH));
            workbench.settings().opened(new RecentLibrary(folder.resolve("lost.farglass"), Instant.EPOCH));
            workbench.tell("");
            return null;
        });
        await("it is greyed", () -> workbench.lookupAll(".recent").stream()
                .allMatch(node -> node instanceof Button button && button.isDisabled()));
        robot.clickOn("Forget it");
        assertThat(onScreen(() -> workbench.settings().recent())).hasSize(1);
        chosen.add(moved);
        robot.clickOn("Find it\u2026");
        await("the moved one is open", this::isOpen);
        assertThat(onScreen(() -> workbench.settings().recent()))
                .extracting(known -> known.path().getFileName().toString())
                .containsExactly("moved.farglass");
        assertThat(Files.readString(folder.resolve("settings"))).contains("moved.farglass");
    }

    @Test
    void aFailureStaysUntilItWasReadAndIsFoundInTheList() throws Exception {
        libraryWith(BOUT);
        assertThat(shows("#problems")).isFalse();
        onScreen(() -> {
            workbench.shell().orElseThrow().desk().messages().fail("The disk is full.");
            workbench.shell().orElseThrow().desk().messages().say("Something else went well.");
            return null;
        });
        assertThat(text("#message")).isEqualTo("Something else went well.");
        assertThat(shows("#problems")).isTrue();
        robot.clickOn("#problems");
        await("the list lies open", () -> workbench.lookup("#messages") != null);
        assertThat(shows("#problems")).isFalse();
        robot.clickOn("The disk is full.");
        press(KeyCode.ESCAPE);
        await("it is put away", () -> workbench.lookup("#messages") == null);
    }

    @Test
    void keysAreHeardAgainAfterAMenuOrASheetHasClosed() throws Exception {
        libraryWith(BOUT);
        press(KeyCode.ENTER);
        await("the bout is in Tag", () -> desk().navigation().placeProperty().get() == Place.TAG);
        robot.clickOn("#library-menu");
        press(KeyCode.ESCAPE);
        press(KeyCode.SHORTCUT, KeyCode.F);
        await("the place hears its keys", () -> workbench.lookup("#find").isFocused());
        press(KeyCode.ESCAPE);
        robot.clickOn("#library-menu");
        robot.clickOn("New athlete\u2026");
        await("the sheet lies open", () -> workbench.lookup(".sheet-title") != null);
        press(KeyCode.ESCAPE);
        press(KeyCode.SHORTCUT, KeyCode.F);
        await("and again", () -> workbench.lookup("#find").isFocused());
        press(KeyCode.ESCAPE);
        press(KeyCode.F2);
        press(KeyCode.ESCAPE);
        press(KeyCode.SHORTCUT, KeyCode.F);
        await("and after a key\u2019s menu", () -> workbench.lookup("#find").isFocused());
    }

    /** A menu leaves digits to the window below it, where they would take a pick. */
    @Test
    void nothingIsTaggedWhileAMenuIsOpen() throws Exception {
        libraryWith(BOUT);
        press(KeyCode.ENTER);
        await("the bout is in Tag", () -> desk().navigation().placeProperty().get() == Place.TAG);
        int before = desk().contents().bout(BOUT.id()).orElseThrow().moments().size();
        press(KeyCode.SHORTCUT, KeyCode.P);
        press(KeyCode.DIGIT1);
        press(KeyCode.PERIOD);
        press(KeyCode.ESCAPE);
        press(KeyCode.DIGIT1);
        await(
                "only the digit behind it was a pick",
                () -> desk().contents().bout(BOUT.id()).orElseThrow().moments().size() == before + 1);
    }

    @Test
    void allOfTheLineIsChosenWhileItIsWritten() throws Exception {
        libraryWith(BOUT);
        press(KeyCode.ENTER);
        await("the bout is in Tag", () -> desk().navigation().placeProperty().get() == Place.TAG);
        type("knee cut");
        press(KeyCode.SHORTCUT, KeyCode.A);
        var tag = workbench.shell().orElseThrow().tag();
        assertThat(onScreen(tag.choice()::chosen)).isEmpty();
        type("armbar");
        assertThat(onScreen(() -> tag.line().textProperty().get())).isEqualTo("armbar");
        press(KeyCode.ESCAPE);
        press(KeyCode.SHORTCUT, KeyCode.A);
        assertThat(onScreen(tag.choice()::chosen)).hasSize(3);
        assertThat(onScreen(
                        () -> workbench.lookup(".scribe .text-field") instanceof TextField line && line.isFocused()))
                .isTrue();
    }

    @Test
    void aNewBoutTakesDayAndRulesFromItsEventAndASecondSpellingIsAskedAbout() throws Exception {
        libraryWith(BoutFile.parse(
                        """
                        far-glass bout 1
                        id: cup
                        A: Runa Castellan
                        B: Wilma Ferreby
                        date: 2026-03-14
                        event: Lantern Cup
                        ruleset: delayed-points
                        uniform: no-gi
                        """,
                        Lexicon.shipped())
                .bout()
                .orElseThrow());
        robot.clickOn("New bout by hand\u2026");
        await("the header lies open", () -> workbench.lookup("#field-event") != null);
        fill("athlete-b", "Wilma Ferebey");
        fill("event", "lantern cup");
        press(KeyCode.TAB);
        assertThat(onScreen(() -> ((TextField) workbench.lookup("#field-date")).getText()))
                .isEqualTo("2026-03-14");
        robot.clickOn("Add the bout");
        await("it asks", () -> text(".problem").startsWith("There is a Wilma Ferreby in this library"));
        robot.clickOn("Add the bout");
        await("it was meant", () -> desk().contents().bouts().size() == 2);
        assertThat(desk().contents().bouts())
                .allMatch(bout -> bout.header().ruleset().equals("delayed-points"))
                .allMatch(bout -> bout.header().uniform() == farglass.core.bout.Uniform.NO_GI);
    }

    @Test
    void theWindowAnswersWhileTheLibraryThatIsLeftIsStillWritten() throws Exception {
        libraryWith(BOUT);
        CompletableFuture<Void> disk = new CompletableFuture<>();
        Desk left = desk();
        onScreen(() -> left.submit(
                () -> {
                    disk.join();
                    return left.library().change("Late", Change.added(new Athlete("late", "Petra Quillon")));
                },
                ""));
        onScreen(() -> {
            workbench.open(folder.resolve("matches.farglass"));
            return null;
        });
        assertThat(onScreen(() -> workbench.isOpening())).isTrue();
        robot.clickOn("#stop-opening");
        await("it is given up", () -> !workbench.isOpening());
        onScreen(() -> {
            workbench.open(folder.resolve("matches.farglass"));
            return null;
        });
        disk.complete(null);
        await("it is open again", this::isOpen);
        assertThat(desk().contents().athlete("late"))
                .as("what was written last")
                .isPresent();
    }

    @Test
    void withoutABoutTagOffersWhatToGoOnWith() throws Exception {
        libraryWith(BOUT);
        press(KeyCode.SHORTCUT, KeyCode.DIGIT2);
        await("the bout is offered", () -> workbench.lookup("#no-bout-film") != null);
        assertThat(onScreen(() -> isSeen(workbench.lookup("#play")))).isFalse();
        press(KeyCode.ENTER);
        await(
                "it is open",
                () -> workbench.shell().orElseThrow().tag().open().bout().isPresent());
        assertThat(onScreen(() -> isSeen(workbench.lookup("#play")))).isTrue();
    }

    @Test
    void anEmptyLibraryLeadsAndItsDossierNeedsNoStudy() throws Exception {
        newLibrary();
        assertThat(onScreen(() -> workbench.getScene().getFocusOwner().getId())).isEqualTo("first-film");
        onScreen(() -> {
            desk().change("Put", Change.added(BOUT));
            return null;
        });
        await("the bout stands on the shelf", () -> !shows("#empty-shelf"));
        press(KeyCode.SHORTCUT, KeyCode.DIGIT3);
        await(
                "of those in the bout one is looked at",
                () -> workbench.lookup("#lens-athlete") instanceof MenuButton name
                        && name.getText().equals("Runa Castellan"));
    }
}
