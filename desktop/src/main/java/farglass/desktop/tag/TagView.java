package farglass.desktop.tag;

import farglass.core.bout.Bout;
import farglass.core.bout.Contestant;
import farglass.core.bout.Seat;
import farglass.core.notation.Times;
import farglass.desktop.screening.FilmView;
import farglass.desktop.screening.Player;
import farglass.drawing.Palette;
import java.util.OptionalLong;
import javafx.application.Platform;
import javafx.beans.value.ObservableValue;
import javafx.collections.ListChangeListener;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.control.ListView;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

/** The Tag place: the conversation and the line it is written with on the left, the film beside it, the tide below. */
public final class TagView extends BorderPane {
    /** So much of what led to a moment stays in sight above it. */
    private static final int ROWS_BEFORE = 3;

    private final TagModel model;
    private final ScribeView scribe;
    private final ListView<LedgerRow> ledger;
    private final Label studied = new Label();
    private final Label other = new Label();
    private final Label boardStudied = new Label();
    private final Label boardOther = new Label();
    private final Label saved = new Label();
    private final Label clock = new Label();
    private final Label empty = new Label();
    private final FilmView film;
    private boolean selecting;
    private int shownRow = -1;
    private int shownRows;

    public TagView(TagModel model, ObservableValue<Palette> palette) {
        this.model = model;
        this.scribe = new ScribeView(model.scribe(), new PicksView(model));
        this.ledger = new ListView<>(model.rows());
        this.film = new FilmView(model.player());
        getStyleClass().add("tag");
        setLeft(conversation(palette));
        setCenter(screen());
        TideView tide = new TideView(model, palette);
        tide.setPrefHeight(104);
        tide.setMinHeight(80);
        BorderPane.setMargin(tide, new javafx.geometry.Insets(8, 0, 0, 0));
        setBottom(tide);
        addEventFilter(KeyEvent.KEY_PRESSED, this::pressed);
        addEventFilter(KeyEvent.KEY_TYPED, this::typed);
        model.boutProperty().addListener(change -> show());
        model.rows().addListener((ListChangeListener<LedgerRow>) change -> show());
        model.filmTroubleProperty().addListener(change -> show());
        model.selectedProperty().addListener(change -> showSelection());
        model.player().timeProperty().addListener(change -> {
            showBoard();
            showSelection();
        });
        // A film that arrives shows its first frame without the time having moved.
        model.player().lastProperty().addListener(change -> showBoard());
        show();
    }

    private VBox conversation(ObservableValue<Palette> palette) {
        HBox names = new HBox(studied, other);
        names.setSpacing(40);
        studied.getStyleClass().addAll("column-name", "studied");
        other.getStyleClass().addAll("column-name", "other");
        for (Label name : new Label[] {studied, other}) {
            name.setMaxWidth(Double.MAX_VALUE);
            name.setPrefWidth(10);
            HBox.setHgrow(name, Priority.ALWAYS);
        }
        studied.setAlignment(Pos.CENTER_RIGHT);
        ledger.setId("ledger");
        ledger.getStyleClass().add("ledger");
        ledger.setFocusTraversable(false);
        ledger.setCellFactory(list -> new LedgerCell(palette));
        ledger.getSelectionModel().selectedItemProperty().addListener((property, old, row) -> {
            if (!selecting && row != null) {
                row.moment().ifPresent(moment -> {
                    model.selectedProperty().set(java.util.Optional.of(moment.id()));
                    model.goTo(moment.id());
                });
            }
        });
        empty.getStyleClass().add("empty-words");
        empty.setWrapText(true);
        empty.setMaxWidth(380);
        empty.setMouseTransparent(true);
        StackPane list = new StackPane(ledger, empty);
        VBox.setVgrow(list, Priority.ALWAYS);
        VBox side = new VBox(6, names, list, scribe);
        side.setPrefWidth(600);
        side.setMinWidth(420);
        return side;
    }

    private VBox screen() {
        boardStudied.getStyleClass().addAll("board", "studied");
        boardOther.getStyleClass().addAll("board", "other");
        boardStudied.setId("board");
        saved.getStyleClass().add("quiet");
        saved.setId("saved");
        clock.setId("clock");
        clock.getStyleClass().add("clock");
        for (Label end : new Label[] {saved, clock}) {
            end.setMinWidth(Region.USE_PREF_SIZE);
            end.setPrefWidth(110);
        }
        clock.setAlignment(Pos.CENTER_RIGHT);
        HBox score = new HBox(24, boardStudied, boardOther);
        score.setAlignment(Pos.CENTER);
        HBox.setHgrow(score, Priority.ALWAYS);
        HBox board = new HBox(10, saved, score, clock);
        board.setAlignment(Pos.CENTER);
        VBox.setVgrow(film, Priority.ALWAYS);
        film.setMinSize(0, 0);
        VBox screen = new VBox(6, board, film, new TransportView(model));
        BorderPane.setMargin(screen, new javafx.geometry.Insets(0, 0, 0, 16));
        screen.setMinWidth(0);
        return screen;
    }

