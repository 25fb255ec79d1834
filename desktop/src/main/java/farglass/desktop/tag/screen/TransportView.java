package farglass.desktop.tag.screen;

import farglass.desktop.command.CommandButton;
import farglass.desktop.command.CommandItem;
import farglass.desktop.command.Commands;
import farglass.desktop.parts.PartByPart;
import farglass.desktop.screening.Player;
import farglass.desktop.tag.Jump;
import farglass.desktop.tag.Tagging;
import java.util.Locale;
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
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.Region;

/** Play, pause, step, jump, speed, look again; and in a menu all that is needed less often. */
public final class TransportView extends FlowPane {
    private final Commands commands;
    private final Tagging tag;

    public TransportView(Commands commands, Tagging tag) {
        super(2, 2);
        this.commands = commands;
        this.tag = tag;
        setAlignment(Pos.CENTER_LEFT);
        getStyleClass().add("transport");
        Player player = tag.playhead().player();
        Button play = button("play", "Play");
        play.setId("play");
        player.playingProperty().addListener((property, old, playing) -> play.setText(playing ? "Pause" : "Play"));
        tag.playhead()
                .live()
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
                        button("skip-back", "\u2212 5 s"),
                        button("frame-back", "\u2039 frame"),
                        play,
                        button("frame-on", "frame \u203a"),
                        button("skip-on", "5 s +"),
                        speed,
                        rate,
                        button("again", "Again"),
                        button("loop", "Loop"),
                        look(),
                        mark());
        PartByPart.in(this);
    }

    /** What one does with the picture, and where one goes in it. */
    private MenuButton look() {
        CheckMenuItem liveOnly = new CheckMenuItem("Play only what is live");
        liveOnly.selectedProperty().bindBidirectional(tag.repeats().liveOnlyProperty());
        MenuButton look = menu("Look", "look-menu");
        look.getItems()
                .addAll(
                        jumps(),
                        liveOnly,
                        ticked("other-camera"),
                        ticked("look-whole"),
                        ticked("film-large"),
                        ticked("film-apart"),
                        new SeparatorMenuItem(),
                        ticked("stopwatch"),
                        ticked("draw-arrow"),
                        ticked("draw-ring"),
                        ticked("draw-line"),
                        new SeparatorMenuItem(),
                        ticked("reel"));
        return look;
    }

    /** What one says of the film itself: what it shows, and how its time is the bout's. */
    private MenuButton mark() {
        MenuButton mark = menu("Film", "film-menu");
        mark.getItems()
                .addAll(
                        item("mark-live"),
                        item("mark-replay"),
                        item("replay-shows"),
                        item("mark-talk"),
                        item("mark-stoppage"),
                        item("mark-reference"),
                        item("mark-demonstration"),
                        new SeparatorMenuItem(),
                        item("match-clock"),
                        item("begins-here"),
                        item("align"),
                        item("watched"),
                        item("another-bout"),
                        new SeparatorMenuItem(),
                        item("hall-clock"),
                        item("take-lag"));
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
            item.setSelected(tag.playhead().jumpProperty().get() == jump);
            item.setOnAction(event -> tag.playhead().jumpProperty().set(jump));
            tag.playhead().jumpProperty().addListener((property, old, now) -> item.setSelected(now == jump));
            jumps.getItems().add(item);
        }
        jumps.getItems().addAll(item("jump-back"), item("jump-on"));
        return jumps;
    }

    /** In a menu that has items to tick. */
    private MenuItem ticked(String command) {
        return new CommandItem(commands, command).indented();
    }

    private MenuItem item(String command) {
        return new CommandItem(commands, command);
    }

    private Button button(String command, String words) {
        Button button = new CommandButton(commands, command, words);
        button.getStyleClass().add("word");
        button.setFocusTraversable(false);
        button.setMinWidth(Region.USE_PREF_SIZE);
        return button;
    }
}
