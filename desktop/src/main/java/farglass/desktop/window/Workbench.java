package farglass.desktop.window;

import farglass.core.rules.Rulesets;
import farglass.desktop.command.Commands;
import farglass.desktop.command.Where;
import farglass.desktop.desk.Choosers;
import farglass.desktop.desk.Desk;
import farglass.desktop.desk.Happening;
import farglass.desktop.desk.InterfaceThread;
import farglass.desktop.desk.Log;
import farglass.desktop.desk.RecentLibrary;
import farglass.desktop.desk.Settings;
import farglass.desktop.parts.Sheet;
import farglass.desktop.parts.Sheets;
import farglass.desktop.shell.HelpPage;
import farglass.desktop.shell.Libraries;
import farglass.desktop.shell.LibrarySheets;
import farglass.desktop.shell.Shell;
import farglass.desktop.shell.WelcomeCommands;
import farglass.drawing.Palette;
import farglass.library.Library;
import farglass.library.RulesetFolder;
import farglass.library.backup.Backups;
import farglass.library.recovery.Recovery;
import farglass.library.store.LibraryException;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.Executor;
import java.util.concurrent.atomic.AtomicReference;
import java.util.function.Consumer;
import java.util.function.Supplier;
import javafx.beans.binding.Bindings;
import javafx.beans.binding.ObjectBinding;
import javafx.geometry.Pos;
import javafx.scene.Scene;
import javafx.scene.control.Button;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.Label;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import javafx.stage.Stage;
import javafx.stage.Window;

/** What fills the window: a welcome while no library is open, else the places of one library. */
public final class Workbench extends StackPane implements Libraries {
    /** So long nobody minds that there is no window yet, and is spared a page that says what is being opened. */
    private static final Duration WORTH_WAITING = Duration.ofMillis(500);

    private final Settings settings;
    private final Choosers choosers;
    private final InterfaceThread screen;
    private final Clock clock;
    private final String who;
    private final ObjectBinding<Palette> palette;
    private final List<Workbench> others = new ArrayList<>();
    private final Optional<Demo> demo;
    /** What can be done while no library is open. */
    private final Commands commands;

    private Optional<Shell> shell = Optional.empty();
    /** Done when what was left last for another library is closed. */
    private CompletableFuture<Void> closed = CompletableFuture.completedFuture(null);

    /** What is being read, and will stand here. */
    private Optional<LibraryOpening> opening = Optional.empty();

    /** A workbench that offers no demo. */
    public Workbench(Settings settings, Choosers choosers, InterfaceThread screen, Clock clock, String who) {
        this(settings, choosers, screen, clock, who, Optional.empty());
    }

    /** A workbench that offers the demo, if there is one. */
    public Workbench(
            Settings settings,
            Choosers choosers,
            InterfaceThread screen,
            Clock clock,
            String who,
            Optional<Demo> demo) {
        this.demo = demo;
        this.settings = settings;
        this.choosers = choosers;
        this.screen = screen;
        this.clock = clock;
        this.who = who;
        this.palette = Bindings.createObjectBinding(
                () -> settings.darkProperty().get() ? Palette.FILM_ROOM : Palette.PAPER, settings.darkProperty());
        getStylesheets()
                .add(Workbench.class
                        .getResource("/farglass/desktop/far-glass.css")
                        .toExternalForm());
        getStyleClass().add("workbench");
        commands = new Commands(this::tell, done -> settings.used(done.id()));
        commands.add(WelcomeCommands.all(this, choosers, settings, this::tell, this::help, this::reportProblem));
        addEventFilter(KeyEvent.KEY_PRESSED, event -> {
            if (shell.isEmpty()) {
                commands.hear(event, isAtWelcome() ? List.of(Where.ALWAYS, Where.EVERYWHERE) : List.of(Where.ALWAYS));
            }
        });
        // What an open menu leaves of a key would else reach the place below it, and tag.
        addEventFilter(KeyEvent.ANY, event -> {
            if (isMenuOpen()) {
                event.consume();
            }
        });
        settings.darkProperty().addListener(change -> dress());
        settings.textPercentProperty().addListener(change -> dress());
        dress();
    }

    /** Shows the library that is on its way already, at once, where it is not far; the welcome, where there is none. */
    void begin(HeadStart begun) {
        begun.library()
                .ifPresentOrElse(
                        path -> begun.readyWithin(WORTH_WAITING)
                                .ifPresentOrElse(
                                        ready -> show(ready, Runnable::run), () -> take(path, begun.ready(), () -> "")),
                        () -> welcome(""));
    }

    /** Neither is a library on its way, nor does a sheet lie over the welcome. */
    private boolean isAtWelcome() {
        return getChildren().stream().anyMatch(Welcome.class::isInstance)
                && getChildren().stream().noneMatch(child -> child instanceof Sheets sheets && sheets.isVisible());
    }

