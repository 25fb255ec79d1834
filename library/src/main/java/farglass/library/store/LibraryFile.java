package farglass.library.store;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.Optional;
import java.util.function.Supplier;
import org.sqlite.SQLiteConfig;

/** The file of one library, open: its tables, as this version of the program lays them, and the right to write them. */
public final class LibraryFile implements AutoCloseable {
    private final Path path;
    private final Database database;
    private final Optional<LibraryLock> lock;
    private final Optional<LibraryException.ReadOnly> readOnly;
    /** Whether the whole file was looked through for damage. */
    private boolean whole;

    private LibraryFile(
            Path path,
            Database database,
            Optional<LibraryLock> lock,
            Optional<LibraryException.ReadOnly> readOnly,
            boolean whole) {
        this.path = path;
        this.database = database;
        this.lock = lock;
        this.readOnly = readOnly;
        this.whole = whole;
    }

    /**
     * {@return the file of a new, empty library}
     *
     * @throws LibraryException if something stands at that path already, or it cannot be written
     */
    public static LibraryFile create(Path path) {
        if (Files.exists(path)) {
            throw new LibraryException(
                    "Nothing was made: %s is there already. Open it, or choose another name.".formatted(path));
        }
        Path unfinished = path.resolveSibling(path.getFileName() + ".creating");
        try {
            Files.createDirectories(path.toAbsolutePath().getParent());
            remove(unfinished);
            try {
                connect(unfinished, true, true).close();
                // Only a library with all its tables ever bears its name: one left half-made would be refused for ever.
                Files.move(unfinished, path, StandardCopyOption.ATOMIC_MOVE);
            } finally {
                remove(unfinished);
            }
        } catch (IOException e) {
            throw new LibraryException(
                    "Nothing was made: the folder of %s cannot be written. Choose another folder.".formatted(path), e);
        }
        return connect(path, true, true);
    }

    /**
     * {@return the file of that path, brought up to this version; read-only if it is open elsewhere or may not be written}
     *
     * @param whole whether all of it is looked through for damage at once; else that is done before it is first read or written
     * @throws LibraryException if it is missing, no library, newer, or damaged
     */
    public static LibraryFile open(Path path, boolean whole) {
        LibraryHeader.check(path);
        return connect(path, whole, true);
    }

    /**
     * {@return the file of that path, only to be read} It keeps nobody from writing it.
     *
     * @throws LibraryException if it is missing, no library, newer, or damaged
     */
    public static LibraryFile openToRead(Path path) {
        LibraryHeader.check(path);
        return connect(path, true, isLeftUnfinished(path));
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

    /** Removes a file with all that SQLite and we lay beside it. */
    public static void remove(Path file) throws IOException {
        Files.deleteIfExists(file);
        Files.deleteIfExists(Journal.of(file));
        Files.deleteIfExists(LibraryLock.of(file));
    }

    private static LibraryFile connect(Path path, boolean whole, boolean toWrite) {
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
            Database database = database(path, readOnly.isPresent());
            try {
                LibraryHeader.check(database, path);
                boolean look = whole || Schema.version(database) != Schema.VERSION;
                if (look) {
                    LibraryHeader.checkWhole(database, path);
                }
                if (readOnly.isEmpty()) {
                    Schema.migrate(database);
                }
                return new LibraryFile(path, database, lock, readOnly, look);
            } catch (RuntimeException e) {
                database.close();
                throw e;
            }
        } catch (RuntimeException e) {
            lock.ifPresent(LibraryFile::release);
            throw Trouble.of(path, e);
        }
    }

    private static Database database(Path path, boolean readOnly) {
        SQLiteConfig config = new SQLiteConfig();
        config.setJournalMode(SQLiteConfig.JournalMode.TRUNCATE);
        config.setSynchronous(SQLiteConfig.SynchronousMode.FULL);
        config.enforceForeignKeys(true);
        config.setBusyTimeout(2000);
        config.setReadOnly(readOnly);
        return Database.open(path, config);
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

    /** {@return why it cannot be written here and now; empty if it can} */
    public Optional<LibraryException.ReadOnly> readOnly() {
        return readOnly;
    }

    public Database database() {
        return database;
    }

    public Store store() {
        return new Store(database);
    }

    /**
     * Looks through the whole file, unless that was done.
     *
     * @throws LibraryException.Damaged if it is not as SQLite wrote it
     */
    public void lookThrough() {
        if (!whole) {
            LibraryHeader.checkWhole(database, path);
            whole = true;
        }
    }

    /** Does that; what the database throws is said in a sentence. */
    public <T> T guarded(Supplier<T> work) {
        try {
            return work.get();
        } catch (RuntimeException e) {
            throw Trouble.of(path, e);
        }
    }

    @Override
    public void close() {
        database.close();
        lock.ifPresent(LibraryFile::release);
    }
}
