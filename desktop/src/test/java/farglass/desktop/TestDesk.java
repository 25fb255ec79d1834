package farglass.desktop;

import farglass.core.bout.Bout;
import farglass.core.change.Change;
import farglass.core.lexicon.Lexicon;
import farglass.core.notation.BoutFile;
import farglass.core.notation.BoutReading;
import farglass.desktop.desk.Desk;
import farglass.library.Library;
import java.nio.file.Path;
import java.time.Clock;
import java.util.Optional;
import java.util.concurrent.Callable;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;

/** A desk on a library of its own, with a {@link TestScreen} and a writer that can be held. */
public final class TestDesk implements AutoCloseable {
    private static final long LONGEST_SECONDS = 20;

    private final TestScreen screen = new TestScreen();
    private final Desk desk;

    public TestDesk(Path folder, Change... changes) {
        Library library = Library.create(folder.resolve("l.farglass"), Clock.systemUTC(), "t");
        library.change("Prepare", changes);
        desk = new Desk(library, Lexicon.shipped(), screen);
    }

    /** {@return the bout of that text, without its first line} */
    public static Bout bout(String text) {
        BoutReading read = BoutFile.parse("far-glass bout 1\n" + text, Lexicon.shipped());
        return read.bout().orElseThrow(() -> new AssertionError(read.diagnostics()));
    }

    public Desk desk() {
        return desk;
    }

    public void onScreen(Runnable work) throws Exception {
        screen.onScreen(work);
    }

    public <T> T asked(Callable<T> question) throws Exception {
        return screen.asked(question);
    }

    /** Waits until all that was begun is done and shown. */
    public void settle() throws Exception {
        desk.change("Nothing").get(LONGEST_SECONDS, TimeUnit.SECONDS);
        screen.rest(desk);
    }

    /** {@return what lets the writer go on: nothing is written before} */
    public CountDownLatch holdWriter() {
        CountDownLatch latch = new CountDownLatch(1);
        desk.submit(
                () -> {
                    try {
                        latch.await();
                    } catch (InterruptedException e) {
                        Thread.currentThread().interrupt();
                    }
                    return Optional.empty();
                },
                "");
        return latch;
    }

    @Override
    public void close() {
        desk.close();
        screen.close();
    }
}
