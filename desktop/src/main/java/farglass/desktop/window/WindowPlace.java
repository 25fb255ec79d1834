package farglass.desktop.window;

import farglass.desktop.desk.Settings;
import farglass.desktop.desk.WindowBounds;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.application.Platform;
import javafx.geometry.Rectangle2D;
import javafx.stage.Screen;
import javafx.stage.Stage;
import javafx.stage.WindowEvent;

/** Puts the window where it was when it was last closed, wholly on a screen, and remembers it when it closes. */
public final class WindowPlace {
    /** Sizes in pixels; the least the places are made for. */
    public static final double WIDTH = 1280;

    public static final double HEIGHT = 800;

    /** What a window's frame adds to the height of what is in it. */
    private static final double FRAME = 30;

    private final Stage stage;
    private final Settings settings;
    private Rectangle2D bounds;

    private WindowPlace(Stage stage, Settings settings) {
        this.stage = stage;
        this.settings = settings;
    }

    /** Before the window is shown. */
    static void put(Stage stage, Settings settings) {
        new WindowPlace(stage, settings).put();
    }

    private void put() {
        List<Rectangle2D> screens = new ArrayList<>(List.of(Screen.getPrimary().getVisualBounds()));
        Screen.getScreens().stream()
                .map(Screen::getVisualBounds)
                .filter(screen -> !screens.contains(screen))
                .forEach(screens::add);
        Optional<WindowBounds> last = settings.windowProperty().get();
        bounds = WindowBounds.fit(last, screens, WIDTH, HEIGHT + FRAME);
        stage.setX(bounds.getMinX());
        stage.setY(bounds.getMinY());
        stage.setWidth(bounds.getWidth());
        stage.setHeight(bounds.getHeight());
        stage.setMaximized(last.filter(WindowBounds::maximised).isPresent());
        stage.xProperty().addListener(change -> follow());
        stage.yProperty().addListener(change -> follow());
        stage.widthProperty().addListener(change -> follow());
        stage.heightProperty().addListener(change -> follow());
        Rectangle2D wanted = bounds;
        stage.addEventHandler(WindowEvent.WINDOW_SHOWN, event -> Platform.runLater(() -> insist(wanted)));
        stage.addEventHandler(WindowEvent.WINDOW_HIDING, event -> keep());
    }

    /** Some window managers open a window as small as they may, whatever it asked for; asked again, they obey. */
    private void insist(Rectangle2D wanted) {
        stage.setMinWidth(Math.min(WindowBounds.LEAST_WIDTH, wanted.getWidth()));
        stage.setMinHeight(Math.min(WindowBounds.LEAST_HEIGHT, wanted.getHeight()));
        if (!stage.isMaximized()) {
            // The stage believes that it has this size: only another one is passed on.
            stage.setWidth(wanted.getWidth() - 1);
            stage.setHeight(wanted.getHeight() - 1);
            stage.setWidth(wanted.getWidth());
            stage.setHeight(wanted.getHeight());
        }
    }

    /** A maximised window's own size is what it goes back to. */
    private void follow() {
        boolean known = !Double.isNaN(stage.getX()) && !Double.isNaN(stage.getWidth());
        if (known && !stage.isMaximized() && !stage.isFullScreen() && !stage.isIconified()) {
            bounds = new Rectangle2D(stage.getX(), stage.getY(), stage.getWidth(), stage.getHeight());
        }
    }

    private void keep() {
        settings.windowProperty().set(Optional.of(new WindowBounds(bounds, stage.isMaximized())));
        try {
            settings.save();
        } catch (IOException e) {
            // The window goes back to its usual place next time; nobody's work hangs on it.
            System.err.println("Where the window stands could not be kept: " + e.getMessage());
        }
    }
}
