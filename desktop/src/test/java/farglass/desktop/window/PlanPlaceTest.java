package farglass.desktop.window;

import static org.assertj.core.api.Assertions.assertThat;

import farglass.core.bout.Uniform;
import farglass.core.change.Change;
import farglass.core.plan.GamePlan;
import farglass.core.plan.PlanStep;
import farglass.core.study.Athlete;
import farglass.core.study.Camp;
import farglass.core.study.Study;
import farglass.desktop.TestDesk;
import farglass.desktop.desk.Messages;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.Labeled;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;

/** The plan by keyboard: what is done to a line leaves the keys with that line, though all lines are written anew. */
class PlanPlaceTest extends OnStage {
    private String id(String name) throws Exception {
        return desk().contents().athleteNamed(name).orElseThrow().id();
    }

    private void planning() throws Exception {
        libraryWith(TestDesk.bout("id: x\nA: Runa\nB: Juno\ndate: 2026-01-01\n0:10 A armbar; failed\n"));
        onScreen(() -> {
            Camp camp = new Camp(id("Juno"), "Open", LocalDate.of(2026, 12, 1), "points-with-advantages", Uniform.GI);
            desk().change(
                            "Camp",
                            Change.added(new Athlete("p", "Pip")),
                            Change.added(new Study("c", "Camp", List.of(id("Runa"), "p"), Optional.of(camp))));
            return null;
        });
        await("the camp is there", () -> desk().contents().study("c").isPresent());
        onScreen(() -> {
            desk().study().property().set(desk().contents().study("c"));
            GamePlan none = new GamePlan("plan", "c", id("Runa"), List.of(), List.of());
            GamePlan three = none;
            for (String choice : List.of("one", "two", "three")) {
                three = three.with(new PlanStep(choice, "standing", choice, List.of()));
            }
            desk().change("Plan", new Change.OfPlan(none, three));
            return null;
        });
        press(KeyCode.SHORTCUT, KeyCode.DIGIT4);
        await("the plan shows", () -> steps().size() == 3 && workbench.lookup(".plan-page") != null);
        await(
                "its steps show",
                () -> workbench.lookup(".plan-page").lookupAll(".button").size() >= 9);
    }

    private List<String> steps() throws Exception {
        return desk().contents().plans().stream()
                .flatMap(plan -> plan.steps().stream())
                .map(PlanStep::choice)
                .toList();
    }

    /** {@return the button that has the keys, and the line it stands in} */
    private String focused() throws Exception {
        return onScreen(() -> {
            Node owner = workbench.getScene().getFocusOwner();
            String line = owner.getParent().getChildrenUnmodifiable().stream()
                    .filter(Labeled.class::isInstance)
                    .map(label -> ((Labeled) label).getText())
                    .findFirst()
                    .orElse("");
            return ((Labeled) owner).getText() + " of " + line;
        });
    }

    private void tabTo(String wanted) throws Exception {
        for (int each = 0; each < 40 && !focused().equals(wanted); each++) {
            press(KeyCode.TAB);
        }
        assertThat(focused()).isEqualTo(wanted);
    }

    @Test
    void aStepIsMovedUpTwiceWithoutLookingForItsButtonAgain() throws Exception {
        planning();
        tabTo("Up of 3.  standing: three");
        press(KeyCode.SPACE);
        await("it moved once", () -> steps().equals(List.of("one", "three", "two")));
        assertThat(focused()).isEqualTo("Up of 2.  standing: three");
        press(KeyCode.SPACE);
        await("it is the first", () -> steps().equals(List.of("three", "one", "two")));
        assertThat(focused()).isEqualTo("Up of 1.  standing: three");
        String undo = desk().nextUndoProperty().get();
        onScreen(() -> {
            Messages messages = desk().messages();
            messages.newestProperty().get().ifPresent(messages::passed);
            return null;
        });
        press(KeyCode.SPACE);
        assertThat(text("#message")).as("nothing was moved").isEmpty();
        assertThat(desk().nextUndoProperty().get()).isEqualTo(undo);
    }

    @Test
    void whereALineIsRemovedTheKeysGoToTheNextOne() throws Exception {
        planning();
        tabTo("Remove of 2.  standing: two");
        press(KeyCode.SPACE);
        await("it is gone", () -> steps().equals(List.of("one", "three")));
        assertThat(focused()).endsWith(" of 2.  standing: three");
        tabTo("Remove of 2.  standing: three");
        press(KeyCode.SPACE);
        await("the last is gone", () -> steps().equals(List.of("one")));
        assertThat(focused()).isEqualTo("Remove of 1.  standing: one");
    }

    @Test
    void whoChangesAStepIsBackAtItsButton() throws Exception {
        planning();
        tabTo("Change of 2.  standing: two");
        press(KeyCode.SPACE);
        await("its sheet lies open", () -> workbench.lookup("#field-we-do") != null);
        fill("we-do", "two again");
        press(KeyCode.ENTER);
        await("it is changed", () -> steps().equals(List.of("one", "two again", "three")));
        await("the keys are back", () -> focused().equals("Change of 2.  standing: two again"));
    }

    @Test
    void whoTurnsToAnotherOpponentStaysAmongThem() throws Exception {
        planning();
        tabTo("against Pip of against Runa");
        press(KeyCode.SPACE);
        await(
                "the plan is against Pip",
                () -> workbench.lookup(".plan-page").lookupAll(".button").isEmpty());
        assertThat(focused()).isEqualTo("against Pip of against Runa");
    }
}
