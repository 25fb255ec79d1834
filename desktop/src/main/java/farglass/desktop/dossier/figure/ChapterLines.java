package farglass.desktop.dossier.figure;

import farglass.drawing.Palette;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Supplier;
import javafx.beans.value.ObservableValue;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.Region;

/**
 * What a chapter is laid out from. The toolkit takes most of its time to make and style a line, so the lines of the chapter before take on
 * the words of the next; those that it has no use for stay in the window, out of sight.
 */
public final class ChapterLines {
    /** Those of one kind: as many as the longest chapter needed so far. */
    private static final class Kind<T extends Node> {
        private final Supplier<T> making;
        private final List<T> made = new ArrayList<>();
        private int used;

        Kind(Supplier<T> making) {
            this.making = making;
        }

        T next() {
            if (used == made.size()) {
                made.add(making.get());
            }
            return made.get(used++);
        }
    }

    private final Map<String, Kind<Label>> words = new HashMap<>();
    private final Kind<FigureView> figures;
    private final Kind<PointView> points;
    private final Kind<Button> buttons = new Kind<>(ChapterLines::plainButton);

    public ChapterLines(ObservableValue<Palette> palette) {
        figures = new Kind<>(() -> new FigureView(palette));
        points = new Kind<>(() -> new PointView(palette));
    }

    /** Every line may be given out anew from here on. */
    public void takeBack() {
        words.values().forEach(kind -> kind.used = 0);
        figures.used = 0;
        points.used = 0;
        buttons.used = 0;
    }

    public Label words(String text, String style) {
        Label label = words.computeIfAbsent(style, any -> new Kind<>(() -> wrapped(style)))
                .next();
        label.setText(text);
        return label;
    }

    public FigureView figure() {
        return figures.next();
    }

    public PointView point() {
        return points.next();
    }

    public Button button(String text) {
        Button button = buttons.next();
        button.setText(text);
        return button;
    }

    /** {@return the lines that are shown, in their order, and behind them, out of sight, all others} */
    public List<Node> over(List<Node> shown) {
        Set<Node> seen = new HashSet<>(shown);
        List<Node> all = new ArrayList<>(shown);
        for (Kind<? extends Node> kind : kinds()) {
            kind.made.stream().filter(node -> !seen.contains(node)).forEach(all::add);
        }
        all.forEach(node -> {
            node.setVisible(seen.contains(node));
            node.setManaged(seen.contains(node));
        });
        return all;
    }

    private List<Kind<? extends Node>> kinds() {
        List<Kind<? extends Node>> kinds = new ArrayList<>(words.values());
        kinds.addAll(List.of(figures, points, buttons));
        return kinds;
    }

    private static Label wrapped(String style) {
        Label label = new Label();
        label.setWrapText(true);
        label.setMinHeight(Region.USE_PREF_SIZE);
        label.getStyleClass().add(style);
        return label;
    }

    private static Button plainButton() {
        Button button = new Button();
        button.getStyleClass().add("fold");
        button.setMnemonicParsing(false);
        return button;
    }
}
