package farglass.desktop.window;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import farglass.core.bout.Bout;
import farglass.core.bout.FilmLink;
import farglass.core.change.Change;
import farglass.core.lexicon.Lexicon;
import farglass.core.notation.BoutFile;
import farglass.desktop.desk.Settings;
import farglass.film.video.Clip;
import java.nio.file.Files;
import java.util.List;
import java.util.stream.LongStream;
import javafx.geometry.Bounds;
import javafx.scene.Node;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.Slider;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.stage.Stage;
import javafx.stage.Window;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** How words, film and tide share the screen, and how the film leaves it. */
class TagScreenTest extends OnStage {
    @BeforeEach
    void openABoutWithAnUprightFilm() throws Exception {
        Files.createDirectories(folder.resolve("films"));
        Clip.write(
                folder.resolve("films/upright.mp4"),
                "mpeg4",
                180,
                320,
                50,
                2,
                LongStream.range(0, 100).map(i -> i * 40).toArray());
        libraryWith(BoutFile.parse(
                        """
                        far-glass bout 1
                        id: b
                        A: Runa Wells
                        B: Wilma Ferreby
                        film: films/upright.mp4 from 0:00
                        0:01 B guard-pull; held
                        0:02 A knee-cut; nearly; line knee
                        """,
                        Lexicon.shipped())
                .bout()
                .orElseThrow());
        showInTag("b");
        settle();
    }

    private Bounds bounds(String selector) throws Exception {
        return onScreen(() -> {
            Node node = workbench.lookup(selector);
            return node.localToScene(node.getBoundsInLocal());
        });
    }

    private Settings kept() throws Exception {
        return Settings.read(folder.resolve("settings"));
    }

    @Test
    void theFilmTakesItsOwnShapeAndLeavesNoBands() throws Exception {
        Bounds film = bounds(".film");
        assertThat(film.getWidth() / film.getHeight()).isCloseTo(180.0 / 320, within(0.01));
        assertThat(film.getHeight()).isGreaterThan(300);
    }

    @Test
    void aBoutEndsWhereAnotherOfTheSameFilmBegins() throws Exception {
        assertThat(onScreen(() ->
                        workbench.shell().orElseThrow().tag().playhead().film().endMicros()))
                .isGreaterThan(3_900_000);
        onScreen(() -> {
            Bout first = desk().contents().bout("b").orElseThrow();
            Bout second = new Bout(
                    "c",
                    first.header().withFilms(List.of(new FilmLink("films/upright.mp4", 2_000_000))),
                    List.of(),
                    List.of());
            desk().change("Put", Change.added(second));
            return null;
        });
        await("the other bout is there", () -> desk().contents().bout("c").isPresent());
        assertThat(onScreen(() ->
                        workbench.shell().orElseThrow().tag().playhead().film().endMicros()))
                .isEqualTo(2_000_000);
    }

    @Test
    void bordersAreMovedByKeysAndRemembered() throws Exception {
        double words = bounds("#ledger").getWidth();
        double tide = bounds("#tide").getHeight();
        press(KeyCode.CONTROL, KeyCode.SHIFT, KeyCode.RIGHT);
        press(KeyCode.CONTROL, KeyCode.SHIFT, KeyCode.UP);
        await(
                "the words have more room",
                () -> workbench.lookup("#ledger").getBoundsInLocal().getWidth() > words + 20);
        assertThat(bounds("#tide").getHeight()).isCloseTo(tide + 16, within(1.5));
        assertThat(kept().wordsShareProperty().get()).isCloseTo(0.53, within(0.001));
        assertThat(kept().tideHeightProperty().get()).isEqualTo(152);
        type("a knee");
        press(KeyCode.CONTROL, KeyCode.SHIFT, KeyCode.RIGHT);
        assertThat(kept().wordsShareProperty().get())
                .as("while words are written, the keys choose among them")
                .isCloseTo(0.53, within(0.001));
    }

    @Test
    void inFullScreenOnlyTheFilmAndTheLineAreLeft() throws Exception {
        double before = bounds(".film").getHeight();
        press(KeyCode.F11);
        await(
                "the film is larger",
                () -> workbench.lookup(".film").getBoundsInLocal().getHeight() > before + 50);
        assertThat(onScreen(() ->
                        workbench.lookup("#subtitle").getParent().getParent().isVisible()))
                .isFalse();
        type("b frame");
        press(KeyCode.ENTER);
        await(
                "it is saved",
                () -> desk().contents().bout("b").orElseThrow().moments().size() == 3);
        // The first puts away what is asked of the new moment, where anything is.
        press(KeyCode.ESCAPE);
        press(KeyCode.ESCAPE);
        await("the conversation is back", () -> workbench.lookup("#ledger") != null);
        await(
                "the header is back",
                () -> workbench.lookup("#subtitle").getParent().getParent().isVisible());
    }

    @Test
    void whoGoesToAnotherPlaceLeavesTheFullScreen() throws Exception {
        press(KeyCode.F11);
        await(
                "the header is gone",
                () -> !workbench.lookup("#subtitle").getParent().getParent().isVisible());
        press(KeyCode.SHORTCUT, KeyCode.DIGIT1);
        await(
                "the shelf shows with its header",
                () -> workbench.lookup("#bouts") != null
                        && workbench.lookup("#subtitle").getParent().getParent().isVisible());
    }

