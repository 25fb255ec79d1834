package farglass.library.backup;

import farglass.library.Library;
import farglass.library.store.Journal;
import farglass.library.store.LibraryException;
import farglass.library.store.LibraryFile;
import farglass.library.store.LibraryHeader;
import farglass.library.store.LibraryLock;
import java.io.IOException;
import java.nio.file.FileSystemException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneOffset;
import java.time.format.DateTimeFormatter;
import java.time.format.DateTimeParseException;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** A rotating set of whole copies in a folder beside the library. */
public final class Backups {
    /** How many are kept; the oldest goes first. */
    static final int KEPT = 10;

    private static final Duration APART = Duration.ofHours(20);
    private static final DateTimeFormatter STAMP =
            DateTimeFormatter.ofPattern("yyyyMMdd-HHmmss-SSS").withZone(ZoneOffset.UTC);

    private final Path library;
    private final Clock clock;

    private Backups(Path library, Clock clock) {
        this.library = real(library);
        this.clock = clock;
    }

    /** Through a link it is the library that is replaced, and not the link. */
    private static Path real(Path library) {
        try {
            return Files.exists(library) ? library.toRealPath() : library;
        } catch (IOException e) {
            throw new LibraryException("%s cannot be looked up.".formatted(library), e);
        }
    }

    /** {@return the backups of a library that is not open, and may be too damaged to be} */
    public static Backups of(Path library, Clock clock) {
        return new Backups(library, clock);
    }

    /** @param made when, in UTC */
    public record Backup(Path path, Instant made) {}

    /** {@return the backups of an open library} */
    public static Backups of(Library library) {
        return new Backups(library.path(), library.clock());
    }

    private Path folder() {
        return library.resolveSibling(library.getFileName() + ".backups");
    }

    /** {@return the backups, the newest first} */
    public List<Backup> list() {
        if (!Files.isDirectory(folder())) {
            return List.of();
        }
        try (Stream<Path> files = Files.list(folder())) {
            return files.flatMap(file -> backup(file).stream())
                    .sorted(Comparator.comparing(Backup::made).reversed())
                    .toList();
        } catch (IOException e) {
            throw new LibraryException("The backups in %s cannot be listed.".formatted(folder()), e);
        }
    }

    private static Optional<Backup> backup(Path file) {
        String name = file.getFileName().toString();
        if (!name.endsWith(LibraryHeader.SUFFIX)) {
            return Optional.empty();
        }
        try {
            String stamp = name.substring(0, name.length() - LibraryHeader.SUFFIX.length());
            return Optional.of(new Backup(file, STAMP.parse(stamp, Instant::from)));
        } catch (DateTimeParseException e) {
            // Another file that somebody put into the folder is none of ours: neither listed nor ever deleted.
            return Optional.empty();
        }
    }

    /** Makes a backup if the newest is not of the last 20 hours. {@return it, if one was due} */
    public Optional<Backup> makeIfDue(Library open) {
        Optional<Backup> newest = list().stream().findFirst();
        boolean due = newest.isEmpty()
                || Duration.between(newest.get().made(), clock.instant()).compareTo(APART) > 0;
        return due ? Optional.of(make(open)) : Optional.empty();
    }

    /** {@return a new backup of the open library} Afterwards no more than ten are kept. */
    public Backup make(Library open) {
        try {
            Files.createDirectories(folder());
            Path target = folder().resolve(STAMP.format(clock.instant()) + LibraryHeader.SUFFIX);
            open.copyTo(target);
            List<Backup> all = list();
            for (Backup old : all.subList(Math.min(KEPT, all.size()), all.size())) {
                Files.delete(old.path());
            }
            return new Backup(target, clock.instant());
        } catch (IOException e) {
            throw new LibraryException("No backup was made: %s cannot be written.".formatted(folder()), e);
        }
    }

    /** A journal left by a crash belongs to the library that is set aside, not to the backup. */
    private void keepAside(Path aside) throws IOException {
        try {
            Files.createLink(aside, library);
        } catch (UnsupportedOperationException | FileSystemException e) {
            // Not every disk has links.
            Files.copy(library, aside);
        }
        if (Files.exists(Journal.of(library))) {
            Files.copy(Journal.of(library), Journal.of(aside));
        }
    }

    /**
     * Puts a backup in the place of the library, which must be closed. What stood there is kept beside it.
     *
     * @return where the library that was replaced now is
     * @throws LibraryException if it is open somewhere or the disk refuses; then the library is as it was
     */
    public Path restore(Backup backup) {
        Path aside = library.resolveSibling(library.getFileName() + ".before-restore-" + STAMP.format(clock.instant()));
        Path copy = library.resolveSibling(library.getFileName() + ".restoring");
        try {
            Optional<LibraryLock> lock = LibraryLock.take(library);
            if (lock.isEmpty()) {
                throw new LibraryException(
                        "Nothing was restored: %s is open in another Far Glass. Close it there first."
                                .formatted(library));
            }
            try {
                // A backup that is damaged itself must not take the place of what may be better.
                LibraryFile.openToRead(backup.path()).close();
                Files.copy(backup.path(), copy, StandardCopyOption.REPLACE_EXISTING);
                if (Files.exists(library)) {
                    keepAside(aside);
                }
                // At no instant is there no library, or one beside the journal of another.
                Files.deleteIfExists(Journal.of(library));
                Files.move(copy, library, StandardCopyOption.ATOMIC_MOVE);
                return aside;
            } finally {
                Files.deleteIfExists(copy);
                lock.get().close();
            }
        } catch (IOException e) {
            throw new LibraryException(
                    "The backup could not be restored (%s). Look for the library at %s or %s."
                            .formatted(e.getMessage(), library, aside),
                    e);
        }
    }
}
