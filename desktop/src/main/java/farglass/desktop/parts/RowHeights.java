package farglass.desktop.parts;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.OptionalDouble;

/**
 * How high the rows of one list were when they were last measured. A list forgets that as soon as a row is added or goes, and measures
 * anew what leads to the row it shows; most of its rows are as they were.
 *
 * @param <T> the items; equal ones look alike
 */
public final class RowHeights<T> {
    private static final int MOST = 2000;

    private final Map<Row<T>, Double> heights = new LinkedHashMap<>() {
        @Override
        protected boolean removeEldestEntry(Map.Entry<Row<T>, Double> eldest) {
            return size() > MOST;
        }
    };

    /** @param room width into which its words wrap, in pixels; @param letters size of its font, in pixels */
    private record Row<T>(T item, double room, double letters) {}

    /** {@return pixels; empty if that row was not measured in that room} */
    OptionalDouble of(T item, double room, double letters) {
        Double height = heights.get(new Row<>(item, room, letters));
        return height == null ? OptionalDouble.empty() : OptionalDouble.of(height);
    }

    void keep(T item, double room, double letters, double height) {
        heights.put(new Row<>(item, room, letters), height);
    }
}
