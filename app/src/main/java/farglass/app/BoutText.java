package farglass.app;

import farglass.core.bout.Bout;
import farglass.core.bout.Contestant;
import farglass.core.bout.Header;
import farglass.core.lexicon.Lexicon;
import farglass.core.notation.BoutFile;
import farglass.core.notation.Diagnostic;
import farglass.library.LibraryException;
import farglass.library.exchange.BoutImport;
import farglass.library.table.Mapping;
import farglass.library.table.Table;
import farglass.library.table.TableImport;
import farglass.library.table.UnreadableTableException;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;

/** Files that hold one bout, whatever their form: bout file, JSON document or table. */
final class BoutText {
    private BoutText() {}

    /** {@return what a file holds, or why it holds nothing} Tables are read with a guessed mapping, between the two named. */
    static BoutFile.Reading read(Path file, Lexicon lexicon, String a, String b) {
        if (!file.getFileName().toString().toLowerCase(Locale.ROOT).endsWith(".csv")) {
            return BoutImport.read(file, lexicon);
        }
        BoutImport.Text text = BoutImport.text(file);
        if (text.problem().isPresent()) {
            return new BoutFile.Reading(Optional.empty(), List.of(text.problem().get()));
        }
        try {
            Table table = Table.read(text.text());
            TableImport.Preview preview = TableImport.preview(
                    table,
                    Mapping.guessed(table, lexicon),
                    file.getFileName().toString().replaceFirst("\\.[^.]*$", ""),
                    Header.between(Contestant.named(a), Contestant.named(b)),
                    lexicon);
            return new BoutFile.Reading(preview.bout(), preview.diagnostics());
        } catch (UnreadableTableException e) {
            return new BoutFile.Reading(Optional.empty(), List.of(e.diagnostic()));
        }
    }

    /**
     * {@return the bout of a file}
     *
     * @throws LibraryException with every error, as FILE:LINE:COLUMN, if it holds none
     */
    static Bout bout(Path file, Lexicon lexicon, String a, String b) {
        BoutFile.Reading reading = read(file, lexicon, a, b);
        return reading.bout()
                .orElseThrow(() -> new LibraryException(reading.diagnostics().stream()
                        .filter(Diagnostic::error)
                        .map(each -> each.in(file.toString()))
                        .collect(Collectors.joining("\n"))));
    }
}