    @Test
    void theBorderAboveTheTideIsDragged() throws Exception {
        Bounds before = bounds("#tide");
        Node divider = onScreen(() -> workbench.lookupAll(".split-pane-divider").stream()
                .filter(node -> node.getBoundsInLocal().getWidth() > 300)
                .findFirst()
                .orElseThrow());
        robot.drag(divider).moveBy(0, -60).drop();
        settle();
        assertThat(bounds("#tide").getHeight()).isCloseTo(before.getHeight() + 60, within(4.0));
        assertThat(kept().tideHeightProperty().get()).isCloseTo(196, within(4.0));
    }

    @Test
    void inTheWindowOfTheFilmKeysStillTag() throws Exception {
        press(KeyCode.SHIFT, KeyCode.F11);
        Stage apart = onScreen(() -> Window.getWindows().stream()
                .filter(window ->
                        window instanceof Stage stage && stage.getTitle().startsWith("Film"))
                .map(Stage.class::cast)
                .findFirst()
                .orElseThrow());
        assertThat(onScreen(() -> workbench.lookupAll(".film").stream().noneMatch(OnStage::isSeen)))
                .isTrue();
        for (String letter : "b frame".split("")) {
            send(
                    apart,
                    new KeyEvent(KeyEvent.KEY_TYPED, letter, letter, KeyCode.UNDEFINED, false, false, false, false));
        }
        assertThat(text("#meaning")).contains("Wilma: Frame");
        send(apart, new KeyEvent(KeyEvent.KEY_PRESSED, "", "", KeyCode.ENTER, false, false, false, false));
        await(
                "it is saved",
                () -> desk().contents().bout("b").orElseThrow().moments().size() == 3);
        press(KeyCode.SHORTCUT, KeyCode.DIGIT1);
        press(KeyCode.SHORTCUT, KeyCode.L);
        await(
                "the film follows the window into the dark, also from another place",
                () -> apart.getScene().getRoot().getStyleClass().contains("film-room"));
        press(KeyCode.SHORTCUT, KeyCode.DIGIT2);
        send(apart, new KeyEvent(KeyEvent.KEY_PRESSED, "", "", KeyCode.F11, true, false, false, false));
        await("the film is back", () -> workbench.lookup(".film") != null && !apart.isShowing());
    }

    @Test
    void theHeaderShowsTheFilmAndCompletesNames() throws Exception {
        press(KeyCode.CONTROL, KeyCode.E);
        await(
                "the film is seen beside the names",
                () -> workbench.lookup("#glance .film") != null
                        && ((Slider) workbench.lookup("#glance-at")).getMax() > 1);
        press(KeyCode.CONTROL, KeyCode.A);
        type("w");
        press(KeyCode.ESCAPE);
        assertThat(bounds("#field-athlete-a"))
                .as("Escape puts away the suggestions alone")
                .isNotNull();
        type("e");
        press(KeyCode.DOWN);
        press(KeyCode.ENTER);
        await("what fits is taken", () -> ((ComboBox<?>) workbench.lookup("#field-athlete-a"))
                .getEditor()
                .getText()
                .equals("Runa Wells"));
        press(KeyCode.CONTROL, KeyCode.A);
        type("ferr");
        press(KeyCode.DOWN);
        press(KeyCode.ENTER);
        await("the name is whole", () -> ((ComboBox<?>) workbench.lookup("#field-athlete-a"))
                .getEditor()
                .getText()
                .equals("Wilma Ferreby"));
        press(KeyCode.CONTROL, KeyCode.A);
        type("wilma f ");
        assertThat(onScreen(() -> ((ComboBox<?>) workbench.lookup("#field-athlete-a"))
                        .getEditor()
                        .getText()))
                .as("what is typed stands, unless a suggestion was chosen")
                .isEqualTo("wilma f ");
        onScreen(() -> {
            ((Slider) workbench.lookup("#glance-at")).setValue(2);
            return null;
        });
        await(
                "the film is there",
                () -> ((Label) workbench.lookup("#glance-time")).getText().equals("0:02.0"));
        robot.clickOn("#glance-begins");
        assertThat(((TextField) workbench.lookup("#field-bout-begins-at")).getText())
                .isEqualTo("0:02");
        press(KeyCode.ESCAPE);
        await("the sheet is put away", () -> workbench.lookup("#glance") == null);
    }

    @Test
    void aHeaderWhoseFilmIsNoneIsStillAForm() throws Exception {
        Files.writeString(folder.resolve("films/notes.mp4"), "this is no film");
        press(KeyCode.CONTROL, KeyCode.E);
        await("the film is seen", () -> workbench.lookup("#glance .film") != null);
        for (String path : new String[] {"films/notes.mp4", "films", "\u0000", "films/gone.mp4", ""}) {
            onScreen(() -> {
                ((TextField) workbench.lookup("#field-film")).setText(path);
                return null;
            });
            settle();
        }
        assertThat(onScreen(() -> workbench.lookup("#glance").isVisible())).isFalse();
        await(
                "what could not be read is told",
                () -> desk().messages().unreadProperty().get() > 0);
        press(KeyCode.ESCAPE);
        await("the sheet is put away", () -> workbench.lookup("#glance") == null);
    }

    private void send(Stage to, KeyEvent event) throws Exception {
        onScreen(() -> {
            javafx.event.Event.fireEvent(to.getScene(), event);
            return null;
        });
        settle();
    }
}
