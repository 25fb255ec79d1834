package farglass.desktop.parts;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.Parent;

/**
 * Where a page is written anew, what had the focus is another node than before and the keyboard would lose its place. What is marked here is
 * known again by its mark.
 */
public final class SameAgain {
    private SameAgain() {}

    /** {@return the node, known from now on by what it stands for} @param mark such as "up" and the id of a line */
    public static <N extends Node> N marked(N node, String mark) {
        node.getProperties().put(SameAgain.class, mark);
        return node;
    }

    /**
     * Writes a part of the window anew. What had the focus in it has it again, or, where that is gone, what came behind it before, or in front
     * of it.
     */
    public static void written(Parent part, Runnable writing) {
        Optional<String> focused = Optional.ofNullable(part.getScene())
                .map(scene -> scene.getFocusOwner())
                .filter(owner -> isWithin(owner, part))
                .flatMap(SameAgain::mark);
        List<String> before = marks(part);
        writing.run();
        focused.ifPresent(mark -> {
            int at = before.indexOf(mark);
            List<String> nearest = new ArrayList<>(before.subList(at, before.size()));
            List<String> earlier = new ArrayList<>(before.subList(0, at));
            Collections.reverse(earlier);
            nearest.addAll(earlier);
            nearest.stream()
                    .map(each -> in(part, each))
                    .flatMap(Optional::stream)
                    .findFirst()
                    .ifPresent(Node::requestFocus);
        });
    }

    /** {@return what stands in that part for the same as the node, which may be in no window any more} */
    static Optional<Node> of(Node node, Parent part) {
        return mark(node).flatMap(mark -> in(part, mark));
    }

    private static Optional<String> mark(Node node) {
        return Optional.ofNullable((String) node.getProperties().get(SameAgain.class));
    }

    private static List<String> marks(Parent part) {
        List<String> marks = new ArrayList<>();
        collect(part, marks);
        return marks;
    }

    private static void collect(Node node, List<String> marks) {
        mark(node).ifPresent(marks::add);
        if (node instanceof Parent parent) {
            parent.getChildrenUnmodifiable().forEach(child -> collect(child, marks));
        }
    }

    private static Optional<Node> in(Node node, String mark) {
        if (mark(node).equals(Optional.of(mark))) {
            return Optional.of(node);
        }
        return node instanceof Parent parent
                ? parent.getChildrenUnmodifiable().stream()
                        .map(child -> in(child, mark))
                        .flatMap(Optional::stream)
                        .findFirst()
                : Optional.empty();
    }

    private static boolean isWithin(Node node, Parent part) {
        Node each = node;
        while (each != null && !Objects.equals(each, part)) {
            each = each.getParent();
        }
        return each != null;
    }
}
