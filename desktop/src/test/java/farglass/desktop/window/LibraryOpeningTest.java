package farglass.desktop.window;

import static org.assertj.core.api.Assertions.assertThat;

import farglass.library.store.LibraryException;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.Test;

/** The interface thread's queue is played by hand. */
class LibraryOpeningTest {
    private final LinkedBlockingQueue<Runnable> screen = new LinkedBlockingQueue<>();
    private final List<Throwable> told = new ArrayList<>();
    private final LibraryOpening opening = new LibraryOpening(screen::add);

    private void begin(String firstProblem, String problem) {
        opening.begin(
                () -> {
                    if (!firstProblem.isEmpty()) {
                        throw new LibraryException(firstProblem);
                    }
                },
                () -> {
                    opening.giveUp();
                    throw new LibraryException(problem);
                },
                ready -> {
                    throw new AssertionError("Nothing was opened");
                },
                told::add);
    }

    @Test
    void thatTheLastChangesDidNotReachTheDiskIsToldAlsoWhereNobodyWaitsForTheNextLibrary() throws Exception {
        opening.giveUp();
        begin("The disk did not take the last changes", "");
        screen.poll(20, TimeUnit.SECONDS).run();
        assertThat(told)
                .singleElement()
                .extracting(Throwable::getMessage)
                .isEqualTo("The disk did not take the last changes");
    }

    @Test
    void whatIsWrongWithALibraryThatNobodyWaitsForIsNotTold() throws Exception {
        begin("", "It is damaged");
        screen.poll(20, TimeUnit.SECONDS).run();
        assertThat(told).isEmpty();
    }
}
