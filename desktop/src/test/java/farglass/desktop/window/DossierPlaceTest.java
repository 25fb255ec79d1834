package farglass.desktop.window;

import static org.assertj.core.api.Assertions.assertThat;

import farglass.core.bout.Bout;
import farglass.core.change.Change;
import farglass.core.fact.Fact;
import farglass.core.lexicon.Lexicon;
import farglass.core.notation.BoutFile;
import farglass.desktop.desk.Place;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.ListView;
import javafx.scene.control.MenuButton;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.ToggleButton;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;

/** The dossier by keyboard and mouse: chapters, evidence struck out, the page of a technique, somebody beside, paper. */
class DossierPlaceTest extends OnStage {
    private static Bout bout(String id, String passer, String date) {
        return BoutFile.parse(
                        """
                        far-glass bout 1
                        id: %s
                        A: %s
                        B: Wilma Ferreby
                        date: %s
                        covered: story 0:00 to 5:00
                        0:10 B guard-pull; held
                        0:20 A toreando; side A left; line knee; threatened
                        0:30 A toreando; side A left; held
                        0:40 A award 3 points
                        """
                                .formatted(id, passer, date),
                        Lexicon.shipped())
                .bout()
                .orElseThrow();
    }

    private void passing() throws Exception {
        libraryWith(bout("one", "Runa Castellan", "2026-03-14"));
        onScreen(() -> {
            desk().change("Put", Change.added(bout("two", "Ebele Straker", "2026-04-14")));
            return null;
        });
        await("both are there", () -> desk().contents().bouts().size() == 2);
        press(KeyCode.SHORTCUT, KeyCode.DIGIT3);
        await("the dossier is counted", () -> text("#basis").startsWith("1 of 1 known bouts"));
        for (int chapter = 0; chapter < 4; chapter++) {
            press(KeyCode.DOWN);
        }
        await("the chapter is open", () -> text(".chapter-title").equals("Passing"));
    }

    @Test
    void theArrowsWalkFromFigureToFigureAndTheEvidenceFollows() throws Exception {
        passing();
        press(KeyCode.TAB);
        await("the first figure has the focus", () -> focused() instanceof ToggleButton);
        assertThat(text(".section")).startsWith("Passes: 1 of 2");
        press(KeyCode.DOWN);
        await("what stands behind the next one shows", () -> text(".section").startsWith("Toreando pass: 2 of 2"));
        press(KeyCode.UP);
        await("and behind the first one again", () -> text(".section").startsWith("Passes: 1 of 2"));
        for (int figure = 0; figure < 60; figure++) {
            press(KeyCode.DOWN);
            assertThat(isInSight(focused()))
                    .as("figure %d below the first", figure + 1)
                    .isTrue();
        }
        assertThat(onScreen(() -> page().getVvalue()))
                .as("the chapter is longer than the window")
                .isPositive();
        for (int figure = 0; figure < 60; figure++) {
            press(KeyCode.UP);
        }
        assertThat(onScreen(() -> page().getVvalue()))
                .as("its title is seen again")
                .isZero();
    }

    @Test
    void enterOnASentenceOfTheFirstPageOpensItsChapterAtItsFigure() throws Exception {
        libraryWith(bout("b0", "Runa Castellan", "2026-03-14"));
        onScreen(() -> {
            for (int each = 1; each < 9; each++) {
                desk().change("Put", Change.added(bout("b" + each, "Runa Castellan", "2026-03-1" + each)));
            }
            return null;
        });
        press(KeyCode.SHORTCUT, KeyCode.DIGIT3);
        await("all are counted", () -> text("#basis").startsWith("9 of 9 known bouts"));
        press(KeyCode.TAB);
        await("a sentence has the focus", () -> focused() instanceof ToggleButton);
        String sentence = onScreen(() -> focused().getAccessibleText());
        press(KeyCode.ENTER);
        await("its chapter is open", () -> !text(".chapter-title").equals("In one minute"));
        assertThat(focused()).as("the figure of \u201c%s\u201d", sentence).isInstanceOf(ToggleButton.class);
        assertThat(isInSight(focused())).isTrue();
        assertThat(((ToggleButton) focused()).isSelected()).isTrue();
    }

    private Node focused() throws Exception {
        return onScreen(() -> workbench.getScene().getFocusOwner());
    }

    private ScrollPane page() {
        return (ScrollPane) workbench.lookup(".dossier .scroll-pane");
    }

    private boolean isInSight(Node line) throws Exception {
        return onScreen(() ->
                page().localToScene(page().getBoundsInLocal()).contains(line.localToScene(line.getBoundsInLocal())));
    }

    private int sights() throws Exception {
        return onScreen(
                () -> ((ListView<?>) workbench.lookup("#sights")).getItems().size());
    }

    @Test
    void aMomentIsStruckOutWithAReasonAndComesBackByUndo() throws Exception {
        passing();
        await("its evidence shows", () -> text(".section").startsWith("Passes: 1 of 2"));
        robot.clickOn("#sights .list-cell");
        press(KeyCode.DELETE);
        await("a reason is asked for", () -> workbench.lookup("#strike-reason").isVisible());
        press(KeyCode.ENTER);
        assertThat(text(".section")).as("nothing is struck without one").startsWith("Passes: 1 of 2");
        type("he had let go");
        press(KeyCode.ENTER);
        await("it counts no more", () -> text(".section").startsWith("Passes: 0 of 1"));
        List<Fact.Struck> struck = onScreen(() -> desk().contents().bout("one").orElseThrow().moments().stream()
                .flatMap(moment -> moment.telling().facts(Fact.Struck.class))
                .toList());
        assertThat(struck).extracting(Fact.Struck::why).containsOnly("he had let go");
        press(KeyCode.SHORTCUT, KeyCode.Z);
        await("it counts again", () -> text(".section").startsWith("Passes: 1 of 2"));
    }

