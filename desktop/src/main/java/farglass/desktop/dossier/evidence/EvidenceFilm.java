package farglass.desktop.dossier.evidence;

import farglass.desktop.desk.Desk;
import farglass.desktop.desk.Place;
import farglass.desktop.desk.Work;
import farglass.desktop.screening.FilmView;
import farglass.desktop.screening.Player;
import farglass.film.Film;
import farglass.film.source.Films;
import java.nio.file.Path;
import java.util.Optional;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import javafx.application.Platform;
import javafx.scene.layout.StackPane;

/** The film of the evidence looked at, small: the frame of its moment, and on wish the seconds round it. */
public final class EvidenceFilm extends StackPane {
    private static final double WIDTH = 300;
    private static final double HEIGHT = 169;
    private static final long BEFORE_MICROS = 2_000_000;
    private static final long AFTER_MICROS = 4_000_000;

    private final Desk desk;
    private final ExecutorService filmThread = Executors.newSingleThreadExecutor(task -> {
        Thread thread = new Thread(task, "film of the evidence");
        thread.setDaemon(true);
        return thread;
    });
    private final Player player = new Player(filmThread, Platform::runLater);
    private final FilmView picture = new FilmView(player);
    private Optional<FilmSpot> shown = Optional.empty();
    private Optional<Path> open = Optional.empty();
    private long stopAt = Long.MAX_VALUE;

    public EvidenceFilm(Desk desk) {
        this.desk = desk;
        setId("evidence-film");
        picture.setPrefSize(WIDTH, HEIGHT);
        picture.setMinSize(WIDTH, HEIGHT);
        picture.setMaxSize(WIDTH, HEIGHT);
        getChildren().add(picture);
        setOnMouseClicked(event -> play());
        player.timeProperty().addListener((property, old, now) -> {
            if (now.longValue() >= stopAt) {
                player.playingProperty().set(false);
                stopAt = Long.MAX_VALUE;
            }
        });
        desk.navigation().placeProperty().addListener((property, old, place) -> {
            if (place != Place.DOSSIER) {
                close();
            } else {
                show(shown);
            }
        });
    }

    private void close() {
        player.playingProperty().set(false);
        player.show(Optional.empty());
        open = Optional.empty();
    }

    /** Shows the frame of that moment; a sentence where there is no film of it. */
    public void show(Optional<FilmSpot> reel) {
        shown = reel;
        player.playingProperty().set(false);
        stopAt = Long.MAX_VALUE;
        if (reel.isEmpty()) {
            close();
            picture.setWithout("No film of this");
            return;
        }
        Path path = reel.get().film();
        if (open.equals(Optional.of(path))) {
            player.seek(reel.get().micros());
            return;
        }
        close();
        open = Optional.of(path);
        picture.setWithout("Opening the film");
        desk.work()
                .latest(
                        this,
                        "Reading " + path.getFileName(),
                        (progress, cancelled) -> Films.open(path, progress, cancelled),
                        Work.Listener.of(
                                film -> opened(film, path),
                                problem -> picture.setWithout(problem.getMessage()),
                                () -> picture.setWithout("Reading the film was stopped.")));
    }

    private void opened(Film film, Path path) {
        if (!open.equals(Optional.of(path)) || shown.isEmpty()) {
            film.close();
            return;
        }
        player.show(Optional.of(film));
        player.seek(shown.get().micros());
    }

    /** Lets go of the film and its thread, with the window. */
    public void leave() {
        close();
        player.close();
        filmThread.shutdown();
    }

    /** Plays from two seconds before the moment to four behind it, or stops. */
    public void play() {
        if (player.playingProperty().get()) {
            player.playingProperty().set(false);
        } else if (player.hasFilm() && shown.isPresent()) {
            player.seek(Math.max(0, shown.get().micros() - BEFORE_MICROS));
            stopAt = shown.get().micros() + AFTER_MICROS;
            player.playingProperty().set(true);
        }
    }
}
