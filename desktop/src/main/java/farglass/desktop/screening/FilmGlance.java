package farglass.desktop.screening;

import farglass.core.bout.Times;
import farglass.desktop.parts.Hint;
import farglass.film.Film;
import java.util.Optional;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.function.LongConsumer;
import javafx.application.Platform;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.Slider;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/** A small picture of a film with a handle to look through it: to tell who is who, and to find where a bout begins. */
public final class FilmGlance extends VBox {
    private static final double WIDTH = 290;
    private static final double HEIGHT = 163;
    private static final double STEP_SECONDS = 5;

    private final ExecutorService filmThread = Executors.newSingleThreadExecutor(task -> {
        Thread thread = new Thread(task, "film at a glance");
        thread.setDaemon(true);
        return thread;
    });
    private final Player player = new Player(filmThread, Platform::runLater);
    private final Slider at = new Slider(0, 1, 0);
    private boolean closed;

    /** @param begins told the instant of the film, in microseconds, at which the user says that the bout begins */
    public FilmGlance(LongConsumer begins) {
        super(6);
        setId("glance");
        FilmView picture = new FilmView(player);
        picture.setPrefSize(WIDTH, HEIGHT);
        picture.setMinSize(WIDTH, HEIGHT);
        at.setId("glance-at");
        at.setBlockIncrement(STEP_SECONDS);
        Hint.put(at, "Left, Right: five seconds");
        at.valueProperty()
                .addListener((property, old, seconds) -> player.seek(Math.round(seconds.doubleValue() * 1e6)));
        player.lastProperty().addListener((property, old, last) -> at.setMax(Math.max(1, last.longValue() / 1e6)));
        Label time = new Label();
        time.setId("glance-time");
        time.getStyleClass().add("quiet");
        player.timeProperty().addListener((property, old, now) -> time.setText(Times.tenths(now.longValue())));
        time.setText(Times.tenths(0));
        Button begin = new Button("The bout begins here");
        begin.setId("glance-begins");
        begin.setOnAction(event -> begins.accept(player.timeProperty().get()));
        HBox.setHgrow(at, Priority.ALWAYS);
        HBox line = new HBox(8, at, time);
        line.setAlignment(Pos.CENTER_LEFT);
        getChildren().addAll(picture, line, begin);
        sceneProperty().addListener((property, was, is) -> {
            if (is == null) {
                close();
            }
        });
    }

    /** Shows that film, at an instant of it. Closes it when another comes, or when this is put away. */
    public void show(Film film, long micros) {
        if (closed) {
            film.close();
            return;
        }
        player.show(Optional.of(film));
        at.setValue(micros / 1e6);
        player.seek(micros);
    }

    private void close() {
        closed = true;
        player.close();
        filmThread.shutdown();
    }
}
