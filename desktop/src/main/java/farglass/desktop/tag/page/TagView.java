package farglass.desktop.tag.page;

import farglass.core.bout.Bout;
import farglass.core.bout.Contestant;
import farglass.core.rules.Rulesets;
import farglass.core.side.Seat;
import farglass.desktop.command.Commands;
import farglass.desktop.desk.Place;
import farglass.desktop.desk.Settings;
import farglass.desktop.desk.Soon;
import farglass.desktop.parts.Island;
import farglass.desktop.parts.PartByPart;
import farglass.desktop.screening.FilmView;
import farglass.desktop.tag.Tagging;
import farglass.desktop.tag.ledger.LedgerView;
import farglass.desktop.tag.line.ScribeView;
import farglass.desktop.tag.pass.PassBar;
import farglass.desktop.tag.pass.PassModel;
import farglass.desktop.tag.pass.QuestionView;
import farglass.desktop.tag.screen.BoardView;
import farglass.desktop.tag.screen.DrawingSheet;
import farglass.desktop.tag.screen.FilmWindow;
import farglass.desktop.tag.screen.MomentWords;
import farglass.desktop.tag.screen.ScreenView;
import farglass.desktop.tag.screen.TransportView;
import farglass.desktop.tag.tide.RulesSoFar;
import farglass.desktop.tag.tide.TideFoot;
import farglass.desktop.tag.tide.TideModel;
import farglass.drawing.Palette;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Supplier;
import javafx.animation.AnimationTimer;
import javafx.application.Platform;
import javafx.beans.InvalidationListener;
import javafx.beans.property.ReadOnlyBooleanProperty;
import javafx.beans.property.ReadOnlyBooleanWrapper;
import javafx.beans.value.ObservableValue;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCombination;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import javafx.stage.Stage;

/** The Tag place: the conversation and the line it is written with on the left, the film beside it, the tide below. */
public final class TagView extends BorderPane implements TagPage {
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

        /** Asks what a word means that the lexicon lacks. */
        void newWord(String typed);

        /** Asks what more is told of the chosen moment. */
        void tellMore(TagModel tag);

