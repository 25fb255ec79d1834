package farglass.library.store;

import java.io.IOException;
import java.io.InputStream;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;

/** Tells a library from other files before anything in it is believed. */
public final class LibraryHeader {
    /** What our files end in. */
    public static final String SUFFIX = ".farglass";

    private static final byte[] SQLITE = "SQLite format 3\0".getBytes(StandardCharsets.US_ASCII);

    /** Where an SQLite file says whose it is: https://sqlite.org/fileformat.html, 1.3. */
    private static final int APPLICATION_AT = 68;

    private LibraryHeader() {}

    /** Looks at the first bytes. Only before this process connects: see {@link LibraryLock}. */
    static void check(Path path) {
        if (Files.isDirectory(path) || !Files.exists(path)) {
            throw new LibraryException(
                    "There is no library at %s. Check the path, or create a new library there.".formatted(path));
        }
        byte[] first;
        try (InputStream in = Files.newInputStream(path)) {
            first = in.readNBytes(SQLITE.length);
        } catch (IOException e) {
            throw new LibraryException("%s cannot be read. Check that you may open it.".formatted(path), e);
        }
        if (!Arrays.equals(first, SQLITE)) {
            throw new LibraryException(
                    first.length == 0
                            ? "%s is empty, and so no library. Create a new one, or restore a backup.".formatted(path)
                            : "%s is not a Far Glass library. %s"
                                    .formatted(
                                            path,
                                            path.toString().endsWith(SUFFIX)
                                                    ? "Choose another file; if it was one, restore a backup of it."
                                                    : "Choose a file that ends in " + SUFFIX + "."));
        }
    }

    /** {@return whether the file begins as a library does: SQLite's first words, and our mark behind them} */
    public static boolean isOurs(Path path) {
        try (InputStream in = Files.newInputStream(path)) {
            byte[] first = in.readNBytes(APPLICATION_AT + Integer.BYTES);
            return first.length == APPLICATION_AT + Integer.BYTES
                    && Arrays.equals(Arrays.copyOf(first, SQLITE.length), SQLITE)
                    && ByteBuffer.wrap(first).getInt(APPLICATION_AT) == Schema.APPLICATION;
        } catch (IOException e) {
            // What cannot be read is not known to be none, and so is not written over.
            return true;
        }
    }

    static void check(Database database, Path path) {
        int version = Schema.version(database);
        int application = Schema.application(database);
        boolean fresh = version == 0 && application == 0 && database.number("SELECT count(*) FROM sqlite_master") == 0;
        if (!fresh && application != Schema.APPLICATION) {
            throw new LibraryException(
                    "%s is a database of another program, not a Far Glass library. Choose a file that ends in %s."
                            .formatted(path, SUFFIX));
        }
        if (version < 0) {
            throw new LibraryException.Damaged(
                    "The library %s is damaged (its format is said to be %d). Restore a backup."
                            .formatted(path, version),
                    null);
        }
        if (version > Schema.VERSION) {
            throw new LibraryException.Newer(
                    "%s was written by a newer Far Glass (its format is %d, this one knows %d). It was not touched. Update Far Glass to open it."
                            .formatted(path, version, Schema.VERSION));
        }
    }

    /** Looks through the whole file: as long as reading it takes. */
    static void checkWhole(Database database, Path path) {
        String health = (String) database.value("PRAGMA quick_check(1)");
        if (!health.equals("ok")) {
            throw new LibraryException.Damaged(
                    "The library %s is damaged (%s). Recover what is whole into a new file (the damaged one is kept aside), or restore a backup."
                            .formatted(path, health.strip().replace('\n', ' ')),
                    null);
        }
    }
}
