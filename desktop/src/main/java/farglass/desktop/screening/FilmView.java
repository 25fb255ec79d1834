package farglass.desktop.screening;

import farglass.film.Frame;
import java.nio.IntBuffer;
import java.util.Optional;
import javafx.animation.AnimationTimer;
import javafx.beans.property.ReadOnlyDoubleProperty;
import javafx.beans.property.ReadOnlyDoubleWrapper;
import javafx.scene.control.Label;
import javafx.scene.image.ImageView;
import javafx.scene.image.PixelBuffer;
import javafx.scene.image.PixelFormat;
import javafx.scene.image.WritableImage;
import javafx.scene.layout.Region;
import javafx.scene.shape.Rectangle;

/** The picture, as large as there is room or closer, with a sentence in its place when there is none. */
public final class FilmView extends Region {
    private static final double CLOSEST = 8;
    private static final double USUAL_PROPORTION = 16 / 9.0;

    private final Player player;
    private final ImageView picture = new ImageView();
    private final Label words = new Label();
    private final Rectangle clip = new Rectangle();
    private final ReadOnlyDoubleWrapper proportion = new ReadOnlyDoubleWrapper(USUAL_PROPORTION);
    private WritableImage image;
    private PixelBuffer<IntBuffer> pixels;
    private double zoom = 1;
    private double centreX = 0.5;
    private double centreY = 0.5;
    private Runnable placed = () -> {};
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
        setClip(clip);
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

    /** {@return width of the film by its height; of a usual one before any is shown} */
    public ReadOnlyDoubleProperty proportionProperty() {
        return proportion.getReadOnlyProperty();
    }

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
                pixels = new PixelBuffer<>(
                        shown.width(),
                        shown.height(),
                        IntBuffer.allocate(shown.width() * shown.height()),
                        PixelFormat.getIntArgbPreInstance());
                image = new WritableImage(pixels);
                proportion.set((double) shown.width() / shown.height());
                requestLayout();
            }
            // Copied as it is into the same picture each time, on this thread; to have each pixel set takes longer.
            pixels.updateBuffer(buffer -> {
                System.arraycopy(shown.argb(), 0, buffer.getBuffer().array(), 0, shown.argb().length);
                return null;
            });
        });
        picture.setImage(frame.isPresent() ? image : null);
        tell();
    }

    /**
     * Looks closer, or less close.
     *
     * @param factor above 1 to come closer
     * @param x the place in this view that keeps still, in pixels
     */
    public void zoom(double factor, double x, double y) {
        if (image == null) {
            return;
        }
        double fractionX = fractionX(x);
        double fractionY = fractionY(y);
        zoom = Math.max(1, Math.min(CLOSEST, zoom * factor));
        // What was under the pointer stays under it.
        double spread = scale() * zoom;
        centreX = fractionX - (x - getWidth() / 2) / (spread * image.getWidth());
        centreY = fractionY - (y - getHeight() / 2) / (spread * image.getHeight());
        place();
    }

    /** Moves the picture by so many pixels. */
    public void pan(double dx, double dy) {
        if (image != null) {
            centreX -= dx / (scale() * zoom * image.getWidth());
            centreY -= dy / (scale() * zoom * image.getHeight());
            place();
        }
    }

    /** Shows the whole picture again. */
    public void whole() {
        zoom = 1;
        centreX = 0.5;
        centreY = 0.5;
        place();
    }

    public boolean isZoomed() {
        return zoom > 1;
    }

    /** {@return the place in the picture, as a share of its width} */
    public double fractionX(double x) {
        return image == null ? 0 : centreX + (x - getWidth() / 2) / (scale() * zoom * image.getWidth());
    }

    /** {@return the place in the picture, as a share of its height} */
    public double fractionY(double y) {
        return image == null ? 0 : centreY + (y - getHeight() / 2) / (scale() * zoom * image.getHeight());
    }

    /** {@return the place in this view, in pixels, of a place in the picture} */
    public double xOf(double fraction) {
        return image == null ? 0 : getWidth() / 2 + (fraction - centreX) * scale() * zoom * image.getWidth();
    }

    public double yOf(double fraction) {
        return image == null ? 0 : getHeight() / 2 + (fraction - centreY) * scale() * zoom * image.getHeight();
    }

    /** Called whenever the picture is shown elsewhere or otherwise than before. */
    public void whenPlaced(Runnable then) {
        placed = then;
    }

    private double scale() {
        return Math.min(getWidth() / image.getWidth(), getHeight() / image.getHeight());
    }

    private void place() {
        if (image == null || getWidth() <= 0 || getHeight() <= 0) {
            return;
        }
        double wide = scale() * zoom * image.getWidth();
        double high = scale() * zoom * image.getHeight();
        centreX = within(centreX, wide, getWidth());
        centreY = within(centreY, high, getHeight());
        picture.setFitWidth(wide);
        picture.setFitHeight(high);
        picture.relocate(getWidth() / 2 - centreX * wide, getHeight() / 2 - centreY * high);
        placed.run();
    }

    /** A picture smaller than the view lies in its middle; a larger one never leaves a gap at an edge. */
    private static double within(double centre, double picture, double view) {
        if (picture <= view) {
            return 0.5;
        }
        double half = view / picture / 2;
        return Math.max(half, Math.min(1 - half, centre));
    }

    @Override
    protected void layoutChildren() {
        clip.setWidth(getWidth());
        clip.setHeight(getHeight());
        place();
        double room = Math.max(0, Math.min(420, getWidth() - 40));
        double tall = words.prefHeight(room);
        words.resizeRelocate((getWidth() - room) / 2, (getHeight() - tall) / 2, room, tall);
    }
}
