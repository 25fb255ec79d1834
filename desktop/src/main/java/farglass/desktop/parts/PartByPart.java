package farglass.desktop.parts;

import java.util.ArrayDeque;
import java.util.List;
import java.util.Queue;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.SplitPane;
import javafx.scene.layout.Pane;

/**
 * A page on its way into a window, part by part: what comes into one is styled in one piece, with all that is in it. It may be taken apart
 * in those panes that it says so of.
 */
public final class PartByPart {
    /** So many nodes come at once, and whatever hangs together: the toolkit styles them within some milliseconds. */
    private static final int NODES_AT_ONCE = 8;

    private record Part(Pane pane, Node node) {}

    private final Queue<Part> waiting = new ArrayDeque<>();

    private PartByPart() {}

    /** Says of a pane that its children may come later than itself. Until the page is first shown they stay the same. */
    public static void in(Pane pane) {
        pane.getProperties().put(PartByPart.class, true);
    }

    /** {@return the parts of a page that is in no window yet, and that are taken out of it here} */
    public static PartByPart of(Node page) {
        PartByPart parts = new PartByPart();
        parts.takeOut(page);
        return parts;
    }

    private void takeOut(Node node) {
        List<Node> inside = List.copyOf(inside(node));
        if (node instanceof Pane pane
                && pane.hasProperties()
                && pane.getProperties().containsKey(PartByPart.class)) {
            pane.getChildren().clear();
            for (Node each : inside) {
                waiting.add(new Part(pane, each));
                takeOut(each);
            }
        } else {
            inside.forEach(this::takeOut);
        }
    }

    /** Some of them have it among their children only once they have their skin. */
    private static List<Node> inside(Node node) {
        if (node instanceof ScrollPane scroll) {
            return scroll.getContent() == null ? List.of() : List.of(scroll.getContent());
        }
        if (node instanceof SplitPane split) {
            return split.getItems();
        }
        return node instanceof Parent parent ? parent.getChildrenUnmodifiable() : List.of();
    }

    private static int nodes(Node node) {
        return 1 + inside(node).stream().mapToInt(PartByPart::nodes).sum();
    }

    /** Puts the next parts where they belong. */
    public void some() {
        int nodes = 0;
        while (!waiting.isEmpty() && nodes < NODES_AT_ONCE) {
            Part next = waiting.remove();
            next.pane().getChildren().add(next.node());
            nodes += nodes(next.node());
        }
    }

    /** Puts all that is left where it belongs. */
    public void all() {
        while (!isWhole()) {
            some();
        }
    }

    public boolean isWhole() {
        return waiting.isEmpty();
    }
}
