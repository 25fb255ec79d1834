package farglass.desktop.tag;

import farglass.desktop.screening.Player;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.Slider;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.HBox;
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
        play.setMinWidth(Region.USE_PREF_SIZE);
        player.playingProperty().addListener((property, old, playing) -> play.setText(playing ? "Pause" : "Play"));
        Slider speed = new Slider(Player.SLOWEST, Player.FASTEST, 1);
        speed.setPrefWidth(90);
        speed.setMinWidth(40);
        speed.setBlockIncrement(0.25);
        speed.setFocusTraversable(false);
        speed.valueProperty().bindBidirectional(player.speedProperty());
        Label rate = new Label();
        rate.setMinWidth(Region.USE_PREF_SIZE);
        rate.textProperty().bind(player.speedProperty().asString(java.util.Locale.ROOT, "%.2f\u00d7"));
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
                        rate);
        disableProperty().bind(player.lastProperty().isEqualTo(0));
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
