package farglass.app.text;

import farglass.core.bout.Bout;
import farglass.core.bout.Contestant;
import farglass.core.bout.Header;
import farglass.core.lexicon.Lexicon;
import farglass.core.notation.BoutReading;
import farglass.core.notation.Diagnostic;
import farglass.library.exchange.BoutImport;
import farglass.library.store.LibraryException;
import farglass.library.table.Mapping;
import farglass.library.table.Table;
import farglass.library.table.TableImport;
import farglass.library.table.UnreadableTableException;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;

/** Files that hold one bout, whatever their form: bout file, JSON document or table. */
public final class BoutText {
    private BoutText() {}

    /** {@return whether the file is read as a table} */
    public static boolean isTable(Path file) {
        return file.getFileName().toString().toLowerCase(Locale.ROOT).endsWith(".csv");
    }

    /** {@return every bout that a file holds, or why it holds none} Tables are read with a guessed mapping, between the two named. */
    static List<BoutReading> all(Path file, Lexicon lexicon, String a, String b) {
        return isTable(file)
                ? List.of(table(
                        file,
                        Header.between(Contestant.named(a), Contestant.named(b)),
                        table -> Mapping.guessed(table, lexicon),
                        lexicon))
                : BoutImport.readAll(file, lexicon);
    }

    /**
     * {@return the bout that a table holds, or why it holds none}
     *
     * @param header who the two are, and what else is known of the bout
     * @param mapping how the table is read
     */
    public static BoutReading table(Path file, Header header, Function<Table, Mapping> mapping, Lexicon lexicon) {
        BoutImport.Text text = BoutImport.tableText(file);
        if (text.problem().isPresent()) {
            return new BoutReading(Optional.empty(), List.of(text.problem().get()));
        }
        try {
            Table table = Table.read(text.text());
            TableImport.Preview preview = TableImport.preview(
                    table,
                    mapping.apply(table),
                    file.getFileName().toString().replaceFirst("\\.[^.]*$", ""),
                    header,
                    lexicon);
            return new BoutReading(preview.bout(), preview.diagnostics());
        } catch (UnreadableTableException e) {
            return new BoutReading(Optional.empty(), List.of(e.diagnostic()));
        }
    }

    /**
     * {@return the bout of a file}
     *
     * @throws LibraryException with every error, as FILE:LINE:COLUMN, if it holds none
     */
    static Bout bout(Path file, Lexicon lexicon, String a, String b) {
        List<BoutReading> all = all(file, lexicon, a, b);
        if (all.size() > 1) {
            throw new LibraryException(
                    "%s holds %d bouts, and this takes one. Import the file, or leave one bout in it."
                            .formatted(file, all.size()));
        }
        BoutReading reading = all.get(0);
        return reading.bout()
                .orElseThrow(() -> new LibraryException(reading.diagnostics().stream()
                        .filter(Diagnostic::error)
                        .map(each -> each.in(file.toString()))
                        .collect(Collectors.joining("\n"))));
    }
}
