package farglass.desktop.tag.screen;

import farglass.core.bout.Moment;
import farglass.core.fact.Drawing;
import farglass.desktop.parts.Drawn;
import farglass.desktop.screening.FilmView;
import farglass.desktop.tag.Tagging;
import farglass.drawing.Brush;
import farglass.drawing.Ink;
import farglass.drawing.Palette;
import java.util.List;
import java.util.Optional;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.SimpleObjectProperty;
import javafx.beans.value.ObservableValue;
import javafx.scene.Cursor;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.Region;

/**
 * What is drawn on the frame: arrows, rings and limb lines of the chosen moment, or of one at the instant shown. With a pen in hand the
 * mouse draws one by dragging; by keyboard the arrows move a cross, and Enter sets down its beginning and then its end.
 */
public final class DrawingSheet extends Region {
    /** A drawing is seen for so long before and after its moment. */
    private static final long SEEN_MICROS = 600_000;

    private static final double STEP = 0.01;

    private final Tagging tag;
    private final FilmView film;
    private final Drawn drawn;
    private final ObjectProperty<Optional<Drawing.Shape>> pen = new SimpleObjectProperty<>(Optional.empty());
    private double cursorX = 0.5;
    private double cursorY = 0.5;
    private Optional<double[]> begun = Optional.empty();
    private List<Drawing> painted = List.of();
    private double dragX;
    private double dragY;

    public DrawingSheet(Tagging tag, FilmView film, ObservableValue<Palette> palette) {
        this.tag = tag;
        this.film = film;
        this.drawn = new Drawn(palette);
        drawn.setMouseTransparent(true);
        setId("drawing-sheet");
        getChildren().add(drawn);
        film.whenPlaced(this::paint);
        tag.playhead().nowProperty().addListener((property, old, now) -> renew());
        tag.open().boutProperty().addListener((property, old, now) -> renew());
        tag.choice().selectedProperty().addListener((property, old, now) -> renew());
        pen.addListener(change -> {
            begun = Optional.empty();
            setCursor(pen.get().isPresent() ? Cursor.CROSSHAIR : Cursor.DEFAULT);
            paint();
        });
        setOnMousePressed(this::pressed);
        setOnMouseDragged(this::dragged);
        setOnMouseReleased(this::released);
        setOnScroll(event -> {
            film.zoom(event.getDeltaY() > 0 ? 1.25 : 0.8, event.getX(), event.getY());
            event.consume();
        });
        setOnMouseClicked(event -> {
            if (event.getClickCount() == 2 && pen.get().isEmpty()) {
                film.whole();
            }
        });
    }

    /** Which shape is drawn; none, and the mouse moves the picture. */
    public ObjectProperty<Optional<Drawing.Shape>> penProperty() {
        return pen;
    }

    private void pressed(MouseEvent event) {
        dragX = event.getX();
        dragY = event.getY();
        if (pen.get().isPresent()) {
            begun = Optional.of(new double[] {film.fractionX(event.getX()), film.fractionY(event.getY())});
        }
    }

    private void dragged(MouseEvent event) {
        if (pen.get().isPresent()) {
            cursorX = film.fractionX(event.getX());
            cursorY = film.fractionY(event.getY());
            paint();
        } else {
            film.pan(event.getX() - dragX, event.getY() - dragY);
            dragX = event.getX();
            dragY = event.getY();
        }
    }

    private void released(MouseEvent event) {
        if (pen.get().isPresent() && begun.isPresent()) {
            cursorX = film.fractionX(event.getX());
            cursorY = film.fractionY(event.getY());
            keep();
        }
    }

    private void keep() {
        double[] from = begun.orElseThrow();
        Drawing drawing = new Drawing(
                pen.get().orElseThrow(), List.of(inside(from[0]), inside(from[1]), inside(cursorX), inside(cursorY)));
        pen.set(Optional.empty());
        tag.corrections().draw(drawing);
    }

