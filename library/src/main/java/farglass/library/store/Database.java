package farglass.library.store;

import java.nio.file.Path;
import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.ResultSetMetaData;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Supplier;
import org.sqlite.SQLiteConfig;

/**
 * One SQLite file, open, and the few ways in which statements are run on it. What it says no to comes as {@link SqlTrouble}. For one thread
 * at a time.
 */
public final class Database implements AutoCloseable {
    private final Connection connection;
    /** The few statements of the act that is under way: an import of many bouts runs each of them a hundred thousand times. */
    private final Map<String, PreparedStatement> prepared = new HashMap<>();

    private boolean acting;

    private Database(Connection connection) {
        this.connection = connection;
    }

    static Database open(Path file, SQLiteConfig config) {
        return tried(() -> new Database(config.createConnection("jdbc:sqlite:" + file.toAbsolutePath())));
    }

    /** {@return a file of which nothing is known but that SQLite may be able to read it} */
    public static Database open(Path file) {
        return open(file, new SQLiteConfig());
    }

    /** {@return the rows, each by the names of its columns} */
    public List<Map<String, Object>> rows(String sql, Object... values) {
        List<Map<String, Object>> rows = new ArrayList<>();
        each(sql, rows::add, values);
        return rows;
    }

    /** Gives the rows one after another; other statements may be run between them. */
    public void each(String sql, Consumer<Map<String, Object>> taking, Object... values) {
        tried(() -> {
            // None of an act: who takes a row may ask the same again before the next one.
            try (PreparedStatement query = connection.prepareStatement(sql)) {
                read(query, taking, values);
                return null;
            }
        });
    }

    /** {@return the whole number that a statement tells in its one row} */
    public int number(String sql, Object... values) {
        return ((Number) value(sql, values)).intValue();
    }

    Object value(String sql, Object... values) {
        return rows(sql, values).get(0).values().iterator().next();
    }

    Optional<Row> find(String table, String key) {
        List<Row> found = new ArrayList<>();
        with("SELECT * FROM " + table + " WHERE key = ?", query -> {
            read(query, columns -> found.add(new Row(table, key, columns)), key);
        });
        return found.stream().findFirst();
    }

    /** Runs a statement that changes something, with these values, in order; null is NULL. */
    public void run(String sql, Object... values) {
        with(sql, update -> {
            bind(update, values);
            update.executeUpdate();
        });
    }

    /** Runs several statements, one behind another. */
    void runAll(String script) {
        tried(() -> {
            try (Statement statements = connection.createStatement()) {
                return statements.executeUpdate(script);
            }
        });
    }

    /** Does all of it or nothing: what it throws takes back what was done, and so does what speaks against keeping it. */
    public <T> T whole(Supplier<T> work) {
        return tried(() -> {
            connection.setAutoCommit(false);
            acting = true;
            try {
                T done = work.get();
                closePrepared();
                connection.commit();
                connection.setAutoCommit(true);
                return done;
            } catch (SQLException | RuntimeException | Error e) {
                takeBack(e);
                throw e;
            } finally {
                acting = false;
            }
        });
    }

    /** What failed first is what has to be told: where the disk failed SQLite has taken the act back itself, and says that none is under way. */
    private void takeBack(Throwable because) {
        List<Step> steps = List.of(this::closePrepared, connection::rollback, () -> connection.setAutoCommit(true));
        for (Step step : steps) {
            try {
                step.take();
            } catch (SQLException e) {
                because.addSuppressed(e);
            }
        }
    }

    private void closePrepared() throws SQLException {
        List<PreparedStatement> used = List.copyOf(prepared.values());
        prepared.clear();
        for (PreparedStatement statement : used) {
            statement.close();
        }
    }

    private void with(String sql, Use use) {
        tried(() -> {
            if (acting) {
                PreparedStatement known = prepared.get(sql);
                if (known == null) {
                    known = connection.prepareStatement(sql);
                    prepared.put(sql, known);
                }
                use.of(known);
            } else {
                try (PreparedStatement once = connection.prepareStatement(sql)) {
                    use.of(once);
                }
            }
            return null;
        });
    }

    private static void bind(PreparedStatement statement, Object... values) throws SQLException {
        for (int i = 0; i < values.length; i++) {
            statement.setObject(i + 1, values[i]);
        }
    }

    private static void read(PreparedStatement query, Consumer<Map<String, Object>> taking, Object... values)
            throws SQLException {
        bind(query, values);
        try (ResultSet found = query.executeQuery()) {
            ResultSetMetaData about = found.getMetaData();
            String[] names = new String[about.getColumnCount()];
            for (int i = 0; i < names.length; i++) {
                names[i] = about.getColumnLabel(i + 1);
            }
            while (found.next()) {
                Map<String, Object> columns = new LinkedHashMap<>();
                for (int i = 0; i < names.length; i++) {
                    columns.put(names[i], found.getObject(i + 1));
                }
                taking.accept(columns);
            }
        }
    }

    @Override
    public void close() {
        tried(() -> {
            connection.close();
            return null;
        });
    }

    private interface Step {
        void take() throws SQLException;
    }

    private interface Use {
        void of(PreparedStatement statement) throws SQLException;
    }

    private interface Asking<T> {
        T ask() throws SQLException;
    }

    private static <T> T tried(Asking<T> asking) {
        try {
            return asking.ask();
        } catch (SQLException e) {
            throw new SqlTrouble(e);
        }
    }

    /** What the database said, on its way to {@link Trouble}, which finds the words for it. */
    public static final class SqlTrouble extends RuntimeException {
        private static final long serialVersionUID = 1;

        SqlTrouble(SQLException cause) {
            super(cause.getMessage(), cause);
        }

        /** {@return whether a rule of the tables stands against the row, and not the disk or the file} */
        public boolean isRefusal() {
            return getCause() instanceof org.sqlite.SQLiteException known
                    && (known.getResultCode().code & 0xff) == CONSTRAINT;
        }

        private static final int CONSTRAINT = 19;
    }
}
