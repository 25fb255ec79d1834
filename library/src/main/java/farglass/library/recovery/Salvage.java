package farglass.library.recovery;

import farglass.library.changelog.LoggedLine;
import farglass.library.store.Database;
import farglass.library.store.LibraryException;
import farglass.library.store.Row;
import farglass.library.store.Store;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;

/** What can be read of a damaged file, row by row, before anything of it is believed. */
final class Salvage {
    private final Map<String, Map<String, Row>> tables = new HashMap<>();
    private final Map<String, String> seals = new HashMap<>();
    private final List<LoggedLine> history = new ArrayList<>();
    /** By table and key: what the change log says the row is now; empty where it was taken out. */
    private final Map<String, Map<String, Optional<Row>>> logged = new HashMap<>();

    private final List<String> torn = new ArrayList<>();

    private Salvage() {}

    /** @param file a copy that may be written: what an unfinished act left in its journal is rolled back first */
    static Salvage of(Path file) {
        Salvage salvage = new Salvage();
        try (Database database = Database.open(file)) {
            for (String table : Store.TABLES) {
                Map<String, Row> rows = new LinkedHashMap<>();
                salvage.read(database, table, "rowid", columns -> {
                    if (columns.get("key") instanceof String key) {
                        rows.putIfAbsent(key, new Row(table, key, columns));
                    }
                });
                salvage.tables.put(table, rows);
            }
            salvage.read(database, "seal", "rowid", columns -> {
                if (columns.get("key") instanceof String key && columns.get("digest") instanceof String digest) {
                    salvage.seals.put(key, digest);
                }
            });
            Map<String, LoggedLine> lines = new LinkedHashMap<>();
            salvage.read(database, "change", "id", columns -> {
                if (columns.get("id") instanceof String id) {
                    lines.putIfAbsent(id, new LoggedLine(columns));
                }
            });
            salvage.history.addAll(lines.values());
            salvage.history.sort(Comparator.comparing(line -> line.text("id")));
            salvage.history.forEach(salvage::log);
        } catch (Database.SqlTrouble e) {
            salvage.torn.add("all of it");
        }
        return salvage;
    }

    /** Reads from both ends: a broken page in the middle then costs the rows on it, not all after it. */
    private void read(Database database, String table, String order, Consumer<Map<String, Object>> taking) {
        if (!readAll(database, table, order + " ASC", taking)) {
            readAll(database, table, order + " DESC", taking);
            torn.add(table);
        }
    }

    private static boolean readAll(
            Database database, String table, String order, Consumer<Map<String, Object>> taking) {
        try {
            database.each("SELECT * FROM %s ORDER BY %s".formatted(table, order), taking);
            return true;
        } catch (RuntimeException e) {
            // What was read before the broken page is kept; that something is missing is told by name of the table.
            return false;
        }
    }

    private void log(LoggedLine line) {
        try {
            logged.computeIfAbsent(line.text("entity"), any -> new HashMap<>())
                    .put(
                            line.text("row_key"),
                            line.image("after")
                                    .map(image -> Row.fromImage(line.text("entity"), line.text("row_key"), image)));
        } catch (LibraryException.Damaged e) {
            // A line that cannot be read says nothing of its row; the row itself may.
            logged.get(line.text("entity")).remove(line.text("row_key"));
        }
    }

    boolean isEmpty() {
        return tables.values().stream().allMatch(Map::isEmpty)
                && logged.values().stream().allMatch(Map::isEmpty);
    }

    /** {@return the rows of a table as they stand there} */
    Map<String, Row> rows(String table) {
        return tables.getOrDefault(table, Map.of());
    }

    /** {@return the rows of a table as the change log has them last} */
    Map<String, Row> logged(String table) {
        Map<String, Row> rows = new LinkedHashMap<>();
        logged.getOrDefault(table, Map.of()).forEach((key, row) -> row.ifPresent(last -> rows.put(key, last)));
        return rows;
    }

    Map<String, String> seals() {
        return seals;
    }

    List<LoggedLine> history() {
        return history;
    }

    /** {@return the tables of which something could not be read} */
    List<String> torn() {
        return torn;
    }
}
