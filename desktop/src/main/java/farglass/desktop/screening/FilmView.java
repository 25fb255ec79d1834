package farglass.desktop.screening;

import farglass.film.Frame;
import java.nio.IntBuffer;
import java.util.Optional;
import javafx.animation.AnimationTimer;
import javafx.scene.control.Label;
import javafx.scene.image.ImageView;
import javafx.scene.image.PixelFormat;
import javafx.scene.image.WritableImage;
import javafx.scene.layout.Region;

/** The picture, as large as there is room, with a sentence in its place when there is none. */
public final class FilmView extends Region {
    private final Player player;
    private final ImageView picture = new ImageView();
    private final Label words = new Label();
    private WritableImage image;
    private final AnimationTimer timer = new AnimationTimer() {
        @Override
        public void handle(long nanos) {
            player.pulse(nanos);
        }
    };

    public FilmView(Player player) {
        this.player = player;
        getStyleClass().add("film");
        picture.setPreserveRatio(true);
        picture.setManaged(false);
        words.setWrapText(true);
        words.getStyleClass().add("film-words");
        getChildren().addAll(picture, words);
        player.frameProperty().addListener((property, old, frame) -> show(frame));
        player.troubleProperty().addListener((property, old, trouble) -> tell());
        player.playingProperty().addListener((property, old, playing) -> {
            if (playing) {
                timer.start();
            } else {
                timer.stop();
            }
        });
        show(player.frameProperty().get());
    }

    private String without = "";

    /** What to say while there is no film. */
    public void setWithout(String sentence) {
        without = sentence;
        tell();
    }

    private void tell() {
        String trouble = player.troubleProperty().get();
        boolean empty = player.frameProperty().get().isEmpty();
        words.setText(trouble.isEmpty() ? without : trouble);
        words.setVisible(!trouble.isEmpty() || empty);
    }

    private void show(Optional<Frame> frame) {
        frame.ifPresent(shown -> {
            if (image == null || image.getWidth() != shown.width() || image.getHeight() != shown.height()) {
                image = new WritableImage(shown.width(), shown.height());
                requestLayout();
            }
            image.getPixelWriter()
                    .setPixels(
                            0,
                            0,
                            shown.width(),
                            shown.height(),
                            PixelFormat.getIntArgbPreInstance(),
                            IntBuffer.wrap(shown.argb()),
                            shown.width());
        });
        picture.setImage(frame.isPresent() ? image : null);
        tell();
    }

    @Override
    protected void layoutChildren() {
        double width = getWidth();
        double height = getHeight();
        picture.setFitWidth(width);
        picture.setFitHeight(height);
        if (image != null) {
            double scale = Math.min(width / image.getWidth(), height / image.getHeight());
            picture.relocate((width - image.getWidth() * scale) / 2, (height - image.getHeight() * scale) / 2);
        }
        double room = Math.max(0, Math.min(420, width - 40));
        double tall = words.prefHeight(room);
        words.resizeRelocate((width - room) / 2, (height - tall) / 2, room, tall);
    }
}
