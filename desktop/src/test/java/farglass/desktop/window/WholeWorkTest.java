package farglass.desktop.window;

import static org.assertj.core.api.Assertions.assertThat;

import farglass.core.bout.Became;
import farglass.core.bout.Bout;
import farglass.core.bout.Deed;
import farglass.core.bout.Moment;
import farglass.desktop.desk.Place;
import farglass.film.video.Clip;
import farglass.library.Library;
import farglass.library.contents.Contents;
import java.nio.file.Path;
import java.time.Clock;
import java.util.List;
import java.util.stream.LongStream;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;

/** A stranger goes through the whole work once, by keyboard and by mouse, on a real film. */
class WholeWorkTest extends OnStage {
    private Path film() {
        return Clip.write(
                folder.resolve("lantern.mp4"),
                "mpeg4",
                320,
                180,
                25,
                0,
                LongStream.range(0, 500).map(i -> i * 40).toArray());
    }

    @Test
    void fromFilmToPlanAndBackAgain() throws Exception {
        newLibrary();
        beginCamp();
        addBout();
        tagByKeyboard();
        assertThat(desk().contents().bouts().get(0).moments()).hasSize(3);
        undoAndRedo();
        plan();
        closeAndReopen();
    }

    private void beginCamp() throws Exception {
        press(KeyCode.SHORTCUT, KeyCode.K);
        await("the camp's sheet lies open", () -> workbench.lookup("#field-opponents") != null);
        fill("name", "Lantern Cup");
        fill("our-athlete", "Maren Tolliver");
        fill("opponents", "Runa Castellan");
        fill("event", "Lantern Cup");
        fill("date", "2027-02-30");
        robot.clickOn("Begin the camp");
        assertThat(desk().contents().studies()).isEmpty();
        fill("date", "2027-02-20");
        robot.clickOn("Begin the camp");
        await("the camp is in force", () -> desk().study().property().get().isPresent());
        assertThat(text("#subtitle")).contains("Camp for Maren Tolliver");
    }

    private void addBout() throws Exception {
        chosen.add(film());
        robot.clickOn("#first-film");
        await("the header's sheet lies open", () -> workbench.lookup("#field-athlete-b") != null);
        fill("athlete-b", "Wilma Ferreby");
        fill("a-wears", "white gi");
        robot.clickOn("Add and open in Tag");
        await(
                "the film shows",
                () -> !text("#clock").equals("before the bout")
                        && !text("#clock").isEmpty());
    }

    private void tagByKeyboard() throws Exception {
        press(KeyCode.SHIFT, KeyCode.RIGHT);
        await("the film is at five seconds", () -> text("#clock").equals("0:05.0"));
        type("wilma guard pull held");
        assertThat(text("#meaning")).contains("0:05.0").contains("Wilma: Guard pull, held");
        assertThat(text("#worked-out")).contains("Runa on top");
        press(KeyCode.ENTER);
        press(KeyCode.SHIFT, KeyCode.RIGHT);
        await("the film is at ten seconds", () -> text("#clock").equals("0:10.0"));
        type("knee cu");
        press(KeyCode.TAB);
        type("left");
        press(KeyCode.ENTER);
        press(KeyCode.RIGHT);
        await(
                "the film is one frame on",
                () -> text("#clock").equals("0:10.0") || text("#clock").equals("0:10.1"));
        press(KeyCode.DIGIT1);
        await(
                "everything is saved",
                () -> text("#saved").equals("all saved")
                        && desk().contents().bouts().get(0).moments().size() == 3);
        List<Moment> moments = desk().contents().bouts().get(0).moments();
        assertThat(moments.get(0).atMicros()).hasValue(5_000_000);
        assertThat(moments.get(1).deed()).isEqualTo(new Deed.Did("knee-cut"));
        assertThat(moments.get(1).telling().side()).isPresent();
        assertThat(moments.get(2).atMicros()).hasValue(10_040_000);
    }

    private void undoAndRedo() throws Exception {
        press(KeyCode.SHORTCUT, KeyCode.Z);
        await(
                "one moment is undone",
                () -> desk().contents().bouts().get(0).moments().size() == 2);
        press(KeyCode.SHORTCUT, KeyCode.Y);
        await(
                "it is done again",
                () -> desk().contents().bouts().get(0).moments().size() == 3);
        press(KeyCode.UP);
        press(KeyCode.UP);
        press(KeyCode.ENTER);
        type("nearly");
        press(KeyCode.ENTER);
        await("the moment is changed", () -> desk().contents().bouts().get(0).moments().stream()
                .anyMatch(moment -> moment.became(Became.NEARLY)));
        assertThat(desk().contents().bouts().get(0).moments()).hasSize(3);
    }

    private void plan() throws Exception {
        press(KeyCode.SHORTCUT, KeyCode.DIGIT4);
        robot.clickOn("#add-step");
        await("the step's sheet lies open", () -> workbench.lookup("#field-we-do") != null);
        fill("where-or-when", "standing");
        fill("we-do", "single leg");
        robot.clickOn("Keep the step");
        await("the step is saved", () -> !desk().contents().plans().isEmpty());
        Path card = folder.resolve("card.pdf");
        chosen.add(card);
        robot.clickOn("Corner card as PDF\u2026");
        await("the card is written", () -> text("#message").startsWith("The corner card was written"));
        assertThat(card).isNotEmptyFile();
    }

    private void closeAndReopen() throws Exception {
        Path path = folder.resolve("matches.farglass");
        Contents before = desk().contents();
        onScreen(() -> {
            workbench.closeLibrary();
            return null;
        });
        try (Library library = Library.open(path, Clock.systemUTC(), "tester")) {
            assertThat(library.contents()).isEqualTo(before);
        }
        onScreen(() -> {
            workbench.open(path);
            return null;
        });
        await("it is open again", this::isOpen);
        press(KeyCode.ENTER);
        await("the bout is in Tag", () -> desk().navigation().placeProperty().get() == Place.TAG);
        Bout shown = desk().contents().bouts().get(0);
        assertThat(shown.moments()).hasSize(3);
    }
}
