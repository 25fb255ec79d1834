package farglass.desktop.tag.screen;

import javafx.event.Event;
import javafx.event.EventTarget;
import javafx.geometry.Insets;
import javafx.geometry.Rectangle2D;
import javafx.scene.Parent;
import javafx.scene.Scene;
import javafx.scene.input.KeyCombination;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.stage.Screen;
import javafx.stage.Stage;
import javafx.stage.Window;

/** The film in a window of its own, for a second screen. Every key pressed there is heard by the window where one tags. */
public final class FilmWindow {
    private static final double WIDTH = 960;
    private static final double HEIGHT = 640;
    private static final double OFFSET = 40;

    private final Stage stage = new Stage();
    private final Scene tagging;
    private final StackPane root;

    /** @param gone called once the window is closed; the screen may then be shown elsewhere */
    public FilmWindow(Region screen, Scene tagging, Runnable gone) {
        this.tagging = tagging;
        root = new StackPane(screen);
        root.setPadding(new Insets(10, 16, 8, 16));
        Scene scene = new Scene(root, WIDTH, HEIGHT);
        root.styleProperty().bind(tagging.getRoot().styleProperty());
        dress();
        scene.addEventFilter(KeyEvent.ANY, event -> {
            EventTarget hears = tagging.getFocusOwner() == null ? tagging : tagging.getFocusOwner();
            Event.fireEvent(hears, event.copyFor(event.getSource(), hears));
            event.consume();
        });
        stage.setScene(scene);
        stage.setTitle("Film \u2013 Far Glass");
        stage.setFullScreenExitKeyCombination(KeyCombination.NO_MATCH);
        stage.setFullScreenExitHint("");
        stage.setOnHidden(event -> {
            root.getChildren().clear();
            gone.run();
        });
        place(tagging.getWindow());
    }

    /** Takes on the colours of the other window; the size of its letters it has always. */
    public void dress() {
        Parent other = tagging.getRoot();
        root.getStylesheets().setAll(other.getStylesheets());
        root.getStyleClass().setAll(other.getStyleClass());
        root.getStyleClass().add("tag");
    }

    /** On the screen that the other window is not on, where there is one. */
    private void place(Window tagging) {
        Rectangle2D here = new Rectangle2D(tagging.getX(), tagging.getY(), tagging.getWidth(), tagging.getHeight());
        Rectangle2D free = Screen.getScreens().stream()
                .map(Screen::getVisualBounds)
                .filter(screen ->
                        !screen.contains(here.getMinX() + here.getWidth() / 2, here.getMinY() + here.getHeight() / 2))
                .findFirst()
                .orElse(new Rectangle2D(here.getMinX() + OFFSET, here.getMinY() + OFFSET, WIDTH, HEIGHT));
        stage.setX(free.getMinX());
        stage.setY(free.getMinY());
    }

    public void show() {
        stage.show();
    }

    public void close() {
        stage.close();
    }

    public void turnFullScreen() {
        stage.setFullScreen(!stage.isFullScreen());
    }
}
