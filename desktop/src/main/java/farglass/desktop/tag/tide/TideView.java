package farglass.desktop.tag.tide;

import farglass.desktop.parts.Drawn;
import farglass.desktop.tag.Tagging;
import farglass.drawing.Ink;
import farglass.drawing.Palette;
import farglass.drawing.TideLayout;
import farglass.drawing.TidePainter;
import java.util.Optional;
import java.util.OptionalLong;
import javafx.beans.value.ObservableValue;
import javafx.scene.Cursor;
import javafx.scene.control.Label;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.Region;

/**
 * The tide of the bout across the foot, with the playhead. A click goes there on the film, a moment's mark is dragged to another time,
 * the wheel shows more or less. The playhead is a node of its own, so that a playing film moves one line and paints nothing.
 */
final class TideView extends Region {
    private static final double GRIP_PX = 4;
    private static final double MARK_HEIGHT = 8;

    private final Tagging tag;
    private final TideModel tide;
    private final Drawn drawn;
    private final Drawn over;
    private final Region head = new Region();
    private final Label hover = new Label();
    private Optional<TideLayout> layout = Optional.empty();
    private Optional<String> dragged = Optional.empty();
    private OptionalLong draggedTo = OptionalLong.empty();

    TideView(Tagging tag, TideModel tide, ObservableValue<Palette> palette) {
        this.tag = tag;
        this.tide = tide;
        this.drawn = new Drawn(palette);
        this.over = new Drawn(palette);
        over.setMouseTransparent(true);
        hover.setMouseTransparent(true);
        hover.getStyleClass().add("hover-words");
        hover.setVisible(false);
        getStyleClass().add("tide");
        setId("tide");
        head.getStyleClass().add("playhead");
        head.setManaged(false);
        head.setMouseTransparent(true);
        getChildren().addAll(drawn, over, head, hover);
        tide.matterProperty().addListener(change -> paint());
        tag.playhead().nowProperty().addListener((property, old, now) -> placeHead());
        tag.repeats().loopProperty().addListener((property, old, now) -> paintOver());
        tag.choice().selectedProperty().addListener((property, old, now) -> paintOver());
        setOnMousePressed(this::pressed);
        setOnMouseDragged(this::dragged);
        setOnMouseReleased(event -> released());
        setOnMouseMoved(this::moved);
        setOnMouseExited(event -> hover.setVisible(false));
        setOnScroll(event -> {
            double steps = event.getDeltaY() == 0 ? event.getDeltaX() : event.getDeltaY();
            if (event.isShiftDown()) {
                tide.pan(steps > 0 ? -0.2 : 0.2);
            } else {
                layout.ifPresent(shown -> tide.zoom(steps > 0 ? 1 : -1, shown.microsAt(event.getX())));
            }
            event.consume();
        });
        paint();
    }

    /** The marks of moments lie along the lower edge of the curve: there they can be taken hold of. */
    private Optional<String> markAt(MouseEvent event) {
        return layout.filter(shown -> Math.abs(event.getY() - shown.bottom()) <= MARK_HEIGHT)
                .flatMap(shown -> shown.nearest(event.getX(), GRIP_PX));
    }

    private void pressed(MouseEvent event) {
        dragged = markAt(event);
        draggedTo = OptionalLong.empty();
        if (dragged.isPresent()) {
            tag.choice().selectedProperty().set(dragged);
            tag.playhead().goTo(dragged.get());
        } else {
            layout.ifPresent(shown -> tag.playhead().seek(shown.microsAt(event.getX())));
        }
    }

    private void dragged(MouseEvent event) {
        layout.ifPresent(shown -> {
            long micros = shown.microsAt(event.getX());
            // The film follows the mark, so that one sees where it is put down.
            tag.playhead().seek(micros);
            if (dragged.isPresent()) {
                draggedTo = OptionalLong.of(micros);
                paintOver();
            }
        });
    }

    private void released() {
        if (dragged.isPresent() && draggedTo.isPresent()) {
            tag.corrections().moveTo(dragged.get(), draggedTo.getAsLong());
        }
        dragged = Optional.empty();
        draggedTo = OptionalLong.empty();
    }

    private void moved(MouseEvent event) {
        layout.ifPresent(shown -> {
            setCursor(markAt(event).isPresent() ? Cursor.H_RESIZE : Cursor.DEFAULT);
            hover.setText(tide.hover(shown.microsAt(event.getX())));
            hover.setVisible(true);
            hover.autosize();
            double x = Math.max(0, Math.min(getWidth() - hover.getWidth(), event.getX() + 12));
            hover.relocate(x, 18);
        });
    }

    private void paint() {
        drawn.paint((brush, width, height) -> {
            layout = tide.matterProperty().get().map(matter -> TideLayout.of(matter, width, height));
            layout.ifPresent(shown -> {
                TidePainter.paint(brush, shown);
                for (TideLayout.Mark mark : shown.marks()) {
                    if (mark.x() >= 0 && mark.x() <= width) {
                        brush.line(mark.x(), shown.bottom() - 3, mark.x(), shown.bottom() + 2, Ink.QUIET, 1);
                    }
                }
            });
        });
        paintOver();
        placeHead();
    }

    private void placeHead() {
        var now = tag.playhead().nowProperty().get();
        head.setVisible(now.isPresent() && layout.isPresent());
        if (head.isVisible()) {
            head.resizeRelocate(layout.get().xAt(now.getAsLong()) - 0.75, 0, 1.5, getHeight());
        }
    }

    private void paintOver() {
        over.paint((brush, width, height) -> layout.ifPresent(shown -> {
            tag.repeats().loopProperty().get().ifPresent(loop -> {
                double from = shown.xAt(loop.fromMicros());
                double to = shown.xAt(loop.toMicros());
                brush.line(from, shown.bottom(), to, shown.bottom(), Ink.INK, 3);
                brush.line(from, shown.bottom() - 6, from, shown.bottom() + 6, Ink.INK, 2);
                brush.line(to, shown.bottom() - 6, to, shown.bottom() + 6, Ink.INK, 2);
            });
            tag.choice()
                    .lead()
                    .flatMap(id -> shown.marks().stream()
                            .filter(mark -> mark.momentId().equals(id))
                            .findFirst())
                    .ifPresent(mark -> brush.disc(mark.x(), shown.bottom(), 4, Ink.INK));
            draggedTo.ifPresent(to -> brush.ring(shown.xAt(to), shown.bottom(), 5, Ink.INK, 1.5));
        }));
    }

    @Override
    protected void layoutChildren() {
        drawn.resizeRelocate(0, 0, getWidth(), getHeight());
        over.resizeRelocate(0, 0, getWidth(), getHeight());
        placeHead();
    }
}
