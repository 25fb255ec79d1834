package farglass.desktop.shelf;

import farglass.desktop.parts.Drawn;
import farglass.drawing.Palette;
import farglass.drawing.TideLayout;
import farglass.drawing.TidePainter;
import javafx.beans.value.ObservableValue;
import javafx.scene.control.Label;
import javafx.scene.control.ListCell;
import javafx.scene.layout.ColumnConstraints;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/** One bout as a line of a printed table: date, names and event, rules, result, and its tide drawn small. */
final class ShelfCell extends ListCell<ShelfRow> {
    private final Label date = new Label();
    private final Label names = new Label();
    private final Label event = new Label();
    private final Label result = new Label();
    private final Label seen = new Label();
    private final Label rules = new Label();
    private final Drawn tide;
    private final GridPane line = new GridPane();

    ShelfCell(ObservableValue<Palette> palette) {
        tide = new Drawn(palette);
        tide.setPrefSize(300, 40);
        tide.setMinHeight(40);
        names.getStyleClass().add("strong");
        event.getStyleClass().add("quiet");
        rules.getStyleClass().add("quiet");
        seen.getStyleClass().add("quiet");
        line.setHgap(16);
        line.getColumnConstraints().addAll(percent(9), percent(31), percent(25), percent(35));
        line.addRow(0, date, new VBox(names, event), new VBox(result, rules), new VBox(tide, seen));
        line.getColumnConstraints().get(3).setHgrow(Priority.ALWAYS);
        line.setMinWidth(0);
        line.setPrefWidth(0);
    }

    private static ColumnConstraints percent(double share) {
        ColumnConstraints column = new ColumnConstraints();
        column.setPercentWidth(share);
        return column;
    }

    @Override
    protected void updateItem(ShelfRow row, boolean empty) {
        super.updateItem(row, empty);
        setText(null);
        setGraphic(empty || row == null ? null : line);
        if (empty || row == null) {
            return;
        }
        date.setText(row.date());
        names.setText(row.names());
        event.setText(row.event());
        result.setText(row.result());
        rules.setText(row.rules());
        seen.setText(row.seen());
        boolean drawn = row.isSeen();
        tide.setVisible(drawn);
        tide.setManaged(drawn);
        tide.paint((brush, width, height) -> TidePainter.paintSmall(
                brush,
                TideLayout.of(row.bout(), row.tide(), row.studied(), row.bout().extentMicros(), width, height)));
    }
}
