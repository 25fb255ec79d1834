package farglass.desktop.tag;

import farglass.core.bout.Bout;
import farglass.core.bout.FilmLink;
import farglass.core.change.Change;
import farglass.desktop.desk.Desk;
import farglass.desktop.desk.Work;
import farglass.desktop.screening.Player;
import farglass.film.Film;
import farglass.film.source.Films;
import farglass.library.contents.Contents;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.function.Supplier;
import java.util.stream.Stream;
import javafx.beans.property.ReadOnlyIntegerProperty;
import javafx.beans.property.ReadOnlyIntegerWrapper;
import javafx.beans.property.ReadOnlyStringProperty;
import javafx.beans.property.ReadOnlyStringWrapper;

/**
 * The films of the open bout, one of them on the screen: opened off the interface thread, found again by their name when they have
 * moved, and translated between film time and the bout's own.
 */
public final class BoutFilm {
    /** So deep below the library's folder a film that moved is looked for. */
    private static final int SEARCH_DEPTH = 3;

    private final Desk desk;
    private final Player player;
    private final Supplier<Optional<Bout>> bout;
    private final ReadOnlyIntegerWrapper camera = new ReadOnlyIntegerWrapper(0);
    private final ReadOnlyStringWrapper trouble = new ReadOnlyStringWrapper("");
    private Optional<FilmLink> open = Optional.empty();
    private String openFor = "";
    private Runnable found = () -> {};
    private Contents askedIn;
    private FilmLink askedFor;
    private Optional<FilmLink> nextOnFilm = Optional.empty();

    BoutFilm(Desk desk, Player player, Supplier<Optional<Bout>> bout) {
        this.desk = desk;
        this.player = player;
        this.bout = bout;
    }

    /** What to do once a film is on the screen that was not there before. */
    void whenFound(Runnable then) {
        found = then;
    }

    /** {@return the film now on the screen, as the bout names it} */
    public Optional<FilmLink> link() {
        List<FilmLink> links = links();
        return links.isEmpty() ? Optional.empty() : Optional.of(links.get(Math.min(camera.get(), links.size() - 1)));
    }

    private List<FilmLink> links() {
        return bout.get().map(shown -> shown.header().films()).orElse(List.of());
    }

    /** {@return how many cameras show the bout} */
    public int cameras() {
        return links().size();
    }

    /** Shows the same instant through the next camera. */
    public void otherCamera() {
        otherCamera(() -> {});
    }

    /** @param then done once the film of that camera is on the screen */
    public void otherCamera(Runnable then) {
        if (cameras() < 2) {
            desk.messages().say("This bout has one film. A second camera is added in the header (Ctrl+E).");
            return;
        }
        OptionalLong now = boutMicros();
        camera.set((camera.get() + 1) % cameras());
        openLink(now, then);
        desk.messages().say("Camera %d of %d.".formatted(camera.get() + 1, cameras()));
    }

    /** Opens what the bout now names, unless it is open already. */
    void follow() {
        String id = bout.get().map(Bout::id).orElse("");
        if (!id.equals(openFor)) {
            openFor = id;
            camera.set(0);
            open = Optional.empty();
            openLink(OptionalLong.empty(), found);
        } else if (!link().map(FilmLink::path).equals(open.map(FilmLink::path))
                || link().isPresent() != player.hasFilm()) {
            openLink(OptionalLong.empty(), found);
        }
        open = link();
    }

    private void openLink(OptionalLong at, Runnable then) {
        trouble.set("");
        open = link();
        player.show(Optional.empty());
        if (open.isEmpty()) {
            return;
        }
        FilmLink wanted = open.get();
        Path named = pathOf(wanted);
        desk.work()
                .latest(
                        this,
                        "Reading " + named.getFileName(),
                        (progress, cancelled) -> {
                            Path there = Files.exists(named)
                                    ? named
                                    : foundAgain(named).orElse(named);
                            return new Opened(there, Films.open(there, progress, cancelled));
                        },
                        new Work.Listener<Opened>() {
                            @Override
                            public void done(Opened opened) {
                                show(opened, wanted, named, at, then);
                            }

                            @Override
                            public void failed(Exception problem) {
                                trouble.set(problem.getMessage());
                                desk.messages().fail(problem);
                            }

                            @Override
                            public void stopped() {
                                trouble.set("Reading the film was stopped. Open the bout again to read it.");
                            }
                        });
    }

    /** A film and where it really was. */
    private record Opened(Path path, Film film) implements AutoCloseable {
        @Override
        public void close() {
            film.close();
        }
    }

