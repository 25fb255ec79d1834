package farglass.desktop.tag;

import farglass.core.notation.Times;
import farglass.desktop.screening.Player;
import java.util.OptionalLong;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.Slider;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;

/** Play, pause, step, jump, speed, and the three clocks in words. */
final class TransportView extends HBox {
    static final long JUMP_MICROS = 5_000_000;

    TransportView(TagModel model) {
        super(6);
        setAlignment(Pos.CENTER_LEFT);
        getStyleClass().add("transport");
        Player player = model.player();
        Button play = button("Play", "Space", () -> player.playingProperty()
                .set(!player.playingProperty().get()));
        play.setId("play");
        play.setMinWidth(64);
        player.playingProperty().addListener((property, old, playing) -> play.setText(playing ? "Pause" : "Play"));
        Slider speed = new Slider(Player.SLOWEST, Player.FASTEST, 1);
        speed.setPrefWidth(90);
        speed.setBlockIncrement(0.25);
        speed.setFocusTraversable(false);
        speed.valueProperty().bindBidirectional(player.speedProperty());
        Label rate = new Label();
        rate.setMinWidth(46);
        rate.textProperty().bind(player.speedProperty().asString(java.util.Locale.ROOT, "%.2f\u00d7"));
        Label clock = new Label();
        clock.setId("clock");
        clock.getStyleClass().add("clock");
        clock.setMinWidth(Region.USE_PREF_SIZE);
        player.timeProperty().addListener(change -> clock.setText(clock(model)));
        model.boutProperty().addListener(change -> clock.setText(clock(model)));
        // A film that arrives shows its first frame without the time having moved.
        player.lastProperty().addListener(change -> clock.setText(clock(model)));
        Region between = new Region();
        HBox.setHgrow(between, Priority.ALWAYS);
        getChildren()
                .addAll(
                        button(
                                "\u2212 5 s",
                                "Shift+Left",
                                () -> player.seek(player.timeProperty().get() - JUMP_MICROS)),
                        button("\u2039 frame", "Left", () -> player.step(-1)),
                        play,
                        button("frame \u203a", "Right", () -> player.step(1)),
                        button(
                                "5 s +",
                                "Shift+Right",
                                () -> player.seek(player.timeProperty().get() + JUMP_MICROS)),
                        speed,
                        rate,
                        between,
                        clock);
        disableProperty().bind(player.lastProperty().isEqualTo(0));
    }

    private static String clock(TagModel model) {
        OptionalLong bout = model.boutMicros();
        return bout.isPresent() ? Times.tenths(bout.getAsLong()) : "before the bout";
    }

    private static Button button(String label, String key, Runnable doing) {
        Button button = new Button(label);
        button.setFocusTraversable(false);
        button.setMinWidth(Region.USE_PREF_SIZE);
        button.setTooltip(new Tooltip(key));
        button.setOnAction(event -> doing.run());
        return button;
    }
}