        /** Keeps a setting. */
        void keepSettings();
    }

    private final TagModel model;
    private final Errands errands;
    private final ScribeView scribe;
    private final PassBar passBar;
    private final Label studied = new Label();
    private final Label other = new Label();
    private final BoardView board;
    private final Label empty = new Label();
    private final Button findFilm = new Button("Find the film\u2026");
    private final FilmView film;
    private final NoBoutPage noBout;
    private final Island withoutBout;
    private final VBox conversation;
    private final ScreenView screen;
    private final Borders borders;
    /** What stands in the middle with a bout and without one, both kept in the window: what comes into one is styled anew. */
    private final StackPane middle;

    private final ReadOnlyBooleanWrapper large = new ReadOnlyBooleanWrapper(false);
    private final InvalidationListener leavesFullScreen = change -> {
        if (large.get() && !window().isFullScreen()) {
            showLarge(false);
        }
    };
    private Optional<FilmWindow> filmWindow = Optional.empty();
    private final AnimationTimer hall = new AnimationTimer() {
        @Override
        public void handle(long nanos) {
            model.playhead().live().pulse();
        }
    };

    public TagView(
            Commands commands,
            TagModel model,
            Supplier<Rulesets> rulesets,
            Errands errands,
            Settings settings,
            ObservableValue<Palette> palette) {
        this.model = model;
        this.errands = errands;
        Tagging tag = model.tagging();
        PassModel passes = model.passes();
        this.scribe = new ScribeView(
                tag,
                model.scribe(),
                new QuestionView(tag, passes),
                model.viewing().askingProperty(),
                palette,
                this::newWord);
        this.passBar = new PassBar(tag, passes, model.ledger().findProperty());
        this.film = new FilmView(model.playhead().player());
        this.board = new BoardView(tag);
        getStyleClass().add("tag");
        RulesSoFar rules = new RulesSoFar(tag, rulesets);
        TideModel tide = new TideModel(tag, rules);
        model.picks().dueBy(rules::due);
        DrawingSheet sheet = new DrawingSheet(tag, film, palette);
        this.noBout = new NoBoutPage(model.desk(), errands::addFilm);
        commands.add(new LineCommands(model, this).all());
        commands.add(new MomentCommands(model, sheet, this).all());
        commands.add(new TagCommands(model, tide, film, this).all());
        this.conversation = conversation(commands, palette);
        this.screen = screen(commands, sheet);
        this.borders = new Borders(
                conversation, screen, new TideFoot(commands, tag, tide, palette), settings, errands::keepSettings);
        // An island: a page that moves its lines while it is laid out wants what it lies in laid out again, which asks
        // nobody, being laid out itself. What else lies in it would wait for ever.
        this.withoutBout = new Island(new StackPane(noBout));
        this.middle = new StackPane(withoutBout, borders);
        borders.setVisible(false);
        setCenter(middle);
        PartByPart.in(middle);
        TagKeys keys = new TagKeys(commands, model, sheet, this);
        addEventFilter(KeyEvent.KEY_PRESSED, keys::pressed);
        addEventFilter(KeyEvent.KEY_TYPED, keys::typed);
        // Who clicks here types here next, also where the keys went elsewhere before.
        addEventHandler(MouseEvent.MOUSE_CLICKED, click -> {
            if (isFocusElsewhere() && model.open().bout().isPresent()) {
                scribe.line().requestFocus();
            }
        });
        Soon shown = model.desk().soon(this::show);
        model.open().refreshesProperty().addListener((property, old, now) -> shown.wish());
        model.playhead().film().troubleProperty().addListener(change -> show());
        model.playhead().live().onProperty().addListener((property, was, is) -> {
            if (is) {
                hall.start();
            } else {
                hall.stop();
            }
            show();
        });
        // The workbench changes the classes of its root only after this.
        palette.addListener(change -> Platform.runLater(() -> filmWindow.ifPresent(FilmWindow::dress)));
        show();
    }

    private VBox conversation(Commands commands, ObservableValue<Palette> palette) {
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
        StackPane list =
                new StackPane(new Island(new LedgerView(commands, model.tagging(), model.ledger(), palette)), empty);
        // It takes what room is left, and gives it up when the line has more to say.
        list.setPrefHeight(0);
        VBox.setVgrow(list, Priority.ALWAYS);
        VBox side = new VBox(4, passBar, names, list, scribe);
        side.setMinWidth(380);
        side.setMinHeight(0);
        PartByPart.in(side);
        return side;
    }

    private ScreenView screen(Commands commands, DrawingSheet sheet) {
        findFilm.setId("find-film");
        findFilm.setOnAction(event -> errands.findFilm(model));
        StackPane.setAlignment(findFilm, Pos.BOTTOM_CENTER);
        StackPane.setMargin(findFilm, new Insets(20));
        StackPane picture = new StackPane(film, sheet, findFilm);
        picture.setMinSize(0, 0);
        film.setMinSize(0, 0);
        TransportView transport = new TransportView(commands, model.tagging());
        return new ScreenView(board, picture, film, transport, new MomentWords(model.tagging()));
    }

    /** Without a bout there is nothing to type, play or draw: only what to go on with. */
    private void lay(boolean open) {
        if (!open) {
            noBout.refresh();
        }
        if (open != borders.isVisible()) {
            if (!open && large.get()) {
                showLarge(false);
            }
            borders.setVisible(open);
            withoutBout.setVisible(!open);
            // What had the keys is not shown any more.
            Platform.runLater(() -> {
                if (model.desk().navigation().placeProperty().get() == Place.TAG && getScene() != null) {
                    begin();
                }
            });
        }
    }

    private void show() {
        Optional<Bout> bout = model.open().bout();
        lay(bout.isPresent());
        Seat seat = model.open().studied();
        studied.setText(bout.map(shown -> name(shown, seat)).orElse(""));
        other.setText(bout.map(shown -> name(shown, seat.other())).orElse(""));
        board.show();
        empty.setVisible(model.ledger().rows().isEmpty());
        empty.setText(emptyWords());
        boolean live = model.playhead().live().onProperty().get();
        film.setWithout(
                bout.isEmpty()
                        ? ""
                        : live
                                ? "You tag by the hall\u2019s clock. Space stops it and lets it run on; Ctrl+Shift+L ends it."
                                : model.playhead().film().link().isPresent()
                                        ? filmWords()
                                        : "This bout has no film. Tag by the hall\u2019s clock (Ctrl+Shift+L), or with a time in front, such as @1:05 knee cut. To add a film, press Ctrl+E.");
        findFilm.setVisible(
                !live && !model.playhead().film().troubleProperty().get().isEmpty());
    }

    private String emptyWords() {
        if (!model.ledger().findProperty().get().isBlank()) {
            return "No moment holds these words. Escape shows all again.";
        }
        return model.playhead().film().link().isPresent()
                ? "Nothing is tagged yet. Let the film run with Space, and type what happens in the line below; Enter saves it."
                : "Nothing is tagged yet. Type what happens in the line below, with its time in front if you know it; Enter saves it.";
    }

    private String filmWords() {
        String trouble = model.playhead().film().troubleProperty().get();
        return trouble.isEmpty() ? "Reading the film\u2026" : trouble;
    }

    private static String name(Bout bout, Seat seat) {
        Contestant who = bout.header().contestant(seat);
        return who.name() + who.kit().map(kit -> ", " + kit).orElse("") + "  ("
                + seat.name().toLowerCase(Locale.ROOT) + ")";
    }

    @Override
    public void begin() {
        if (model.open().bout().isPresent()) {
            // What lies between borders is in the window only once they have their skin.
            applyCss();
            scribe.line().requestFocus();
        } else {
            noBout.refresh();
            noBout.begin();
        }
    }

    private boolean isFocusElsewhere() {
        for (Node at = getScene().getFocusOwner(); at != null; at = at.getParent()) {
            if (at == this) {
                return false;
            }
        }
        return true;
    }

    @Override
    public boolean isWriting() {
        return getScene().getFocusOwner() == scribe.line();
    }

    @Override
    public boolean isFinding() {
        return getScene().getFocusOwner() == passBar.find();
    }

    private Stage window() {
        return (Stage) getScene().getWindow();
    }

    @Override
    public ReadOnlyBooleanProperty largeProperty() {
        return large.getReadOnlyProperty();
    }

    @Override
    public void turnLarge() {
        if (filmWindow.isPresent()) {
            filmWindow.get().turnFullScreen();
        } else {
            showLarge(!large.get());
        }
    }

    private void showLarge(boolean on) {
        large.set(on);
        borders.setWithFilm(!on);
        if (on) {
            conversation.getChildren().remove(scribe);
            VBox all = new VBox(6, screen, scribe);
            VBox.setVgrow(screen, Priority.ALWAYS);
            setCenter(all);
            window().setFullScreenExitKeyCombination(KeyCombination.NO_MATCH);
            window().setFullScreenExitHint("F11 shows the conversation again");
            window().fullScreenProperty().addListener(leavesFullScreen);
            window().setFullScreen(true);
        } else {
            conversation.getChildren().add(scribe);
            setCenter(middle);
            window().fullScreenProperty().removeListener(leavesFullScreen);
            window().setFullScreen(false);
        }
        begin();
    }

    @Override
    public void turnApart() {
        if (filmWindow.isPresent()) {
            filmWindow.get().close();
            return;
        }
        if (large.get()) {
            showLarge(false);
        }
        borders.setWithFilm(false);
        FilmWindow apart = new FilmWindow(screen, getScene(), this::filmCameBack);
        filmWindow = Optional.of(apart);
        apart.show();
        begin();
    }

    private void filmCameBack() {
        filmWindow = Optional.empty();
        borders.setWithFilm(true);
    }

    /** Called before another place is shown: nothing of this one may fill the screen then. */
    public void leave() {
        if (large.get()) {
            showLarge(false);
        }
    }

    /** Closes what was opened beside the place. */
    public void close() {
        filmWindow.ifPresent(FilmWindow::close);
    }

    @Override
    public Borders borders() {
        return borders;
    }

    @Override
    public void find() {
        passBar.find().requestFocus();
        passBar.find().selectAll();
    }

    @Override
    public void leaveFind(boolean all) {
        if (all) {
            model.ledger().findProperty().set("");
        }
        begin();
    }

    @Override
    public void choosePass() {
        passBar.choose();
    }

    @Override
    public void newWord() {
        model.scribe().unknownProperty().get().ifPresentOrElse(errands::newWord, () -> model.desk()
                .messages()
                .say("What the line holds is understood; there is no new word in it."));
    }

    @Override
    public void reel() {
        errands.reel(model);
    }

    @Override
    public void cut() {
        errands.cut(model);
    }

    @Override
    public void tellMore() {
        errands.tellMore(model);
    }

    @Override
    public void takeLag() {
        model.desk()
                .messages()
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
