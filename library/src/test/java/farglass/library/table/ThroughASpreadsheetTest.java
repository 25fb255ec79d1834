package farglass.library.table;

import static org.assertj.core.api.Assertions.assertThat;

import farglass.core.AnyBout;
import farglass.core.bout.Bout;
import farglass.core.bout.Contestant;
import farglass.core.bout.Header;
import farglass.core.lexicon.Lexicon;
import farglass.core.notation.BoutFile;
import farglass.library.exchange.BoutImport;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/**
 * A table of ours comes back the same from a program that means well: it takes what looks like a number, a time, a day or a truth for one,
 * shows it in its own way, and saves what it shows, with semicolons and in its own letters.
 */
class ThroughASpreadsheetTest {
    private static final Lexicon LEXICON = Lexicon.shipped();
    private static final Pattern CLOCK = Pattern.compile("([0-9]{1,3}):([0-9]{2})(?::([0-9]{2}))?(\\.[0-9]+)?");
    private static final Pattern NUMBER = Pattern.compile("[+-]?[0-9]+([.,][0-9]+)?([eE][+-]?[0-9]+)?");
    private static final Pattern DAY =
            Pattern.compile("(?i)[0-9]{1,2}[-/. ]([0-9]{1,2}|jan|feb|mar|mai|may|dec|dez)[a-z]*([-/. ][0-9]{2,4})?|"
                    + "(jan|feb|mar|apr|may|jun|jul|aug|sep|oct|nov|dec)[a-z]* [0-9]{1,4}");

    @TempDir
    Path folder;

    /** What such a program makes of a cell. */
    private static String shown(String cell) {
        Matcher clock = CLOCK.matcher(cell);
        if (clock.matches()) {
            int first = Integer.parseInt(clock.group(1));
            if (clock.group(4) != null) {
                return "%02d:%s%.2s".formatted(first, clock.group(2), clock.group(4));
            }
            return clock.group(3) == null && first >= 24
                    ? cell + ":00"
                    : "%02d:%s".formatted(first, cell.substring(cell.indexOf(':') + 1));
        }
        if (NUMBER.matcher(cell).matches()) {
            double number = Double.parseDouble(cell.replace(',', '.'));
            return number == Math.rint(number) && Math.abs(number) < 1e15
                    ? "%d".formatted((long) number)
                    : ("" + number).replace('.', ',');
        }
        if (DAY.matcher(cell).matches()) {
            return "01. Mrz";
        }
        if (cell.startsWith("=") || cell.startsWith("+") || cell.startsWith("-") || cell.startsWith("@")) {
            return "#NAME?";
        }
        return cell.equalsIgnoreCase("true") ? "WAHR" : cell.equalsIgnoreCase("false") ? "FALSCH" : cell;
    }

    private static String saved(Table table) {
        return table.rows().stream()
                .map(row -> row.cells().stream()
                        .map(Cell::out)
                        .map(ThroughASpreadsheetTest::shown)
                        .map(cell -> "\"" + cell.replace("\"", "\"\"") + "\"")
                        .collect(Collectors.joining(";")))
                .collect(Collectors.joining("\r\n", String.join(";", table.headings()) + "\r\n", "\r\n"));
    }

    @Property(tries = 300)
    void momentsComeBackTheSame(@ForAll long seed) {
        Bout bout = AnyBout.of(seed);
        Table table = Table.read(saved(TableExport.of(bout)));
        TableImport.Preview preview =
                TableImport.preview(table, Mapping.guessed(table, LEXICON), bout.id(), bout.header(), LEXICON);
        assertThat(preview.diagnostics()).filteredOn(each -> each.error()).isEmpty();
        assertThat(preview.bout().orElseThrow().moments()).isEqualTo(bout.moments());
    }

    private static List<String> lines(Table table) {
        Header header = Header.between(Contestant.named("Ann"), Contestant.named("Bea"));
        return TableImport.preview(table, Mapping.guessed(table, LEXICON), "t", header, LEXICON)
                .bout()
                .orElseThrow()
                .moments()
                .stream()
                .map(BoutFile::line)
                .toList();
    }

    @Test
    void notesThatLookLikeSomethingElse() {
        String moments =
                List.of("12", "007", "1/2", "3-4", "March 5", "TRUE", "1e5", "0:12", "-", "=1+1", "'quoted'").stream()
                        .map(note -> "0:1%d A kimura; note \"%s\"\n".formatted(note.length(), note))
                        .sorted()
                        .collect(Collectors.joining());
        Bout bout = BoutFile.parse("far-glass bout 1\nA: Ann\nB: Bea\n\n" + moments, LEXICON)
                .bout()
                .orElseThrow();
        Table table = Table.read(saved(TableExport.of(bout)));
        assertThat(lines(table))
                .isEqualTo(bout.moments().stream().map(BoutFile::line).toList());
    }

    /** Who typed minutes and seconds into a sheet has hours and minutes in it. */
    @Test
    void minutesThatWereTakenForHours() {
        assertThat(lines(Table.read("time;who;what\n00:05:00;A;kimura\n01:12:00;B;kimura\n24:30:00;A;kimura\n")))
                .containsExactly("0:05 A kimura; id m1", "1:12 B kimura; id m2", "24:30 A kimura; id m3");
        // One round hour in a long film is an hour.
        assertThat(lines(Table.read("time;who;what\n0:05:10;A;kimura\n1:00:00;B;kimura\n")))
                .containsExactly("5:10 A kimura; id m1", "60:00 B kimura; id m2");
    }

    @Test
    void theLettersOfTheProgram() throws Exception {
        String table = "sep=;\r\nHora;Atleta;Técnica\r\n1:05;Ann;corte de joelho\r\n";
        String whole = null;
        for (Charset letters :
                List.of(StandardCharsets.UTF_8, Charset.forName("windows-1252"), StandardCharsets.UTF_16)) {
            Path file = folder.resolve(letters.name() + ".csv");
            Files.write(file, table.getBytes(letters));
            BoutImport.Text text = BoutImport.tableText(file);
            assertThat(text.problem()).isEmpty();
            assertThat(Table.read(text.text()).headings())
                    .as(letters.name())
                    .containsExactly("Hora", "Atleta", "Técnica");
            whole = whole == null ? text.text() : whole;
            assertThat(text.text()).isEqualTo(whole);
        }
    }
}
