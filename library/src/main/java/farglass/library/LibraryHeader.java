package farglass.library;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import org.jdbi.v3.core.Handle;

/** Tells a library from other files before anything in it is believed. */
final class LibraryHeader {
    private static final byte[] SQLITE = "SQLite format 3\0".getBytes(StandardCharsets.US_ASCII);

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
                            : "%s is not a Far Glass library. Choose a file that ends in %s."
                                    .formatted(path, Library.SUFFIX));
        }
    }

    static void check(Handle handle, Path path) {
        int version = Schema.version(handle);
        int application = Schema.application(handle);
        boolean fresh = version == 0
                && application == 0
                && handle.createQuery("SELECT count(*) FROM sqlite_master")
                                .mapTo(Integer.class)
                                .one()
                        == 0;
        if (!fresh && application != Schema.APPLICATION) {
            throw new LibraryException(
                    "%s is a database of another program, not a Far Glass library. Choose a file that ends in %s."
                            .formatted(path, Library.SUFFIX));
        }
        if (version > Schema.VERSION) {
            throw new LibraryException.Newer(
                    "%s was written by a newer Far Glass (its format is %d, this one knows %d). It was not touched. Update Far Glass to open it."
                            .formatted(path, version, Schema.VERSION));
        }
    }

    /** Looks through the whole file: as long as reading it takes. */
    static void checkWhole(Handle handle, Path path) {
        String health =
                handle.createQuery("PRAGMA quick_check(1)").mapTo(String.class).first();
        if (!health.equals("ok")) {
            throw new LibraryException.Damaged(
                    "The library %s is damaged (%s). Recover what is whole into a new file (the damaged one is kept aside), or restore a backup."
                            .formatted(path, health.strip().replace('\n', ' ')),
                    null);
        }
    }
}