    /** Rounded, since a thousandth of the picture is less than a pixel of most. */
    private static double inside(double share) {
        return Math.round(Math.max(0, Math.min(1, share)) * 1000) / 1000.0;
    }

    /**
     * Moves the cross of the pen.
     *
     * @param direction 0 to 3: left, right, up, down
     */
    public void moveCross(int direction, boolean further) {
        double step = (further ? 5 * STEP : STEP) * (direction % 2 == 0 ? -1 : 1);
        if (direction < 2) {
            cursorX = inside(cursorX + step);
        } else {
            cursorY = inside(cursorY + step);
        }
        paint();
    }

    /** Sets down the beginning of what is drawn, then its end. */
    public void setDown() {
        if (begun.isPresent()) {
            keep();
        } else {
            begun = Optional.of(new double[] {cursorX, cursorY});
        }
        paint();
    }

    /** Paints only what is new: while a film plays, an empty sheet painted at every frame would cost more than the film. */
    private void renew() {
        List<Drawing> now = shown();
        if (!now.equals(painted)) {
            painted = now;
            paint();
        }
    }

    private List<Drawing> shown() {
        return tag
                .open()
                .bout()
                .map(bout -> bout.moments().stream().filter(this::isSeen).toList())
                .orElse(List.of())
                .stream()
                .flatMap(moment -> moment.telling().facts(Drawing.class))
                .toList();
    }

    private boolean isSeen(Moment moment) {
        if (moment.deed().onlyTime() && moment.telling().facts().isEmpty()) {
            return false;
        }
        boolean chosen = tag.choice().lead().equals(Optional.of(moment.id()));
        boolean now = tag.playhead().nowProperty().get().isPresent()
                && moment.atMicros().isPresent()
                && Math.abs(tag.playhead().nowProperty().get().getAsLong()
                                - moment.atMicros().getAsLong())
                        <= SEEN_MICROS;
        return now || chosen && !tag.playhead().player().playingProperty().get();
    }

    private void paint() {
        drawn.paint((brush, width, height) -> {
            for (Drawing drawing : painted) {
                draw(brush, drawing.shape(), drawing.corners());
            }
            pen.get().ifPresent(shape -> {
                begun.ifPresent(from -> draw(brush, shape, List.of(from[0], from[1], cursorX, cursorY)));
                double x = film.xOf(cursorX);
                double y = film.yOf(cursorY);
                brush.line(x - 9, y, x + 9, y, Ink.PAPER, 1.5);
                brush.line(x, y - 9, x, y + 9, Ink.PAPER, 1.5);
            });
        });
    }

    /** Dark under light, so that it is seen on any film. */
    private void draw(Brush brush, Drawing.Shape shape, List<Double> corners) {
        for (Ink ink : new Ink[] {Ink.INK, Ink.PAPER}) {
            draw(brush, shape, corners, ink, ink == Ink.INK ? 6 : 3);
        }
    }

    private void draw(Brush brush, Drawing.Shape shape, List<Double> corners, Ink ink, double thick) {
        double x1 = film.xOf(corners.get(0));
        double y1 = film.yOf(corners.get(1));
        double x2 = film.xOf(corners.get(2));
        double y2 = film.yOf(corners.get(3));
        if (shape == Drawing.Shape.RING) {
            brush.ring(x1, y1, Math.max(6, Math.hypot(x2 - x1, y2 - y1)), ink, thick);
            return;
        }
        brush.line(x1, y1, x2, y2, ink, thick);
        if (shape == Drawing.Shape.ARROW) {
            double angle = Math.atan2(y2 - y1, x2 - x1);
            for (double turn : new double[] {2.6, -2.6}) {
                brush.line(x2, y2, x2 + 16 * Math.cos(angle + turn), y2 + 16 * Math.sin(angle + turn), ink, thick);
            }
        }
    }

    @Override
    protected void layoutChildren() {
        drawn.resizeRelocate(0, 0, getWidth(), getHeight());
    }
}
