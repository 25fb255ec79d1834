package farglass.desktop.window;

import farglass.core.lexicon.Lexicon;
import farglass.library.Library;
import farglass.library.contents.Contents;
import java.io.IOException;
import java.nio.file.Files;
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
    /**
     * A library that can be shown.
     *
     * @param contents all of it, or the headers alone
     * @param ahead whether they are the headers alone
     */
    record Ready(Library library, Contents contents, boolean ahead) {
        /** Bytes above which a library is shown before all of it is read: a small one is read in the blink of an eye. */
        private static final long LARGE = 16L << 20;

        /** {@return the library in that file, its headers alone where it is large} */
        static Ready of(Path path, Clock clock, String who) {
            return isLarge(path) ? ahead(Library.openAhead(path, clock, who)) : whole(Library.open(path, clock, who));
        }

        private static boolean isLarge(Path path) {
            try {
                return Files.size(path) > LARGE;
            } catch (IOException e) {
                // What is wrong with it is told when it is opened.
                return false;
            }
        }

        static Ready whole(Library library) {
            try {
                Contents contents = library.contents();
                // The undo list is long to read as well.
                library.nextUndo();
                return new Ready(library, contents, false);
            } catch (RuntimeException | Error e) {
                library.close();
                throw e;
            }
        }

        static Ready ahead(Library library) {
            try {
                return new Ready(library, library.ahead(), true);
            } catch (RuntimeException | Error e) {
                library.close();
                throw e;
            }
        }
    }

    private final Executor screen;
    /** Read and written on the interface thread alone. */
    private boolean givenUp;

    LibraryOpening(Executor screen) {
        this.screen = screen;
    }

    /**
     * Begins.
     *
     * @param here told on the interface thread, unless it was given up
     * @param failed likewise
     */
    void begin(Supplier<Ready> opening, Consumer<Ready> here, Consumer<Throwable> failed) {
        Thread thread = new Thread(
                () -> {
                    try {
                        Ready ready = opening.get();
                        // Read the first time that it is asked for: better here than in a window that waits.
                        Lexicon.shipped();
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
