package farglass.desktop.desk;

import farglass.core.bout.Bout;
import farglass.core.lexicon.Lexicon;
import farglass.core.lexicon.School;
import farglass.core.study.Athlete;
import farglass.core.study.Study;
import farglass.library.Act;
import farglass.library.Contents;
import farglass.library.Edit;
import farglass.library.Library;
import farglass.library.LibraryException;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.Executor;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.TimeUnit;
import java.util.function.Consumer;
import java.util.function.Supplier;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.beans.property.ReadOnlyStringProperty;
import javafx.beans.property.ReadOnlyStringWrapper;
import javafx.beans.property.SimpleObjectProperty;

/**
 * One open library, as the places see it: its contents as values, the study in force, and the only way to change either.
 * Writes run one after another off the interface thread; when {@link #write} completes, they are on disk.
 */
public final class Desk implements AutoCloseable {
    private final Library library;
    private final Lexicon shipped;
    private final ObjectProperty<School> school = new SimpleObjectProperty<>(School.ENGLISH);
    private Lexicon lexicon;
    private final Executor screen;
    private final Work work;
    private final ExecutorService writer = Executors.newSingleThreadExecutor(task -> {
        // No daemon: the program does not end before the last moment is on disk.
        return new Thread(task, "library writer");
    });
    private final ReadOnlyObjectWrapper<Contents> contents;
    private final ObjectProperty<Optional<Study>> study = new SimpleObjectProperty<>(Optional.empty());
    private final ObjectProperty<Place> place = new SimpleObjectProperty<>(Place.SHELF);
    private final ObjectProperty<Optional<Spot>> spot = new SimpleObjectProperty<>(Optional.empty());
    private final ReadOnlyStringWrapper message = new ReadOnlyStringWrapper("");
    private final ReadOnlyStringWrapper nextUndo = new ReadOnlyStringWrapper("");
    private final ReadOnlyStringWrapper nextRedo = new ReadOnlyStringWrapper("");
    /** What is on disk, as the writer's thread last read it; only that thread touches it. */
    private Contents written;

    private int version;

    /** A place in a bout to be looked at. */
    public record Spot(String bout, Optional<String> moment) {}

    /** @param screen runs what touches properties: the interface thread, or in tests the caller's own */
    public Desk(Library library, Lexicon lexicon, Executor screen) {
        this.library = library;
        this.shipped = lexicon;
        this.screen = screen;
        this.work = new Work(screen);
        this.written = library.contents();
        this.contents = new ReadOnlyObjectWrapper<>(written);
        this.version = library.dataVersion();
        learnWords(written);
        school.addListener(change -> {
            learnWords(contents.get());
            // The words everywhere are made from the contents: shown anew, they are in the other school's language.
            contents.set(contents.get().again());
        });
        study.set(contents.get().studies().stream().findFirst());
        nextUndo.set(library.nextUndo().orElse(""));
        nextRedo.set(library.nextRedo().orElse(""));
    }

    /**
     * Changes the library, off the interface thread.
     *
     * @return completes on the interface thread once the act is on disk and in {@link #contentsProperty}; fails with a
     *     {@link LibraryException} that is also told as the message
     */
    public CompletableFuture<Optional<Act>> write(String what, Consumer<Edit> edits) {
        return submit(() -> library.act(what, edits), "");
    }

    public CompletableFuture<Optional<Act>> undo() {
        return submit(library::undo, "Undone: ");
    }

    public CompletableFuture<Optional<Act>> redo() {
        return submit(library::redo, "Done again: ");
    }

    /** Runs something that acts on the library by itself, such as an import. */
    public CompletableFuture<Optional<Act>> submit(Supplier<Optional<Act>> act, String saying) {
        CompletableFuture<Optional<Act>> done = new CompletableFuture<>();
        writer.execute(() -> {
            try {
                Optional<Act> acted = act.get();
                acted.ifPresent(known -> written = library.contents(written, known));
                Contents now = written;
                String undoable = library.nextUndo().orElse("");
                String redoable = library.nextRedo().orElse("");
                screen.execute(() -> {
                    take(now);
                    acted.filter(known -> !saying.isEmpty()).ifPresent(known -> say(saying + known.what()));
                    nextUndo.set(undoable);
                    nextRedo.set(redoable);
                    done.complete(acted);
                });
            } catch (RuntimeException e) {
                screen.execute(() -> {
                    say(e.getMessage());
                    done.completeExceptionally(e);
                });
            }
        });
        return done;
    }

