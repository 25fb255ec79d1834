package farglass.library.table;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import farglass.core.bout.Contestant;
import farglass.core.bout.Header;
import farglass.core.bout.Moment;
import farglass.core.lexicon.Lexicon;
import farglass.core.notation.BoutFile;
import farglass.core.notation.Diagnostic;
import java.util.List;
import org.junit.jupiter.api.Test;

class TableImportTest {
    private static final Lexicon LEXICON = Lexicon.shipped();
    private static final Header HEADER =
            Header.between(Contestant.named("Juno Halvorsen"), Contestant.named("Pip Arkwright"));

    private static TableImport.Preview preview(Table table, Mapping mapping) {
        return TableImport.preview(table, mapping, "t", HEADER, LEXICON);
    }

    private static List<String> lines(TableImport.Preview preview) {
        return preview.bout().orElseThrow().moments().stream()
                .map(BoutFile::line)
                .toList();
    }

    @Test
    void aSpreadsheetInOtherWordsIsUnderstood() {
        Table table = Table.read(
                """
                Hora;Atleta;Técnica;Lado;Resultado;Notas
                1.05;Juno;corte de joelho;esq;não;"parou; no joelho"
                0.12;Pip;puxada;;sim;
                2.40;Juno;Juji gatame;d;;
                """);
        Mapping mapping = Mapping.guessed(table, LEXICON);
        assertThat(mapping.times()).isEqualTo(TimeNotation.POINT);
        assertThat(mapping.columns()).containsEntry("Lado", Column.SIDE).containsEntry("Notas", Column.NOTE);
        assertThat(lines(preview(table, mapping)))
                .containsExactly(
                        "0:12 B guard-pull; held; id m1",
                        "1:05 A knee-cut; side A left; threatened; note \"parou; no joelho\"; id m2",
                        "2:40 A armbar; side B right; id m3");
    }

    @Test
    void everyNotationOfTimesIsSeen() {
        assertThat(TimeNotation.CLOCK.read("1:02:05.4")).hasValue(3_725_400_000L);
        assertThat(TimeNotation.SECONDS.read("125,4")).hasValue(125_400_000);
        assertThat(TimeNotation.WORDS.read("2m05s")).hasValue(125_000_000);
        assertThat(TimeNotation.WORDS.read("2'05\"")).hasValue(125_000_000);
        assertThat(TimeNotation.POINT.read("2.75")).isEmpty();
        assertThat(TimeNotation.CLOCK.read("soon")).isEmpty();
        Table seconds = Table.read("time,what\n12,kimura\n75.5,kimura\n");
        assertThat(Mapping.guessed(seconds, LEXICON).times()).isEqualTo(TimeNotation.SECONDS);
    }

    @Test
    void unknownWordsAreCountedAndAMeaningIsTakenOver() {
        Table table = Table.read("time,who,what\n0:10,A,coat hanger\n0:20,B,kimurra\n0:30,A,Coat Hanger\n");
        Mapping mapping = Mapping.guessed(table, LEXICON);
        TableImport.Preview before = preview(table, mapping);
        assertThat(before.bout()).isPresent();
        assertThat(before.unknown())
                .extracting(TableImport.Unknown::word)
                .containsExactly("coat hanger", "kimurra", "Coat Hanger");
        assertThat(before.unknown().get(1).nearest().orElseThrow().key()).isEqualTo("kimura");
        TableImport.Preview after = preview(table, mapping.meaning("coat hanger", "rear-naked-choke"));
        assertThat(after.bout().orElseThrow().moments())
                .extracting(Moment::technique)
                .extracting(key -> key.orElse("-"))
                .containsExactly("rear-naked-choke", "-", "rear-naked-choke");
    }

    @Test
    void oneBadCellRefusesTheTableWithItsLineAndColumn() {
        Table table = Table.read("time,who,what,stage\n0:10,A,kimura,deep\nsoon,Zed,kimura,very\n");
        TableImport.Preview preview = preview(table, Mapping.guessed(table, LEXICON));
        assertThat(preview.bout()).isEmpty();
        assertThat(preview.diagnostics())
                .extracting(Diagnostic::line, Diagnostic::column)
                .contains(
                        org.assertj.core.groups.Tuple.tuple(3, 1),
                        org.assertj.core.groups.Tuple.tuple(3, 2),
                        org.assertj.core.groups.Tuple.tuple(3, 4));
        assertThat(preview.diagnostics().get(1).message())
                .contains("Juno Halvorsen")
                .contains("Pip Arkwright");
    }

    @Test
    void noCellSmugglesAFieldIn() {
        Table table = Table.read("time,who,what,note\n0:10,A,\"kimura; private; hidden\",\"x\"\"; private\"\n");
        Moment moment = preview(table, Mapping.guessed(table, LEXICON))
                .bout()
                .orElseThrow()
                .moments()
                .get(0);
        assertThat(moment.telling().confidential()).isFalse();
        assertThat(moment.telling().note()).contains("x\"; private");
        assertThat(moment.technique()).isEmpty();
    }

    @Test
    void whatIsNoTableSaysSo() {
        assertThatThrownBy(() -> Table.read("")).hasMessageContaining("headings");
        assertThatThrownBy(() -> Table.read("time,what\n\"0:10,kimura\n")).hasMessageContaining("quotes");
        assertThatThrownBy(() -> Table.read("time,what\n0:10,kimura,third\n")).hasMessageContaining("line 2");
        assertThatThrownBy(() -> Table.read("time\n" + "0:10\n".repeat(Table.MOST_ROWS + 2)))
                .hasMessageContaining("20,000");
    }
}