    private boolean isMenuOpen() {
        return Window.getWindows().stream()
                .anyMatch(window -> window instanceof ContextMenu menu
                        && menu.isShowing()
                        && menu.getOwnerWindow() == getScene().getWindow());
    }

    private void dress() {
        getStyleClass().removeAll("film-room", "paper");
        getStyleClass().add(settings.darkProperty().get() ? "film-room" : "paper");
        // Style sheets know one decimal point, whatever language the machine speaks.
        setStyle(String.format(
                Locale.ROOT,
                "-fx-font-size: %.2fpx;",
                14.0 * settings.textPercentProperty().get() / 100));
    }

    private void welcome(String problem) {
        leaveLibrary().run();
        getChildren().setAll(welcomePage(problem));
    }

    /**
     * Opens a library in the place of the one now open, read off the interface thread. What is wrong with it is said in the window.
     */
    public void open(Path path) {
        open(path, "");
    }

    @Override
    public void open(Path path, String saying) {
        take(path, () -> LibraryOpening.Ready.of(path, clock, who), () -> saying);
    }

    /** Opens the demo; it is laid first, where it is not there yet. */
    private void openDemo() {
        demo.ifPresent(known -> take(
                known.path(),
                () -> {
                    if (!Files.exists(known.path())) {
                        known.lay().run();
                    }
                    return LibraryOpening.Ready.of(known.path(), clock, who);
                },
                () -> ""));
    }

    @Override
    public void create(Path path) {
        take(path, () -> LibraryOpening.Ready.of(Library.create(path, clock, who)), () -> "");
    }

    @Override
    public void recover(Path path) {
        AtomicReference<String> found = new AtomicReference<>("");
        take(
                path,
                () -> {
                    found.set(LibrarySheets.words(Recovery.recover(path, clock, who)));
                    return LibraryOpening.Ready.of(path, clock, who);
                },
                found::get);
    }

    /** @param saying what is said at the foot once it stands; may be empty */
    private void take(Path path, Supplier<LibraryOpening.Ready> reading, Supplier<String> saying) {
        Runnable closing = leaveLibrary();
        CompletableFuture<Void> before = closed;
        CompletableFuture<Void> after = new CompletableFuture<>();
        closed = after;
        Label words = new Label("Opening %s \u2026".formatted(path.getFileName()));
        words.setId("opening");
        words.getStyleClass().add("empty-words");
        Button stop = new Button("Stop");
        stop.setId("stop-opening");
        stop.setCancelButton(true);
        stop.setOnAction(event -> welcome(""));
        VBox waiting = new VBox(12, words, stop);
        waiting.setAlignment(Pos.CENTER);
        getChildren().setAll(waiting);
        LibraryOpening begun = new LibraryOpening(screen);
        opening = Optional.of(begun);
        begun.begin(
                () -> {
                    // First: it may be the same library.
                    before.join();
                    try {
                        closing.run();
                    } finally {
                        after.complete(null);
                    }
                },
                reading,
                ready -> {
                    opening = Optional.empty();
                    show(ready, screen::behindPicture);
                    if (!saying.get().isEmpty()) {
                        shell.ifPresent(open -> open.desk().messages().say(saying.get()));
                    }
                },
                problem -> {
                    opening = Optional.empty();
                    failedToOpen(path, problem);
                });
    }

    private void failedToOpen(Path path, Throwable problem) {
        Log.problem(Happening.NOT_OPENED, problem);
        if (problem instanceof LibraryException.Damaged damaged) {
            failed(path, damaged);
        } else if (problem instanceof LibraryException) {
            welcome(problem.getMessage());
        } else {
            problem.printStackTrace();
            welcome("%s could not be opened: something unexpected happened. Nothing in it was changed."
                    .formatted(path));
        }
    }

    /** Offers the ways out of a damaged library, whether that was found at once or while it was read. */
    private void failed(Path path, Exception problem) {
        if (problem instanceof LibraryException.Damaged) {
            closeLibrary();
            Sheets sheets = overWelcome();
            sheets.lay(LibrarySheets.damaged(path, problem.getMessage(), Backups.of(path, clock), this));
        } else {
            shell.ifPresent(Shell::show);
        }
    }

    private Welcome welcomePage(String problem) {
        return new Welcome(this, settings, choosers, screen, problem, demo.map(known -> this::openDemo), commands);
    }

    private Sheets overWelcome() {
        // What went wrong still stands there when the sheet is put away.
        Welcome below = getChildren().stream()
                .filter(Welcome.class::isInstance)
                .map(Welcome.class::cast)
                .findFirst()
                .orElseGet(() -> welcomePage(""));
        Sheets sheets = new Sheets(below);
        getChildren().setAll(below, sheets);
        return sheets;
    }

