package farglass.library.recovery;

import farglass.library.changelog.ActWriter;
import farglass.library.changelog.LoggedLine;
import farglass.library.store.Journal;
import farglass.library.store.LibraryException;
import farglass.library.store.LibraryFile;
import farglass.library.store.LibraryLock;
import farglass.library.store.References;
import farglass.library.store.Row;
import farglass.library.store.Store;
import java.io.IOException;
import java.io.RandomAccessFile;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.time.Clock;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Saves what can be read of a damaged library into a new one. The damaged file is kept aside, untouched, with its journal. */
public final class Recovery {
    /**
     * @param kept where the damaged file now is
     * @param rows how many entries of each table were saved
     * @param mended what was wrong and is as it was written again, in words
     * @param lost what could not be saved, or may be wrong, in words; empty if every bout is as it was written
     */
    public record Report(Path kept, Map<String, Integer> rows, List<String> mended, List<String> lost) {
        public Report {
            rows = Map.copyOf(rows);
            mended = List.copyOf(mended);
            lost = List.copyOf(lost);
        }
    }

    /** Where the header of an SQLite file says how large a page is, and how many there are: https://sqlite.org/fileformat.html, 1.3. */
    private static final int PAGE_SIZE_AT = 16;

    private static final int PAGES_AT = 28;
    private static final int MOST_PADDED = 64;

    private final Path library;
    private final Clock clock;
    private final String who;

    private Recovery(Path library, Clock clock, String who) {
        this.library = library;
        this.clock = clock;
        this.who = who;
    }

    /**
     * Recovers the library in place; it must be closed.
     *
     * @return what was saved and what was not
     * @throws LibraryException if it is open somewhere, nothing of it can be read, or the disk refuses; then it is as it was
     */
    public static Report recover(Path library, Clock clock, String who) {
        try {
            Path real = library.toRealPath();
            Optional<LibraryLock> lock = LibraryLock.take(real);
            if (lock.isEmpty()) {
                throw new LibraryException(
                        "Nothing was recovered: %s is open in another Far Glass. Close it there first."
                                .formatted(library));
            }
            try {
                return new Recovery(real, clock, who).run();
            } finally {
                lock.get().close();
            }
        } catch (IOException e) {
            throw new LibraryException(
                    "Nothing was recovered: %s cannot be copied or written (%s). It is as it was."
                            .formatted(library, e.getMessage()),
                    e);
        }
    }

    private Report run() throws IOException {
        Path source = library.resolveSibling(library.getFileName() + ".recovering-from");
        Path unfinished = library.resolveSibling(library.getFileName() + ".recovering");
        try {
            LibraryFile.remove(unfinished);
            copy(library, source);
            pad(source);
            Salvage salvage = Salvage.of(source);
            if (salvage.isEmpty()) {
                throw new LibraryException(
                        "Nothing was recovered: not one entry of %s can be read. It is as it was. Restore a backup."
                                .formatted(library));
            }
            Believed believed = Believed.of(salvage);
            Map<String, Integer> counts = new HashMap<>();
            List<String> lost = new ArrayList<>(believed.lost());
            try (LibraryFile fresh = LibraryFile.create(unfinished)) {
                write(fresh, believed, salvage.history(), counts, lost);
            }
            Path aside = library.resolveSibling("%s.damaged-%d"
                    .formatted(library.getFileName(), clock.instant().toEpochMilli()));
            copy(library, aside);
            // Its own journal must be gone before another file takes its name; both are kept aside by now.
            Files.deleteIfExists(Journal.of(library));
            Files.move(unfinished, library, StandardCopyOption.ATOMIC_MOVE);
            return new Report(aside, counts, believed.mended(), lost);
        } finally {
            LibraryFile.remove(source);
            LibraryFile.remove(unfinished);
        }
    }

    /** A row that breaks a rule of the tables is left out and named. Nothing of it is an act: the edit history stands there as before. */
    private void write(
            LibraryFile fresh,
            Believed believed,
            List<LoggedLine> history,
            Map<String, Integer> counts,
            List<String> lost) {
        fresh.guarded(() -> fresh.database().whole(() -> {
            ActWriter writer =
                    new ActWriter(fresh.database(), clock, who, "Recovered", Optional.empty(), Optional.empty());
            for (LoggedLine line : history) {
                if (!writer.restored(line)) {
                    lost.add("A line of the edit history (%s) could not be kept.".formatted(line.text("id")));
                }
            }
            for (String table : Store.TABLES) {
                int saved = 0;
                for (Row row : believed.rows(table)) {
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
            believed.rows("bout").forEach(row -> writer.seal(row.key()));
            return counts;
        }));
    }

    /** Of a file cut short SQLite reads nothing at all; with empty pages in place of those that are gone it reads the others. */
    private static void pad(Path file) throws IOException {
        try (RandomAccessFile bytes = new RandomAccessFile(file.toFile(), "rw")) {
            if (bytes.length() < PAGES_AT + Integer.BYTES) {
                return;
            }
            bytes.seek(PAGE_SIZE_AT);
            int size = bytes.readUnsignedShort();
            bytes.seek(PAGES_AT);
            long pages = Integer.toUnsignedLong(bytes.readInt());
            // A size of 1 stands for 65,536. A number that was turned itself must not fill the disk.
            long whole = pages * (size == 1 ? 65_536 : size);
            if (whole > bytes.length() && whole < MOST_PADDED * bytes.length()) {
                bytes.setLength(whole);
            }
        }
    }

    /** With its journal: what an unfinished act left there belongs to the file. */
    private static void copy(Path from, Path to) throws IOException {
        Files.copy(from, to, StandardCopyOption.REPLACE_EXISTING);
        if (Files.exists(Journal.of(from))) {
            Files.copy(Journal.of(from), Journal.of(to), StandardCopyOption.REPLACE_EXISTING);
        } else {
            Files.deleteIfExists(Journal.of(to));
        }
    }
}
