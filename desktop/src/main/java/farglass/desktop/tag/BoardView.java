package farglass.desktop.tag;

import farglass.core.bout.Times;
import java.util.OptionalLong;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;

/** Over the picture: whether all is saved, the referee's score at the instant shown, and that instant. */
final class BoardView extends HBox {
    private final TagModel model;
    private final Label studied = new Label();
    private final Label other = new Label();
    private final Label saved = new Label();
    private final Label clock = new Label();

    BoardView(TagModel model) {
        super(10);
        this.model = model;
        studied.getStyleClass().addAll("board", "studied");
        other.getStyleClass().addAll("board", "other");
        studied.setId("board");
        saved.getStyleClass().add("quiet");
        saved.setId("saved");
        clock.setId("clock");
        clock.getStyleClass().add("clock");
        for (Label end : new Label[] {saved, clock}) {
            end.setMinWidth(Region.USE_PREF_SIZE);
            end.setPrefWidth(110);
        }
        clock.setAlignment(Pos.CENTER_RIGHT);
        HBox score = new HBox(24, studied, other);
        score.setAlignment(Pos.CENTER);
        HBox.setHgrow(score, Priority.ALWAYS);
        setAlignment(Pos.CENTER);
        getChildren().addAll(saved, score, clock);
        model.nowProperty().addListener(change -> show());
        // A film that arrives shows its first frame without the time having moved.
        model.player().lastProperty().addListener(change -> show());
    }

    void show() {
        saved.setText(model.boutProperty().get().isEmpty() ? "" : model.allSaved() ? "all saved" : "saving\u2026");
        studied.setText(model.board(model.studied()));
        other.setText(model.board(model.studied().other()));
        OptionalLong now = model.boutMicros();
        clock.setText(
                now.isPresent() ? Times.tenths(now.getAsLong()) : model.player().hasFilm() ? "before the bout" : "");
    }
}
