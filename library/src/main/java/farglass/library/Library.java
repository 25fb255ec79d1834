package farglass.library;

import farglass.core.bout.Bout;
import farglass.core.change.Change;
import farglass.library.changelog.Act;
import farglass.library.changelog.ActWriter;
import farglass.library.changelog.Edition;
import farglass.library.changelog.History;
import farglass.library.changelog.Replay;
import farglass.library.contents.Contents;
import farglass.library.contents.ContentsReader;
import farglass.library.contents.MomentRows;
import farglass.library.contents.OnDisk;
import farglass.library.store.Database;
import farglass.library.store.LibraryException;
import farglass.library.store.LibraryFile;
import farglass.library.store.Row;
import farglass.library.store.Seal;
import farglass.library.store.Store;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.DoubleConsumer;

/**
 * One library file, open. Every change is part of an act: all of it is on disk when {@link #change} returns, or none of it. Safe for
 * several threads; each call waits for the one before.
 */
public final class Library implements AutoCloseable {
    private final LibraryFile file;
    private final Clock clock;
    private final String who;
    private Optional<History> history = Optional.empty();

    private Library(LibraryFile file, Clock clock, String who) {
        this.file = file;
        this.clock = clock;
        this.who = who;
    }

    /**
     * {@return a new, empty library}
     *
     * @throws LibraryException if something stands at that path already, or it cannot be written
     */
    public static Library create(Path path, Clock clock, String who) {
        return new Library(LibraryFile.create(path), clock, who);
    }

    /**
     * {@return the library of that path, brought up to this version; read-only if it is open elsewhere or may not be written}
     *
     * @throws LibraryException if it is missing, no library, newer, or damaged
     */
    public static Library open(Path path, Clock clock, String who) {
        return new Library(LibraryFile.open(path, true), clock, who);
    }

    /**
     * {@return the same, before the whole of it was looked through for damage} For a window in which {@link #ahead} is to be shown first;
     * the look is taken before anything else is read or written.
     */
    public static Library openAhead(Path path, Clock clock, String who) {
        return new Library(LibraryFile.open(path, false), clock, who);
    }

    /**
     * {@return the library of that path, only to be read} It keeps nobody from writing it.
     *
     * @throws LibraryException if it is missing, no library, newer, or damaged
     */
    public static Library openToRead(Path path, Clock clock, String who) {
        return new Library(LibraryFile.openToRead(path), clock, who);
    }

    public Path path() {
        return file.path();
    }

    /** {@return the clock by which its acts are dated} */
    public Clock clock() {
        return clock;
    }

    /** {@return why this library cannot be written here and now; empty if it can} */
    public Optional<String> readOnly() {
        return file.readOnly().map(LibraryException.ReadOnly::reason);
    }

    /** {@return everything in it} */
    public synchronized Contents contents() {
        return contents(share -> {});
    }

    /**
     * {@return everything in it}
     *
     * @param progress told how much of the moments was read, in [0, 1]; what it throws ends the reading
     */
    public synchronized Contents contents(DoubleConsumer progress) {
        return file.guarded(() -> {
            file.lookThrough();
            return new ContentsReader(file.store()).whole(progress);
        });
    }

    /** {@return all but the moments: every bout is there with its header, and none of what is told of it} Never to be written back. */
    public synchronized Contents ahead() {
        return file.guarded(() -> new ContentsReader(file.store()).ahead());
    }

    private Database database() {
        return file.database();
    }

    private History history() {
        if (history.isEmpty()) {
            history = Optional.of(file.guarded(() -> History.of(database())));
        }
        return history.get();
    }

    /** {@return what it holds after the act, reading again only what the act touched} */
    public synchronized Contents contents(Contents before, Act act) {
        return file.guarded(() -> new ContentsReader(file.store()).after(before, act, this::bout));
    }

    /** {@return one bout as it now stands} */
    public synchronized Optional<Bout> bout(String id) {
        return file.guarded(() -> {
            Store store = file.store();
            return new OnDisk(store, known -> Seal.check(store, known)).bout(id);
        });
    }

    /**
     * {@return a number that changes whenever another process writes} Tells a read-only window that it should read again.
     */
    public synchronized int dataVersion() {
        return file.guarded(() -> database().number("PRAGMA data_version"));
    }

    /** {@return a new id for something to be put in a library} */
    public static String newId() {
        return ActWriter.newId();
    }

