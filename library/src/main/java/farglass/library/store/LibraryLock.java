package farglass.library.store;

import java.io.IOException;
import java.nio.channels.FileChannel;
import java.nio.channels.FileLock;
import java.nio.channels.OverlappingFileLockException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.util.Optional;

/**
 * Says that one process writes this library. The lock is on a file beside the library, never on the library itself:
 * opening that by Java while SQLite has it drops SQLite's own locks.
 */
public final class LibraryLock implements AutoCloseable {
    private final FileChannel channel;
    private final FileLock lock;

    private LibraryLock(FileChannel channel, FileLock lock) {
        this.channel = channel;
        this.lock = lock;
    }

    /**
     * {@return the lock; empty if someone else holds it}
     *
     * @throws IOException if the lock's file cannot be written, as in a read-only folder
     */
    public static Optional<LibraryLock> take(Path library) throws IOException {
        // Through a link it is the same library, and has the same lock.
        Path real = Files.exists(library) ? library.toRealPath() : library.toAbsolutePath();
        FileChannel channel = FileChannel.open(of(real), StandardOpenOption.CREATE, StandardOpenOption.WRITE);
        try {
            FileLock lock = channel.tryLock();
            if (lock != null) {
                return Optional.of(new LibraryLock(channel, lock));
            }
        } catch (OverlappingFileLockException e) {
            // Held in this very process: the same answer as if another process held it.
            channel.close();
            return Optional.empty();
        }
        channel.close();
        return Optional.empty();
    }

    /** {@return the file beside the library that bears the lock} */
    static Path of(Path library) {
        return library.resolveSibling(library.getFileName() + ".lock");
    }

    @Override
    public void close() throws IOException {
        lock.release();
        channel.close();
    }
}
