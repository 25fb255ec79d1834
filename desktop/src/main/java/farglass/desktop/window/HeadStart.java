package farglass.desktop.window;

import farglass.core.lexicon.Lexicon;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Duration;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CompletionException;
import java.util.concurrent.TimeUnit;
import java.util.function.Supplier;

/**
 * What the first window needs and nobody has to wait for: the lexicon, and the library that is to be opened, are read while the toolkit is
 * still set up, which takes as long.
 */
public final class HeadStart {
    private record Begun(Path path, CompletableFuture<LibraryOpening.Ready> ready) {}

    private final Optional<Begun> library;

    private HeadStart(Optional<Begun> library) {
        this.library = library;
    }

    /** {@return one by which nothing was begun} */
    static HeadStart ofNothing() {
        return new HeadStart(Optional.empty());
    }

    /** Begins what every window needs, whatever it will show. */
    public static void begin() {
        run("head start", Lexicon::shipped);
    }

    /** {@return what was begun just now, on a thread of its own} What goes wrong with the library is told by whoever takes it. */
    public static HeadStart begin(Optional<Path> library, Clock clock, String who) {
        return new HeadStart(library.map(path -> {
            CompletableFuture<LibraryOpening.Ready> ready = new CompletableFuture<>();
            run("opening the first library", () -> {
                try {
                    ready.complete(LibraryOpening.Ready.of(path, clock, who));
                } catch (RuntimeException | Error e) {
                    ready.completeExceptionally(e);
                }
            });
            return new Begun(path, ready);
        }));
    }

    private static void run(String name, Runnable task) {
        Thread thread = new Thread(task, name);
        thread.setDaemon(true);
        thread.start();
    }

    /** {@return the library that is on its way; empty where none was named} */
    Optional<Path> library() {
        return library.map(Begun::path);
    }

    /** {@return it, if it is there soon; empty also where something went wrong, which {@link #ready} then throws} */
    Optional<LibraryOpening.Ready> readyWithin(Duration time) {
        return Optional.ofNullable(library.orElseThrow()
                .ready()
                .copy()
                .exceptionally(problem -> null)
                .completeOnTimeout(null, time.toMillis(), TimeUnit.MILLISECONDS)
                .join());
    }

    /** {@return it, once it is there} It throws what went wrong. */
    Supplier<LibraryOpening.Ready> ready() {
        CompletableFuture<LibraryOpening.Ready> ready = library.orElseThrow().ready();
        return () -> {
            try {
                return ready.join();
            } catch (CompletionException e) {
                if (e.getCause() instanceof Error error) {
                    throw error;
                }
                throw (RuntimeException) e.getCause();
            }
        };
    }
}
