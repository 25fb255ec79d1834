package farglass.desktop.shelf;

import farglass.core.bout.Bout;
import farglass.core.state.Counting;
import farglass.desktop.command.Command;
import farglass.desktop.command.CommandButton;
import farglass.desktop.command.Commands;
import farglass.desktop.command.Key;
import farglass.desktop.command.Where;
import farglass.drawing.Palette;
import java.nio.file.Path;
import java.util.List;
import java.util.function.Consumer;
import javafx.beans.binding.Bindings;
import javafx.beans.binding.BooleanBinding;
import javafx.beans.value.ObservableValue;
import javafx.collections.ListChangeListener;
import javafx.geometry.Pos;
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
    /** In pixels; about two rows. */
    private static final double ROOM_AT_ONCE = 110;

    private final ShelfModel model;
    private final Intake intake;
    private final ListView<ShelfRow> list;
    /** Comes into the window when it is first wanted: most never see it. */
    private final EmptyShelf empty;

    private final StackPane middle;
    private boolean begun;

    public ShelfView(Commands commands, ShelfModel model, Intake intake, ObservableValue<Palette> palette) {
        this.model = model;
        this.intake = intake;
        this.list = new ListView<>(model.rows());
        this.empty = new EmptyShelf(intake);
        this.middle = new StackPane(list);
        commands.add(commands());
        getStyleClass().add("shelf");
        Label summary = new Label();
        summary.setId("summary");
        summary.textProperty().bind(model.summaryProperty());
        summary.setWrapText(true);
        summary.managedProperty().bind(summary.textProperty().isNotEmpty());
        Button film = button(commands, "add-film", "Add a film\u2026");
        Button files = button(commands, "import", "Import bouts\u2026");
        Button hand = button(commands, "bout-by-hand", "New bout by hand\u2026");
        Button header = button(commands, "edit-header", "Edit its header\u2026");
        Button export = button(commands, "export", "Export\u2026");
        Button open = button(commands, "open-bout", "Open in Tag");
        BooleanBinding none = list.getSelectionModel().selectedItemProperty().isNull();
        header.disableProperty().bind(none);
        open.disableProperty().bind(none);
        export.disableProperty().bind(none.or(model.desk().arrivingProperty()));
        HBox buttons = new HBox(8, film, files, hand, header, export, open);
        VBox top = new VBox(10, summary, buttons, counting(commands));
        BorderPane.setMargin(top, new javafx.geometry.Insets(0, 0, 10, 0));
        setTop(top);
        list.setId("bouts");
        list.getStyleClass().add("bouts");
        list.setCellFactory(view -> new ShelfCell(model.desk(), palette));
        BooleanBinding empty = Bindings.isEmpty(model.rows());
        for (Region shown : List.of(buttons, list)) {
            shown.visibleProperty().bind(empty.not());
            shown.managedProperty().bind(shown.visibleProperty());
        }
        this.empty.visibleProperty().bind(empty);
        empty.addListener(change -> showEmpty());
        // Other rows have come: one of them is chosen, so that the keys and buttons mean something.
        model.rows().addListener((ListChangeListener<ShelfRow>) change -> {
            if (list.getSelectionModel().isEmpty()) {
                list.getSelectionModel().selectFirst();
            }
        });
        showEmpty();
        StackPane.setAlignment(list, Pos.TOP_CENTER);
        setCenter(middle);
        list.addEventHandler(KeyEvent.KEY_PRESSED, event -> commands.hear(event, List.of(Where.SHELF)));
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
    private HBox counting(Commands commands) {
        Label why = new Label();
        why.setId("counting");
        why.setWrapText(true);
        why.getStyleClass().add("remarks");
        Button watched = button(commands, "watched-whole", "W  Watched from first to last moment");
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

    private static Button button(Commands commands, String command, String words) {
        Button button = new CommandButton(commands, command, words);
        button.setMinWidth(Region.USE_PREF_SIZE);
        return button;
    }

    private List<Command> commands() {
        return List.of(
                Command.of("add-film", "Add a film\u2026", Where.SHELF).does(intake::chooseFilm),
                Command.of("import", "Import bouts\u2026", Where.SHELF).does(intake::chooseBoutFiles),
                withBout("open-bout", "Open the bout in Tag", model::open, Key.of(KeyCode.ENTER)),
                withBout("edit-header", "Edit its header\u2026", intake::editHeader),
                withBout("export", "Export the bout\u2026", intake::export)
                        .needs(() -> !model.desk().arrivingProperty().get(), "The bouts are still being read"),
                withBout(
                                "watched-whole",
                                "Watched from its first to its last moment",
                                model::declareWatched,
                                Key.of(KeyCode.W))
                        .also("so that it counts"),
                withBout("open-news", "The dossier that tells what it changed", model::openNews, Key.of(KeyCode.D))
                        .also("where it is marked as news"),
                withBout("remove-bout", "Remove the bout", model::remove, Key.of(KeyCode.DELETE))
                        .also("undo brings it back"));
    }

    private Command withBout(String id, String words, Consumer<Bout> doing, Key... key) {
        return Command.of(id, words, Where.SHELF, key)
                .needs(() -> list.getSelectionModel().getSelectedItem() != null, "Choose a bout on the Shelf first")
                .does(() -> withSelected(doing));
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

    private void showEmpty() {
        if (model.rows().isEmpty() && !middle.getChildren().contains(empty)) {
            middle.getChildren().add(empty);
        }
        empty.show(model.desk().contents().bouts().isEmpty());
    }

    /** Rows that are all new to a window that stands already come two a picture, so that none takes long to be made. */
    private void giveRoomStepByStep() {
        list.setMaxHeight(ROOM_AT_ONCE);
        model.desk().behindPicture(this::giveMoreRoom);
    }

    private void giveMoreRoom() {
        if (list.getHeight() < list.getMaxHeight()) {
            list.setMaxHeight(Double.MAX_VALUE);
        } else {
            list.setMaxHeight(list.getMaxHeight() + ROOM_AT_ONCE);
            model.desk().behindPicture(this::giveMoreRoom);
        }
    }

    public void begin() {
        if (!begun && getScene().getWindow().isShowing()) {
            giveRoomStepByStep();
        }
        begun = true;
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
