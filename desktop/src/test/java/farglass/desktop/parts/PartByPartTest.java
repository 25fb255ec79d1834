package farglass.desktop.parts;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Pane;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import org.junit.jupiter.api.Test;

/** No window is there, and none is needed. */
class PartByPartTest {
    /** Three lines of twenty words, which may come one by one, in a page; a fourth one hangs together. */
    private final VBox lines = new VBox();

    private final HBox whole = line();
    private final Pane page = new Pane(lines);

    PartByPartTest() {
        for (int i = 0; i < 3; i++) {
            HBox line = line();
            PartByPart.in(line);
            lines.getChildren().add(line);
        }
        lines.getChildren().add(whole);
        PartByPart.in(lines);
    }

    private static HBox line() {
        HBox line = new HBox();
        IntStream.range(0, 20).forEach(word -> line.getChildren().add(new Region()));
        return line;
    }

    /** Every node in the order of the page. */
    private static List<Node> nodes(Node node) {
        List<Node> all = new ArrayList<>(List.of(node));
        if (node instanceof Parent parent) {
            parent.getChildrenUnmodifiable().forEach(child -> all.addAll(nodes(child)));
        }
        return all;
    }

    @Test
    void whatWasTakenApartComesBackAsItWas() {
        List<Node> before = nodes(lines);
        PartByPart parts = PartByPart.of(page);
        assertThat(nodes(lines)).containsExactly(lines);
        List<Integer> came = new ArrayList<>();
        while (!parts.isWhole()) {
            int there = nodes(lines).size();
            parts.some();
            came.add(nodes(lines).size() - there);
        }
        assertThat(nodes(lines)).isEqualTo(before);
        assertThat(came).as("few at a time").hasSizeGreaterThan(6);
        assertThat(came.subList(0, came.size() - 1)).allMatch(some -> some <= 9);
        assertThat(came.get(came.size() - 1)).as("what hangs together").isGreaterThanOrEqualTo(21);
    }

    @Test
    void whatIsWantedBeforeComesAtOnce() {
        List<Node> before = nodes(lines);
        PartByPart parts = PartByPart.of(page);
        parts.some();
        parts.all();
        assertThat(nodes(lines)).isEqualTo(before);
        parts.some();
        assertThat(nodes(lines)).isEqualTo(before);
    }

    @Test
    void whatSaysNothingStaysWhole() {
        Pane pane = new Pane(line());
        PartByPart parts = PartByPart.of(pane);
        assertThat(parts.isWhole()).isTrue();
        assertThat(nodes(pane)).hasSize(22);
    }
}
