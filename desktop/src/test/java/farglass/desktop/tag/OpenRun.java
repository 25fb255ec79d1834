package farglass.desktop.tag;

import java.nio.file.Path;
import java.util.Locale;
import java.util.concurrent.Executors;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicLong;
import javafx.application.Platform;
import org.testfx.util.WaitForAsyncUtils;

/**
 * Opens a library and tells when its Shelf stood, when everything had come, and the longest that the interface thread answered nobody
 * meanwhile. Run it with the flags of the tests: {@code OpenRun LIBRARY}.
 */
final class OpenRun {
    private static final AtomicLong LAST = new AtomicLong();
    private static final AtomicLong LONGEST = new AtomicLong();

    private OpenRun() {}

    public static void main(String[] arguments) throws Exception {
        long begun = System.nanoTime();
        RunWindow window = RunWindow.open(Path.of(arguments[0]), OpenRun::beat);
        long shelf = System.nanoTime();
        WaitForAsyncUtils.waitFor(10, TimeUnit.MINUTES, () -> WaitForAsyncUtils.asyncFx(
                        () -> window.workbench().isWhole())
                .get());
        System.out.printf(
                Locale.ROOT,
                "Shelf after %.2f s, everything after %.2f s; the interface thread was busy for at most %.0f ms%n",
                (shelf - begun) / 1e9,
                (System.nanoTime() - begun) / 1e9,
                LONGEST.get() / 1e6);
        System.exit(0);
    }

    /** Asks the interface thread for an answer, again and again, from when the window stands. */
    private static void beat() {
        LAST.set(System.nanoTime());
        // No daemon's end is waited for: the run leaves by itself.
        Executors.newSingleThreadScheduledExecutor()
                .scheduleAtFixedRate(() -> Platform.runLater(OpenRun::answered), 0, 5, TimeUnit.MILLISECONDS);
    }

    private static void answered() {
        long now = System.nanoTime();
        long waited = now - LAST.getAndSet(now);
        if (waited > LONGEST.get()) {
            LONGEST.set(waited);
        }
    }
}
