package farglass.library;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.jdbi.v3.core.Handle;
import org.jdbi.v3.core.Jdbi;
import org.jdbi.v3.core.JdbiException;
import org.sqlite.SQLiteConfig;

/** Saves what can be read of a damaged library into a new one. The damaged file is kept aside, untouched. */
public final class Recovery {
    /**
     * @param kept where the damaged file now is
     * @param rows how many entries of each table were saved
     * @param lost what could not be saved, in words; empty if nothing is known to be missing
     */
    public record Report(Path kept, Map<String, Integer> rows, List<String> lost) {
        public Report {
            rows = Map.copyOf(rows);
            lost = List.copyOf(lost);
        }
    }

    private final Path library;
    private final Clock clock;
    private final String who;
    private final List<String> lost = new ArrayList<>();

    private Recovery(Path library, Clock clock, String who) {
        this.library = library;
        this.clock = clock;
        this.who = who;
    }

    /** Recovers the library in place; it must be closed. {@return what was saved and what was not} */
    public static Report recover(Path library, Clock clock, String who) {
        return new Recovery(library, clock, who).run();
    }

    private Report run() {
        Path aside = library.resolveSibling(
                "%s.damaged-%d".formatted(library.getFileName(), clock.instant().toEpochMilli()));
        Path unfinished = library.resolveSibling(library.getFileName() + ".recovering");
        try {
            Files.deleteIfExists(unfinished);
            Map<String, Integer> counts = new HashMap<>();
            try (Library fresh = Library.create(unfinished, clock, who)) {
                Map<String, List<Row>> rows = readable();
                fresh.recovered("Recovered from a damaged library", rows, counts, lost);
            }
            for (String companion : List.of(".lock", "-journal")) {
                Files.deleteIfExists(unfinished.resolveSibling(unfinished.getFileName() + companion));
            }
            Files.move(library, aside);
            Files.move(unfinished, library);
            return new Report(aside, counts, lost);
        } catch (IOException e) {
            throw new LibraryException(
                    "Nothing was recovered: %s cannot be moved or written (%s).".formatted(library, e.getMessage()), e);
        }
    }

    private Map<String, List<Row>> readable() {
        SQLiteConfig config = new SQLiteConfig();
        config.setReadOnly(true);
        Map<String, List<Row>> found = new HashMap<>();
        try (Handle handle = Jdbi.create(() -> config.createConnection("jdbc:sqlite:" + library.toAbsolutePath()))
                .open()) {
            for (String table : Store.TABLES) {
                found.put(table, rows(handle, table));
            }
        } catch (JdbiException e) {
            lost.add("The file could not be opened as a database: nothing was saved. Restore a backup.");
        }
        return found;
    }

    /** Reads from both ends: a broken page in the middle then costs the rows on it, not all after it. */
    private List<Row> rows(Handle handle, String table) {
        Map<String, Row> rows = new java.util.LinkedHashMap<>();
        boolean whole = read(handle, table, "ASC", rows);
        if (!whole) {
            read(handle, table, "DESC", rows);
            lost.add("Some entries of \"%s\" could not be read.".formatted(table.replace('_', ' ')));
        }
        return List.copyOf(rows.values());
    }

    private static boolean read(Handle handle, String table, String order, Map<String, Row> into) {
        try (var stream =
                handle.createQuery("SELECT * FROM %s ORDER BY rowid %s".formatted(table, order)).mapToMap().stream()) {
            stream.forEach(columns -> {
                String key = (String) columns.get("key");
                into.putIfAbsent(key, new Row(table, key, columns));
            });
            return true;
        } catch (JdbiException | ClassCastException | NullPointerException e) {
            // What was read before the broken page is kept; the caller reports that some is missing.
            return false;
        }
    }
}
