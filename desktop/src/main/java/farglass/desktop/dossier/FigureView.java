package farglass.desktop.dossier;

import farglass.core.prose.FigureRow;
import farglass.core.prose.OneMinute;
import farglass.desktop.parts.Drawn;
import farglass.drawing.EstimateLayout;
import farglass.drawing.EstimatePainter;
import farglass.drawing.Ink;
import farglass.drawing.Palette;
import java.util.Optional;
import javafx.beans.value.ObservableValue;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.ColumnConstraints;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.VBox;

/** One figure as one line: its words, its count, the glyph, and what else is to be said. */
final class FigureView extends ToggleButton {
    private final GridPane line;

    private FigureView(GridPane line, String told) {
        this.line = line;
        getStyleClass().add("figure");
        setMaxWidth(Double.MAX_VALUE);
        setAlignment(Pos.CENTER_LEFT);
        line.setHgap(10);
        setGraphic(line);
        setAccessibleText(told);
    }

    /** {@return a figure within its chapter} */
    static FigureView of(FigureRow row, ObservableValue<Palette> palette) {
        return of(row, Optional.empty(), Optional.empty(), palette);
    }

    /**
     * {@return a figure within its chapter, with the same of somebody else, or of another time, below it}
     *
     * @param who stands below; empty for nobody
     * @param beside the same figure there; empty where it was never seen
     */
    static FigureView of(
            FigureRow row, Optional<String> who, Optional<FigureRow> beside, ObservableValue<Palette> palette) {
        Label label = wrapped(row.label(), "figure-label");
        // In large letters it wraps rather than being cut.
        Label count = wrapped(row.count(), "figure-count");
        String likely = row.likely().isEmpty() || row.remark().isEmpty() ? row.likely() : row.likely() + "; ";
        GridPane line = new GridPane();
        line.getColumnConstraints().addAll(percent(30), percent(13), percent(22), percent(35));
        line.addRow(0, label, count, glyph(row, Ink.SUBJECT, palette), wrapped(likely + row.remark(), "quiet"));
        who.ifPresent(name -> line.addRow(
                1,
                wrapped("    " + name, "beside"),
                wrapped(beside.map(FigureRow::count).orElse("not seen"), "beside"),
                beside.map(other -> (Node) glyph(other, Ink.OTHER, palette)).orElseGet(() -> wrapped("", "quiet")),
                wrapped(beside.map(FigureRow::likely).orElse(""), "quiet")));
        return new FigureView(line, "%s: %s of %s".formatted(row.label(), row.count(), row.of()));
    }

    /** {@return a sentence of the page of one minute, with its figure beside} */
    static FigureView of(OneMinute.Point point, ObservableValue<Palette> palette) {
        VBox told = new VBox(wrapped(point.about(), "quiet"), wrapped(point.words(), "point-words"));
        VBox from = new VBox(
                wrapped(point.row().map(FigureRow::count).orElse(""), "figure-count"),
                wrapped(point.chapter(), "quiet"));
        from.setAlignment(Pos.CENTER_LEFT);
        GridPane line = new GridPane();
        line.getColumnConstraints().addAll(percent(61), percent(22), percent(17));
        line.addRow(
                0,
                told,
                point.row()
                        .map(row -> (Node) glyph(row, Ink.SUBJECT, palette))
                        .orElseGet(() -> wrapped("not known", "quiet")),
                from);
        return new FigureView(line, point.about() + ": " + point.words());
    }

    private static Label wrapped(String words, String style) {
        Label label = new Label(words);
        label.setWrapText(true);
        label.getStyleClass().add(style);
        return label;
    }

    private static Drawn glyph(FigureRow row, Ink ink, ObservableValue<Palette> palette) {
        Drawn glyph = new Drawn(palette);
        glyph.setPrefSize(150, 20);
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
                        ink)));
        return glyph;
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
