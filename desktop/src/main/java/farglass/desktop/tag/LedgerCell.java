package farglass.desktop.tag;

import farglass.desktop.parts.Drawn;
import farglass.desktop.parts.WrappingCell;
import farglass.drawing.Ink;
import farglass.drawing.Palette;
import javafx.beans.value.ObservableValue;
import javafx.geometry.HPos;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.layout.ColumnConstraints;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import javafx.scene.text.TextAlignment;

/** Shows one row of the ledger: the athlete under study left, the other right, time and thread between them. */
final class LedgerCell extends WrappingCell<LedgerRow> {
    private static final double GUTTER = 74;

    private final Label studied = new Label();
    private final Label other = new Label();
    private final Label time = new Label();
    private final Drawn thread;
    private final Label rung = new Label();
    private final HBox rungLine = new HBox(8);

    LedgerCell(ObservableValue<Palette> palette) {
        this(new VBox(1), palette);
    }

    private LedgerCell(VBox all, ObservableValue<Palette> palette) {
        super(all);
        thread = new Drawn(palette);
        studied.setWrapText(true);
        studied.setTextAlignment(TextAlignment.RIGHT);
        other.setWrapText(true);
        studied.getStyleClass().add("studied");
        other.getStyleClass().add("other");
        time.getStyleClass().add("ledger-time");
        StackPane gutter = new StackPane(thread, time);
        GridPane columns = new GridPane();
        columns.getColumnConstraints().addAll(side(HPos.RIGHT), new ColumnConstraints(GUTTER), side(HPos.LEFT));
        columns.addRow(0, studied, gutter, other);
        columns.setHgap(6);
        Region left = new Region();
        Region right = new Region();
        left.getStyleClass().add("rung-rule");
        right.getStyleClass().add("rung-rule");
        HBox.setHgrow(left, Priority.ALWAYS);
        HBox.setHgrow(right, Priority.ALWAYS);
        rung.getStyleClass().add("rung");
        rungLine.setAlignment(Pos.CENTER);
        rungLine.getChildren().addAll(left, rung, right);
        rungLine.managedProperty().bind(rungLine.visibleProperty());
        all.getChildren().addAll(columns, rungLine);
    }

    private static ColumnConstraints side(HPos towards) {
        ColumnConstraints column = new ColumnConstraints();
        column.setPercentWidth(41);
        column.setHalignment(towards);
        return column;
    }

    @Override
    protected void show(LedgerRow row) {
        boolean neutral = row.column() == LedgerRow.Column.NEUTRAL;
        String words = row.words() + (row.state() == LedgerRow.State.PENDING ? "  (saving\u2026)" : "");
        studied.setText(row.column() == LedgerRow.Column.STUDIED ? words : "");
        other.setText(row.column() == LedgerRow.Column.OTHER ? words : "");
        time.setText(row.time());
        rung.setText(row.rung()
                .map(settled -> neutral ? words + " \u00b7 " + settled : settled)
                .orElse(neutral ? words : ""));
        rungLine.setVisible(row.rung().isPresent() || neutral);
        thread.paint((brush, width, height) -> {
            double x = width - 7;
            double middle = height / 2;
            LedgerRow.Thread runs = row.thread();
            boolean arrives = runs == LedgerRow.Thread.ARRIVES || runs == LedgerRow.Thread.ARRIVES_AND_LEAVES;
            boolean leaves = runs == LedgerRow.Thread.LEAVES || runs == LedgerRow.Thread.ARRIVES_AND_LEAVES;
            boolean passes = runs == LedgerRow.Thread.PASSES;
            if (arrives || passes) {
                brush.line(x, 0, x, middle, Ink.QUIET, 1.2);
            }
            if (leaves || passes) {
                brush.line(x, middle, x, height, Ink.QUIET, 1.2);
            }
            if (arrives) {
                brush.disc(x, middle, 3, Ink.QUIET);
            } else if (leaves) {
                brush.disc(x, middle, 3, Ink.PAPER);
                brush.ring(x, middle, 3, Ink.QUIET, 1.2);
            }
        });
    }
}
