package farglass.library;

import farglass.core.bout.Bout;
import farglass.core.change.Change;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.sql.Connection;
import java.sql.SQLException;
import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.DoubleConsumer;
import java.util.function.Supplier;
import org.jdbi.v3.core.Handle;
import org.jdbi.v3.core.Jdbi;
import org.sqlite.SQLiteConfig;

/**
 * One library file, open. Every change is part of an act: all of it is on disk when {@link #change} returns, or none of it. Safe for
 * several threads; each call waits for the one before.
 */
public final class Library implements AutoCloseable {
    /** What our files end in. */
    public static final String SUFFIX = ".farglass";

    private final Path path;
    private final Clock clock;
    private final String who;
    private final Handle handle;
    private final Optional<LibraryLock> lock;
    private final Optional<LibraryException.ReadOnly> readOnly;
    /** Whether the whole file was looked through for damage. */
    private boolean whole;

    private Optional<History> history = Optional.empty();

    private Library(
            Path path,
            Clock clock,
            String who,
            Handle handle,
            Optional<LibraryLock> lock,
            Optional<LibraryException.ReadOnly> readOnly,
            boolean whole) {
        this.path = path;
        this.clock = clock;
        this.who = who;
        this.handle = handle;
        this.lock = lock;
        this.readOnly = readOnly;
        this.whole = whole;
    }

    /**
     * {@return a new, empty library}
     *
     * @throws LibraryException if something stands at that path already, or it cannot be written
     */
    public static Library create(Path path, Clock clock, String who) {
        if (Files.exists(path)) {
            throw new LibraryException(
                    "Nothing was made: %s is there already. Open it, or choose another name.".formatted(path));
        }
        Path unfinished = path.resolveSibling(path.getFileName() + ".creating");
        try {
            Files.createDirectories(path.toAbsolutePath().getParent());
            remove(unfinished);
            try {
                connect(unfinished, clock, who, true, true).close();
                // Only a library with all its tables ever bears its name: one left half-made would be refused for ever.
                Files.move(unfinished, path, StandardCopyOption.ATOMIC_MOVE);
            } finally {
                remove(unfinished);
            }
        } catch (IOException e) {
            throw new LibraryException(
                    "Nothing was made: the folder of %s cannot be written. Choose another folder.".formatted(path), e);
        }
        return connect(path, clock, who, true, true);
    }

    /**
     * {@return the library of that path, brought up to this version; read-only if it is open elsewhere or may not be written}
     *
     * @throws LibraryException if it is missing, no library, newer, or damaged
     */
    public static Library open(Path path, Clock clock, String who) {
        LibraryHeader.check(path);
        return connect(path, clock, who, true, true);
    }

    /**
     * {@return the library of that path, only to be read} It keeps nobody from writing it.
     *
     * @throws LibraryException if it is missing, no library, newer, or damaged
     */
    public static Library openToRead(Path path, Clock clock, String who) {
        LibraryHeader.check(path);
        return connect(path, clock, who, true, isLeftUnfinished(path));
    }

    /** {@return whether that file is a library; also where it cannot be read} */
    public static boolean isLibrary(Path path) {
        return LibraryHeader.isOurs(path);
    }

    /** An act that a crash broke off has to be rolled back first, and that is writing. */
    private static boolean isLeftUnfinished(Path path) {
        try {
            Path journal = Journal.of(path.toRealPath());
            return Files.exists(journal) && Files.size(journal) > 0;
        } catch (IOException e) {
            throw new LibraryException("%s cannot be read. Check that you may open it.".formatted(path), e);
        }
    }

    private static void remove(Path unfinished) throws IOException {
        Files.deleteIfExists(unfinished);
        Files.deleteIfExists(Journal.of(unfinished));
        Files.deleteIfExists(LibraryLock.of(unfinished));
    }

    /**
     * {@return the same, before the whole of it was looked through for damage} For a large library of which {@link #ahead} is to be shown
     * first; the look is taken before anything else is read or written.
     */
    public static Library openAhead(Path path, Clock clock, String who) {
        LibraryHeader.check(path);
        return connect(path, clock, who, false, true);
    }

