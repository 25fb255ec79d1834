package farglass.desktop.desk;

import farglass.core.change.Change;
import farglass.core.clause.Rehearsal;
import farglass.core.corpus.Corpus;
import farglass.core.entry.School;
import farglass.core.lexicon.Lexicon;
import farglass.core.rules.Rulesets;
import farglass.library.Library;
import farglass.library.changelog.Act;
import farglass.library.contents.Contents;
import farglass.library.store.LibraryException;
import java.nio.file.Path;
import java.time.Clock;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;
import java.util.function.Consumer;
import java.util.function.Supplier;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.ReadOnlyBooleanProperty;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.beans.property.ReadOnlyStringProperty;
import javafx.beans.value.ChangeListener;

/**
 * One open library, as the places of one window see it: its contents as values, and the only way to change them; with whom the window looks at, which
 * place it shows, and what it tells.
 * Writes run one after another off the interface thread; when {@link #change} completes, they are on disk.
 */
public final class Desk implements AutoCloseable {
    /** A library that was just opened is first shown. */
    private static final long AFTER_OPENING_MILLIS = 2_000;

    private final SharedLibrary held;
    /** The same as every window's, but let go of when this one closes. */
    private final ReadOnlyObjectWrapper<Contents> contents;

    private final ChangeListener<Contents> following;
    /** As {@link SharedLibrary#lexicon}, for as long as this window is open: whoever listens here is let go with it. */
    private final ReadOnlyObjectWrapper<Lexicon> lexicon;

    private final ChangeListener<Lexicon> learning;
    private final Messages messages = new Messages(Clock.systemUTC());
    private final StudyInForce study;
    private final Navigation navigation;

    /**
     * Lays out all of a library at once, and keeps nothing for the next start.
     *
     * @param screen runs what touches properties: the interface thread, or in tests the caller's own
     */
    public Desk(Library library, Lexicon lexicon, InterfaceThread screen) {
        this(new SharedLibrary(library, library.contents(), lexicon, screen, Optional.empty()));
        keepWords();
        held.learnUndo();
    }

    private void keepWords() {
        learnWords(held.contents.get(), AFTER_OPENING_MILLIS);
        held.school.addListener((property, old, school) -> learnWords(held.contents.get(), 0));
    }

    /**
     * {@return the desk of a library of which nothing is known yet but the headers of its bouts} What happened in them is read by
     * {@link #arrive}.
     *
     * @param headers as {@link Library#ahead} tells them
     * @param sums where what was added up is kept for the next start; empty to keep nothing
     */
    public static Desk ahead(
            Library library, Contents headers, Lexicon lexicon, InterfaceThread screen, Optional<Path> sums) {
        Desk desk = new Desk(new SharedLibrary(library, headers, lexicon, screen, sums));
        desk.held.awaitArrival();
        desk.keepWords();
        return desk;
    }

    /**
     * Reads what happened in the bouts, once; with it {@link #arrivingProperty} ends.
     *
     * @param here told on the interface thread once all of it is shown
     * @param failed told on the interface thread if it cannot be read; then nothing can be changed
     */
    public void arrive(Runnable here, Consumer<Exception> failed) {
        held.arrive(
                now -> {
                    take(now);
                    navigation.arrived();
                    here.run();
                },
                problem -> {
                    messages.fail(problem);
                    failed.accept(problem);
                });
    }

    private Desk(SharedLibrary held) {
        this.held = held;
        this.contents = new ReadOnlyObjectWrapper<>(held.contents.get());
        this.study = new StudyInForce(contents.getReadOnlyProperty());
        this.navigation = new Navigation(held.arriving.getReadOnlyProperty(), messages);
        this.lexicon = new ReadOnlyObjectWrapper<>(held.lexicon.get());
        this.learning = (property, old, now) -> lexicon.set(now);
        held.lexicon.addListener(learning);
        this.following = (property, old, now) -> contents.set(now);
        held.contents.addListener(following);
    }

    /** {@return the same library for another window: with a place and a study of its own, and all else shared} */
    public Desk beside() {
        held.another();
        return new Desk(held);
    }

    /**
     * Changes the library, off the interface thread. What another window changed meanwhile stays, or the changes are refused.
     *
     * @return completes on the interface thread once the act is on disk and in {@link #contentsProperty}; fails with a
     *     {@link LibraryException} that is also told as the message
     */
    public CompletableFuture<Optional<Act>> change(String what, List<Change> changes) {
        return submit(() -> held.library.change(what, changes), "");
    }

    /** {@return the same} See {@link #change(String, List)}. */
    public CompletableFuture<Optional<Act>> change(String what, Change... changes) {
        return change(what, List.of(changes));
    }

    public CompletableFuture<Optional<Act>> undo() {
        return submit(held.library::undo, "Undone: ");
    }

    public CompletableFuture<Optional<Act>> redo() {
        return submit(held.library::redo, "Done again: ");
    }

