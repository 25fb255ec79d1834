package farglass.desktop.tag;

import farglass.core.bout.Bout;
import farglass.core.bout.Contestant;
import farglass.core.bout.Seat;
import farglass.core.bout.Times;
import farglass.core.rules.Rulesets;
import farglass.desktop.desk.Place;
import farglass.desktop.screening.FilmView;
import farglass.drawing.Palette;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.function.Supplier;
import javafx.animation.AnimationTimer;
import javafx.application.Platform;
import javafx.beans.value.ObservableValue;
import javafx.collections.ListChangeListener;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

/** The Tag place: the conversation and the line it is written with on the left, the film beside it, the tide below. */
public final class TagView extends BorderPane {
    /** What the place asks of the rest of the window. */
    public interface Errands {
        /** Asks where to write a reel of the chosen moments, and cuts it. */
        void reel(TagModel tag);

        /** Asks who meets in a bout that begins at the frame shown. */
        void cut(TagModel tag);

        /** Asks where the film is now. */
        void findFilm(TagModel tag);

        /** Asks which film to take in. */
        void addFilm();

        /** Keeps a setting. */
        void keepSettings();
    }

    private final TagModel model;
    private final Errands errands;
    private final ScribeView scribe;
    private final PassBar passBar;
    private final Label studied = new Label();
    private final Label other = new Label();
    private final Label boardStudied = new Label();
    private final Label boardOther = new Label();
    private final Label saved = new Label();
    private final Label clock = new Label();
    private final Label empty = new Label();
    private final Button findFilm = new Button("Find the film\u2026");
    private final FilmView film;
    private final NoBoutPage noBout;
    private final VBox conversation;
    private final VBox screen;
    private final VBox foot;
    private final AnimationTimer hall = new AnimationTimer() {
        @Override
        public void handle(long nanos) {
            model.live().pulse();
        }
    };

    public TagView(TagModel model, Supplier<Rulesets> rulesets, Errands errands, ObservableValue<Palette> palette) {
        this.model = model;
        this.errands = errands;
        this.scribe = new ScribeView(model, palette);
        this.passBar = new PassBar(model);
        this.film = new FilmView(model.player());
        getStyleClass().add("tag");
        TideModel tide = new TideModel(model, rulesets);
        DrawingSheet sheet = new DrawingSheet(model, film, palette);
        this.noBout = new NoBoutPage(model.desk(), errands::addFilm);
        this.conversation = conversation(palette);
        this.screen = screen(sheet);
        this.foot = foot(tide, palette);
        TagKeys keys = new TagKeys(model, tide, film, sheet, this);
        addEventFilter(KeyEvent.KEY_PRESSED, keys::pressed);
        addEventFilter(KeyEvent.KEY_TYPED, keys::typed);
        model.boutProperty().addListener(change -> show());
        model.rows().addListener((ListChangeListener<LedgerRow>) change -> show());
        model.film().troubleProperty().addListener(change -> show());
        model.nowProperty().addListener(change -> showBoard());
        // A film that arrives shows its first frame without the time having moved.
        model.player().lastProperty().addListener(change -> showBoard());
        model.live().onProperty().addListener((property, was, is) -> {
            if (is) {
                hall.start();
            } else {
                hall.stop();
            }
            show();
        });
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
        empty.getStyleClass().add("empty-words");
        empty.setWrapText(true);
        empty.setMaxWidth(380);
        empty.setMouseTransparent(true);
        StackPane list = new StackPane(new LedgerView(model, palette), empty);
        VBox.setVgrow(list, Priority.ALWAYS);
        VBox side = new VBox(4, passBar, names, list, scribe);
        side.setPrefWidth(600);
        side.setMinWidth(420);
        return side;
    }

    private VBox screen(DrawingSheet sheet) {
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
        findFilm.setId("find-film");
        findFilm.setOnAction(event -> errands.findFilm(model));
        StackPane.setAlignment(findFilm, Pos.BOTTOM_CENTER);
        StackPane.setMargin(findFilm, new Insets(20));
        StackPane picture = new StackPane(film, sheet, findFilm);
        VBox.setVgrow(picture, Priority.ALWAYS);
        picture.setMinSize(0, 0);
        film.setMinSize(0, 0);
        TransportView transport = new TransportView(model, film, sheet, this::reel, this::cut, this::takeLag);
        VBox screen = new VBox(6, board, picture, transport);
        BorderPane.setMargin(screen, new Insets(0, 0, 0, 16));
        screen.setMinWidth(0);
        return screen;
    }

