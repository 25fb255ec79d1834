package farglass.desktop.window;

import static org.assertj.core.api.Assertions.assertThat;

import farglass.core.bout.Background;
import farglass.core.bout.Bout;
import farglass.core.lexicon.Lexicon;
import farglass.core.notation.BoutFile;
import java.util.List;
import java.util.OptionalInt;
import javafx.scene.control.Label;
import javafx.scene.control.TextArea;
import javafx.scene.control.TextField;
import javafx.scene.control.TitledPane;
import org.junit.jupiter.api.Test;

/** What is known before a bout is told in its form, and what the form does not ask stays. */
class BeforehandTest extends OnStage {
    private static Bout bout() {
        return BoutFile.parse(
                        "far-glass bout 1\nid: planned\nA: Runa Castellan\nB: Wilma Ferreby\nA team: Lantern Hall\n"
                                + "A plan 1: collar drag\nclaim: \"always passes left\" of A by \"Imke\" figure \"pass side\"\n",
                        Lexicon.shipped())
                .bout()
                .orElseThrow();
    }

    private Background told() throws Exception {
        return desk().contents().bout("planned").orElseThrow().header().background();
    }

    private void type(String field, String text) throws Exception {
        onScreen(() -> {
            ((TextField) workbench.lookup(field)).setText(text);
            return true;
        });
    }

    private void plans(String text) throws Exception {
        onScreen(() -> {
            ((TextArea) workbench.lookup("#field-plans-and-claims")).setText(text);
            return true;
        });
    }

    @Test
    void plansClaimsAndARoughDayAreToldInTheForm() throws Exception {
        libraryWith(bout());
        robot.clickOn("Edit its header\u2026");
        await(
                "what is told is open",
                () -> workbench.lookup("#beforehand") instanceof TitledPane pane && pane.isExpanded());
        assertThat(onScreen(() -> ((TextArea) workbench.lookup("#field-plans-and-claims")).getText()))
                .isEqualTo(
                        "A plan 1: collar drag\nclaim: \"always passes left\" of A by \"Imke\" figure \"pass side\"");
        type("#field-date", "about 2008");
        type("#field-b-s-build", "tall, long legs");
        // Neither what is misspelt nor what belongs elsewhere in a bout may be lost without a word.
        for (String wrong : List.of("A plan 2 if one is refused: pull guard", "event: Cup", "0:10 A kimura")) {
            plans("A plan 1: collar drag\n" + wrong);
            robot.clickOn("Save the header");
            await(wrong + " is named", () -> workbench.lookupAll(".label").stream()
                    .anyMatch(label -> label instanceof Label words
                            && words.getText().startsWith("Plans and claims: \"" + wrong)));
        }
        plans("A plan 1: collar drag\nA plan 2 if 1 is refused: pull guard\nB expects: an early pull");
        robot.clickOn("Save the header");
        await("it is on disk", () -> told().plan().size() == 3);
        assertThat(told().day()).contains(new Background.RoughDay(2008, OptionalInt.empty(), true));
        assertThat(told().claims()).isEmpty();
        assertThat(told().plan().get(1).refused()).hasValue(1);
        Bout kept = desk().contents().bout("planned").orElseThrow();
        assertThat(kept.header().a().team()).contains("Lantern Hall");
        assertThat(kept.header().b().build()).contains("tall, long legs");
    }
}
