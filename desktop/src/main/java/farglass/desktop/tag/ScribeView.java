package farglass.desktop.tag;

import farglass.core.lexicon.Term;
import javafx.collections.ListChangeListener;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

/** The line one types into, what Enter would save, and how the words could be finished. */
final class ScribeView extends VBox {

    private final TextField line = new TextField();
    private final FlowPane completions = new FlowPane(6, 2);

    /** @param picks stand above the line while it is empty; the meaning of its text stands there once it is not */
    ScribeView(ScribeModel model, Node picks) {
        super(4);
        getStyleClass().add("scribe");
        line.setId("scribe");
        line.setPromptText("Type what happens, such as: a knee cut left nearly knee");
        line.textProperty().bindBidirectional(model.textProperty());
        line.textProperty()
                .addListener(change -> line.positionCaret(line.getText().length()));
        Label meaning = new Label();
        meaning.setId("meaning");
        meaning.setWrapText(true);
        meaning.getStyleClass().add("meaning");
        meaning.textProperty().bind(model.meaningProperty());
        completions.getStyleClass().add("completions");
        model.completions().addListener((ListChangeListener<Term>) change -> show(model));
        VBox reading = new VBox(6, meaning, completions);
        reading.visibleProperty().bind(model.textProperty().isNotEmpty());
        picks.visibleProperty().bind(model.textProperty().isEmpty());
        StackPane hints = new StackPane(picks, reading);
        // The stylesheet gives both one height, so that nothing jumps when typing begins.
        hints.getStyleClass().add("hints");
        getChildren().addAll(hints, line);
    }

    private void show(ScribeModel model) {
        completions.getChildren().clear();
        for (int i = 0; i < model.completions().size(); i++) {
            int number = i;
            Button button = new Button(
                    (i == 0 ? "Tab: " : "") + model.completions().get(i).label());
            button.getStyleClass().add("completion");
            button.setFocusTraversable(false);
            button.setOnAction(event -> {
                model.complete(number);
                line.requestFocus();
            });
            completions.getChildren().add(button);
        }
    }

    TextField line() {
        return line;
    }
}
