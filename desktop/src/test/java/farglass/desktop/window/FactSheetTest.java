package farglass.desktop.window;

import static org.assertj.core.api.Assertions.assertThat;

import farglass.core.bout.Bout;
import farglass.core.bout.Moment;
import farglass.core.lexicon.Lexicon;
import farglass.core.notation.BoutFile;
import farglass.desktop.desk.Place;
import java.util.List;
import javafx.geometry.Bounds;
import javafx.scene.Node;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;

/** What more is told of a chosen moment: by a form and a body to point at, and in plain words on the line. */
class FactSheetTest extends OnStage {
    private static Bout grip() {
        return BoutFile.parse(
                        "far-glass bout 1\nid: gripped\nA: Runa Castellan\nB: Wilma Ferreby\n\n"
                                + "0:05 B pulls guard; held\n0:10 A sleeve grip; taken\n",
                        Lexicon.shipped())
                .bout()
                .orElseThrow();
    }

    private Moment second() throws Exception {
        return desk().contents().bout("gripped").orElseThrow().moments().get(1);
    }

    private void askMoreOfTheSecond() throws Exception {
        libraryWith(grip());
        press(KeyCode.ENTER);
        await("the bout is in Tag", () -> desk().navigation().placeProperty().get() == Place.TAG);
        press(KeyCode.UP);
        press(KeyCode.CONTROL, KeyCode.SHIFT, KeyCode.T);
        await("the sheet is there", () -> workbench.lookup("#pointed-body") != null);
    }

    /** Points at the drawn body, so far from its upper left. */
    private void point(double x, double y) throws Exception {
        Bounds body = onScreen(() -> {
            Node drawing = workbench.lookup("#pointed-body");
            return drawing.localToScreen(drawing.getBoundsInLocal());
        });
        robot.clickOn(body.getMinX() + x, body.getMinY() + y);
    }

    @Test
    void aGripIsPointedAtAndWhatItIsForIsTyped() throws Exception {
        askMoreOfTheSecond();
        // Seen from behind, the right sleeve lies to the right.
        point(75 + 50, 104);
        robot.clickOn("deep");
        robot.clickOn("Tell it");
        await("it is on disk", () -> !second().telling().facts().isEmpty());
        assertThat(BoutFile.line(second())).contains("grip A hand on B right sleeve, deep");
        // Undone like any edit.
        press(KeyCode.CONTROL, KeyCode.Z);
        await("it is undone", () -> second().telling().facts().isEmpty());
    }

    @Test
    void whatCannotBeIsSaidInTheSheetAndNotSaved() throws Exception {
        askMoreOfTheSecond();
        Moment before = second();
        for (String time : List.of("0:08", "-0:10", "soon")) {
            onScreen(() -> {
                ((TextField) workbench.lookup("#field-until")).setText(time);
                return null;
            });
            robot.clickOn("Tell it");
            String wrong = time.equals("soon") ? "is no time" : "It begins at 0:10.0";
            await("it says why not " + time, () -> text(".problem").contains(wrong));
        }
        assertThat(second()).isEqualTo(before);
    }

    @Test
    void aSheetWithoutAMomentSaysWhatToChoose() throws Exception {
        libraryWith(grip());
        press(KeyCode.ENTER);
        await("the bout is in Tag", () -> desk().navigation().placeProperty().get() == Place.TAG);
        press(KeyCode.CONTROL, KeyCode.SHIFT, KeyCode.T);
        await("it says so", () -> text("#message").contains("Choose a moment first"));
    }
}
