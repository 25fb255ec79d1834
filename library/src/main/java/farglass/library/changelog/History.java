package farglass.library.changelog;

import farglass.library.store.Database;
import java.util.ArrayDeque;
import java.util.Collections;
import java.util.Deque;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** What can be undone and redone, folded from the change log: so both survive a restart. */
public final class History {
    /** How far back undo reaches; a fold over more would slow the start of a large library. */
    private static final int REACH = 1000;

    public record Done(String act, String what) {}

    private final Deque<Done> undo = new ArrayDeque<>();
    private final Deque<Done> redo = new ArrayDeque<>();

    public static History of(Database database) {
        History history = new History();
        List<Map<String, Object>> acts = new java.util.ArrayList<>(
                database.rows("SELECT act, what, undoes, redoes, min(id) AS first FROM change GROUP BY act"
                        + " ORDER BY first DESC LIMIT " + REACH));
        Collections.reverse(acts);
        for (Map<String, Object> row : acts) {
            history.add(
                    new Done((String) row.get("act"), (String) row.get("what")),
                    Optional.ofNullable((String) row.get("undoes")),
                    Optional.ofNullable((String) row.get("redoes")));
        }
        return history;
    }

    public void add(Done done, Optional<String> undoes, Optional<String> redoes) {
        if (undoes.isPresent()) {
            take(undo, undoes.get()).ifPresent(redo::push);
        } else if (redoes.isPresent()) {
            take(redo, redoes.get()).ifPresent(undo::push);
        } else {
            undo.push(done);
            redo.clear();
        }
    }

    private static Optional<Done> take(Deque<Done> from, String act) {
        Optional<Done> found =
                from.stream().filter(done -> done.act().equals(act)).findFirst();
        found.ifPresent(from::remove);
        return found;
    }

    public Optional<Done> nextUndo() {
        return Optional.ofNullable(undo.peek());
    }

    public Optional<Done> nextRedo() {
        return Optional.ofNullable(redo.peek());
    }
}
