package farglass.desktop.tag;

import farglass.core.lexicon.Term;
import javafx.collections.ListChangeListener;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;

/** The line one types into, what Enter would save, and how the words could be finished. */
final class ScribeView extends VBox {
    private final TextField line = new TextField();
    private final FlowPane completions = new FlowPane(6, 2);

    ScribeView(ScribeModel model) {
        super(3);
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
        meaning.setMinHeight(34);
        meaning.textProperty().bind(model.meaningProperty());
        completions.getStyleClass().add("completions");
        completions.setMinHeight(24);
        model.completions().addListener((ListChangeListener<Term>) change -> show(model));
        getChildren().addAll(line, meaning, completions);
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
