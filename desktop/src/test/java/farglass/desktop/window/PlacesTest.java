package farglass.desktop.window;

import static org.assertj.core.api.Assertions.assertThat;

import farglass.core.bout.Bout;
import farglass.core.change.Change;
import farglass.core.lexicon.Lexicon;
import farglass.core.notation.BoutFile;
import farglass.core.study.Athlete;
import farglass.desktop.desk.Place;
import farglass.desktop.desk.Spot;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import javafx.scene.Node;
import javafx.scene.canvas.Canvas;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;

class PlacesTest extends OnStage {
    private static final Bout BOUT = BoutFile.parse(
                    """
                    far-glass bout 1
                    id: harbour
                    A: Runa Castellan
                    B: Wilma Ferreby
                    date: 2026-03-14
                    covered: story 0:00 to 5:00
                    result: B by points 0-2
                    film: gone.mp4
                    0:10 B guard-pull; held
                    0:20 A circling-pass; side A left; line knee
                    0:30 A circling-pass; side A left; held
                    0:40 A award 3 points
                    """,
                    Lexicon.shipped())
            .bout()
            .orElseThrow();

    @Test
    void thePlacesAreOneKeyAwayAndTheNumbersLeadToTheirMoments() throws Exception {
        libraryWith(BOUT);
        assertThat(text("#summary")).contains("Runa Castellan: seen 1 of 1 known match, 1 of 1 loss");
        press(KeyCode.SHORTCUT, KeyCode.DIGIT3);
        await("the dossier is counted", () -> text("#basis").startsWith("1 of 1 known bouts were watched"));
        assertThat(text(".chapter-title")).isEqualTo("In one minute");
        for (int chapter = 0; chapter < 4; chapter++) {
            press(KeyCode.DOWN);
        }
        await("a chapter is open", () -> text(".chapter-title").equals("Passing"));
        robot.clickOn("Passes");
        await("the evidence of the figure shows", () -> text(".section").startsWith("Passes: 1 of 2"));
        robot.clickOn("#sights .list-cell");
        press(KeyCode.ENTER);
        await(
                "the moment is open in Tag",
                () -> desk().navigation().placeProperty().get() == Place.TAG
                        && desk().navigation()
                                .spotProperty()
                                .get()
                                .orElseThrow()
                                .moment()
                                .equals(Optional.of("m3")));
        await("the missing film is told", () -> text("#message").contains("There is no film at"));
    }

    @Test
    void theStudyIsSwitchedInTwoKeys() throws Exception {
        libraryWith(BOUT);
        assertThat(desk().study().property().get()).isPresent();
        press(KeyCode.F2);
        // A save that ends meanwhile does not take the list away.
        desk().change("Add an athlete", Change.added(new Athlete("other", "Ada Brill")))
                .get(10, TimeUnit.SECONDS);
        settle();
        press(KeyCode.DIGIT0);
        await("no study is in force", () -> desk().study().property().get().isEmpty());
        press(KeyCode.F2);
        press(KeyCode.DIGIT1);
        await(
                "the study is in force again",
                () -> desk().study().property().get().isPresent());
    }

    @Test
    void withoutAFilmMomentsAreTaggedWithATypedTime() throws Exception {
        libraryWith(BOUT);
        press(KeyCode.ENTER);
        type("@1:05.5 b hip escape nearly");
        assertThat(text("#meaning")).startsWith("1:05.5").contains("Wilma: Hip escape, nearly");
        press(KeyCode.ENTER);
        await("it is saved", () -> desk().contents().bouts().get(0).moments().stream()
                .anyMatch(moment -> moment.atMicros().orElse(0) == 65_500_000));
    }

    @Test
    void aBrokenBoutFileIsPreviewedAndNotImported() throws Exception {
        libraryWith(BOUT);
        Path broken = Files.writeString(folder.resolve("broken.bout"), "far-glass bout 1\nA: x\nB: y\n0:10 C mount\n");
        chosen.add(broken);
        robot.clickOn("Import bouts\u2026");
        await("the preview lies open", () -> workbench.lookup(".sheet-title") != null);
        assertThat(text(".sheet-title")).startsWith("Nothing can be imported yet");
        press(KeyCode.ESCAPE);
        await("the sheet is put away", () -> workbench.lookup(".sheet-title") == null);
        Path good = Files.writeString(
                folder.resolve("good.bout"), "far-glass bout 1\nA: Runa Castellan\nB: y\n0:10 A mark\n");
        chosen.add(good);
        robot.clickOn("Import bouts\u2026");
        await(
                "the preview asks",
                () -> workbench.lookup(".sheet-title") != null
                        && text(".sheet-title").startsWith("Import these"));
        press(KeyCode.ENTER);
        await("it is imported", () -> desk().contents().bouts().size() == 2);
    }

