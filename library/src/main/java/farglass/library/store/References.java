package farglass.library.store;

import java.util.Map;
import java.util.Optional;

/** Which column points at which table, for rows that come from a damaged file. */
public final class References {
    private static final Map<String, Map<String, String>> TARGETS = Map.of(
            "bout", Map.of("a", "athlete", "b", "athlete"),
            "moment", Map.of("bout", "bout"),
            "study", Map.of("ours", "athlete"),
            "study_subject", Map.of("study", "study", "athlete", "athlete"),
            "study_focus", Map.of("key", "study"),
            "plan", Map.of("study", "study", "opponent", "athlete"),
            "plan_line", Map.of("plan", "plan"));

    private References() {}

    /** {@return a sentence on what the row needs and the library lacks; empty if all it points at is there} */
    public static Optional<String> missing(Store store, Row row) {
        for (Map.Entry<String, String> target :
                TARGETS.getOrDefault(row.table(), Map.of()).entrySet()) {
            String key = target.getKey().equals("key") ? row.key() : row.text(target.getKey());
            if (key != null && store.find(target.getValue(), key).isEmpty()) {
                return Optional.of("Left out %s %s: its %s could not be read."
                        .formatted(row.table().replace('_', ' '), row.key(), target.getValue()));
            }
        }
        return Optional.empty();
    }
}
