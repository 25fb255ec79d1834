package farglass.library.table;

import com.fasterxml.jackson.core.JsonProcessingException;
import farglass.core.lexicon.Lexicon;
import farglass.core.naming.Words;
import farglass.library.json.BoutMapper;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;

/**
 * How a table is to be read: what each column tells, how times are written, what its words mean, and who is who.
 *
 * @param columns by heading
 * @param words keys of the lexicon for words it does not know, by the word in lower case
 * @param a what the table calls athlete A; empty where nothing does
 * @param b likewise
 */
public record Mapping(Map<String, Column> columns, TimeNotation times, Map<String, String> words, String a, String b) {
    public Mapping {
        columns = java.util.Collections.unmodifiableMap(new LinkedHashMap<>(columns));
        words = java.util.Collections.unmodifiableMap(new TreeMap<>(words));
    }

    /** {@return what the headings and cells of a table suggest} Everything in it can be changed before anything is imported. */
    public static Mapping guessed(Table table, Lexicon lexicon) {
        Map<String, Column> columns = new LinkedHashMap<>();
        Set<Column> taken = new HashSet<>();
        for (String heading : table.headings()) {
            Column column = Column.named(heading)
                    .filter(found -> !taken.contains(found))
                    .orElse(Column.NOTHING);
            columns.put(heading, column);
            if (column != Column.NOTHING) {
                taken.add(column);
            }
        }
        if (!taken.contains(Column.WHAT)) {
            mostKnown(table, columns, lexicon).ifPresent(heading -> columns.put(heading, Column.WHAT));
        }
        TimeNotation times = heading(columns, Column.TIME)
                .map(heading -> notation(cells(table, heading)))
                .orElse(TimeNotation.CLOCK);
        List<String> people = heading(columns, Column.WHO)
                .map(heading -> cells(table, heading).stream()
                        .filter(cell ->
                                !cell.isBlank() && !List.of("-", "A", "B").contains(cell))
                        .distinct()
                        .sorted()
                        .toList())
                .filter(found -> found.size() == 2)
                .orElse(List.of());
        return new Mapping(
                columns, times, Map.of(), people.isEmpty() ? "" : people.get(0), people.isEmpty() ? "" : people.get(1));
    }

    /** The column most of whose cells the lexicon knows. */
    private static Optional<String> mostKnown(Table table, Map<String, Column> columns, Lexicon lexicon) {
        record Known(String heading, double share) {}
        return columns.entrySet().stream()
                .filter(column -> column.getValue() == Column.NOTHING)
                .map(column -> {
                    List<String> cells = cells(table, column.getKey());
                    double known = cells.stream()
                            .filter(cell -> lexicon.find(cell).isPresent())
                            .count();
                    return new Known(column.getKey(), cells.isEmpty() ? 0 : known / cells.size());
                })
                .filter(column -> column.share() > 0.3)
                .max(Comparator.comparingDouble(Known::share))
                .map(Known::heading);
    }

    private static final int FEWEST_ROUND = 3;

    private static TimeNotation notation(List<String> cells) {
        List<String> told = cells.stream()
                .filter(cell -> !cell.isBlank() && !cell.strip().equals("?"))
                .toList();
        // 1.05 after 0.47 is a minute and five seconds: no bout is told in hundredths of its first minute.
        boolean points = !told.isEmpty()
                && told.stream().allMatch(cell -> TimeNotation.POINT.read(cell).isPresent());
        boolean underAMinute =
                told.stream().allMatch(cell -> TimeNotation.SECONDS.read(cell).orElse(Long.MAX_VALUE) < 60_000_000);
        if (points && underAMinute) {
            return TimeNotation.POINT;
        }
        // Three in a row that end in no seconds were minutes and seconds before a spreadsheet had them.
        if (told.size() >= FEWEST_ROUND
                && told.stream().allMatch(cell -> TimeNotation.HOURS.read(cell).isPresent())) {
            return TimeNotation.HOURS;
        }
        TimeNotation best = TimeNotation.CLOCK;
        long most = -1;
        for (TimeNotation notation : TimeNotation.values()) {
            long fits = told.stream()
                    .filter(cell -> notation.read(cell).isPresent())
                    .count();
            if (fits > most) {
                best = notation;
                most = fits;
            }
        }
        return best;
    }

    private static Optional<String> heading(Map<String, Column> columns, Column wanted) {
        return columns.entrySet().stream()
                .filter(column -> column.getValue() == wanted)
                .map(Map.Entry::getKey)
                .findFirst();
    }

    private static List<String> cells(Table table, String heading) {
        int index = table.headings().indexOf(heading);
        List<String> cells = new ArrayList<>();
        table.rows().forEach(row -> cells.add(row.cells().get(index)));
        return cells;
    }

    /** {@return whether it was made for a table with these headings} */
    public boolean fits(Table table) {
        return columns.keySet().equals(new java.util.LinkedHashSet<>(table.headings()));
    }

    public Mapping with(String heading, Column column) {
        Map<String, Column> changed = new LinkedHashMap<>(columns);
        changed.put(heading, column);
        return new Mapping(changed, times, words, a, b);
    }

    public Mapping with(TimeNotation newTimes) {
        return new Mapping(columns, newTimes, words, a, b);
    }

    /** {@return the mapping with a meaning for a word of the table; an empty key takes it away} */
    public Mapping meaning(String word, String key) {
        Map<String, String> changed = new TreeMap<>(words);
        if (key.isEmpty()) {
            changed.remove(Words.plain(word));
        } else {
            changed.put(Words.plain(word), key);
        }
        return new Mapping(columns, times, changed, a, b);
    }

    public Mapping between(String newA, String newB) {
        return new Mapping(columns, times, words, newA, newB);
    }

    /** {@return the mapping as text to be kept} */
    public String print() {
        try {
            return BoutMapper.mapper().writeValueAsString(this);
        } catch (JsonProcessingException e) {
            throw new IllegalStateException("Every mapping has a JSON form", e);
        }
    }

    /** {@return the mapping a kept text holds; empty if it holds none} */
    public static Optional<Mapping> read(String text) {
        try {
            return Optional.ofNullable(BoutMapper.mapper().readValue(text, Mapping.class));
        } catch (JsonProcessingException e) {
            // A plain "no": the table is then mapped anew.
            return Optional.empty();
        }
    }
}
