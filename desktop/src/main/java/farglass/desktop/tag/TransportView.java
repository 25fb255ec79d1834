package farglass.desktop.tag;

import farglass.core.bout.Fact;
import farglass.core.bout.Segment;
import farglass.desktop.parts.KeyedItem;
import farglass.desktop.screening.FilmView;
import farglass.desktop.screening.Player;
import java.util.Locale;
import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.CheckMenuItem;
import javafx.scene.control.Label;
import javafx.scene.control.Menu;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.RadioMenuItem;
import javafx.scene.control.SeparatorMenuItem;
import javafx.scene.control.Slider;
import javafx.scene.control.ToggleGroup;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.Region;

/** Play, pause, step, jump, speed, look again; and in a menu all that is needed less often. */
final class TransportView extends FlowPane {
    static final long JUMP_MICROS = 5_000_000;

    private final TagModel model;
    private final FilmView film;
    private final DrawingSheet sheet;
    private final TagView view;

    /** @param view is asked for what concerns the whole place */
    TransportView(TagModel model, FilmView film, DrawingSheet sheet, TagView view) {
        super(2, 2);
        this.model = model;
        this.film = film;
        this.sheet = sheet;
        this.view = view;
        setAlignment(Pos.CENTER_LEFT);
        getStyleClass().add("transport");
        Player player = model.player();
        Button play = button("Play", "Space", this::playOrPause);
        play.setId("play");
        player.playingProperty().addListener((property, old, playing) -> play.setText(playing ? "Pause" : "Play"));
        model.live()
                .runningProperty()
                .addListener((property, old, runs) -> play.setText(runs ? "Stop the clock" : "Play"));
        Slider speed = new Slider(Player.SLOWEST, Player.FASTEST, 1);
        speed.setPrefWidth(54);
        speed.setMinWidth(40);
        speed.setBlockIncrement(0.25);
        speed.setFocusTraversable(false);
        speed.valueProperty().bindBidirectional(player.speedProperty());
        Label rate = new Label();
        rate.setMinWidth(Region.USE_PREF_SIZE);
        rate.textProperty().bind(player.speedProperty().asString(Locale.ROOT, "%.2f\u00d7"));
        getChildren()
                .addAll(
                        button("\u2212 5 s", "Shift+Left", () -> skip(-1)),
                        button("\u2039 frame", "Left", () -> player.step(-1)),
                        play,
                        button("frame \u203a", "Right", () -> player.step(1)),
                        button("5 s +", "Shift+Right", () -> skip(1)),
                        speed,
                        rate,
                        button("Again", ", (comma)", model.repeats()::again),
                        button("Loop", "/ (slash)", model.repeats()::loopKey),
                        look(),
                        mark());
    }

    private void skip(int direction) {
        model.player().seek(model.player().timeProperty().get() + direction * JUMP_MICROS);
    }

    private void playOrPause() {
        if (model.live().onProperty().get()) {
            model.live().runningProperty().set(!model.live().runningProperty().get());
        } else if (model.player().hasFilm()) {
            model.player()
                    .playingProperty()
                    .set(!model.player().playingProperty().get());
        }
    }

    /** What one does with the picture, and where one goes in it. */
    private MenuButton look() {
        CheckMenuItem liveOnly = new CheckMenuItem("Play only what is live");
        liveOnly.selectedProperty().bindBidirectional(model.repeats().liveOnlyProperty());
        MenuButton look = menu("Look", "look-menu");
        look.getItems()
                .addAll(
                        jumps(),
                        liveOnly,
                        ticked("Other camera", "F4", model.film()::otherCamera),
                        ticked("Whole picture", "Ctrl+0", film::whole),
                        ticked("Full screen, or back", "F11", view::turnLarge),
                        ticked("Film in a window of its own, or back", "Shift+F11", view::turnApart),
                        new SeparatorMenuItem(),
                        ticked("Stopwatch", "=", model.stopwatch()::key),
                        ticked("Draw an arrow", "Ctrl+Shift+A", () -> sheet.penProperty()
                                .set(Optional.of(Fact.Shape.ARROW))),
                        ticked("Draw a ring", "Ctrl+Shift+O", () -> sheet.penProperty()
                                .set(Optional.of(Fact.Shape.RING))),
                        ticked("Draw a limb line", "Ctrl+Shift+I", () -> sheet.penProperty()
                                .set(Optional.of(Fact.Shape.LINE))),
                        new SeparatorMenuItem(),
                        ticked("Cut a reel\u2026", "Ctrl+Shift+R", view::reel));
        return look;
    }