    @Test
    void everyTryOfATechniqueIsOneKeyFromItsFigureAndEscapeGoesBack() throws Exception {
        passing();
        robot.clickOn("Toreando pass");
        await("its evidence shows", () -> text(".section").startsWith("Toreando pass: 2 of 2"));
        robot.clickOn("#whole-page");
        await("its page is open", () -> text(".chapter-title").equals("Toreando pass"));
        press(KeyCode.DOWN);
        press(KeyCode.ENTER);
        await(
                "the newest try is open in Tag",
                () -> desk().navigation().placeProperty().get() == Place.TAG
                        && desk().navigation()
                                .spotProperty()
                                .get()
                                .orElseThrow()
                                .moment()
                                .equals(Optional.of("m3")));
        press(KeyCode.SHORTCUT, KeyCode.DIGIT3);
        press(KeyCode.ESCAPE);
        await("the chapter is back", () -> text(".chapter-title").equals("Passing"));
    }

    @Test
    void whoStandsBesideShowsInEveryFigureAndTheDossierGoesToPaper() throws Exception {
        passing();
        choose("beside", "Ebele Straker");
        await("the other one stands beside", () -> workbench.lookup(".beside") != null);
        Path paper = folder.resolve("runa.pdf");
        chosen.add(paper);
        onScreen(() -> {
            ((MenuButton) workbench.lookup("#lens-print")).getItems().get(0).fire();
            return null;
        });
        await("the paper is written", () -> Files.exists(paper));
        assertThat(sights()).isPositive();
    }

    private void choose(String word, String item) throws Exception {
        onScreen(() -> {
            MenuButton menu = (MenuButton) workbench.lookup("#lens-" + word);
            menu.show();
            menu.getItems().stream()
                    .filter(each -> item.equals(each.getText()))
                    .findFirst()
                    .orElseThrow()
                    .fire();
            menu.hide();
            return null;
        });
    }

    @Test
    void filtersLeaveAPartAndAreKeptUnderAName() throws Exception {
        passing();
        Bout later = bout("one", "Runa Castellan", "2026-03-14")
                .with(BoutFile.parse(
                                "far-glass bout 1\nA: Runa Castellan\nB: Wilma Ferreby\n1:30 A knee-cut; failed; id late\n",
                                Lexicon.shipped())
                        .bout()
                        .orElseThrow()
                        .moments()
                        .get(0));
        onScreen(() -> {
            desk().change("Put", Change.of(desk().contents().bout(later.id()).orElseThrow(), later));
            return null;
        });
        await("all passes count", () -> text(".section").startsWith("Passes: 1 of 3"));
        choose("part", "the first minute");
        await("two lie in the first minute", () -> text(".section").startsWith("Passes: 1 of 2"));
        assertThat(text("#lens-part")).isEqualTo("the first minute");
        choose("kept", "Keep these as\u2026");
        type("early");
        press(KeyCode.ENTER);
        await("they have a name", () -> text("#lens-kept").equals("Filters: early"));
        choose("part", "behind");
        await("nothing is left, and it says so", () -> text(".empty-words").contains("lies within"));
        choose("kept", "No filters");
        await("all count again", () -> text(".section").startsWith("Passes: 1 of 3"));
        choose("kept", "early");
        await("they are taken again", () -> text(".section").startsWith("Passes: 1 of 2"));
        choose("kept", "Forget \u201cearly\u201d");
        await("and forgotten", () -> text("#lens-kept").equals("Filters"));
    }

    @Test
    void theShelfMarksTheBoutThatBroughtNewsAndOneKeyOpensIt() throws Exception {
        passing();
        press(KeyCode.SHORTCUT, KeyCode.DIGIT1);
        onScreen(() -> desk().study().news().put("one", "Runa Castellan"));
        onScreen(() -> {
            ListView<?> shelf = (ListView<?>) workbench.lookup("#bouts");
            shelf.getSelectionModel().select(1);
            shelf.requestFocus();
            return null;
        });
        press(KeyCode.D);
        await(
                "its dossier is open",
                () -> desk().navigation().placeProperty().get() == Place.DOSSIER
                        && text(".chapter-title").equals("In one minute")
                        && text("#lens-athlete").equals("Runa Castellan"));
    }

    @Test
    void whatHasNoFilmGivesNoReelAndEveryFigureGoesIntoATable() throws Exception {
        passing();
        press(KeyCode.SHORTCUT, KeyCode.SHIFT, KeyCode.R);
        await("it says why", () -> text("#message").startsWith("None of these moments has a time on a film"));
        Path table = folder.resolve("runa.csv");
        chosen.add(table);
        choose("print", "Every figure as a table, as CSV\u2026");
        await("the table is written", () -> Files.exists(table) && Files.size(table) > 0);
        assertThat(Files.readString(table)).startsWith("athlete,chapter,question,figure");
    }
}
