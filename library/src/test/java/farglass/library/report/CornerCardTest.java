package farglass.library.report;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import farglass.core.bout.Uniform;
import farglass.core.lexicon.Lexicon;
import farglass.core.plan.Fallback;
import farglass.core.plan.GamePlan;
import farglass.core.plan.PlanStep;
import farglass.core.plan.StayOut;
import farglass.core.study.Camp;
import farglass.core.study.Study;
import farglass.library.exchange.Destination;
import farglass.library.store.LibraryException;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class CornerCardTest {
    @TempDir
    Path folder;

    private static CornerCard card(String situation, String choice) {
        GamePlan plan = new GamePlan(
                "g",
                "s",
                "o",
                List.of(new PlanStep("1", situation, choice, List.of(new Fallback("sprawl", "sit to guard")))),
                List.of(new StayOut("2", "mount", "she chokes from there")));
        Study study = new Study(
                "s",
                "Saltmarsh Open",
                List.of("o"),
                Optional.of(new Camp(
                        "m", "Saltmarsh Open", LocalDate.of(2026, 12, 19), "points-with-advantages", Uniform.GI)));
        return new CornerCard(plan, study, "Maren Tolliver", "Runa Castellan", Lexicon.shipped());
    }

    @Test
    void theCardSaysThePlanAndNoOdds() throws Exception {
        Path pdf = folder.resolve("card.pdf");
        card("standing", "single-leg").writePdf(Destination.chosen(pdf));
        try (PDDocument document = Loader.loadPDF(pdf.toFile())) {
            String text = new PDFTextStripper().getText(document).replaceAll("\\s+", " ");
            assertThat(document.getNumberOfPages()).isEqualTo(1);
            assertThat(text)
                    .contains("Maren Tolliver against Runa Castellan")
                    .contains("Single leg")
                    .contains("if Sprawl")
                    .contains("sit to guard")
                    .contains("she chokes from there")
                    .doesNotContain("%");
        }
    }

    @Test
    void hostileWordsStayWords() throws Exception {
        CornerCard card = card("<script>alert(1)</script> & \"more\" \u0001", "</body>");
        assertThat(card.html())
                .contains("&lt;script&gt;")
                .doesNotContain("<script>")
                .doesNotContain("\u0001");
        card.writePdf(Destination.chosen(folder.resolve("hostile.pdf")));
        card.writeHtml(Destination.chosen(folder.resolve("hostile.html")));
        assertThat(folder.resolve("hostile.html")).content().contains("&lt;/body&gt;");
    }

    @Test
    void whatCanHurtBringsItsCaution() {
        assertThat(card("half guard", "heel hook").html())
                .contains("Twisting leg lock")
                .contains("event\u2019s own rules");
        assertThat(card("closed guard", "the KIMURA on the posted arm").html())
                .contains("Kimura: Twisting shoulder lock");
        assertThat(card("closed guard", "kimurasque grips").html()).doesNotContain("Twisting");
        assertThatThrownBy(() -> card("x", "y").writePdf(Destination.chosen(folder.resolve("no/such/folder/card.pdf"))))
                .isInstanceOf(LibraryException.class)
                .hasMessageContaining("cannot be written");
    }
}
