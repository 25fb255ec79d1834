package farglass.library.report;

import static org.assertj.core.api.Assertions.assertThat;

import farglass.core.bout.Bout;
import farglass.core.catalogue.Catalogue;
import farglass.core.corpus.Corpus;
import farglass.core.lexicon.Lexicon;
import farglass.core.notation.BoutFile;
import farglass.core.prose.Page;
import farglass.core.scope.Scope;
import farglass.library.exchange.Destination;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class DossierReportTest {
    @TempDir
    Path folder;

    private static Page page(String name) {
        Lexicon lexicon = Lexicon.shipped();
        StringBuilder moments = new StringBuilder();
        for (int i = 0; i < 12; i++) {
            moments.append(
                    "%d:00 A toreando; side A left; line hip; %s\n".formatted(i, i % 3 == 0 ? "held" : "nearly"));
            moments.append("%d:30 - restart\n%d:31 B guard-pull; held\n".formatted(i, i));
        }
        Bout bout = BoutFile.parse(
                        ("far-glass bout 1\nid: one\nA: %s\nB: Ann Birch\ncovered: story 0:00 to 13:00\n"
                                                + "result: A by points 9-0\n0:00 B guard-pull; held\n")
                                        .formatted(name)
                                + moments,
                        lexicon)
                .bout()
                .orElseThrow();
        return Page.of(
                Catalogue.dossier(bout.header().a().name(), Corpus.of(List.of(bout), lexicon), Scope.ALL), lexicon);
    }

    @Test
    void twoPagesTellACoachWhatMattersAndTheWholeTellsEveryFigure() throws Exception {
        DossierReport brief = new DossierReport(page("Bea Ash"), "weighed alike", false);
        Path pdf = folder.resolve("brief.pdf");
        brief.writePdf(Destination.chosen(pdf));
        try (PDDocument document = Loader.loadPDF(pdf.toFile())) {
            String text = new PDFTextStripper().getText(document).replaceAll("\\s+", " ");
            assertThat(document.getNumberOfPages()).isLessThanOrEqualTo(2);
            assertThat(text).contains("Bea Ash", "In one minute", "Bea tried to pass 12 times and passed in 4 of 12");
            assertThat(text).doesNotContain("By name");
        }
        String whole = new DossierReport(page("Bea Ash"), "", true).html();
        assertThat(whole).contains("By name", "Toreando pass", "12 of 12").contains("class=\"bar\"");
    }

    @Test
    void hostileNamesStayWords() throws Exception {
        DossierReport report = new DossierReport(page("<script>x</script> & co"), "<b>", true);
        assertThat(report.html()).doesNotContain("<script>").contains("&lt;script&gt;");
        report.writePdf(Destination.chosen(folder.resolve("hostile.pdf")));
        report.writeHtml(Destination.chosen(folder.resolve("hostile.html")));
        assertThat(Files.size(folder.resolve("hostile.pdf"))).isPositive();
    }
}
