package farglass.desktop.window;

import farglass.core.lexicon.Lexicon;
import farglass.library.Library;
import farglass.library.contents.Contents;
import java.nio.file.Path;
import java.time.Clock;
import java.util.concurrent.Executor;
import java.util.function.Consumer;
import java.util.function.Supplier;

/**
 * One library on its way in: read on a thread of its own, handed over on the interface thread, and closed again if nobody waits for it any
 * more.
 */
final class LibraryOpening {
    /** A library of which the headers can be shown, and the lexicon by which it is told. */
    record Ready(Library library, Contents headers, Lexicon lexicon) {
        /** {@return the library in that file} What happened in its bouts is longer to read, and comes behind. */
        static Ready of(Path path, Clock clock, String who) {
            return of(Library.openAhead(path, clock, who));
        }

        static Ready of(Library library) {
            try {
                return new Ready(library, library.ahead(), Lexicon.shipped());
            } catch (RuntimeException | Error e) {
                library.close();
                throw e;
            }
        }
    }

    private final Executor screen;
    /** Written on the interface thread alone. */
    private volatile boolean givenUp;

    LibraryOpening(Executor screen) {
        this.screen = screen;
    }

    /**
     * Begins.
     *
     * @param first what is done on that thread before, also if the library is given up meanwhile, which then is not read
     * @param here told on the interface thread, unless it was given up
     * @param failed likewise; told in any case that what is done first went wrong
     */
    void begin(Runnable first, Supplier<Ready> opening, Consumer<Ready> here, Consumer<Throwable> failed) {
        Thread thread = new Thread(
                () -> {
                    try {
                        first.run();
                    } catch (RuntimeException | Error e) {
                        screen.execute(() -> failed.accept(e));
                        return;
                    }
                    if (givenUp) {
                        return;
                    }
                    try {
                        Ready ready = opening.get();
                        screen.execute(() -> take(ready, here));
                    } catch (RuntimeException | Error e) {
                        // An Error too: else the window would wait for ever.
                        screen.execute(() -> {
                            if (!givenUp) {
                                failed.accept(e);
                            }
                        });
                    }
                },
                "opening a library");
        thread.setDaemon(true);
        thread.start();
    }

    private void take(Ready ready, Consumer<Ready> here) {
        if (givenUp) {
            ready.library().close();
        } else {
            here.accept(ready);
        }
    }

    /** What comes of it is not shown. */
    void giveUp() {
        givenUp = true;
    }
}
