package farglass.desktop.tag.screen;

import farglass.core.bout.Times;
import farglass.desktop.tag.Tagging;
import java.util.OptionalLong;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;

/** Over the picture: whether all is saved, the referee's score at the instant shown, and that instant. */
public final class BoardView extends HBox {
    private final Tagging tag;
    private final Label studied = new Label();
    private final Label other = new Label();
    private final Label saved = new Label();
    private final Label clock = new Label();

    public BoardView(Tagging tag) {
        super(10);
        this.tag = tag;
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
        tag.playhead().nowProperty().addListener(change -> show());
        // A film that arrives shows its first frame without the time having moved.
        tag.playhead().player().lastProperty().addListener(change -> show());
    }

    public void show() {
        saved.setText(tag.open().bout().isEmpty() ? "" : tag.open().allSaved() ? "all saved" : "saving\u2026");
        studied.setText(tag.playhead().board(tag.open().studied()));
        other.setText(tag.playhead().board(tag.open().studied().other()));
        OptionalLong now = tag.playhead().micros();
        clock.setText(
                now.isPresent()
                        ? Times.tenths(now.getAsLong())
                        : tag.playhead().player().hasFilm() ? "before the bout" : "");
    }
}
