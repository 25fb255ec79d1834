package farglass.library.table;

import farglass.core.bout.Bout;
import farglass.core.bout.Header;
import farglass.core.entry.Term;
import farglass.core.lexicon.Lexicon;
import farglass.core.notation.BoutFile;
import farglass.core.notation.BoutReading;
import farglass.core.notation.Diagnostic;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** A table read by a mapping: every row becomes a line of a bout file, and the bout file's own reader has the last word. */
public final class TableImport {
    /**
     * What a table would give.
     *
     * @param bout empty when there are errors
     * @param diagnostics by line of the table's file, and column number from 1
     * @param unknown words for techniques and positions that neither the lexicon nor the mapping knows, with what is nearest
     */
    public record Preview(Optional<Bout> bout, List<Diagnostic> diagnostics, List<Unknown> unknown) {
        public Preview {
            diagnostics = List.copyOf(diagnostics);
            unknown = List.copyOf(unknown);
        }
    }

    /** A word nobody knows here, how often it stands in the table, and the nearest word of the lexicon. */
    public record Unknown(String word, int count, Optional<Term> nearest) {}

    private final Table table;
    private final Mapping mapping;
    private final Header header;
    private final Lexicon lexicon;
    private final List<Diagnostic> diagnostics = new ArrayList<>();
    private final Map<String, Integer> unknown = new LinkedHashMap<>();

    private TableImport(Table table, Mapping mapping, Header header, Lexicon lexicon) {
        this.table = table;
        this.mapping = mapping;
        this.header = header;
        this.lexicon = lexicon;
    }

    /**
     * {@return what importing a table would give} Changes nothing and never throws for what a table holds.
     *
     * @param id of the bout that is made
     */
    public static Preview preview(Table table, Mapping mapping, String id, Header header, Lexicon lexicon) {
        return new TableImport(table, mapping, header, lexicon).preview(id);
    }

    private Preview preview(String id) {
        record Line(Optional<Long> at, int source, String text) {}
        List<Line> lines = new ArrayList<>();
        Optional<Long> last = Optional.empty();
        for (Table.Row row : table.rows()) {
            RowReader reader = new RowReader(row, table.headings(), mapping, header, lexicon, diagnostics, unknown);
            String text = reader.line();
            last = reader.at().isPresent() ? reader.at() : last;
            lines.add(new Line(last, row.line(), text));
        }
        // Spreadsheets are not always in order of time; rows without a time stay behind the one before them.
        lines.sort(Comparator.comparingLong(line -> line.at().orElse(-1L)));
        StringBuilder text = new StringBuilder(BoutFile.print(new Bout(id, header, List.of(), List.of())));
        int headerLines = (int) text.chars().filter(c -> c == '\n').count();
        lines.forEach(line -> text.append(line.text()).append('\n'));
        List<Unknown> words = unknown.entrySet().stream()
                .map(word -> new Unknown(word.getKey(), word.getValue(), lexicon.nearest(word.getKey())))
                .toList();
        if (diagnostics.stream().anyMatch(Diagnostic::error)) {
            return new Preview(Optional.empty(), diagnostics, words);
        }
        BoutReading reading = BoutFile.parse(text, lexicon);
        reading.diagnostics().stream().filter(Diagnostic::error).forEach(each -> {
            int index = each.line() - headerLines - 1;
            int source = index >= 0 && index < lines.size() ? lines.get(index).source() : 1;
            diagnostics.add(new Diagnostic(source, 1, Diagnostic.Severity.ERROR, each.message()));
        });
        return new Preview(reading.bout(), diagnostics, words);
    }
}
