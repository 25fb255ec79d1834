package farglass.desktop.dossier;

import farglass.core.prose.Row;
import farglass.desktop.parts.Drawn;
import farglass.drawing.EstimateLayout;
import farglass.drawing.EstimatePainter;
import farglass.drawing.Ink;
import farglass.drawing.Palette;
import javafx.beans.value.ObservableValue;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.ColumnConstraints;
import javafx.scene.layout.GridPane;

/** One figure as one line: its label, the glyph, the count, the interval, and what else is to be said. */
final class FigureView extends ToggleButton {
    private final GridPane line;

    FigureView(Row row, ObservableValue<Palette> palette) {
        getStyleClass().add("figure");
        setMaxWidth(Double.MAX_VALUE);
        setAlignment(Pos.CENTER_LEFT);
        Label label = new Label(row.label());
        Drawn glyph = new Drawn(palette);
        glyph.setPrefSize(170, 20);
        // Beside a note of two lines it stays as tall as in every other row, so that the rulers line up.
        glyph.setMaxHeight(20);
        row.bar()
                .ifPresent(bar -> glyph.paint((brush, width, height) -> EstimatePainter.paint(
                        brush,
                        EstimateLayout.of(
                                new double[] {bar.low95(), bar.low80(), bar.point(), bar.high80(), bar.high95()},
                                bar.others(),
                                width,
                                height),
                        Ink.SUBJECT)));
        Label count = new Label(row.count());
        // In large letters it wraps rather than being cut.
        count.setWrapText(true);
        Label interval = new Label(row.likely());
        interval.getStyleClass().add("quiet");
        Label note = new Label(row.remark());
        note.getStyleClass().add("quiet");
        note.setWrapText(true);
        GridPane line = new GridPane();
        line.setHgap(10);
        line.getColumnConstraints().addAll(percent(25), percent(18), percent(13), percent(12), percent(32));
        line.addRow(0, label, glyph, count, interval, note);
        label.setWrapText(true);
        setGraphic(line);
        setAccessibleText("%s: %s of %s".formatted(row.label(), row.count(), row.of()));
        this.line = line;
    }

    /** A button would ask its content how high one long line is; here words wrap to the width. */
    @Override
    protected double computePrefHeight(double width) {
        double room = width > 0 ? width : getWidth();
        return snappedTopInset()
                + line.prefHeight(Math.max(200, room - snappedLeftInset() - snappedRightInset()))
                + snappedBottomInset();
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
    public javafx.geometry.Orientation getContentBias() {
        return javafx.geometry.Orientation.HORIZONTAL;
    }

    private static ColumnConstraints percent(double share) {
        ColumnConstraints column = new ColumnConstraints();
        column.setPercentWidth(share);
        return column;
    }
}
