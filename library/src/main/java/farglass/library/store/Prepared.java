package farglass.library.store;

import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.ResultSetMetaData;
import java.sql.SQLException;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import org.jdbi.v3.core.Handle;

/** The few statements of an act, prepared once: an import of many bouts runs each of them a hundred thousand times. */
public final class Prepared implements AutoCloseable {
    private final Connection connection;
    private final Map<String, PreparedStatement> statements = new HashMap<>();

    public Prepared(Handle handle) {
        this.connection = handle.getConnection();
    }

    private PreparedStatement statement(String sql) throws SQLException {
        PreparedStatement known = statements.get(sql);
        if (known == null) {
            known = connection.prepareStatement(sql);
            statements.put(sql, known);
        }
        return known;
    }

    public Optional<Row> find(String table, String key) {
        try {
            PreparedStatement select = statement("SELECT * FROM " + table + " WHERE key = ?");
            select.setString(1, key);
            try (ResultSet found = select.executeQuery()) {
                if (!found.next()) {
                    return Optional.empty();
                }
                ResultSetMetaData names = found.getMetaData();
                Map<String, Object> columns = new HashMap<>();
                for (int i = 1; i <= names.getColumnCount(); i++) {
                    columns.put(names.getColumnName(i), found.getObject(i));
                }
                return Optional.of(new Row(table, key, columns));
            }
        } catch (SQLException e) {
            throw new SqlTrouble(e);
        }
    }

    /** Runs a statement with these values, in order; null is NULL. */
    public void run(String sql, Object... values) {
        try {
            PreparedStatement update = statement(sql);
            for (int i = 0; i < values.length; i++) {
                update.setObject(i + 1, values[i]);
            }
            update.executeUpdate();
        } catch (SQLException e) {
            throw new SqlTrouble(e);
        }
    }

    @Override
    public void close() {
        try {
            for (PreparedStatement statement : statements.values()) {
                statement.close();
            }
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
