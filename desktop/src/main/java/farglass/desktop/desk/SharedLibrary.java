package farglass.desktop.desk;

import farglass.core.corpus.Corpus;
import farglass.core.corpus.KeptSums;
import farglass.core.entry.School;
import farglass.core.lexicon.Lexicon;
import farglass.library.Library;
import farglass.library.SumsFile;
import farglass.library.contents.Contents;
import farglass.library.store.LibraryException;
import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.CancellationException;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.TimeUnit;
import java.util.function.Consumer;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.ReadOnlyBooleanWrapper;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.beans.property.ReadOnlyStringWrapper;
import javafx.beans.property.SimpleObjectProperty;

/** One open library, as all windows on it share it: one set of contents, one writer, one list of what can be undone. */
final class SharedLibrary {
    final Library library;
    final Lexicon shipped;
    final InterfaceThread screen;
    /** For what follows from a change and may be done a little later. */
    final Turns turns;

    final Work work;
    final ExecutorService writer = Executors.newSingleThreadExecutor(task -> {
        // No daemon: the program does not end before the last moment is on disk.
        return new Thread(task, "library writer");
    });
    final ReadOnlyObjectWrapper<Contents> contents;
    final ReadOnlyStringWrapper nextUndo = new ReadOnlyStringWrapper("");
    final ReadOnlyStringWrapper nextRedo = new ReadOnlyStringWrapper("");
    final ObjectProperty<School> school = new SimpleObjectProperty<>(School.ENGLISH);
    /** What is on disk, as the writer's thread last read it; only that thread touches it, once all of it has arrived. */
    volatile Contents written;

    final ReadOnlyObjectWrapper<Lexicon> lexicon;
    private Corpus corpus;
    /** Where sums are kept for the next start; empty where nothing is kept. */
    private final Optional<Path> sumsFolder;
    /** With which words they were last taken up. */
    private Lexicon recalledWith;

    private Optional<SumsFile> sumsFile = Optional.empty();
    private KeptSums kept = KeptSums.NONE;
    int version;
    private int windows = 1;

    /** What stands in the way of showing and changing bouts: what happened in them is not known yet, or could not be read. */
    volatile Optional<String> closed = Optional.empty();

    private final CountDownLatch arrival = new CountDownLatch(1);
    /** Whether only the headers of the bouts are known yet. */
    final ReadOnlyBooleanWrapper arriving = new ReadOnlyBooleanWrapper(false);

    /**
     * Opens.
     *
     * @param contents what is shown first
     * @param sumsFolder where sums are kept for the next start; empty to keep none
     */
    SharedLibrary(
            Library library, Contents contents, Lexicon shipped, InterfaceThread screen, Optional<Path> sumsFolder) {
        this.sumsFolder = sumsFolder;
        this.library = library;
        this.shipped = shipped;
        this.screen = screen;
        this.turns = new Turns(screen);
        this.work = new Work(screen);
        this.written = contents;
        this.contents = new ReadOnlyObjectWrapper<>(written);
        this.version = library.dataVersion();
        this.lexicon = new ReadOnlyObjectWrapper<>(shipped);
        this.corpus = Corpus.of(List.of(), shipped);
    }

    void learnUndo() {
        nextUndo.set(library.nextUndo().orElse(""));
        nextRedo.set(library.nextRedo().orElse(""));
    }

    /** Nothing is known yet but the headers: what is written waits until {@link #arrive} has read the rest. */
    void awaitArrival() {
        arriving.set(true);
        closed = Optional.of(
                "What happened in the bouts is still being read; how far it is stands below. This place opens by itself.");
        writer.execute(() -> {
            try {
                arrival.await();
            } catch (InterruptedException e) {
                Thread.currentThread().interrupt();
            }
        });
    }

    /** Reads what happened in the bouts, behind the headers that are shown already. */
    void arrive(Consumer<Contents> here, Consumer<Exception> failed) {
        work.startNeeded(
                "Reading what happened in the bouts",
                (progress, cancelled) -> {
                    try {
                        written = library.contents(share -> {
                            if (cancelled.getAsBoolean()) {
                                throw new CancellationException();
                            }
                            progress.accept(share);
                        });
                        // The undo list is long to read as well.
                        library.nextUndo();
                        closed = Optional.empty();
                        return written;
                    } finally {
                        // Whatever went wrong, an Error too: what is known are headers, and must never be written back.
                        closed = closed.map(
                                reading ->
                                        "Nothing can be changed: the bouts were not read to their end. Open the library again.");
                        arrival.countDown();
                    }
                },
                now -> {
                    arriving.set(false);
                    learnUndo();
                    here.accept(now);
                },
                failed);
    }

    /** {@return every bout of the contents worked out; an edit makes one sheet anew} Not for the interface thread when it may be the first. */
    synchronized Corpus corpus(Contents now, Lexicon words) {
        corpus = corpus.renewed(now.bouts(), words);
        if (recalledWith != words && closed.isEmpty()) {
            recalledWith = words;
            sumsFile = sumsFolder.flatMap(folder -> SumsFile.recall(corpus, folder, library.path(), now.words()));
            kept = corpus.sums();
        }
        return corpus;
    }

    /** Keeps what is added up by now for the next start. Off the interface thread. */
    synchronized void keepSums() throws IOException {
        KeptSums now = corpus.sums();
        if (sumsFile.isPresent() && now.saysMoreThan(kept)) {
            sumsFile.get().write(now);
            kept = now;
        }
    }

    void another() {
        windows++;
    }

    /**
     * Leaves the library to its other windows; with the last one nothing is begun any more.
     *
     * @return waits until everything written is on disk, and closes the library; from any thread. Nothing where there are other windows
     */
    Runnable leave() {
        if (--windows > 0) {
            return () -> {};
        }
        work.stop();
        writer.shutdown();
        return this::close;
    }

    private void close() {
        work.awaitEnd();
        // Where it was closed before the reading began, nothing else would.
        arrival.countDown();
        try {
            if (!writer.awaitTermination(30, TimeUnit.SECONDS)) {
                throw new LibraryException("The disk did not take the last changes within 30 seconds. Check the disk.");
            }
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
        library.close();
    }
}