    private static Library connect(Path path, Clock clock, String who, boolean whole, boolean toWrite) {
        Optional<LibraryLock> lock;
        Optional<LibraryException.ReadOnly> readOnly = Optional.empty();
        try {
            lock = toWrite ? LibraryLock.take(path) : Optional.empty();
            if (!toWrite) {
                readOnly = Optional.of(new LibraryException.ReadOnly("%s was opened only to be read.".formatted(path)));
            } else if (lock.isEmpty()) {
                readOnly = Optional.of(new LibraryException.OpenElsewhere(
                        "%s is open in another Far Glass, which may write it. Close it there, then open it here again."
                                .formatted(path)));
            }
        } catch (IOException e) {
            lock = Optional.empty();
            readOnly = Optional.of(
                    new LibraryException.ReadOnly("%s is in a folder that may not be written.".formatted(path)));
        }
        if (lock.isPresent() && Files.exists(path) && !Files.isWritable(path)) {
            readOnly = Optional.of(new LibraryException.ReadOnly(
                    "%s may only be read. Allow writing it, or save a copy elsewhere.".formatted(path)));
        }
        try {
            Handle handle = handle(path, readOnly.isPresent());
            try {
                LibraryHeader.check(handle, path);
                boolean look = whole || Schema.version(handle) != Schema.VERSION;
                if (look) {
                    LibraryHeader.checkWhole(handle, path);
                }
                if (readOnly.isEmpty()) {
                    Schema.migrate(handle);
                }
                return new Library(path, clock, who, handle, lock, readOnly, look);
            } catch (RuntimeException e) {
                handle.close();
                throw e;
            }
        } catch (RuntimeException e) {
            lock.ifPresent(Library::release);
            throw Trouble.of(path, e);
        }
    }

    private static Handle handle(Path path, boolean readOnly) {
        SQLiteConfig config = new SQLiteConfig();
        config.setJournalMode(SQLiteConfig.JournalMode.TRUNCATE);
        config.setSynchronous(SQLiteConfig.SynchronousMode.FULL);
        config.enforceForeignKeys(true);
        config.setBusyTimeout(2000);
        config.setReadOnly(readOnly);
        return Jdbi.create(() -> connection(path, config)).open();
    }

    private static Connection connection(Path path, SQLiteConfig config) throws SQLException {
        return config.createConnection("jdbc:sqlite:" + path.toAbsolutePath());
    }

    private static void release(LibraryLock lock) {
        try {
            lock.close();
        } catch (IOException e) {
            throw new UncheckedIOException("The lock beside the library could not be given back", e);
        }
    }

    public Path path() {
        return path;
    }

    /** {@return why this library cannot be written here and now; empty if it can} */
    public Optional<String> readOnly() {
        return readOnly.map(LibraryException.ReadOnly::reason);
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
        return guarded(() -> {
            lookThrough();
            return Contents.read(new Store(handle), progress);
        });
    }

    /** {@return all but the moments: every bout is there with its header, and none of what is told of it} Never to be written back. */
    public synchronized Contents ahead() {
        return guarded(() -> Contents.ahead(new Store(handle)));
    }

    private void lookThrough() {
        if (!whole) {
            LibraryHeader.checkWhole(handle, path);
            whole = true;
        }
    }

    private History history() {
        if (history.isEmpty()) {
            history = Optional.of(guarded(() -> History.of(handle)));
        }
        return history.get();
    }

    /** {@return what it holds after the act, reading again only what the act touched} */
    public synchronized Contents contents(Contents before, Act act) {
        return guarded(() -> Contents.after(before, act, new Store(handle), this::bout));
    }

    /** {@return one bout as it now stands} */
    public synchronized Optional<Bout> bout(String id) {
        return guarded(() -> {
            Store store = new Store(handle);
            return new OnDisk(store, known -> Seal.check(store, known)).bout(id);
        });
    }

