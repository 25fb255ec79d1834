package farglass.library.recovery;

import farglass.core.prose.HowMany;
import farglass.core.study.Athlete;
import farglass.library.contents.BoutRows;
import farglass.library.contents.MomentRows;
import farglass.library.contents.StudyRows;
import farglass.library.store.Row;
import farglass.library.store.Seal;
import farglass.library.store.Store;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;

/**
 * Decides what is to be believed of a damaged library. Every row stands in it twice, in its table and as the last word of the change log, and
 * a bout has a seal besides: where the two differ, the one that meets the seal is right.
 */
final class Believed {
    /** So many differing rows are tried in every combination. */
    private static final int MOST_TRIED = 12;

    private final Salvage salvage;
    private final Map<String, List<Row>> believed = new HashMap<>();
    private final List<String> mended = new ArrayList<>();
    private final List<String> lost = new ArrayList<>();
    private final Map<String, String> names = new HashMap<>();

    private Believed(Salvage salvage) {
        this.salvage = salvage;
    }

    static Believed of(Salvage salvage) {
        Believed decided = new Believed(salvage);
        Store.TABLES.stream()
                .filter(table -> !table.equals("bout") && !table.equals("moment"))
                .forEach(decided::entries);
        decided.bouts();
        decided.torn();
        return decided;
    }

    /** {@return the rows of a table} */
    List<Row> rows(String table) {
        return believed.getOrDefault(table, List.of());
    }

    /** {@return what was wrong and is as it was written again, in words} */
    List<String> mended() {
        return mended;
    }

    /** {@return what is missing, or may be wrong, in words} */
    List<String> lost() {
        return lost;
    }

    private static String words(String table, String key) {
        return table.replace('_', ' ') + " " + key;
    }

    private void entries(String table) {
        Map<String, Row> there = salvage.rows(table);
        Map<String, Row> logged = salvage.logged(table);
        List<Row> rows = new ArrayList<>();
        for (String key : keys(there, logged)) {
            Optional<Row> one = Optional.ofNullable(there.get(key)).filter(Believed::isReadable);
            Optional<Row> other = Optional.ofNullable(logged.get(key)).filter(Believed::isReadable);
            if (one.isPresent() && (other.isEmpty() || one.equals(other))) {
                rows.add(one.get());
            } else if (one.isPresent() && other.isPresent()) {
                // One of the two was turned, and nothing tells which: the log is written once and never again, but its
                // last lines may be gone.
                rows.add(isHistoryWhole() ? other.get() : one.get());
                lost.add("The %s stands otherwise in its table than in its history: look at it."
                        .formatted(words(table, key)));
            } else if (other.isPresent()
                    && (there.containsKey(key) || salvage.torn().contains(table))) {
                rows.add(other.get());
                mended.add("the %s from its history".formatted(words(table, key)));
            } else if (other.isPresent()) {
                rows.add(other.get());
                lost.add("The %s was missing and stands as its history has it last.".formatted(words(table, key)));
            } else {
                lost.add("The %s could not be read.".formatted(words(table, key)));
            }
        }
        if (table.equals("athlete")) {
            rows.forEach(row -> names.put(row.key(), row.text("name")));
        }
        believed.put(table, rows);
    }

    private boolean isHistoryWhole() {
        return !salvage.torn().contains("change");
    }

    private static Set<String> keys(Map<String, Row> there, Map<String, Row> logged) {
        Set<String> keys = new LinkedHashSet<>(there.keySet());
        keys.addAll(logged.keySet());
        return keys;
    }

    private void bouts() {
        Map<String, Map<String, Row>> there = byBout(salvage.rows("moment"));
        Map<String, Map<String, Row>> logged = byBout(salvage.logged("moment"));
        List<Row> bouts = new ArrayList<>();
        List<Row> moments = new ArrayList<>();
        Set<String> keys = new LinkedHashSet<>(keys(salvage.rows("bout"), salvage.logged("bout")));
        keys.addAll(salvage.seals().keySet());
        for (String key : keys) {
            Optional<List<Row>> whole = bout(
                    key,
                    with(salvage.rows("bout").get(key), there.getOrDefault(key, Map.of())),
                    with(salvage.logged("bout").get(key), logged.getOrDefault(key, Map.of())));
            whole.ifPresent(rows -> rows.forEach(row -> (row.table().equals("bout") ? bouts : moments).add(row)));
        }
        believed.put("bout", bouts);
        believed.put("moment", moments);
    }

    private static Map<String, Map<String, Row>> byBout(Map<String, Row> moments) {
        Map<String, Map<String, Row>> byBout = new HashMap<>();
        moments.values().forEach(row -> {
            if (row.columns().get("bout") instanceof String bout) {
                byBout.computeIfAbsent(bout, any -> new LinkedHashMap<>()).put(row.key(), row);
            }
        });
        return byBout;
    }

    private static Map<String, Row> with(Row bout, Map<String, Row> moments) {
        Map<String, Row> all = new TreeMap<>(moments);
        if (bout != null) {
            all.put("", bout);
        }
        return all;
    }

