package farglass.library.store;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.DoubleConsumer;
import org.jdbi.v3.core.Handle;
import org.jdbi.v3.core.result.ResultIterator;

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

    private final Handle handle;

    public Store(Handle handle) {
        this.handle = handle;
    }

    public Optional<Row> find(String table, String key) {
        return handle.createQuery("SELECT * FROM " + table + " WHERE key = :key")
                .bind("key", key)
                .mapToMap()
                .findOne()
                .map(columns -> new Row(table, key, columns));
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
        return handle.createQuery("SELECT * FROM %s WHERE %s = :value ORDER BY %s".formatted(table, column, order))
                .bind("value", value)
                .mapToMap()
                .map(columns -> new Row(table, key(columns), columns))
                .list();
    }

    public List<Row> all(String table, String order) {
        return handle.createQuery("SELECT * FROM %s ORDER BY %s".formatted(table, order))
                .mapToMap()
                .map(columns -> new Row(table, key(columns), columns))
                .list();
    }

    /**
     * Gives every row of a table, one after another.
     *
     * @param progress told from time to time how much is done, in [0, 1]
     */
    public void each(String table, String order, DoubleConsumer progress, Consumer<Row> taking) {
        int count = handle.createQuery("SELECT count(*) FROM " + table)
                .mapTo(Integer.class)
                .one();
        int done = 0;
        try (ResultIterator<Map<String, Object>> rows = handle.createQuery(
                        "SELECT * FROM %s ORDER BY %s".formatted(table, order))
                .mapToMap()
                .iterator()) {
            while (rows.hasNext()) {
                Map<String, Object> columns = rows.next();
                taking.accept(new Row(table, key(columns), columns));
                done++;
                if (done % STEP == 0) {
                    progress.accept((double) done / count);
                }
            }
        }
    }

    /** {@return the rows of a table that an older library, opened only to read, may not have yet} */
    public List<Row> allIfThere(String table, String order) {
        return isThere(table) ? all(table, order) : List.of();
    }

    private boolean isThere(String table) {
        return handle.createQuery("SELECT count(*) FROM sqlite_master WHERE type = 'table' AND name = :table")
                        .bind("table", table)
                        .mapTo(Integer.class)
                        .one()
                > 0;
    }
}