    @Test
    void aSpreadsheetIsMappedMendedAndImportedAndItsMappingKept() throws Exception {
        libraryWith(BOUT);
        Path sheet = Files.writeString(
                folder.resolve("sheet.csv"),
                "when;who;action;worked\n0:10;Runa;corte de joelho;yes\n0:20;Wilma;odd hook;no\nsoon;Runa;mount;\n");
        chosen.add(sheet);
        robot.clickOn("Import bouts\u2026");
        await("the table is read", () -> text("#table-summary").startsWith("Nothing can be imported yet: 1 cell"));
        press(KeyCode.ESCAPE);
        await("the sheet is put away", () -> workbench.lookup(".sheet-title") == null);
        Files.writeString(sheet, Files.readString(sheet).replace("soon", "0:30"));
        chosen.add(sheet);
        robot.clickOn("Import bouts\u2026");
        await("three moments are offered", () -> text("#table-summary").startsWith("3 moments to import, 1 word"));
        fill("athlete-b", "Wilma Ferreby");
        fill("odd-hook-", "kimura");
        press(KeyCode.TAB);
        await("the word has a meaning", () -> text("#table-summary").equals("3 moments to import."));
        press(KeyCode.ENTER);
        await("it is imported", () -> desk().contents().bouts().size() == 2);
        assertThat(desk().contents().bouts().stream().flatMap(bout -> bout.moments().stream()))
                .anyMatch(moment -> moment.technique().equals(Optional.of("kimura")));
    }

    @Test
    void theLexiconAndTheScoreAreOneKeyAway() throws Exception {
        libraryWith(BOUT);
        press(KeyCode.F3);
        type("juji gatame");
        press(KeyCode.ENTER);
        await("the entry shows", () -> text("#entry-label").equals("Armbar"));
        assertThat(onScreen(() -> workbench.lookupAll("#entry-label").size())).isEqualTo(1);
        robot.clickOn("More words for it\u2026");
        fill("in-the-gym", "the straight one");
        press(KeyCode.ENTER);
        await(
                "the word is known",
                () -> desk().lexicon().find("the straight one").isPresent());
        press(KeyCode.SHORTCUT, KeyCode.DIGIT1);
        press(KeyCode.ENTER);
        await("the bout is open", () -> desk().navigation().placeProperty().get() == Place.TAG);
        press(KeyCode.SHORTCUT, KeyCode.R);
        await("the score lies open", () -> text(".sheet-title").startsWith("The score at"));
        press(KeyCode.ESCAPE);
        await("it is put away", () -> workbench.lookup(".sheet-title") == null);
    }

    @Test
    void whatIsNoLibraryIsSaidInTheWindow() throws Exception {
        Path notes = Files.writeString(folder.resolve("notes.farglass"), "my notes");
        chosen.add(notes);
        robot.clickOn("Open a library\u2026");
        await("the welcome tells", () -> text("#welcome-problem").contains("is not a Far Glass library"));
        assertThat(notes).hasContent("my notes");
    }

    @Test
    void largeTextAndTheDarkKeepEverythingInTheWindow() throws Exception {
        libraryWith(BOUT);
        press(KeyCode.SHORTCUT, KeyCode.L);
        onScreen(() -> {
            workbench.settings().textPercentProperty().set(150);
            return null;
        });
        for (KeyCode place : new KeyCode[] {KeyCode.DIGIT1, KeyCode.DIGIT2, KeyCode.DIGIT3, KeyCode.DIGIT4}) {
            press(KeyCode.SHORTCUT, place);
            assertThat(onScreen(() -> workbench.getStyleClass().contains("film-room")))
                    .isTrue();
            for (String id : new String[] {"#place-plan", "#library-menu", "#message"}) {
                Node node = onScreen(() -> workbench.lookup(id));
                assertThat(node.localToScene(node.getBoundsInLocal()).getMaxX())
                        .as(id)
                        .isLessThanOrEqualTo(WindowPlace.WIDTH);
                if (node instanceof javafx.scene.control.Labeled named
                        && !named.getText().isEmpty()) {
                    // Nothing was cut: a name in three dots leads nowhere.
                    assertThat(node.getLayoutBounds().getWidth())
                            .as(id)
                            .isGreaterThanOrEqualTo(onScreen(() -> named.prefWidth(-1)) - 1);
                }
            }
        }
    }

    @Test
    void helpNamesTheKeysAndEscapePutsItAway() throws Exception {
        libraryWith(BOUT);
        press(KeyCode.F1);
        await("the help lies open", () -> workbench.lookup(".key") != null);
        press(KeyCode.ESCAPE);
        await("it is put away", () -> workbench.lookup(".key") == null);
    }

    @Test
    void aPlaceOutOfSightStaysInTheWindowButKeepsNoPixelsThatCount() throws Exception {
        libraryWith(BOUT);
        onScreen(() -> {
            desk().navigation().show(new Spot("harbour", Optional.empty()));
            return null;
        });
        await("Tag is drawn", () -> pixels() > 100_000);
        Node tag = onScreen(() -> workbench.shell().orElseThrow().place(Place.TAG));
        press(KeyCode.SHORTCUT, KeyCode.DIGIT1);
        await("Tag is out of sight", () -> !tag.isVisible());
        assertThat(onScreen(this::pixels))
                .as("of its drawings only the small ones in rows are kept")
                .isLessThan(20_000);
        assertThat(onScreen(tag::getScene))
                .as("to be shown again without being styled anew")
                .isNotNull();
        press(KeyCode.SHORTCUT, KeyCode.DIGIT2);
        await("and is drawn anew", () -> pixels() > 100_000);
    }

    private double pixels() {
        return workbench.shell().orElseThrow().place(Place.TAG).lookupAll("*").stream()
                .filter(Canvas.class::isInstance)
                .mapToDouble(node -> ((Canvas) node).getWidth() * ((Canvas) node).getHeight())
                .sum();
    }
}
