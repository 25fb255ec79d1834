package farglass.library.store;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.function.Consumer;
import java.util.function.DoubleConsumer;

/** Reads the rows of the tables that people fill; it writes none. Knows no bout and no study. */
public final class Store {
    /** Children after parents, so that a copy in this order never points at what is not there yet. */
    public static final List<String> TABLES = List.of(
            "athlete",
            "bout",
            "moment",
            "study",
            "study_subject",
            "study_focus",
            "plan",
            "plan_line",
            "term",
            "mapping",
            "about");

    private static final int STEP = 1000;

    private final Database database;

    public Store(Database database) {
        this.database = database;
    }

    public Optional<Row> find(String table, String key) {
        return database.find(table, key);
    }

    /** Damage may make anything of a key; it is then the key of nothing. */
    private static String key(Map<String, Object> columns) {
        return columns.get("key") instanceof String key ? key : "";
    }

    /** {@return the row of a table that an older library, opened only to read, may not have yet} */
    Optional<Row> findIfThere(String table, String key) {
        return isThere(table) ? find(table, key) : Optional.empty();
    }

    public List<Row> where(String table, String column, String value, String order) {
        return rows(table, "SELECT * FROM %s WHERE %s = ? ORDER BY %s".formatted(table, column, order), value);
    }

    public List<Row> all(String table, String order) {
        return rows(table, "SELECT * FROM %s ORDER BY %s".formatted(table, order));
    }

    /**
     * Gives every row of a table, one after another.
     *
     * @param progress told from time to time how much is done, in [0, 1]
     */
    public void each(String table, String order, DoubleConsumer progress, Consumer<Row> taking) {
        int count = database.number("SELECT count(*) FROM " + table);
        AtomicInteger done = new AtomicInteger();
        database.each("SELECT * FROM %s ORDER BY %s".formatted(table, order), columns -> {
            taking.accept(new Row(table, key(columns), columns));
            if (done.incrementAndGet() % STEP == 0) {
                progress.accept((double) done.get() / count);
            }
        });
    }

    /** {@return the rows of a table that an older library, opened only to read, may not have yet} */
    public List<Row> allIfThere(String table, String order) {
        return isThere(table) ? all(table, order) : List.of();
    }

    private boolean isThere(String table) {
        return database.number("SELECT count(*) FROM sqlite_master WHERE type = 'table' AND name = ?", table) > 0;
    }

    private List<Row> rows(String table, String sql, Object... values) {
        return database.rows(sql, values).stream()
                .map(columns -> new Row(table, key(columns), columns))
                .toList();
    }
}
