package farglass.desktop.parts;

import farglass.drawing.Brush;
import farglass.drawing.Ink;
import farglass.drawing.Palette;
import javafx.geometry.VPos;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.paint.Color;
import javafx.scene.shape.StrokeLineJoin;
import javafx.scene.text.Font;
import javafx.scene.text.TextAlignment;

/** Draws on a canvas. */
public final class CanvasBrush implements Brush {
    private final GraphicsContext canvas;
    private final Palette palette;

    public CanvasBrush(GraphicsContext canvas, Palette palette) {
        this.canvas = canvas;
        this.palette = palette;
        canvas.setTextBaseline(VPos.BASELINE);
        canvas.setLineJoin(StrokeLineJoin.ROUND);
    }

    private Color colour(Ink ink) {
        int rgb = palette.rgb(ink);
        return Color.rgb(rgb >> 16 & 0xff, rgb >> 8 & 0xff, rgb & 0xff);
    }

    private void stroke(Ink ink, double widthPx) {
        canvas.setStroke(colour(ink));
        canvas.setLineWidth(widthPx);
    }

    @Override
    public void line(double x1, double y1, double x2, double y2, Ink ink, double widthPx) {
        stroke(ink, widthPx);
        canvas.strokeLine(x1, y1, x2, y2);
    }

    @Override
    public void curve(double[] xs, double[] ys, Ink ink, double widthPx) {
        stroke(ink, widthPx);
        canvas.strokePolyline(xs, ys, xs.length);
    }

    @Override
    public void area(double[] xs, double[] ys, Ink ink) {
        canvas.setFill(colour(ink));
        canvas.fillPolygon(xs, ys, xs.length);
    }

    @Override
    public void rectangle(double x, double y, double width, double height, Ink ink) {
        canvas.setFill(colour(ink));
        canvas.fillRect(x, y, width, height);
    }

    @Override
    public void disc(double x, double y, double radius, Ink ink) {
        canvas.setFill(colour(ink));
        canvas.fillOval(x - radius, y - radius, 2 * radius, 2 * radius);
    }

    @Override
    public void ring(double x, double y, double radius, Ink ink, double widthPx) {
        stroke(ink, widthPx);
        canvas.strokeOval(x - radius, y - radius, 2 * radius, 2 * radius);
    }

    @Override
    public void text(String words, double x, double y, Ink ink, double sizePx, Align align) {
        canvas.setFill(colour(ink));
        canvas.setFont(Font.font("Source Sans 3", sizePx));
        canvas.setTextAlign(
                switch (align) {
                    case LEFT -> TextAlignment.LEFT;
                    case CENTRE -> TextAlignment.CENTER;
                    case RIGHT -> TextAlignment.RIGHT;
                });
        canvas.fillText(words, x, y);
    }
}
