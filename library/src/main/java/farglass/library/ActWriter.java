package farglass.library;

import com.github.f4b6a3.ulid.UlidCreator;
import java.time.Clock;
import java.util.HashSet;
import java.util.Optional;
import java.util.Set;
import org.jdbi.v3.core.Handle;

/** Writes the rows of one act, each with its line in the change log. */
final class ActWriter {
    private final Handle handle;
    private final Store store;
    private final Clock clock;
    private final String who;
    private final String what;
    private final Optional<String> undoes;
    private final Optional<String> redoes;
    private final String id = newId();
    private final Set<String> bouts = new HashSet<>();
    private boolean others;
    private boolean any;

    ActWriter(Handle handle, Clock clock, String who, String what, Optional<String> undoes, Optional<String> redoes) {
        this.handle = handle;
        this.store = new Store(handle);
        this.clock = clock;
        this.who = who;
        this.what = what;
        this.undoes = undoes;
        this.redoes = redoes;
    }

    /** {@return a new id: global, and sortable by time} */
    static String newId() {
        return UlidCreator.getMonotonicUlid().toLowerCase();
    }

    Store store() {
        return store;
    }

    void put(Row row) {
        Optional<Row> before = store.find(row.table(), row.key());
        if (before.isEmpty() || !before.get().image().equals(row.image())) {
            store.write(row);
            note(row.table(), row.key(), before, Optional.of(row));
        }
    }

    void remove(String table, String key) {
        Optional<Row> before = store.find(table, key);
        if (before.isPresent()) {
            store.delete(table, key);
            note(table, key, before, Optional.empty());
        }
    }

    private void note(String table, String key, Optional<Row> before, Optional<Row> after) {
        handle.createUpdate(
                        "INSERT INTO change (id, act, at, who, what, entity, row_key, before, after, undoes, redoes)"
                                + " VALUES (:id, :act, :at, :who, :what, :entity, :row, :before, :after, :undoes, :redoes)")
                .bind("id", newId())
                .bind("act", id)
                .bind("at", clock.instant().toString())
                .bind("who", who)
                .bind("what", what)
                .bind("entity", table)
                .bind("row", key)
                .bind("before", before.map(Row::image).orElse(null))
                .bind("after", after.map(Row::image).orElse(null))
                .bind("undoes", undoes.orElse(null))
                .bind("redoes", redoes.orElse(null))
                .execute();
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
    Optional<Act> finish() {
        return any ? Optional.of(new Act(id, what, bouts, others)) : Optional.empty();
    }
}
