package farglass.desktop.parts;

import farglass.drawing.Palette;
import javafx.beans.InvalidationListener;
import javafx.beans.value.ObservableValue;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.canvas.Canvas;
import javafx.scene.layout.Region;

/** A drawing that fills its region and follows its size and the palette. */
public final class Drawn extends Region {
    /** Draws into a box of that size. */
    public interface Painting {
        void paint(CanvasBrush brush, double width, double height);
    }

    /** The pixels of a smaller drawing, such as a row's, are kept out of sight too: those of a page take less than one picture of a film. */
    private static final double SMALL = 40_000;

    private final Canvas canvas = new Canvas();
    private final ObservableValue<Palette> palette;
    private final InvalidationListener repainting = change -> repaint();
    private Painting painting = (brush, width, height) -> {};

    public Drawn(ObservableValue<Palette> palette) {
        this.palette = palette;
        // Unmanaged: a managed canvas would hold the region at its largest size so far.
        canvas.setManaged(false);
        getChildren().add(canvas);
        // The palette outlives every page: a drawing that listened to it for ever would be kept for ever, with its
        // pixels.
        sceneProperty().addListener((property, old, now) -> {
            if (now == null) {
                palette.removeListener(repainting);
                letGo();
            } else if (old == null) {
                palette.addListener(repainting);
                requestLayout();
            }
        });
    }

    /**
     * Paints the drawings of a part of the window anew, or lets go of their pixels while it is out of sight; small ones stay as they are.
     *
     * @param inSight whether it has just come into sight
     */
    public static void keep(Node part, boolean inSight) {
        if (part instanceof Drawn drawn) {
            if (inSight && drawn.canvas.getWidth() != drawn.getWidth()) {
                drawn.requestLayout();
            } else if (!inSight && drawn.canvas.getWidth() * drawn.canvas.getHeight() > SMALL) {
                drawn.letGo();
            }
        } else if (part instanceof Parent parent) {
            parent.getChildrenUnmodifiable().forEach(each -> keep(each, inSight));
        }
    }

    private void letGo() {
        canvas.setWidth(0);
        canvas.setHeight(0);
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
        // What is painted there is as it should be, unless its size is another.
        if (canvas.getWidth() != getWidth() || canvas.getHeight() != getHeight()) {
            canvas.setWidth(getWidth());
            canvas.setHeight(getHeight());
            repaint();
        }
    }
}