    /**
     * {@return a number that changes whenever another process writes} Tells a read-only window that it should read again.
     */
    public synchronized int dataVersion() {
        return guarded(() ->
                handle.createQuery("PRAGMA data_version").mapTo(Integer.class).one());
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
        if (readOnly.isPresent()) {
            throw readOnly.get();
        }
        return guarded(() -> {
            lookThrough();
            History before = history();
            Optional<Act> act = handle.inTransaction(in -> {
                try (ActWriter writer = new ActWriter(in, clock, who, what, undoes, redoes)) {
                    writing.accept(writer);
                    return writer.finish();
                }
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
        return guarded(() -> handle.createQuery(
                        "SELECT at, who, what, after FROM change WHERE entity = 'moment' AND row_key = :key ORDER BY id")
                .bind("key", key)
                .mapToMap()
                .map(row -> new Edition(
                        Instant.parse((String) row.get("at")),
                        (String) row.get("who"),
                        (String) row.get("what"),
                        Optional.ofNullable((String) row.get("after"))
                                .map(image -> Contents.told(Row.fromImage("moment", key, image), MomentRows::moment))))
                .list());
    }

    /**
     * Takes the last act back, by a new act that restores what was before.
     *
     * @return the new act; empty if there is nothing to undo
     * @throws LibraryException if something later depends on it
     */
    public synchronized Optional<Act> undo() {
        return history().nextUndo().flatMap(done -> {
            List<Replay.Step> steps = guarded(() -> Replay.backwards(handle, done.act()));
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
            List<Replay.Step> steps = guarded(() -> Replay.forwards(handle, done.act()));
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
            guarded(() -> handle.createUpdate("VACUUM INTO :target")
                    .bind("target", unfinished.toAbsolutePath().toString())
                    .execute());
            // Only a whole copy ever bears the name of one.
            Files.move(unfinished, target);
        } catch (IOException e) {
            throw new LibraryException(
                    "No copy was made: %s cannot be written. Choose another folder.".formatted(target), e);
        }
    }

    /**
     * Writes what is believed of a damaged file, with its edit history; a row that breaks a rule of the tables is left out and named in
     * {@code lost}. Nothing of it is an act: it stands there as before.
     */
    synchronized void recovered(
            Mending mending, List<Salvage.Line> lines, Map<String, Integer> counts, List<String> lost) {
        guarded(() -> {
            handle.useTransaction(in -> {
                try (ActWriter writer =
                        new ActWriter(in, clock, who, "Recovered", Optional.empty(), Optional.empty())) {
                    for (Salvage.Line line : lines) {
                        if (!writer.restored(line)) {
                            lost.add("A line of the edit history (%s) could not be kept.".formatted(line.text("id")));
                        }
                    }
                    for (String table : Store.TABLES) {
                        int saved = 0;
                        for (Row row : mending.rows(table)) {
                            Optional<String> missing = References.missing(writer.store(), row);
                            if (missing.isPresent()) {
                                lost.add(missing.get());
                            } else if (writer.restored(row)) {
                                saved++;
                            } else {
                                lost.add("The %s %s could not be kept.".formatted(table.replace('_', ' '), row.key()));
                            }
                        }
                        counts.put(table, saved);
                    }
                    mending.rows("bout").forEach(row -> writer.seal(row.key()));
                }
            });
            history = Optional.empty();
            return true;
        });
    }

    /** {@return the backups of this library} */
    public Backups backups() {
        return new Backups(path, clock);
    }

    /** Lets no more than so many pages be written, as a full disk would. For tests. */
    synchronized void limitPages(int pages) {
        handle.createQuery("PRAGMA max_page_count = " + pages)
                .mapTo(Integer.class)
                .one();
    }

    synchronized int pages() {
        return handle.createQuery("PRAGMA page_count").mapTo(Integer.class).one();
    }

    private <T> T guarded(Supplier<T> work) {
        try {
            return work.get();
        } catch (RuntimeException e) {
            throw Trouble.of(path, e);
        }
    }

    @Override
    public synchronized void close() {
        handle.close();
        lock.ifPresent(Library::release);
    }
}