    /**
     * Lays the changes onto what is on disk at this instant, all or none; each sees those before it.
     *
     * @param what the act in words, as the undo menu will say it
     * @param changes gone through once, within the act: what its iterator throws takes all of it back
     * @return the act, on disk; empty if nothing is other than it was
     * @throws LibraryException.Refused if somebody else has changed the same, with both versions
     * @throws LibraryException if nothing could be changed for another reason, with the way out
     */
    public synchronized Optional<Act> change(String what, Iterable<? extends Change> changes) {
        return act(what, edit -> changes.forEach(change -> edit.lay(change)));
    }

    /** {@return the act} See {@link #change(String, Iterable)}. */
    public Optional<Act> change(String what, Change... changes) {
        return change(what, List.of(changes));
    }

    /** Makes the edits, all or none, whatever is there: for this package alone. */
    synchronized Optional<Act> act(String what, Consumer<Edit> edits) {
        return act(what, Optional.empty(), Optional.empty(), writer -> edits.accept(new Edit(writer)));
    }

    private Optional<Act> act(
            String what, Optional<String> undoes, Optional<String> redoes, Consumer<ActWriter> writing) {
        if (file.readOnly().isPresent()) {
            throw file.readOnly().get();
        }
        return file.guarded(() -> {
            file.lookThrough();
            History before = history();
            Optional<Act> act = database().whole(() -> {
                ActWriter writer = new ActWriter(database(), clock, who, what, undoes, redoes);
                writing.accept(writer);
                return writer.finish();
            });
            act.ifPresent(done -> before.add(new History.Done(done.id(), what), undoes, redoes));
            return act;
        });
    }

    /** {@return what undo would take back, in words} */
    public synchronized Optional<String> nextUndo() {
        return history().nextUndo().map(History.Done::what);
    }

    /** {@return what redo would do again, in words} */
    public synchronized Optional<String> nextRedo() {
        return history().nextRedo().map(History.Done::what);
    }

    /** {@return what that moment was made into over time, the first telling first; empty if it never was in this library} */
    public synchronized List<Edition> history(String bout, String momentId) {
        String key = MomentRows.key(bout, momentId);
        return file.guarded(() -> database()
                .rows(
                        "SELECT at, who, what, after FROM change WHERE entity = 'moment' AND row_key = ? ORDER BY id",
                        key)
                .stream()
                .map(row -> new Edition(
                        Instant.parse((String) row.get("at")),
                        (String) row.get("who"),
                        (String) row.get("what"),
                        Optional.ofNullable((String) row.get("after")).map(image -> Row.fromImage("moment", key, image)
                                .told(MomentRows::moment))))
                .toList());
    }

    /**
     * Takes the last act back, by a new act that restores what was before.
     *
     * @return the new act; empty if there is nothing to undo
     * @throws LibraryException if something later depends on it
     */
    public synchronized Optional<Act> undo() {
        return history().nextUndo().flatMap(done -> {
            List<Replay.Step> steps = file.guarded(() -> Replay.backwards(database(), done.act()));
            return act(
                    done.what(),
                    Optional.of(done.act()),
                    Optional.empty(),
                    writer -> Replay.run(writer, steps, "undone", done.what()));
        });
    }

    /** Does again what was undone last. {@return the new act; empty if there is nothing to redo} */
    public synchronized Optional<Act> redo() {
        return history().nextRedo().flatMap(done -> {
            List<Replay.Step> steps = file.guarded(() -> Replay.forwards(database(), done.act()));
            return act(
                    done.what(),
                    Optional.empty(),
                    Optional.of(done.act()),
                    writer -> Replay.run(writer, steps, "done again", done.what()));
        });
    }

    /**
     * Writes a whole copy of this library, checked and compact, to a path where nothing stands yet.
     *
     * @throws LibraryException if it could not be written; nothing half-written stays
     */
    public synchronized void copyTo(Path target) {
        if (Files.exists(target)) {
            throw new LibraryException("No copy was made: %s is there already. Choose another name.".formatted(target));
        }
        Path unfinished = target.resolveSibling(target.getFileName() + ".part");
        try {
            Files.deleteIfExists(unfinished);
            file.guarded(() -> {
                database().run("VACUUM INTO ?", unfinished.toAbsolutePath().toString());
                return unfinished;
            });
            // Only a whole copy ever bears the name of one.
            Files.move(unfinished, target);
        } catch (IOException e) {
            throw new LibraryException(
                    "No copy was made: %s cannot be written. Choose another folder.".formatted(target), e);
        }
    }

    /** Lets no more than so many pages be written, as a full disk would. For tests. */
    synchronized void limitPages(int pages) {
        database().number("PRAGMA max_page_count = " + pages);
    }

    synchronized int pages() {
        return database().number("PRAGMA page_count");
    }

    @Override
    public synchronized void close() {
        file.close();
    }
}
