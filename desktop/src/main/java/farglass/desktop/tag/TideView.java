package farglass.desktop.tag;

import farglass.core.bout.Bout;
import farglass.core.state.Ladder;
import farglass.core.state.Tide;
import farglass.desktop.parts.Drawn;
import farglass.drawing.Ink;
import farglass.drawing.Palette;
import farglass.drawing.TideLayout;
import farglass.drawing.TidePainter;
import java.util.Optional;
import javafx.beans.value.ObservableValue;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.Region;

/** The tide of the bout across the foot, with the playhead; a click goes there on the film. */
final class TideView extends Region {
    private final TagModel model;
    private final Drawn drawn;
    private Optional<TideLayout> layout = Optional.empty();

    TideView(TagModel model, ObservableValue<Palette> palette) {
        this.model = model;
        this.drawn = new Drawn(palette);
        getStyleClass().add("tide");
        setId("tide");
        getChildren().add(drawn);
        model.boutProperty().addListener(change -> paint());
        model.rows().addListener((javafx.beans.Observable change) -> paint());
        model.player().timeProperty().addListener(change -> paint());
        model.player().lastProperty().addListener(change -> paint());
        setOnMousePressed(this::seek);
        setOnMouseDragged(this::seek);
        paint();
    }

    private void seek(MouseEvent event) {
        layout.ifPresent(tide -> model.seekBout(tide.microsAt(event.getX())));
    }

    private void paint() {
        drawn.paint((brush, width, height) -> {
            layout = model.boutProperty().get().map(bout -> layout(bout, width, height));
            layout.ifPresent(tide -> {
                TidePainter.paint(brush, tide);
                model.boutMicros().ifPresent(now -> brush.line(tide.xAt(now), 0, tide.xAt(now), height, Ink.INK, 1.5));
            });
        });
    }

    private TideLayout layout(Bout bout, double width, double height) {
        long film = model.film()
                .map(link -> link.toBout(model.player().lastProperty().get()))
                .orElse(0L);
        long extent = Math.max(
                Math.max(bout.extentMicros(), bout.header().lengthMicros().orElse(0)), film);
        Tide tide =
                Tide.of(bout, model.timeline().orElseThrow(), model.desk().lexicon(), model.studied(), Ladder.POINTS);
        return TideLayout.of(bout, tide, model.studied(), extent, width, height);
    }

    @Override
    protected void layoutChildren() {
        drawn.resizeRelocate(0, 0, getWidth(), getHeight());
    }
}
