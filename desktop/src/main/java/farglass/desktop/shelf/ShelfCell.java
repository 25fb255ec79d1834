package farglass.desktop.shelf;

import farglass.desktop.desk.Desk;
import farglass.desktop.desk.Soon;
import farglass.desktop.parts.CanvasBrush;
import farglass.desktop.parts.Drawn;
import farglass.desktop.parts.WrappingCell;
import farglass.drawing.Palette;
import farglass.drawing.TideLayout;
import farglass.drawing.TideMatter;
import farglass.drawing.TidePainter;
import java.util.Optional;
import javafx.beans.value.ObservableValue;
import javafx.scene.control.Label;
import javafx.scene.layout.ColumnConstraints;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.VBox;

/** One bout as a line of a printed table: date, names and event, rules, result, and its tide drawn small. */
final class ShelfCell extends WrappingCell<ShelfRow> {
    private final Label date = new Label();
    private final Label names = new Label();
    private final Label event = new Label();
    private final Label result = new Label();
    private final Label seen = new Label();
    private final Label rules = new Label();
    private final Drawn tide;
    private final Soon tideSoon;

    /** @param desk gives turns to what takes long */
    ShelfCell(Desk desk, ObservableValue<Palette> palette) {
        this(desk, new GridPane(), palette);
    }

    private ShelfCell(Desk desk, GridPane line, ObservableValue<Palette> palette) {
        super(line);
        tideSoon = desk.soon(this::paintTide);
        tide = new Drawn(palette);
        tide.setPrefSize(300, 40);
        tide.setMinHeight(40);
        names.getStyleClass().add("strong");
        event.getStyleClass().add("quiet");
        rules.getStyleClass().add("quiet");
        seen.getStyleClass().add("quiet");
        line.setHgap(16);
        line.getColumnConstraints().addAll(percent(13), percent(30), percent(24), percent(33));
        line.addRow(0, new VBox(date, seen), new VBox(names, event), new VBox(result, rules), tide);
    }

    private static ColumnConstraints percent(double share) {
        ColumnConstraints column = new ColumnConstraints();
        column.setPercentWidth(share);
        return column;
    }

    @Override
    protected void show(ShelfRow row) {
        date.setText(row.date());
        names.setText(row.names());
        event.setText(row.event());
        result.setText(row.result());
        rules.setText(row.rules());
        seen.setText(row.seen());
        tide.setVisible(row.isSeen() && !row.bout().moments().isEmpty());
        if (!tide.isVisible()) {
            return;
        }
        if (row.tide().isKnown()) {
            paintTide();
        } else {
            // To work it out for all rows in sight takes longer than a key may wait: each has a turn of its own.
            tide.paint((brush, width, height) -> tideSoon.wish());
        }
    }

    private void paintTide() {
        if (getItem() != null && tide.isVisible()) {
            tide.paint(new SmallTide(getItem()));
        }
    }

    /** Drawn anew whenever the Shelf comes into sight, and mostly in the same size. */
    private static final class SmallTide implements Drawn.Painting {
        private final ShelfRow row;
        private Optional<TideLayout> laid = Optional.empty();
        private double laidWidth;
        private double laidHeight;

        SmallTide(ShelfRow row) {
            this.row = row;
        }

        @Override
        public void paint(CanvasBrush brush, double width, double height) {
            if (laid.isEmpty() || width != laidWidth || height != laidHeight) {
                TideMatter matter = TideMatter.whole(
                        row.bout(), row.tide().get(), row.studied(), row.bout().extentMicros());
                laid = Optional.of(TideLayout.of(matter, width, height));
                laidWidth = width;
                laidHeight = height;
            }
            TidePainter.paintSmall(brush, laid.get());
        }
    }
}