    /** What one says of the film itself: what it shows, and how its time is the bout's. */
    private MenuButton mark() {
        MenuButton mark = menu("Film", "film-menu");
        mark.getItems()
                .addAll(
                        item("From here on: the live match", "F5", () -> model.segments()
                                .mark(Segment.Kind.LIVE)),
                        item("From here on: a replay", "F6", () -> model.segments()
                                .mark(Segment.Kind.REPLAY)),
                        item("The replay shows the chosen moment", "Shift+F6", model.segments()::replayShowsChosen),
                        item("From here on: talk", "F8", () -> model.segments().mark(Segment.Kind.TALK)),
                        item("From here on: a stoppage", "", () -> model.segments()
                                .mark(Segment.Kind.STOPPAGE)),
                        item("From here on: a reference clip", "", () -> model.segments()
                                .mark(Segment.Kind.REFERENCE)),
                        item("From here on: a demonstration", "", () -> model.segments()
                                .mark(Segment.Kind.DEMONSTRATION)),
                        new SeparatorMenuItem(),
                        item("The clock stops, or runs on", "F7", model.segments()::clockKey),
                        item("The bout begins at this frame", "Ctrl+B", model.times()::beginHere),
                        item("This frame shows the chosen moment", "Ctrl+Shift+B", model.times()::alignHere),
                        item("Watched up to here", "Ctrl+D", model.times()::declareCovered),
                        item("Another bout begins here\u2026", "Ctrl+Shift+N", view::cut),
                        new SeparatorMenuItem(),
                        item("Tag by the hall\u2019s clock", "Ctrl+Shift+L", model.times()::liveKey),
                        item("Take the lag learned from corrections", "Ctrl+Shift+K", view::takeLag));
        return mark;
    }

    private static MenuButton menu(String label, String id) {
        MenuButton menu = new MenuButton(label);
        menu.setId(id);
        menu.getStyleClass().add("word");
        menu.setFocusTraversable(false);
        menu.setMinWidth(Region.USE_PREF_SIZE);
        return menu;
    }

    private Menu jumps() {
        Menu jumps = new Menu("Jump by");
        ToggleGroup one = new ToggleGroup();
        for (Jump jump : Jump.values()) {
            RadioMenuItem item = new RadioMenuItem(jump.label());
            item.setToggleGroup(one);
            item.setSelected(model.jumpProperty().get() == jump);
            item.setOnAction(event -> model.jumpProperty().set(jump));
            model.jumpProperty().addListener((property, old, now) -> item.setSelected(now == jump));
            jumps.getItems().add(item);
        }
        jumps.getItems()
                .addAll(
                        item("The one before", "Page Up", () -> model.jump(-1)),
                        item("The next", "Page Down", () -> model.jump(1)));
        return jumps;
    }

    /** In a menu that has items to tick. */
    private static MenuItem ticked(String words, String key, Runnable doing) {
        return new KeyedItem(words, key, doing).indented();
    }

    private static MenuItem item(String words, String key, Runnable doing) {
        return new KeyedItem(words, key, doing);
    }

    private static Button button(String label, String key, Runnable doing) {
        Button button = new Button(label);
        button.getStyleClass().add("word");
        button.setFocusTraversable(false);
        button.setMinWidth(Region.USE_PREF_SIZE);
        button.setTooltip(new Tooltip(key));
        button.setOnAction(event -> doing.run());
        return button;
    }
}
