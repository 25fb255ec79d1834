package farglass.desktop.shelf;

import farglass.desktop.parts.Drawn;
import farglass.desktop.parts.WrappingCell;
import farglass.drawing.Palette;
import farglass.drawing.TideLayout;
import farglass.drawing.TideMatter;
import farglass.drawing.TidePainter;
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

    ShelfCell(ObservableValue<Palette> palette) {
        this(new GridPane(), palette);
    }

    private ShelfCell(GridPane line, ObservableValue<Palette> palette) {
        super(line);
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
        tide.paint((brush, width, height) -> TidePainter.paintSmall(
                brush,
                TideLayout.of(
                        TideMatter.whole(
                                row.bout(),
                                row.tide().get(),
                                row.studied(),
                                row.bout().extentMicros()),
                        width,
                        height)));
    }
}
