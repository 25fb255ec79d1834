package farglass.library.table;

import static org.assertj.core.api.Assertions.assertThat;

import farglass.core.AnyBout;
import farglass.core.bout.Bout;
import farglass.core.lexicon.Lexicon;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;

class TablePropertyTest {
    private static final Lexicon LEXICON = Lexicon.shipped();

    @Property(tries = 300)
    void momentsComeBackFromTheirTable(@ForAll long seed) {
        Bout bout = AnyBout.of(seed);
        Table table = Table.read(TableExport.of(bout).print());
        Mapping mapping = Mapping.guessed(table, LEXICON);
        assertThat(Mapping.read(mapping.print())).contains(mapping);
        TableImport.Preview preview = TableImport.preview(table, mapping, bout.id(), bout.header(), LEXICON);
        assertThat(preview.diagnostics()).filteredOn(each -> each.error()).isEmpty();
        assertThat(preview.bout().orElseThrow().moments()).isEqualTo(bout.moments());
    }

    @Property
    void aCellSurvivesAndIsNoFormula(@ForAll String text) {
        String out = Cell.out(text);
        assertThat(Cell.in(out)).isEqualTo(text);
        assertThat(out).doesNotStartWith("=").doesNotStartWith("+").doesNotStartWith("@");
    }

    @Property(tries = 500)
    void noTableBreaksTheImport(@ForAll("tables") String text) {
        Bout bout = AnyBout.of(1);
        try {
            Table table = Table.read(text);
            TableImport.preview(table, Mapping.guessed(table, LEXICON), "x", bout.header(), LEXICON);
        } catch (UnreadableTableException e) {
            assertThat(e.getMessage()).startsWith("line ");
        }
    }

    @Provide
    Arbitrary<String> tables() {
        Arbitrary<String> pieces = Arbitraries.of(
                "time",
                "who",
                "what",
                "side",
                "note",
                ",",
                ";",
                "\n",
                "\"",
                "0:10",
                "1.05",
                "A",
                "B",
                "Juno",
                "knee cut",
                "; private",
                "left",
                "yes",
                "=1+1",
                "\t",
                "\u0000",
                "side A left",
                "more",
                "grip A left hand on B collar",
                "award 3 points",
                "?",
                "  ",
                "position",
                "mount, A on top",
                "\r\n");
        return pieces.list().ofMaxSize(60).map(list -> "time,who,what,more\n" + String.join("", list));
    }
}