    private void show() {
        java.util.Optional<Bout> bout = model.boutProperty().get();
        Seat seat = model.studied();
        studied.setText(bout.map(shown -> name(shown, seat)).orElse(""));
        other.setText(bout.map(shown -> name(shown, seat.other())).orElse(""));
        showBoard();
        saved.setText(bout.isEmpty() ? "" : model.allSaved() ? "all saved" : "saving\u2026");
        empty.setVisible(bout.isEmpty() || model.rows().isEmpty());
        empty.setText(
                bout.isEmpty()
                        ? "No bout is open. Go to the Shelf (Ctrl+1), choose a bout and press Enter."
                        : "Nothing is tagged yet. Let the film run with Space, and type what happens in the line below; Enter saves it.");
        film.setWithout(
                bout.isEmpty()
                        ? ""
                        : model.film().isPresent()
                                ? filmWords()
                                : "This bout has no film. Moments can be tagged with a time in front, such as @1:05 knee cut. To add a film, press Ctrl+E.");
        scribe.line().setDisable(bout.isEmpty());
        showSelection();
    }

    private String filmWords() {
        String trouble = model.filmTroubleProperty().get();
        return trouble.isEmpty()
                ? "Reading the film\u2026"
                : trouble + "\nThe header (Ctrl+E) says which film belongs here.";
    }

    private void showBoard() {
        boardStudied.setText(model.board(model.studied()));
        boardOther.setText(model.board(model.studied().other()));
        OptionalLong now = model.boutMicros();
        clock.setText(
                now.isPresent() ? Times.tenths(now.getAsLong()) : model.player().hasFilm() ? "before the bout" : "");
    }

    private static String name(Bout bout, Seat seat) {
        Contestant who = bout.header().contestant(seat);
        return who.name() + who.kit().map(kit -> ", " + kit).orElse("") + "  ("
                + seat.name().toLowerCase(java.util.Locale.ROOT) + ")";
    }

    /** Keeps the ledger where the film is, or at the chosen moment. */
    private void showSelection() {
        int row = model.rowShown();
        selecting = true;
        try {
            if (row < 0 || model.selectedProperty().get().isEmpty()) {
                ledger.getSelectionModel().clearSelection();
            } else {
                ledger.getSelectionModel().select(row);
            }
        } finally {
            selecting = false;
        }
        if (row != shownRow || model.rows().size() != shownRows) {
            shownRow = row;
            shownRows = model.rows().size();
            int first = Math.max(0, row - ROWS_BEFORE);
            ledger.scrollTo(first);
            // Rows get their heights only when they are laid out; before that the list cannot know where one is.
            Platform.runLater(() -> ledger.scrollTo(first));
        }
    }

    /** The line takes the keys as soon as the place is shown. */
    public void begin() {
        scribe.line().requestFocus();
    }

    private void pressed(KeyEvent event) {
        boolean blank = model.scribe().textProperty().get().isEmpty();
        if (event.isShortcutDown()) {
            if (command(event.getCode())) {
                event.consume();
            }
            return;
        }
        if (event.getCode() == KeyCode.ENTER) {
            if (blank) {
                model.editSelected();
            } else {
                model.scribe().commit();
            }
            event.consume();
        } else if (event.getCode() == KeyCode.ESCAPE) {
            model.scribe().clear();
            model.selectedProperty().set(java.util.Optional.empty());
            event.consume();
        } else if (event.getCode() == KeyCode.TAB && !blank && !event.isShiftDown()) {
            model.scribe().complete(0);
            event.consume();
        } else if (blank && film(event)) {
            event.consume();
        }
    }

    private boolean command(KeyCode code) {
        if (model.boutProperty().get().isEmpty()) {
            return false;
        }
        switch (code) {
            case T -> model.moveSelectedHere();
            case B -> model.beginHere();
            case D -> model.declareCovered();
            default -> {
                return false;
            }
        }
        return true;
    }

    /** On an empty line, space and arrows command the film and the ledger. */
    private boolean film(KeyEvent event) {
        Player player = model.player();
        int direction = event.getCode() == KeyCode.LEFT ? -1 : 1;
        switch (event.getCode()) {
            case LEFT, RIGHT -> {
                if (event.isShiftDown()) {
                    player.seek(player.timeProperty().get() + direction * TransportView.JUMP_MICROS);
                } else {
                    player.step(direction);
                }
            }
            case UP -> model.select(-1);
            case DOWN -> model.select(1);
            case DELETE, BACK_SPACE -> model.removeSelected();
            case SPACE -> {
                if (player.hasFilm()) {
                    player.playingProperty().set(!player.playingProperty().get());
                }
            }
            default -> {
                return false;
            }
        }
        return true;
    }

    /** On an empty line, digits take the picks and brackets change the speed; anything else begins a text. */
    private void typed(KeyEvent event) {
        if (!model.scribe().textProperty().get().isEmpty() || event.isShortcutDown()) {
            return;
        }
        String character = event.getCharacter();
        Player player = model.player();
        double speed = player.speedProperty().get();
        if (character.matches("[1-9]")) {
            model.pick(character.charAt(0) - '0');
            event.consume();
        } else if (character.equals("[") || character.equals("]")) {
            double next = speed + (character.equals("]") ? 0.25 : -0.25);
            player.speedProperty().set(Math.max(Player.SLOWEST, Math.min(Player.FASTEST, next)));
            event.consume();
        } else if (character.isBlank()) {
            event.consume();
        } else if (!scribe.line().isFocused()) {
            scribe.line().requestFocus();
            model.scribe().textProperty().set(character);
            event.consume();
        }
    }
}