    /** {@return the rows of a bout that are believed, its own in front; empty if there is none} */
    private Optional<List<Row>> bout(String key, Map<String, Row> there, Map<String, Row> logged) {
        Optional<String> seal = Optional.ofNullable(salvage.seals().get(key));
        if (seal.isEmpty() && there.isEmpty() && logged.isEmpty()) {
            return Optional.empty();
        }
        if (isWhole(there) && meets(seal, there)) {
            return Optional.of(List.copyOf(there.values()));
        }
        Set<String> differing = new HashSet<>(there.keySet());
        differing.addAll(logged.keySet());
        differing.removeIf(row -> there.containsKey(row) && there.get(row).equals(logged.get(row)));
        Optional<Map<String, Row>> right =
                seal.isPresent() ? met(seal.get(), there, logged, List.copyOf(differing)) : Optional.empty();
        if (right.isPresent()) {
            mended.add(
                    "the bout %s from its history".formatted(words(right.get().get(""))));
            return right.map(rows -> List.copyOf(rows.values()));
        }
        if (isWhole(there) && differing.isEmpty()) {
            // Both agree: it is the seal that was turned, or there was none yet.
            seal.ifPresent(turned -> mended.add("the checksum of the bout " + words(there.get(""))));
            return Optional.of(List.copyOf(there.values()));
        }
        return closest(key, seal.isPresent(), there, logged);
    }

    private static boolean meets(Optional<String> seal, Map<String, Row> rows) {
        return seal.isPresent() && seal.get().equals(seal(rows));
    }

    private static String seal(Map<String, Row> rows) {
        List<Row> moments = rows.values().stream()
                .filter(row -> row.table().equals("moment"))
                .sorted(Comparator.comparing((Row row) -> (Double) row.columns().get("ord"))
                        .thenComparing(Row::key))
                .toList();
        return Seal.of(rows.get(""), moments);
    }

    /** Of the rows that differ takes each from here or there until the seal is met. */
    private Optional<Map<String, Row>> met(
            String seal, Map<String, Row> there, Map<String, Row> logged, List<String> differing) {
        int tried = Math.min(differing.size(), MOST_TRIED);
        for (int choice = (1 << tried) - 1; choice >= 0; choice--) {
            Map<String, Row> rows = new TreeMap<>(differing.size() > MOST_TRIED ? logged : there);
            for (int i = 0; i < tried; i++) {
                Row row = ((choice >> i & 1) == 1 ? logged : there).get(differing.get(i));
                if (row == null) {
                    rows.remove(differing.get(i));
                } else {
                    rows.put(differing.get(i), row);
                }
            }
            if (isWhole(rows) && meets(Optional.of(seal), rows)) {
                return Optional.of(rows);
            }
        }
        return Optional.empty();
    }

    private boolean isWhole(Map<String, Row> rows) {
        return rows.containsKey("") && rows.values().stream().allMatch(Believed::isReadable);
    }

    private Optional<List<Row>> closest(String key, boolean sealed, Map<String, Row> there, Map<String, Row> logged) {
        Map<String, Row> rows = new TreeMap<>();
        int gone = 0;
        Set<String> all = new LinkedHashSet<>(there.keySet());
        all.addAll(logged.keySet());
        for (String row : all) {
            Map<String, Row> first = isHistoryWhole() ? logged : there;
            Map<String, Row> second = isHistoryWhole() ? there : logged;
            Optional<Row> best = Optional.ofNullable(first.get(row))
                    .filter(Believed::isReadable)
                    .or(() -> Optional.ofNullable(second.get(row)).filter(Believed::isReadable));
            best.ifPresent(known -> rows.put(row, known));
            gone += best.isEmpty() ? 1 : 0;
        }
        if (!rows.containsKey("")) {
            lost.add("A bout (%s) with %s could not be read.".formatted(key, HowMany.of(all.size(), "moment")));
            return Optional.empty();
        }
        String bout = words(rows.get(""));
        if (gone > 0) {
            lost.add("Of the bout %s %s could not be read.".formatted(bout, HowMany.of(gone, "moment")));
        }
        lost.add(
                sealed
                        ? "The bout %s is not as it was written: look through it, or compare it with a backup."
                                .formatted(bout)
                        : "Of the bout %s the checksum is lost: look through it, or compare it with a backup."
                                .formatted(bout));
        return Optional.of(List.copyOf(rows.values()));
    }

    private String words(Row bout) {
        String day = bout.columns().get("held_on") instanceof String known ? ", " + known : "";
        return "%s \u2013 %s%s"
                .formatted(
                        names.getOrDefault(String.valueOf(bout.columns().get("a")), "unknown"),
                        names.getOrDefault(String.valueOf(bout.columns().get("b")), "unknown"),
                        day);
    }

    private void torn() {
        for (String table : salvage.torn()) {
            if (table.equals("change")) {
                lost.add(
                        "Of the edit history some is lost: who changed what cannot all be told, and not all can be undone.");
            } else if (!table.equals("seal")) {
                lost.add("Some entries of \u201c%s\u201d could not be read in their table."
                        .formatted(table.replace('_', ' ')));
            }
        }
    }

    /** Judged by the readers that will open the library. */
    private static boolean isReadable(Row row) {
        try {
            switch (row.table()) {
                case "bout" -> BoutRows.bout(row, List.of(), any -> "somebody");
                case "moment" -> {
                    MomentRows.moment(row);
                    return row.columns().get("ord") instanceof Double;
                }
                case "athlete" -> new Athlete(row.key(), row.text("name"));
                case "study" -> StudyRows.study(row, List.of(), Optional.empty());
                case "plan" -> StudyRows.plan(row, List.of());
                default -> {
                    return row.columns().values().stream().noneMatch(byte[].class::isInstance);
                }
            }
            return true;
        } catch (RuntimeException e) {
            // Whatever a reader cannot make of it, it is not to be believed.
            return false;
        }
    }
}
