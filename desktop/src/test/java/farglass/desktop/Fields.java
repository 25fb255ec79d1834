package farglass.desktop;

import java.util.Objects;
import java.util.Optional;
import java.util.stream.Stream;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Labeled;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextInputControl;
import javafx.scene.control.TitledPane;
import org.testfx.util.WaitForAsyncUtils;

/** Finds and fills the fields of a form or sheet that is in no window, where the toolkit does not look them up. */
public final class Fields {
    private static final long LONGEST_MILLIS = 10_000;

    private Fields() {}

    /** {@return the field below that label, such as "athlete-a" of "Athlete A"} */
    public static Node field(Parent form, String name) {
        return all(form)
                .filter(node -> ("field-" + name).equals(node.getId()))
                .findFirst()
                .orElseThrow(() -> new AssertionError("There is no field " + name));
    }

    /** Types on the interface thread: what answers to it may be a window, such as a list of suggestions. */
    public static void type(Parent form, String name, String text) {
        WaitForAsyncUtils.waitForAsyncFx(LONGEST_MILLIS, () -> {
            Node field = field(form, name);
            if (field instanceof ComboBox<?> box) {
                box.getEditor().setText(text);
            } else {
                ((TextInputControl) field).setText(text);
            }
        });
    }

    /** {@return the words of the first visible part of that style; empty where there is none} */
    public static Optional<String> words(Parent form, String style) {
        return all(form)
                .filter(Node::isVisible)
                .filter(node -> node.getStyleClass().contains(style))
                .map(node -> ((Labeled) node).getText())
                .findFirst();
    }

    private static Stream<Node> all(Node within) {
        Stream<Node> below = within instanceof ScrollPane pane
                ? all(pane.getContent())
                : within instanceof TitledPane pane
                        ? all(pane.getContent())
                        : within instanceof Parent parent
                                ? parent.getChildrenUnmodifiable().stream().flatMap(Fields::all)
                                : Stream.empty();
        return Stream.concat(Stream.of(within), below).filter(Objects::nonNull);
    }
}
