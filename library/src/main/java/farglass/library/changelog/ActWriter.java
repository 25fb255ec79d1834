package farglass.library.changelog;

import com.github.f4b6a3.ulid.UlidCreator;
import farglass.library.store.Database;
import farglass.library.store.Row;
import farglass.library.store.Seal;
import farglass.library.store.Store;
import java.time.Clock;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** Writes the rows of one act, each with its line in the change log. */
public final class ActWriter {
    private static final String NOTE =
            "INSERT INTO change (id, act, at, who, what, entity, row_key, before, after, undoes, redoes)"
                    + " VALUES (?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?)";

    private final Database database;
    private final Store store;
    private final Clock clock;
    private final String who;
    private final String what;
    private final Optional<String> undoes;
    private final Optional<String> redoes;
    private final String id = newId();
    private final Set<String> bouts = new HashSet<>();
    /** Of these a row is another, and so is the seal; a corrected name shows in a bout and changes none of its rows. */
    private final Set<String> written = new HashSet<>();

    private final Set<String> checked = new HashSet<>();
    private boolean others;
    private boolean any;

    public ActWriter(
            Database database, Clock clock, String who, String what, Optional<String> undoes, Optional<String> redoes) {
        this.database = database;
        this.store = new Store(database);
        this.clock = clock;
        this.who = who;
        this.what = what;
        this.undoes = undoes;
        this.redoes = redoes;
    }

    /** {@return a new id: global, and sortable by time} */
    public static String newId() {
        return UlidCreator.getMonotonicUlid().toLowerCase();
    }

    public Store store() {
        return store;
    }

    public void put(Row row) {
        put(row, store.find(row.table(), row.key()));
    }

    /** @param before the row as it is now, for who knows it already */
    public void put(Row row, Optional<Row> before) {
        if (before.isEmpty() || !before.get().image().equals(row.image())) {
            boutOf(row).ifPresent(this::writes);
            write(row);
            note(row.table(), row.key(), before, Optional.of(row));
        }
    }

    /** Writes a row as it was, with no line in the change log. {@return whether the tables take it} */
    public boolean restored(Row row) {
        return isTaken(() -> write(row));
    }

    /** Writes a line of the change log as it was. {@return whether the tables take it} */
    public boolean restored(LoggedLine line) {
        return isTaken(() -> database.run(
                NOTE,
                Stream.of("id", "act", "at", "who", "what", "entity", "row_key", "before", "after", "undoes", "redoes")
                        .map(column -> line.columns().get(column))
                        .toArray()));
    }

    private static boolean isTaken(Runnable writing) {
        try {
            writing.run();
            return true;
        } catch (Database.SqlTrouble e) {
            if (e.isRefusal()) {
                return false;
            }
            throw e;
        }
    }

    private void write(Row row) {
        List<String> names = List.copyOf(row.columns().keySet());
        String sets = names.stream().map(name -> name + " = excluded." + name).collect(Collectors.joining(", "));
        List<Object> values = new ArrayList<>();
        values.add(row.key());
        names.forEach(name -> values.add(row.columns().get(name)));
        database.run(
                "INSERT INTO %s (key, %s) VALUES (?%s) ON CONFLICT (key) DO UPDATE SET %s"
                        .formatted(row.table(), String.join(", ", names), ", ?".repeat(names.size()), sets),
                values.toArray());
    }

    public void remove(String table, String key) {
        Optional<Row> before = store.find(table, key);
        if (before.isPresent()) {
            boutOf(before.get()).ifPresent(this::writes);
            database.run("DELETE FROM " + table + " WHERE key = ?", key);
            note(table, key, before, Optional.empty());
        }
    }

    private void note(String table, String key, Optional<Row> before, Optional<Row> after) {
        database.run(
                NOTE,
                newId(),
                id,
                clock.instant().toString(),
                who,
                what,
                table,
                key,
                before.map(Row::image).orElse(null),
                after.map(Row::image).orElse(null),
                undoes.orElse(null),
                redoes.orElse(null));
        any = true;
        switch (table) {
            case "bout" -> bouts.add(key);
            case "moment" -> bouts.add(after.or(() -> before).orElseThrow().text("bout"));
            // A corrected name shows in every bout of the athlete.
            case "athlete" -> {
                others = true;
                store.where("bout", "a", key, "key").forEach(bout -> bouts.add(bout.key()));
                store.where("bout", "b", key, "key").forEach(bout -> bouts.add(bout.key()));
            }
            default -> others = true;
        }
    }

    /** {@return the act; empty if nothing differed, so that an edit without effect leaves no undo step} */
    public Optional<Act> finish() {
        written.forEach(this::seal);
        return any ? Optional.of(new Act(id, what, bouts, others)) : Optional.empty();
    }

    private static Optional<String> boutOf(Row row) {
        return switch (row.table()) {
            case "bout" -> Optional.of(row.key());
            case "moment" -> Optional.of(row.text("bout"));
            default -> Optional.empty();
        };
    }

    private void writes(String bout) {
        check(bout);
        written.add(bout);
    }

    /** Looks once, before this act writes something of that bout, whether it is as it was written. */
    public void check(String bout) {
        if (checked.add(bout)) {
            Seal.check(store, bout);
        }
    }

    /** Seals a bout as it stands now. */
    public void seal(String bout) {
        Optional<Row> row = store.find("bout", bout);
        if (row.isPresent()) {
            String seal = Seal.of(row.get(), store.where("moment", "bout", bout, "ord, key"));
            database.run("INSERT OR REPLACE INTO seal (key, digest) VALUES (?, ?)", bout, seal);
        } else {
            database.run("DELETE FROM seal WHERE key = ?", bout);
        }
    }
}
