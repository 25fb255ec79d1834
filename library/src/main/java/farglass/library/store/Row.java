package farglass.library.store;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.core.type.TypeReference;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.time.DateTimeException;
import java.util.Collections;
import java.util.Map;
import java.util.TreeMap;
import java.util.function.Function;

/**
 * One row of one table, as the change log keeps it.
 *
 * @param columns every column but the key: text, whole numbers, real numbers or null
 */
public record Row(String table, String key, Map<String, Object> columns) {
    /** Only the change log needs images: who reads a library waits for nothing of this. */
    private static final class Images {
        private static final ObjectMapper JSON = new ObjectMapper();
    }

    public Row {
        Map<String, Object> sorted = new TreeMap<>();
        // One type for whole numbers, so that equal rows have equal images wherever they come from.
        columns.forEach((name, value) -> sorted.put(name, value instanceof Integer i ? Long.valueOf(i) : value));
        sorted.remove("key");
        columns = Collections.unmodifiableMap(sorted);
    }

    /** {@return the columns as JSON, in a fixed order: equal rows have equal images} */
    public String image() {
        try {
            return Images.JSON.writeValueAsString(columns);
        } catch (JsonProcessingException e) {
            throw new IllegalStateException("Text and numbers always have a JSON form", e);
        }
    }

    public static Row fromImage(String table, String key, String image) {
        try {
            return new Row(table, key, Images.JSON.readValue(image, new TypeReference<Map<String, Object>>() {}));
        } catch (JsonProcessingException e) {
            throw new LibraryException.Damaged(
                    "The history of this library cannot be read at %s %s. Save a copy, and restore a backup if more is wrong."
                            .formatted(table, key),
                    e);
        }
    }

    public String text(String column) {
        return (String) columns.get(column);
    }

    public Long whole(String column) {
        return (Long) columns.get(column);
    }

    /**
     * {@return what the row tells} A value that is none of ours is damage: it is named by table and key, never skipped.
     *
     * @throws LibraryException.Damaged if it cannot be read
     */
    public <T> T told(Function<Row, T> reading) {
        try {
            return reading.apply(this);
        } catch (IllegalArgumentException | NullPointerException | DateTimeException | ClassCastException e) {
            throw new LibraryException.Damaged(
                    "One entry of this library cannot be read (%s %s: %s). Recover what is whole, or restore a backup."
                            .formatted(table, key, e.getMessage()),
                    e);
        }
    }
}
