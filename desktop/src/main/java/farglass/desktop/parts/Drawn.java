package farglass.desktop.parts;

import farglass.drawing.Palette;
import javafx.beans.value.ObservableValue;
import javafx.scene.canvas.Canvas;
import javafx.scene.layout.Region;

/** A drawing that fills its region and follows its size and the palette. */
public final class Drawn extends Region {
    /** Draws into a box of that size. */
    public interface Painting {
        void paint(CanvasBrush brush, double width, double height);
    }

    private final Canvas canvas = new Canvas();
    private final ObservableValue<Palette> palette;
    private Painting painting = (brush, width, height) -> {};

    public Drawn(ObservableValue<Palette> palette) {
        this.palette = palette;
        // Unmanaged: a managed canvas would hold the region at its largest size so far.
        canvas.setManaged(false);
        getChildren().add(canvas);
        palette.addListener(change -> repaint());
    }

    public void paint(Painting next) {
        painting = next;
        repaint();
    }

    private void repaint() {
        double width = canvas.getWidth();
        double height = canvas.getHeight();
        canvas.getGraphicsContext2D().clearRect(0, 0, width, height);
        if (width > 1 && height > 1) {
            painting.paint(new CanvasBrush(canvas.getGraphicsContext2D(), palette.getValue()), width, height);
        }
    }

    @Override
    protected void layoutChildren() {
        canvas.setWidth(getWidth());
        canvas.setHeight(getHeight());
        repaint();
    }
}
