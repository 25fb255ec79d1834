package farglass.desktop.shelf;

import farglass.core.bout.Bout;
import farglass.core.state.Counting;
import farglass.drawing.Palette;
import java.nio.file.Path;
import java.util.List;
import java.util.function.Consumer;
import javafx.beans.binding.Bindings;
import javafx.beans.binding.BooleanBinding;
import javafx.beans.value.ObservableValue;
import javafx.collections.ListChangeListener;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ListView;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.TransferMode;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

/** The Shelf place. */
public final class ShelfView extends BorderPane {
    private final ShelfModel model;
    private final Intake intake;
    private final ListView<ShelfRow> list;
    private final EmptyShelf empty;

    public ShelfView(ShelfModel model, Intake intake, ObservableValue<Palette> palette) {
        this.model = model;
        this.intake = intake;
        this.list = new ListView<>(model.rows());
        this.empty = new EmptyShelf(intake);
        getStyleClass().add("shelf");
        Label summary = new Label();
        summary.setId("summary");
        summary.textProperty().bind(model.summaryProperty());
        summary.setWrapText(true);
        summary.managedProperty().bind(summary.textProperty().isNotEmpty());
        Button film = button("Add a film\u2026", intake::chooseFilm);
        Button files = button("Import bouts\u2026", intake::chooseBoutFiles);
        Button hand = button("New bout by hand\u2026", intake::byHand);
        Button header = button("Edit its header\u2026", this::editHeader);
        Button open = button("Open in Tag", this::open);
        header.disableProperty()
                .bind(list.getSelectionModel().selectedItemProperty().isNull());
        open.disableProperty()
                .bind(list.getSelectionModel().selectedItemProperty().isNull());
        Button export = button("Export\u2026", this::export);
        export.disableProperty()
                .bind(list.getSelectionModel()
                        .selectedItemProperty()
                        .isNull()
                        .or(model.desk().arrivingProperty()));
        HBox buttons = new HBox(8, film, files, hand, header, export, open);
        VBox top = new VBox(10, summary, buttons, counting());
        BorderPane.setMargin(top, new javafx.geometry.Insets(0, 0, 10, 0));
        setTop(top);
        list.setId("bouts");
        list.getStyleClass().add("bouts");
        list.setCellFactory(view -> new ShelfCell(palette));
        BooleanBinding none = Bindings.isEmpty(model.rows());
        for (Region shown : List.of(buttons, list)) {
            shown.visibleProperty().bind(none.not());
            shown.managedProperty().bind(shown.visibleProperty());
        }
        empty.visibleProperty().bind(none);
        none.addListener(change -> showEmpty());
        // Other rows have come: one of them is chosen, so that the keys and buttons mean something.
        model.rows().addListener((ListChangeListener<ShelfRow>) change -> {
            if (list.getSelectionModel().isEmpty()) {
                list.getSelectionModel().selectFirst();
            }
        });
        showEmpty();
        setCenter(new StackPane(list, empty));
        list.addEventHandler(KeyEvent.KEY_PRESSED, this::pressed);
        list.setOnMouseClicked(event -> {
            if (event.getClickCount() == 2) {
                open();
            }
        });
        setOnDragOver(event -> {
            if (event.getDragboard().hasFiles()) {
                event.acceptTransferModes(TransferMode.COPY);
            }
            event.consume();
        });
        setOnDragDropped(event -> {
            List<Path> dropped = event.getDragboard().getFiles().stream()
                    .map(java.io.File::toPath)
                    .toList();
            intake.take(dropped);
            event.setDropCompleted(true);
            event.consume();
        });
    }

    /** What of the chosen bout counts in nothing, and the one key that mends it. */
    private HBox counting() {
        Label why = new Label();
        why.setId("counting");
        why.setWrapText(true);
        why.getStyleClass().add("remarks");
        Button watched = button("W  Watched from first to last moment", () -> withSelected(model::declareWatched));
        watched.setId("declare-watched");
        HBox line = new HBox(8, why, watched);
        line.setAlignment(javafx.geometry.Pos.CENTER_LEFT);
        HBox.setHgrow(why, javafx.scene.layout.Priority.ALWAYS);
        Runnable show = () -> {
            ShelfRow row = list.getSelectionModel().getSelectedItem();
            boolean mendable = row != null
                    && !model.desk().arrivingProperty().get()
                    && Counting.standing(row.bout()) == Counting.Standing.NOT_WATCHED;
            why.setText(
                    row == null || model.desk().arrivingProperty().get()
                            ? ""
                            : Counting.sentence(row.bout()).orElse(""));
            watched.setVisible(mendable);
            watched.setManaged(mendable);
            line.setVisible(!why.getText().isEmpty());
            line.setManaged(line.isVisible());
        };
        list.getSelectionModel().selectedItemProperty().addListener(change -> show.run());
        show.run();
        return line;
    }

    private static Button button(String words, Runnable doing) {
        Button button = new Button(words);
        button.setOnAction(event -> doing.run());
        button.setMinWidth(Region.USE_PREF_SIZE);
        return button;
    }

    private void withSelected(Consumer<Bout> doing) {
        ShelfRow row = list.getSelectionModel().getSelectedItem();
        if (row != null) {
            doing.accept(row.bout());
        }
    }

    private void open() {
        withSelected(model::open);
    }

    private void export() {
        withSelected(intake::export);
    }

    private void editHeader() {
        withSelected(intake::editHeader);
    }

    private void pressed(KeyEvent event) {
        if (event.getCode() == KeyCode.ENTER) {
            open();
            event.consume();
        } else if (event.getCode() == KeyCode.DELETE) {
            withSelected(model::remove);
            event.consume();
        } else if (event.getCode() == KeyCode.W && !event.isShortcutDown()) {
            withSelected(model::declareWatched);
            event.consume();
        } else if (event.getCode() == KeyCode.D && !event.isShortcutDown()) {
            withSelected(model::openNews);
            event.consume();
        }
    }

    private void showEmpty() {
        empty.show(model.desk().contents().bouts().isEmpty());
    }

    public void begin() {
        if (model.rows().isEmpty()) {
            showEmpty();
            empty.begin();
            return;
        }
        if (list.getSelectionModel().isEmpty()) {
            list.getSelectionModel().selectFirst();
        }
        list.requestFocus();
    }
}