    private VBox foot(TideModel tide, ObservableValue<Palette> palette) {
        TideView view = new TideView(model, tide, palette);
        view.setPrefHeight(112);
        view.setMinHeight(100);
        MenuButton ladder = new MenuButton();
        ladder.setId("ladder");
        ladder.setFocusTraversable(false);
        ladder.setMinWidth(Region.USE_PREF_SIZE);
        ladder.getStyleClass().add("small");
        ladder.textProperty()
                .bind(javafx.beans.binding.Bindings.createStringBinding(
                        () -> tide.choiceProperty().get().label(), tide.choiceProperty()));
        for (TideModel.Choice choice : TideModel.Choice.values()) {
            MenuItem item = new MenuItem(choice.label());
            item.setOnAction(event -> tide.choiceProperty().set(choice));
            ladder.getItems().add(item);
        }
        Label what = new Label(
                "rules above, referee below \u00b7 a ring where they differ \u00b7 strips: story, answers, grips, errors looked through");
        what.getStyleClass().add("quiet");
        what.setMinWidth(0);
        Region between = new Region();
        HBox.setHgrow(between, Priority.ALWAYS);
        HBox line = new HBox(
                6,
                ladder,
                what,
                between,
                small(
                        "\u2212",
                        "Alt+Down",
                        () -> tide.zoom(-1, model.boutMicros().orElse(0))),
                small("+", "Alt+Up", () -> tide.zoom(1, model.boutMicros().orElse(0))),
                small("\u2039", "Alt+Page Up", () -> tide.pan(-0.5)),
                small("\u203a", "Alt+Page Down", () -> tide.pan(0.5)),
                small("Whole bout", "Alt+Home", tide::whole));
        line.setAlignment(Pos.CENTER_LEFT);
        VBox foot = new VBox(2, line, view);
        BorderPane.setMargin(foot, new Insets(6, 0, 0, 0));
        return foot;
    }

    private static Button small(String label, String key, Runnable doing) {
        Button button = new Button(label);
        button.getStyleClass().add("small");
        button.setFocusTraversable(false);
        button.setMinWidth(Region.USE_PREF_SIZE);
        button.setTooltip(new javafx.scene.control.Tooltip(key));
        button.setOnAction(event -> doing.run());
        return button;
    }

    /** Without a bout there is nothing to type, play or draw: only what to go on with. */
    private void lay(boolean open) {
        if (!open) {
            noBout.refresh();
        }
        if (open ? getCenter() != screen : getCenter() != noBout) {
            setLeft(open ? conversation : null);
            setCenter(open ? screen : noBout);
            setBottom(open ? foot : null);
            // What had the keys is not shown any more.
            Platform.runLater(() -> {
                if (model.desk().placeProperty().get() == Place.TAG && getScene() != null) {
                    begin();
                }
            });
        }
    }

    private void show() {
        Optional<Bout> bout = model.boutProperty().get();
        lay(bout.isPresent());
        Seat seat = model.studied();
        studied.setText(bout.map(shown -> name(shown, seat)).orElse(""));
        other.setText(bout.map(shown -> name(shown, seat.other())).orElse(""));
        showBoard();
        saved.setText(bout.isEmpty() ? "" : model.allSaved() ? "all saved" : "saving\u2026");
        empty.setVisible(model.rows().isEmpty());
        empty.setText(emptyWords());
        boolean live = model.live().onProperty().get();
        film.setWithout(
                bout.isEmpty()
                        ? ""
                        : live
                                ? "You tag by the hall\u2019s clock. Space stops it and lets it run on; Ctrl+Shift+L ends it."
                                : model.film().link().isPresent()
                                        ? filmWords()
                                        : "This bout has no film. Tag by the hall\u2019s clock (Ctrl+Shift+L), or with a time in front, such as @1:05 knee cut. To add a film, press Ctrl+E.");
        findFilm.setVisible(!live && !model.film().troubleProperty().get().isEmpty());
    }

    private String emptyWords() {
        return model.ledger().findProperty().get().isBlank()
                ? "Nothing is tagged yet. Let the film run with Space, and type what happens in the line below; Enter saves it."
                : "No moment holds these words. Escape shows all again.";
    }

    private String filmWords() {
        String trouble = model.film().troubleProperty().get();
        return trouble.isEmpty() ? "Reading the film\u2026" : trouble;
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
                + seat.name().toLowerCase(Locale.ROOT) + ")";
    }

    /** The line takes the keys as soon as the place is shown; without a bout, what to go on with. */
    public void begin() {
        if (model.boutProperty().get().isPresent()) {
            scribe.line().requestFocus();
        } else {
            noBout.refresh();
            noBout.begin();
        }
    }

    boolean isWriting() {
        return scribe.line().isFocused();
    }

    boolean isFinding() {
        return passBar.find().isFocused();
    }

    void find() {
        passBar.find().requestFocus();
        passBar.find().selectAll();
    }

    /** @param all whether every moment is to be shown again */
    void leaveFind(boolean all) {
        if (all) {
            model.ledger().findProperty().set("");
        }
        begin();
    }

    void choosePass() {
        passBar.choose();
    }

    void reel() {
        errands.reel(model);
    }

    void cut() {
        errands.cut(model);
    }

    /** Takes the lag that the analyst's own corrections ask for. */
    void takeLag() {
        model.desk()
                .say(
                        model.lag()
                                .words()
                                .map(words -> words + " It is taken.")
                                .orElse(
                                        "Nothing is to be learned of your lag yet: correct some moments by Alt+Left and Alt+Right first."));
        model.lag().take();
        errands.keepSettings();
    }
}
