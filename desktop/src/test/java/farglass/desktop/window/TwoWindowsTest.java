package farglass.desktop.window;

import static org.assertj.core.api.Assertions.assertThat;

import farglass.core.bout.Bout;
import farglass.core.bout.Moment;
import farglass.core.change.Change;
import farglass.core.lexicon.Lexicon;
import farglass.core.notation.BoutFile;
import javafx.scene.control.TextArea;
import javafx.scene.control.TextField;
import org.junit.jupiter.api.Test;

/** While a sheet lies open in one window, another changes the same bout. */
class TwoWindowsTest extends OnStage {
    private static final String TEXT =
            "far-glass bout 1\nid: b\nA: Runa Castellan\nB: Wilma Ferreby\n0:10 A guard-pull\n0:20 B knee-cut\n";

    private static Bout read(String text) {
        return BoutFile.parse(text, Lexicon.shipped()).bout().orElseThrow();
    }

    private Bout bout() throws Exception {
        return desk().contents().bout("b").orElseThrow();
    }

    /** The other window writes through the same desk's library, as every window does. */
    private void elsewhere(Bout changed) throws Exception {
        Bout saw = bout();
        onScreen(() -> desk().beside().change("Elsewhere", Change.of(saw, changed)));
        await("the other window's change is there", () -> bout().equals(changed));
    }

    @Test
    void savingTheHeaderLeavesWhatAnotherWindowSavedMeanwhile() throws Exception {
        libraryWith(read(TEXT));
        robot.clickOn("Edit its header\u2026");
        await("the form lies open", () -> workbench.lookup("#field-event") != null);
        elsewhere(read(TEXT + "0:30 A frame\n"));
        onScreen(() -> {
            ((TextField) workbench.lookup("#field-event")).setText("Harbour Cup");
            return null;
        });
        robot.clickOn("Save the header");
        await("it is saved", () -> bout().header().event().isPresent());
        assertThat(bout().moments()).hasSize(3);
    }

    @Test
    void savingTheBoutAsTextLeavesWhatAnotherWindowSavedMeanwhileOrNamesBoth() throws Exception {
        libraryWith(read(TEXT));
        openText();
        elsewhere(read(TEXT + "0:30 A frame\n"));
        write(TEXT.replace("knee-cut", "knee-cut; nearly"));
        robot.clickOn("Save the bout");
        await(
                "it is saved",
                () -> bout().moment("m2").orElseThrow().telling().became().isPresent());
        assertThat(bout().moments()).extracting(Moment::id).containsExactly("m1", "m2", "m3");
        openText();
        elsewhere(read(BoutFile.print(bout()).replace("nearly", "held")));
        write(BoutFile.print(bout()).replace("held", "abandoned"));
        robot.clickOn("Save the bout");
        await(
                "both are named",
                () -> text("#message").contains("held") && text("#message").contains("abandoned"));
        assertThat(BoutFile.print(bout())).contains("held").doesNotContain("abandoned");
    }

    private void openText() throws Exception {
        onScreen(() -> {
            workbench.shell().orElseThrow().intake().editText(bout());
            return null;
        });
        await("the text lies open", () -> workbench.lookup("#bout-text") instanceof TextArea);
    }

    private void write(String text) throws Exception {
        onScreen(() -> {
            ((TextArea) workbench.lookup("#bout-text")).setText(text);
            return null;
        });
    }
}
