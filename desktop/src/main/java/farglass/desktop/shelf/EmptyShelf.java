package farglass.desktop.shelf;

import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;

/** A Shelf without bouts: how one comes from a film to the first moment. */
final class EmptyShelf extends VBox {
    private static final double WIDTH = 620;

    private final Label title = new Label();
    private final Button film = new Button("Add a film\u2026");

    EmptyShelf(Intake intake) {
        super(12);
        setId("empty-shelf");
        setAlignment(Pos.CENTER_LEFT);
        setMaxWidth(WIDTH);
        title.getStyleClass().add("question");
        film.setId("first-film");
        film.setDefaultButton(true);
        film.setOnAction(event -> intake.chooseFilm());
        getChildren()
                .addAll(
                        title,
                        step("1   Add a film of a bout, or of a whole day of bouts.", film),
                        step("2   Say who the two are. The film is shown beside their names."),
                        step("3   Tag: let the film run, and type or pick what happens."),
                        step(
                                "Without a film:",
                                button("New bout by hand\u2026", intake::byHand),
                                button("Import bouts\u2026", intake::chooseBoutFiles)),
                        quiet("Films, bout files and tables can be dropped here as well."));
    }

    private static FlowPane step(String words, Node... doing) {
        FlowPane step = new FlowPane(12, 4, new Label(words));
        step.setAlignment(Pos.CENTER_LEFT);
        step.getChildren().addAll(doing);
        return step;
    }

    private static Button button(String words, Runnable doing) {
        Button button = new Button(words);
        button.setOnAction(event -> doing.run());
        return button;
    }

    private static Label quiet(String words) {
        Label label = new Label(words);
        label.getStyleClass().add("quiet");
        return label;
    }

    /** @param library whether the whole library is empty, and not only the study in force */
    void show(boolean library) {
        title.setText(library ? "This library is empty" : "No bout belongs to this study yet");
    }

    void begin() {
        film.requestFocus();
    }
}
