package farglass.app.window;

import farglass.app.home.Home;
import farglass.desktop.desk.Happening;
import farglass.desktop.desk.Log;
import farglass.desktop.desk.Settings;
import farglass.desktop.window.Desktop;
import farglass.desktop.window.HeadStart;
import farglass.desktop.window.Workbench;
import java.io.IOException;
import java.nio.file.Path;
import java.util.Locale;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;
import java.util.logging.Level;
import java.util.logging.Logger;
import javafx.animation.AnimationTimer;
import javafx.application.Platform;
import javafx.stage.Stage;

/** Starts the toolkit and waits until the window is closed. */
final class Window {
    /** Held, so that the level set on it is not lost with it. */
    private static final Logger LAUNCH_LOG = Logger.getLogger("javafx");

    private Window() {}

    /**
     * Opens the window on a library, or on the welcome page.
     */
    static int open(Optional<Path> library) throws IOException {
        HeadStart begun = HeadStart.begin(library, Home.clock(), Home.person());
        Settings settings = Settings.read(Home.settings());
        hushStart();
        keepLog(settings);
        CompletableFuture<Integer> closed = new CompletableFuture<>();
        try {
            Platform.startup(() -> start(settings, begun, closed));
        } catch (UnsupportedOperationException e) {
            System.err.println(
                    System.getenv("DISPLAY") == null
                            ? "No window could be opened: no display is set. On a screen DISPLAY names it, such as :0."
                            : "No window could be opened: the display %s cannot be reached. Unset DISPLAY to run without one."
                                    .formatted(System.getenv("DISPLAY")));
            return 1;
        }
        int code = closed.join();
        Platform.exit();
        return code;
    }

    /** Without a log the window works all the same. */
    private static void keepLog(Settings settings) {
        try {
            Log.keep(settings.log());
        } catch (IOException e) {
            System.err.println("No log is kept: the folder %s cannot be written.".formatted(settings.log()));
        }
        Log.note(
                Happening.STARTED,
                Runtime.getRuntime().availableProcessors(),
                Runtime.getRuntime().maxMemory() >> 20);
    }

    private static void start(Settings settings, HeadStart begun, CompletableFuture<Integer> closed) {
        try {
            Desktop.dress();
            Stage stage = new Stage();
            Workbench workbench = Desktop.show(
                    stage, settings, begun, Home.clock(), Home.person(), Optional.of(DemoLibrary.offered()));
            stage.setOnHidden(event -> {
                workbench.closeLibrary();
                closed.complete(0);
            });
            if (Home.leaving() != Home.Leaving.NEVER) {
                leave(stage, workbench);
            }
        } catch (RuntimeException e) {
            closed.completeExceptionally(e);
        }
    }

    /** JavaFX warns that it runs from the class path: true, decided in docs/decisions.md, and of no use to an analyst. */
    static void hushStart() {
        LAUNCH_LOG.setLevel(Level.SEVERE);
    }

    /** Leaves as soon as what is waited for stands. The second pulse begins after the first picture has been handed to the screen. */
    private static void leave(Stage stage, Workbench workbench) {
        new AnimationTimer() {
            private int pulses;

            @Override
            public void handle(long nanos) {
                // What is waited for is the library, not the page that says it is being opened.
                pulses += workbench.isOpening() ? 0 : 1;
                if (pulses == 2) {
                    tell("ready");
                }
                if (pulses >= 2 && (Home.leaving() == Home.Leaving.WITH_PICTURE || workbench.isWhole())) {
                    stop();
                    if (Home.leaving() == Home.Leaving.WHEN_WHOLE) {
                        tell("whole");
                    }
                    Platform.runLater(stage::close);
                }
            }
        }.start();
    }

    private static void tell(String what) {
        System.out.printf(Locale.ROOT, "%s in %d ms%n", what, sinceStart());
    }

    /** The launcher notes when it began; without it, the virtual machine's own start counts. */
    private static long sinceStart() {
        String begun = System.getenv("FARGLASS_BEGUN_MS");
        long from = begun != null && begun.matches("[0-9]{13}")
                ? Long.parseLong(begun)
                : ProcessHandle.current()
                        .info()
                        .startInstant()
                        .map(java.time.Instant::toEpochMilli)
                        .orElseThrow();
        return System.currentTimeMillis() - from;
    }
}