    /** Runs something that acts on the library by itself, such as an import. */
    public CompletableFuture<Optional<Act>> submit(Supplier<Optional<Act>> act, String saying) {
        CompletableFuture<Optional<Act>> done = new CompletableFuture<>();
        held.writer.execute(() -> {
            try {
                held.closed.ifPresent(reason -> {
                    throw new LibraryException(reason);
                });
                Optional<Act> acted = act.get();
                acted.ifPresent(known -> held.written = held.library.contents(held.written, known));
                Contents now = held.written;
                String undoable = held.library.nextUndo().orElse("");
                String redoable = held.library.nextRedo().orElse("");
                held.screen.execute(() -> {
                    take(now);
                    acted.filter(known -> !saying.isEmpty()).ifPresent(known -> messages.say(saying + known.what()));
                    held.nextUndo.set(undoable);
                    held.nextRedo.set(redoable);
                    done.complete(acted);
                });
            } catch (RuntimeException | Error e) {
                // An Error too: what was to be saved must not stand there as if it still might be.
                Log.problem(Happening.NOT_SAVED, e);
                held.screen.execute(() -> {
                    messages.tell(e);
                    done.completeExceptionally(e);
                });
            }
        });
        return done;
    }

    /** @param readyAfterMillis for how long they need not be ready to be looked up, so that more urgent work comes first */
    private void learnWords(Contents now, long readyAfterMillis) {
        Lexicon.Extended extended = held.shipped.with(now.words().texts());
        Lexicon learned = extended.lexicon().shownIn(held.school.get());
        held.lexicon.set(learned);
        work().ahead(
                        readyAfterMillis,
                        (progress, cancelled) -> {
                            Rehearsal.of(learned);
                            // The first bout that is opened asks for rules, and the first moment for an id.
                            Rulesets.shipped();
                            Library.newId();
                            return learned;
                        },
                        ready -> {});
        extended.problems().stream()
                .findFirst()
                .ifPresent(problem -> messages.fail("One of this library\u2019s own words cannot be used. " + problem));
    }

    private void take(Contents now) {
        if (!now.words().equals(held.contents.get().words())) {
            learnWords(now, 0);
        }
        held.contents.set(now);
    }

    /** Reads again what another process wrote; only a read-only desk ever sees such a thing. */
    public void follow() {
        if (held.library.readOnly().isEmpty() || held.writer.isShutdown()) {
            return;
        }
        held.writer.execute(() -> {
            int now = held.library.dataVersion();
            if (now != held.version) {
                held.version = now;
                held.written = held.library.contents();
                Contents read = held.written;
                held.screen.execute(() -> take(read));
            }
        });
    }

    /** {@return whether only the headers of the bouts are known yet} Then no bout may be shown, counted or given away. */
    public ReadOnlyBooleanProperty arrivingProperty() {
        return held.arriving.getReadOnlyProperty();
    }

    /** {@return why nothing can be shown or changed beyond the headers: the rest is being read, or could not be; empty for most} */
    public Optional<String> closed() {
        return held.closed;
    }

    /** {@return those contents worked out, for counting; shared by all places and windows} Off the interface thread: the first time it is long. */
    public Corpus corpus(Contents now) {
        return held.corpus(now, held.lexicon.get());
    }

    /** Keeps what was added up by now for the next start, when nothing else wants the machine. */
    public void keepSums() {
        work().ahead(
                        0,
                        (progress, cancelled) -> {
                            held.keepSums();
                            return true;
                        },
                        kept -> {});
    }

    public Library library() {
        return held.library;
    }

    /** {@return the shipped lexicon with this library's own words, shown in the chosen school's language} */
    public Lexicon lexicon() {
        return held.lexicon.get();
    }

    /** Another one where this library's own words change, or are to be shown in another school's language. */
    public ReadOnlyObjectProperty<Lexicon> lexiconProperty() {
        return lexicon.getReadOnlyProperty();
    }

    /** In whose words positions and techniques are shown. */
    public ObjectProperty<School> schoolProperty() {
        return held.school;
    }

    public Work work() {
        return held.work;
    }

    /** {@return that work of the interface thread, to be asked for whenever what it depends on has changed} */
    public Soon soon(Runnable work) {
        return new Soon(held.turns, work);
    }

    /** Does that behind the next picture, where what it shows should not be styled in one piece with what is shown now. */
    public void behindPicture(Runnable task) {
        held.screen.behindPicture(task);
    }

    /** {@return whether nothing that was wished for as {@link #soon} is still to come} */
    public boolean isAllShown() {
        return held.turns.areDone();
    }

    public ReadOnlyObjectProperty<Contents> contentsProperty() {
        return contents.getReadOnlyProperty();
    }

    public Contents contents() {
        return contents.get();
    }

    /** {@return whom this window looks at} */
    public StudyInForce study() {
        return study;
    }

    /** {@return which place of this window is shown} */
    public Navigation navigation() {
        return navigation;
    }

    /** {@return what this window has told} */
    public Messages messages() {
        return messages;
    }

    public ReadOnlyStringProperty nextUndoProperty() {
        return held.nextUndo.getReadOnlyProperty();
    }

    public ReadOnlyStringProperty nextRedoProperty() {
        return held.nextRedo.getReadOnlyProperty();
    }

    /**
     * Leaves the library to its other windows.
     *
     * @return what is left for the last one to do, from any thread: it waits until everything written is on disk, then closes the library
     */
    public Runnable leave() {
        held.lexicon.removeListener(learning);
        held.contents.removeListener(following);
        return held.leave();
    }

    /** Leaves the library, and does at once what is left to do. */
    @Override
    public void close() {
        leave().run();
    }
}
