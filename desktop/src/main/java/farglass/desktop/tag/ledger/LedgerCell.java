package farglass.desktop.tag.ledger;

import farglass.core.bout.Moment;
import farglass.desktop.parts.Drawn;
import farglass.desktop.parts.Hint;
import farglass.desktop.parts.RowHeights;
import farglass.desktop.parts.WrappingCell;
import farglass.desktop.tag.Tagging;
import farglass.drawing.Ink;
import farglass.drawing.Palette;
import java.util.Optional;
import javafx.beans.InvalidationListener;
import javafx.beans.property.ReadOnlyIntegerProperty;
import javafx.beans.value.ObservableValue;
import javafx.css.PseudoClass;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.input.ClipboardContent;
import javafx.scene.input.TransferMode;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import javafx.scene.text.TextAlignment;

/**
 * Shows one row of the ledger: the athlete under study left, the other right, time and thread between them. Words are changed in their
 * place; a thread is drawn by dragging the time of an answer onto the row it answers; a click on a rung folds its exchange.
 */
public final class LedgerCell extends WrappingCell<LedgerRow> {
    private static final PseudoClass AT_FILM = PseudoClass.getPseudoClass("at-film");
    private static final PseudoClass PENDING = PseudoClass.getPseudoClass("pending");

    private final Tagging tag;
    private final Label studied = new Label();
    private final Label other = new Label();
    private final TextField editor = new TextField();
    private final StackPane left = new StackPane(studied);
    private final StackPane right = new StackPane(other);
    private final Label time = new Label();
    private final Drawn thread;
    private final Label rung = new Label();
    private final HBox rungLine = new HBox(8);
    private final FacingColumns columns;

    /** @param atFilm the row that the film has come to */
    LedgerCell(
            Tagging tag,
            LedgerModel model,
            ObservableValue<Palette> palette,
            ReadOnlyIntegerProperty atFilm,
            RowHeights<LedgerRow> heights) {
        this(new VBox(1), tag, model, palette, heights);
        InvalidationListener mark =
                change -> pseudoClassStateChanged(AT_FILM, !isEmpty() && getIndex() == atFilm.get());
        atFilm.addListener(mark);
        indexProperty().addListener(mark);
        emptyProperty().addListener(mark);
    }

    private LedgerCell(
            VBox all, Tagging tag, LedgerModel model, ObservableValue<Palette> palette, RowHeights<LedgerRow> heights) {
        super(all, Optional.of(heights));
        this.tag = tag;
        thread = new Drawn(palette);
        studied.setWrapText(true);
        studied.setTextAlignment(TextAlignment.RIGHT);
        other.setWrapText(true);
        studied.getStyleClass().add("studied");
        other.getStyleClass().add("other");
        time.getStyleClass().add("ledger-time");
        left.setAlignment(Pos.CENTER_RIGHT);
        right.setAlignment(Pos.CENTER_LEFT);
        editor.setId("editor");
        StackPane gutter = new StackPane(thread, time);
        columns = new FacingColumns(left, gutter, right);
        columns.managedProperty().bind(columns.visibleProperty());
        rung.getStyleClass().add("rung");
        rungLine.setAlignment(Pos.CENTER);
        rungLine.getChildren().addAll(rule(), rung, rule());
        rungLine.managedProperty().bind(rungLine.visibleProperty());
        rungLine.setOnMouseClicked(event -> {
            if (event.getClickCount() == 2) {
                model.foldHere();
            }
        });
        all.getChildren().addAll(columns, rungLine);
        threads(gutter);
        setOnMouseClicked(event -> {
            if (event.getClickCount() == 2 && getItem() != null && getItem().folded() == 0) {
                tag.line().editChosen();
            } else if (event.getClickCount() == 2) {
                model.foldHere();
            }
        });
    }

    private static Region rule() {
        Region rule = new Region();
        rule.getStyleClass().add("rung-rule");
        HBox.setHgrow(rule, Priority.ALWAYS);
        return rule;
    }

    private String momentId() {
        return getItem() == null ? "" : getItem().moment().map(Moment::id).orElse("");
    }

    private void threads(Node gutter) {
        gutter.setOnDragDetected(event -> {
            if (!momentId().isEmpty()) {
                ClipboardContent answer = new ClipboardContent();
                answer.putString(momentId());
                gutter.startDragAndDrop(TransferMode.LINK).setContent(answer);
                event.consume();
            }
        });
        setOnDragOver(event -> {
            if (event.getDragboard().hasString() && !momentId().isEmpty()) {
                event.acceptTransferModes(TransferMode.LINK);
            }
        });
        setOnDragDropped(event -> {
            tag.corrections().link(event.getDragboard().getString(), momentId());
            event.setDropCompleted(true);
        });
    }

    @Override
    protected void show(LedgerRow row) {
        boolean neutral = row.column() == LedgerRow.Column.NEUTRAL;
        boolean pending = row.state() == LedgerRow.State.PENDING;
        String words = row.words() + (pending ? "  (saving\u2026)" : "");
        String doubt = row.moment().map(tag.doubts()::sentence).orElse("");
        Hint.put(this, doubt);
        pseudoClassStateChanged(PENDING, pending);
        studied.setText(row.column() == LedgerRow.Column.STUDIED ? words : "");
        other.setText(row.column() == LedgerRow.Column.OTHER ? words : "");
        edit(row);
        time.setText(row.time());
        String settled = row.rung()
                .map(place -> row.workedOut() ? place + " (worked out)" : place)
                .orElse("");
        // What is nobody's deed stands across both columns, with its time, in one line.
        columns.setVisible(!neutral || row.edited());
        String happened = columns.isVisible() ? words : row.time() + "  " + words;
        rung.setText(!neutral ? settled : settled.isEmpty() ? happened : happened + " \u00b7 " + settled);
        rung.getStyleClass().remove("worked-out");
        if (row.workedOut()) {
            rung.getStyleClass().add("worked-out");
        }
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

    /** The words become a field in their own column; what is typed there is the scribe line's text. */
    private void edit(LedgerRow row) {
        StackPane column = row.column() == LedgerRow.Column.OTHER ? right : left;
        editor.textProperty().unbindBidirectional(tag.line().textProperty());
        put(left, row.edited() && column == left ? editor : studied);
        put(right, row.edited() && column == right ? editor : other);
        if (row.edited()) {
            editor.textProperty().bindBidirectional(tag.line().textProperty());
            javafx.application.Platform.runLater(() -> {
                editor.requestFocus();
                editor.positionCaret(editor.getText().length());
            });
        }
    }

    /** What stands there already is not put there again, since it would be styled anew. */
    private static void put(StackPane column, Node words) {
        if (!column.getChildren().contains(words)) {
            column.getChildren().setAll(words);
        }
    }
}
