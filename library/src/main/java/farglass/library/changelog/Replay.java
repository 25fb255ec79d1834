package farglass.library.changelog;

import farglass.library.store.Database;
import farglass.library.store.LibraryException;
import farglass.library.store.Row;
import java.util.List;
import java.util.Optional;

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

    public static List<Step> backwards(Database database, String act) {
        return steps(database, act, "after", "before", "DESC");
    }

    public static List<Step> forwards(Database database, String act) {
        return steps(database, act, "before", "after", "ASC");
    }

    private static List<Step> steps(Database database, String act, String expected, String wanted, String order) {
        return database
                .rows(
                        "SELECT entity, row_key, %s AS expected, %s AS wanted FROM change WHERE act = ? ORDER BY id %s"
                                .formatted(expected, wanted, order),
                        act)
                .stream()
                .map(LoggedLine::new)
                .map(line -> new Step(
                        line.text("entity"), line.text("row_key"), line.image("expected"), line.image("wanted")))
                .toList();
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
