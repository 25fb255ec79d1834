package farglass.desktop.window;

import static org.assertj.core.api.Assertions.assertThat;

import farglass.core.Spelling;
import farglass.core.bout.Bout;
import farglass.core.bout.Moment;
import farglass.core.lexicon.Lexicon;
import farglass.core.notation.BoutFile;
import farglass.core.side.Seat;
import farglass.desktop.desk.Place;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Labeled;
import javafx.scene.control.Menu;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;

/** A bout that somebody has in mind, told by the mouse alone: a pick, or the list of all, and then what became of it. */
class MouseBoutTest extends OnStage {
    private static final Lexicon LEXICON = Lexicon.shipped();
    private static final List<String> MEANT = List.of(
            "B guard-pull held",
            "A toreando nearly, hip",
            "B re-guard worked",
            "B scissor-sweep threatened",
            "A posture worked",
            "A knee-cut threatened, knee",
            "B frame worked",
            "A knee-cut held",
            "A knee-on-belly-step held",
            "B hip-escape failed",
            "A mount-transition held",
            "B bridge failed",
            "A armbar threat",
            "B armlock-escape worked");

    private int clicks;

    private static Bout empty() {
        return BoutFile.parse("far-glass bout 1\nid: meant\nA: Runa Castellan\nB: Wilma Ferreby\n", LEXICON)
                .bout()
                .orElseThrow();
    }

    private List<Moment> told() throws Exception {
        return desk().contents().bout("meant").orElseThrow().moments();
    }

    /** {@return the pick of that technique and athlete among the nine that are shown} */
    private Optional<Node> pick(Seat seat, String label) throws Exception {
        return onScreen(() -> workbench.lookupAll(".pick").stream()
                .filter(node -> node instanceof Button button
                        && button.getText().endsWith("  " + label)
                        && button.getStyleClass().contains(seat == Seat.A ? "studied" : "other"))
                .findFirst());
    }

    private void click(String what) {
        robot.clickOn(what);
        clicks++;
    }

    private void choose(Seat seat, String key) throws Exception {
        String label = LEXICON.label(key);
        for (int page = 0; page < 2; page++) {
            Optional<Node> pick = pick(seat, label);
            if (pick.isPresent()) {
                click("#" + pick.get().getId());
                return;
            }
            click("#pick-more");
        }
        click("#pick-all");
        // Through the athlete and the kind to the technique.
        clicks += 3;
        onScreen(() -> {
            Menu whose = (Menu)
                    ((MenuButton) workbench.lookup("#pick-all")).getItems().get(seat == Seat.A ? 0 : 1);
            MenuItem item = whose.getItems().stream()
                    .flatMap(kind -> ((Menu) kind).getItems().stream())
                    .filter(each -> each.getText().equals(label))
                    .findFirst()
                    .orElseThrow(() -> new AssertionError(label + " is in no list"));
            ((MenuButton) workbench.lookup("#pick-all")).hide();
            item.fire();
            return null;
        });
    }

    private void became(String key, String outcome) throws Exception {
        await(
                "it asks what became of " + key,
                () -> text("#fan-question").contains(LEXICON.label(key))
                        && text("#fan-question").contains("became"));
        String id = onScreen(() -> workbench.lookupAll(".button").stream()
                .filter(node -> node.getId() != null
                        && node.getId().startsWith("fan-")
                        && isSeen(node)
                        && node instanceof Labeled label
                        && label.getText().endsWith(outcome))
                .map(Node::getId)
                .findFirst()
                .orElseThrow(() -> new AssertionError("No " + outcome + " is offered of " + key + ", but "
                        + workbench.lookupAll(".button").stream()
                                .filter(node ->
                                        node.getId() != null && node.getId().startsWith("fan-"))
                                .map(node -> ((Labeled) node).getText())
                                .toList())));
        click("#" + id);
    }

    private static String outcome(Moment moment) {
        return Stream.of(
                        moment.telling().became().map(Spelling::of),
                        moment.telling().line().map(Spelling::of),
                        moment.telling().stage().map(Spelling::of))
                .flatMap(Optional::stream)
                .collect(Collectors.joining(", "));
    }

    @Test
    void aBoutIsToldAsItIsMeant() throws Exception {
        libraryWith(empty());
        press(KeyCode.ENTER);
        await("the bout is in Tag", () -> desk().navigation().placeProperty().get() == Place.TAG);
        List<String> said = new ArrayList<>();
        for (String meant : MEANT) {
            String[] words = meant.split(" ", 3);
            int before = told().size();
            choose(Seat.valueOf(words[0]), words[1]);
            await(meant + " is there", () -> told().size() == before + 1);
            became(words[1], words[2]);
            await(meant + " is told", () -> !outcome(told().get(before)).isEmpty());
            Moment moment = told().get(before);
            said.add("%s %s %s"
                    .formatted(moment.actor().orElseThrow(), moment.technique().orElseThrow(), outcome(moment)));
        }
        assertThat(said).isEqualTo(MEANT);
        assertThat(clicks).as("clicks for %d moments", MEANT.size()).isLessThan(4 * MEANT.size());
    }
}
