package farglass.library.changelog;

import farglass.library.store.LibraryException;
import farglass.library.store.Row;
import java.util.List;
import java.util.Optional;
import org.jdbi.v3.core.Handle;

/** Runs the changes of an act backwards or forwards, and refuses where the rows are no longer as it left them. */
public final class Replay {
    /**
     * One row to be set.
     *
     * @param expected its image as it must now be; empty if it must not exist
     * @param wanted its image afterwards; empty if it is to go
     */
    public record Step(String table, String key, Optional<String> expected, Optional<String> wanted) {}

    private Replay() {}

    public static List<Step> backwards(Handle handle, String act) {
        return steps(handle, act, "after", "before", "DESC");
    }

    public static List<Step> forwards(Handle handle, String act) {
        return steps(handle, act, "before", "after", "ASC");
    }

    private static List<Step> steps(Handle handle, String act, String expected, String wanted, String order) {
        return handle.createQuery(
                        "SELECT entity, row_key, %s AS expected, %s AS wanted FROM change WHERE act = :act ORDER BY id %s"
                                .formatted(expected, wanted, order))
                .bind("act", act)
                .map((row, context) -> new Step(
                        row.getString("entity"),
                        row.getString("row_key"),
                        Optional.ofNullable(row.getString("expected")),
                        Optional.ofNullable(row.getString("wanted"))))
                .list();
    }

    public static void run(ActWriter writer, List<Step> steps, String how, String what) {
        for (Step step : steps) {
            Optional<String> now = writer.store().find(step.table(), step.key()).map(Row::image);
            if (!now.equals(step.expected())) {
                throw new LibraryException(
                        "\"%s\" cannot be %s: what it changed was changed again since (%s). Undo that first."
                                .formatted(what, how, step.table().replace('_', ' ')));
            }
            if (step.wanted().isPresent()) {
                writer.put(Row.fromImage(step.table(), step.key(), step.wanted().get()));
            } else {
                writer.remove(step.table(), step.key());
            }
        }
    }
}
