package farglass.desktop.dossier.figure;

import farglass.core.prose.FigureRow;
import farglass.desktop.parts.Drawn;
import farglass.drawing.EstimateLayout;
import farglass.drawing.EstimatePainter;
import farglass.drawing.Ink;
import farglass.drawing.Palette;
import java.util.Optional;
import javafx.beans.value.ObservableValue;
import javafx.geometry.Orientation;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.ColumnConstraints;
import javafx.scene.layout.GridPane;

/** A figure as one line over the whole width that can be chosen: words in columns that wrap, and its estimate drawn. */
public abstract class FigureButton extends ToggleButton {
    final GridPane line = new GridPane();
    private double measuredWidth = Double.NaN;
    private double measuredHeight;

    FigureButton() {
        getStyleClass().add("figure");
        setMaxWidth(Double.MAX_VALUE);
        setAlignment(Pos.CENTER_LEFT);
        line.setHgap(10);
        setGraphic(line);
    }

    static Label wrapped(String style) {
        Label label = new Label();
        label.setWrapText(true);
        label.getStyleClass().add(style);
        return label;
    }

    static ColumnConstraints percent(double share) {
        ColumnConstraints column = new ColumnConstraints();
        column.setPercentWidth(share);
        return column;
    }

    static Drawn glyph(ObservableValue<Palette> palette) {
        Drawn glyph = new Drawn(palette);
        glyph.setPrefSize(150, 20);
        // Beside a note of two lines it stays as tall as in every other row, so that the rulers line up.
        glyph.setMaxHeight(20);
        return glyph;
    }

    /** Draws what is believed of a figure; nothing where too little is known to draw. */
    static void draw(Drawn glyph, Optional<FigureRow> row, Ink ink) {
        glyph.paint((brush, width, height) -> row.flatMap(FigureRow::bar)
                .ifPresent(bar -> EstimatePainter.paint(
                        brush,
                        EstimateLayout.of(
                                new double[] {bar.low95(), bar.low80(), bar.point(), bar.high80(), bar.high95()},
                                bar.others(),
                                width,
                                height),
                        ink)));
    }

    /**
     * A button would ask its content how high one long line is; here words wrap to the width. Whoever lays out a page asks several times
     * over, and wrapping is most of the work, so what was measured is kept.
     */
    @Override
    protected double computePrefHeight(double width) {
        double room = width > 0 ? width : getWidth();
        if (room != measuredWidth) {
            measuredHeight = snappedTopInset()
                    + line.prefHeight(Math.max(200, room - snappedLeftInset() - snappedRightInset()))
                    + snappedBottomInset();
            measuredWidth = room;
        }
        return measuredHeight;
    }

    @Override
    protected double computeMinHeight(double width) {
        return prefHeight(width);
    }

    @Override
    public void requestLayout() {
        measuredWidth = Double.NaN;
        super.requestLayout();
    }

    @Override
    protected void layoutChildren() {
        line.resizeRelocate(
                snappedLeftInset(),
                snappedTopInset(),
                getWidth() - snappedLeftInset() - snappedRightInset(),
                getHeight() - snappedTopInset() - snappedBottomInset());
    }

    @Override
    public Orientation getContentBias() {
        return Orientation.HORIZONTAL;
    }
}
