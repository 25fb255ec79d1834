package farglass.library.changelog;

import java.util.Map;
import java.util.Optional;

/** A line of the change log as it stands in the file, column by column. */
public record LoggedLine(Map<String, Object> columns) {
    /** {@return the text in that column; empty where there is none} */
    public String text(String column) {
        return columns.get(column) instanceof String text ? text : "";
    }

    /** {@return the row that the column holds, as text; empty where there was no row} */
    public Optional<String> image(String column) {
        return Optional.ofNullable(columns.get(column)).map(Object::toString);
    }
}
