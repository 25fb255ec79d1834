package farglass.library.table;

import java.io.IOException;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVPrinter;
import org.apache.commons.csv.CSVRecord;

/**
 * A sheet of cells under headings.
 *
 * @param rows each as long as the headings
 */
public record Table(List<String> headings, List<Row> rows) {
    private static final Pattern SEPARATOR_TOLD = Pattern.compile("\\A\uFEFF?(\"?sep=.\"?\\R)?");

    /** More rows, columns or letters than these are no telling of a bout, and must not fill the memory. */
    static final int MOST_ROWS = 20_000;

    static final int MOST_COLUMNS = 200;

    /**
     * A row.
     *
     * @param line the line of the file in which it begins, from 1
     */
    public record Row(int line, List<String> cells) {
        public Row {
            cells = List.copyOf(cells);
        }
    }

    public Table {
        headings = List.copyOf(headings);
        rows = List.copyOf(rows);
    }

    /**
     * {@return the table a text holds, its cells between commas, semicolons or tabs, whichever its headings use} A first line that some
     * programs write, {@code sep=;}, is no heading.
     *
     * @throws UnreadableTableException if it is none, with the line and what is wrong
     */
    public static Table read(String text) {
        String whole = SEPARATOR_TOLD.matcher(text).replaceFirst("");
        CSVFormat format = CSVFormat.DEFAULT
                .builder()
                .setDelimiter(delimiter(whole))
                .setIgnoreEmptyLines(true)
                .get();
        List<String> headings = new ArrayList<>();
        List<Row> rows = new ArrayList<>();
        long line = 1;
        try (CSVParser parser = CSVParser.parse(new StringReader(whole), format)) {
            for (CSVRecord record : parser) {
                List<String> cells = record.stream().map(Cell::in).toList();
                if (headings.isEmpty()) {
                    if (cells.size() > MOST_COLUMNS) {
                        throw new UnreadableTableException(
                                1,
                                "there are %d columns, and %d are the most; leave out what is not needed"
                                        .formatted(cells.size(), MOST_COLUMNS));
                    }
                    headings.addAll(cells.stream().map(String::strip).toList());
                } else if (cells.stream().anyMatch(cell -> !cell.isBlank())) {
                    rows.add(new Row((int) line, padded(cells, headings.size(), line)));
                }
                if (rows.size() > MOST_ROWS) {
                    throw new UnreadableTableException(
                            line,
                            String.format(
                                    Locale.ROOT, "there are more than %,d rows; split the file by bout", MOST_ROWS));
                }
                line = parser.getCurrentLineNumber() + 1;
            }
        } catch (IOException | UncheckedIOException | IllegalArgumentException e) {
            throw new UnreadableTableException(line, "the quotes of this table do not close; save it again as CSV");
        }
        if (headings.stream().allMatch(String::isBlank)) {
            throw new UnreadableTableException(1, "there are no headings; the first row names the columns");
        }
        Set<String> seen = new HashSet<>();
        for (String heading : headings) {
            if (!heading.isBlank() && !seen.add(heading)) {
                throw new UnreadableTableException(
                        1, "two columns are headed \"%s\"; give one of them another heading".formatted(heading));
            }
        }
        return new Table(headings, rows);
    }

    private static List<String> padded(List<String> cells, int size, long line) {
        if (cells.size() > size && cells.subList(size, cells.size()).stream().anyMatch(cell -> !cell.isBlank())) {
            throw new UnreadableTableException(
                    line,
                    "there are %d cells under %d headings; a comma or quote is too many, or a heading is missing"
                            .formatted(cells.size(), size));
        }
        return Stream.concat(cells.stream(), Stream.generate(() -> ""))
                .limit(size)
                .toList();
    }

    /** The character that the first line has most of, outside quotes. */
    private static char delimiter(String text) {
        int end = text.indexOf('\n');
        String first = end < 0 ? text : text.substring(0, end);
        String bare = first.replaceAll("\"[^\"]*\"", "");
        return Stream.of(',', ';', '\t')
                .max(Comparator.comparingLong(
                        each -> bare.chars().filter(c -> c == each).count()))
                .orElse(',');
    }

    /** {@return the table as CSV text} */
    public String print() {
        StringBuilder out = new StringBuilder();
        try (CSVPrinter printer = new CSVPrinter(out, CSVFormat.RFC4180)) {
            printer.printRecord(headings.stream().map(Cell::out).toList());
            for (Row row : rows) {
                printer.printRecord(row.cells().stream().map(Cell::out).toList());
            }
        } catch (IOException e) {
            throw new UncheckedIOException("A text in memory cannot fail to be written", e);
        }
        return out.toString();
    }
}