    private void show(Opened opened, FilmLink wanted, Path named, OptionalLong at, Runnable then) {
        if (!open.equals(Optional.of(wanted))) {
            opened.film().close();
            return;
        }
        player.show(Optional.of(opened.film()));
        if (!opened.path().equals(named)) {
            remember(wanted, opened.path());
        }
        at.ifPresent(instant -> player.seek(wanted.toFilm(instant)));
        then.run();
    }

    /** A film is named from the library's folder, so that both can be moved together. */
    public Path pathOf(FilmLink link) {
        return desk.library().path().toAbsolutePath().resolveSibling(link.path());
    }

    /** By its name, near the library and where the library's other films lie; only if there is just one such file. */
    private Optional<Path> foundAgain(Path named) throws IOException {
        List<Path> folders = new ArrayList<>();
        folders.add(desk.library().path().toAbsolutePath().getParent());
        desk.contents().bouts().stream()
                .flatMap(each -> each.header().films().stream())
                .map(link -> pathOf(link).getParent())
                .distinct()
                .filter(folder -> folder != null && Files.isDirectory(folder))
                .forEach(folders::add);
        List<Path> same = new ArrayList<>();
        for (Path folder : folders.stream().distinct().toList()) {
            try (Stream<Path> files = Files.find(
                    folder,
                    SEARCH_DEPTH,
                    (path, about) -> about.isRegularFile() && path.endsWith(named.getFileName()))) {
                files.map(Path::normalize).filter(path -> !same.contains(path)).forEach(same::add);
            }
        }
        return same.size() == 1 ? Optional.of(same.get(0)) : Optional.empty();
    }

    /** The user said where the film is now. */
    public void chosen(Path path) {
        link().ifPresent(link -> remember(link, path));
    }

    private void remember(FilmLink old, Path path) {
        if (desk.library().readOnly().isPresent() || bout.get().isEmpty()) {
            return;
        }
        Bout shown = bout.get().get();
        FilmLink now = new FilmLink(path.toString(), old.startMicros());
        List<FilmLink> links = shown.header().films().stream()
                .map(link -> link.equals(old) ? now : link)
                .toList();
        // Already on the screen: what follows must not open it anew.
        open = Optional.of(now);
        desk.change(
                        "Film found at " + path,
                        Change.of(shown, shown.with(shown.header().withFilms(links))))
                .thenAccept(
                        act -> desk.messages().say("The film had moved and was found again at %s.".formatted(path)));
    }

    /** {@return the instant of the bout now shown; empty without a film, or before the bout begins} */
    public OptionalLong boutMicros() {
        return player.hasFilm() && link().isPresent()
                ? onBout(player.timeProperty().get())
                : OptionalLong.empty();
    }

    private OptionalLong onBout(long filmMicros) {
        long micros = link().orElseThrow().toBout(filmMicros);
        return micros < 0 ? OptionalLong.empty() : OptionalLong.of(micros);
    }

    /** {@return where the film ends, or another bout of it begins, on the bout's timeline; 0 without a film} */
    public long endMicros() {
        if (!player.hasFilm() || link().isEmpty()) {
            return 0;
        }
        FilmLink own = link().get();
        Optional<FilmLink> next = nextOnFilm(own);
        long last = player.lastProperty().get();
        return Math.max(
                0,
                own.toBout(next.map(link -> Math.min(last, link.startMicros())).orElse(last)));
    }

    /** All bouts are asked once after a change of the library, not at each frame. */
    private Optional<FilmLink> nextOnFilm(FilmLink own) {
        if (desk.contents() == askedIn && own.equals(askedFor)) {
            return nextOnFilm;
        }
        askedIn = desk.contents();
        askedFor = own;
        nextOnFilm = askedIn.bouts().stream()
                .flatMap(other -> other.header().films().stream())
                .filter(link -> link.path().equals(own.path()) && link.startMicros() > own.startMicros())
                .min(Comparator.comparingLong(FilmLink::startMicros));
        return nextOnFilm;
    }

    /** Shows that instant of the bout. */
    public void seek(long boutMicros) {
        link().ifPresent(link -> player.seek(link.toFilm(boutMicros)));
    }

    /** {@return which camera is on the screen, from 0} */
    public ReadOnlyIntegerProperty cameraProperty() {
        return camera.getReadOnlyProperty();
    }

    /** {@return why the film could not be opened; empty if it could} */
    public ReadOnlyStringProperty troubleProperty() {
        return trouble.getReadOnlyProperty();
    }
}