    /** @param filling when the frame of the window is filled: behind its picture where somebody looks at the window already */
    private void show(LibraryOpening.Ready ready, Executor filling) {
        Library library = ready.library();
        Desk desk = Desk.ahead(library, ready.headers(), ready.lexicon(), screen, Optional.of(settings.sums()));
        Shell made = lay(desk, filling);
        // What is not in sight yet comes behind the first picture.
        NextPicture.once(() -> {
            desk.arrive(() -> arrived(desk, made), problem -> failed(library.path(), problem));
            made.layOutRest(screen);
        });
        remember(library.path(), desk);
        library.readOnly().ifPresent(reason -> desk.messages().fail("Read only: " + reason));
    }

    private void arrived(Desk desk, Shell made) {
        Log.note(
                Happening.OPENED,
                desk.contents().bouts().size(),
                desk.contents().bouts().stream()
                        .mapToInt(bout -> bout.moments().size())
                        .sum());
        tellDamage(desk);
        if (desk.library().readOnly().isEmpty()) {
            backUp(desk);
        }
        made.bringRest(screen);
    }

    private static void tellDamage(Desk desk) {
        LibrarySheets.damageWords(desk.contents().damage()).ifPresent(words -> {
            Log.note(Happening.DAMAGED, desk.contents().damage().size());
            desk.messages().fail(words + " Library, Recover\u2026 mends it where that can be done.");
        });
    }

    private void remember(Path path, Desk desk) {
        settings.opened(new RecentLibrary(path.toAbsolutePath().normalize(), clock.instant()));
        try {
            settings.save();
        } catch (IOException e) {
            desk.messages()
                    .fail("That this library was open is not remembered; it could not be written: " + e.getMessage());
        }
    }

    private static void backUp(Desk desk) {
        desk.work()
                .start(
                        "Making the day\u2019s backup",
                        (progress, cancelled) -> Backups.of(desk.library()).makeIfDue(desk.library()),
                        made -> {},
                        desk.messages()::fail);
    }

    @Override
    public void anotherWindow() {
        shell.ifPresent(open -> {
            Workbench other = new Workbench(settings, choosers, screen, clock, who, demo);
            Stage stage = new Stage();
            stage.setTitle("Far Glass");
            stage.setScene(new Scene(other, WindowPlace.WIDTH, WindowPlace.HEIGHT));
            WindowPlace.put(stage, settings);
            Shell made = other.lay(open.desk().beside(), Runnable::run);
            NextPicture.once(() -> {
                made.layOutRest(screen);
                made.bringRest(screen);
            });
            others.add(other);
            stage.setOnHidden(event -> {
                others.remove(other);
                other.closeLibrary();
            });
            stage.show();
        });
    }

    private Shell lay(Desk desk, Executor filling) {
        Shell made = new Shell(desk, this, settings, choosers, palette);
        shell = Optional.of(made);
        getChildren().setAll(made);
        filling.execute(made::begin);
        return made;
    }

    /** {@return whether a library is still on its way} */
    public boolean isOpening() {
        return opening.isPresent();
    }

    /** {@return whether nothing of the window is on its way: all is read, and every place is laid out} */
    public boolean isWhole() {
        return !isOpening() && shell.stream().allMatch(Shell::isWhole);
    }

    /** {@return the places of the open library} */
    public Optional<Shell> shell() {
        return shell;
    }

    @Override
    public void closeLibrary() {
        leaveLibrary().run();
        closed.join();
    }

    /** {@return what is left to do for the library to be closed, from any thread: it may wait for the disk} */
    private Runnable leaveLibrary() {
        // A library that is closed is closed in all its windows.
        for (Workbench other : List.copyOf(others)) {
            if (other.getScene() != null && other.getScene().getWindow() != null) {
                other.getScene().getWindow().hide();
            }
        }
        opening.ifPresent(LibraryOpening::giveUp);
        opening = Optional.empty();
        Optional<Runnable> closing = shell.map(Shell::leave);
        shell = Optional.empty();
        return () -> closing.ifPresent(left -> {
            left.run();
            Log.note(Happening.CLOSED);
        });
    }

    @Override
    public Rulesets rulesets() {
        RulesetFolder.Found found = RulesetFolder.read(settings.folder().resolve("rulesets"));
        found.problems().stream()
                .findFirst()
                .ifPresent(problem ->
                        shell.ifPresent(open -> open.desk().messages().fail(problem)));
        return found.rulesets();
    }

    /** Lays what can be done over the welcome, where no library is open. */
    private void help() {
        overWelcome().lay(new Sheet("Help and keys", new HelpPage(commands)));
    }

    /** Lays the report over the welcome, where no library is open. */
    private void reportProblem() {
        overWelcome().lay(report(Optional.empty(), path -> {}));
    }

    @Override
    public Sheet report(Optional<Desk> desk, Consumer<Path> saved) {
        return ProblemPage.sheet(new ProblemReport(settings, desk, clock).text(this), choosers, saved);
    }

    @Override
    public void closeWindow() {
        getScene().getWindow().hide();
    }

    public Settings settings() {
        return settings;
    }

    @Override
    public Clock clock() {
        return clock;
    }

    @Override
    public void tell(String sentence) {
        welcome(sentence);
    }
}