    private void learnWords(Contents now) {
        Lexicon.Extended extended = shipped.with(now.words().texts());
        lexicon = extended.lexicon().shownIn(school.get());
        extended.problems().stream()
                .findFirst()
                .ifPresent(problem -> say("One of this library\u2019s own words cannot be used. " + problem));
    }

    /** Shows new contents. After an undo the study in force may have another name, or be gone. */
    private void take(Contents now) {
        boolean other = !now.studies().equals(contents.get().studies());
        if (!now.words().equals(contents.get().words())) {
            learnWords(now);
        }
        contents.set(now);
        if (other) {
            Optional<Study> kept = study.get().flatMap(old -> now.study(old.id()));
            study.set(kept.isPresent() ? kept : now.studies().stream().findFirst());
        }
    }

    /** Reads again what another process wrote; only a read-only desk ever sees such a thing. */
    public void follow() {
        if (library.readOnly().isEmpty() || writer.isShutdown()) {
            return;
        }
        writer.execute(() -> {
            int now = library.dataVersion();
            if (now != version) {
                version = now;
                written = library.contents();
                Contents read = written;
                screen.execute(() -> take(read));
            }
        });
    }

    /** Shows one plain sentence at the foot of the window. */
    public void say(String sentence) {
        message.set(sentence);
    }

    /** Goes to Tag, at that bout and moment. */
    public void show(Spot wanted) {
        spot.set(Optional.of(wanted));
        place.set(Place.TAG);
    }

    /** {@return the bouts of the study in force: those of any of its subjects; all bouts without a study} */
    public List<Bout> boutsOfStudy() {
        return study.get()
                .map(found -> {
                    List<String> names = subjects().stream().map(Athlete::name).toList();
                    return contents.get().bouts().stream()
                            .filter(bout -> found.looksAt(bout, names))
                            .toList();
                })
                .orElse(contents.get().bouts());
    }

    /** {@return the athletes under study, the one looked at first in front} */
    public List<Athlete> subjects() {
        return study.get()
                .map(found -> found.subjects().stream()
                        .flatMap(id -> contents.get().athlete(id).stream())
                        .toList())
                .orElse(List.of());
    }

    /** {@return our athlete, in a camp} */
    public Optional<Athlete> ours() {
        return study.get().flatMap(Study::camp).flatMap(camp -> contents.get().athlete(camp.ours()));
    }

    /** {@return who in this bout is under study: the first subject in it, else seat A} */
    public farglass.core.bout.Seat studied(Bout bout) {
        return subjects().stream()
                .flatMap(subject -> bout.header().seatOf(subject.name()).stream())
                .findFirst()
                .orElse(farglass.core.bout.Seat.A);
    }

    public Library library() {
        return library;
    }

    /** {@return the shipped lexicon with this library's own words, shown in the chosen school's language} */
    public Lexicon lexicon() {
        return lexicon;
    }

    /** In whose words positions and techniques are shown. */
    public ObjectProperty<School> schoolProperty() {
        return school;
    }

    public Work work() {
        return work;
    }

    public ReadOnlyObjectProperty<Contents> contentsProperty() {
        return contents.getReadOnlyProperty();
    }

    public Contents contents() {
        return contents.get();
    }

    public ObjectProperty<Optional<Study>> studyProperty() {
        return study;
    }

    public ObjectProperty<Place> placeProperty() {
        return place;
    }

    public ObjectProperty<Optional<Spot>> spotProperty() {
        return spot;
    }

    public ReadOnlyStringProperty messageProperty() {
        return message.getReadOnlyProperty();
    }

    public ReadOnlyStringProperty nextUndoProperty() {
        return nextUndo.getReadOnlyProperty();
    }

    public ReadOnlyStringProperty nextRedoProperty() {
        return nextRedo.getReadOnlyProperty();
    }

    /** Waits until everything written is on disk, then closes the library. */
    @Override
    public void close() {
        work.close();
        writer.shutdown();
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
