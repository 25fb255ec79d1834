package farglass.library.report;

import com.openhtmltopdf.pdfboxout.PdfRendererBuilder;
import farglass.core.lexicon.Lexicon;
import farglass.core.lexicon.Term;
import farglass.core.lexicon.Words;
import farglass.core.plan.Fallback;
import farglass.core.plan.GamePlan;
import farglass.core.plan.PlanStep;
import farglass.core.plan.StayOut;
import farglass.core.study.Camp;
import farglass.core.study.Study;
import farglass.library.LibraryException;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * The plan on one page for the corner: what we do, what we do when it is stopped, what to stay out of. No odds: at the
 * mat's edge a number is read as a promise.
 */
public final class CornerCard {
    private final GamePlan plan;
    private final Study study;
    private final String ours;
    private final String opponent;
    private final Lexicon lexicon;

    public CornerCard(GamePlan plan, Study study, String ours, String opponent, Lexicon lexicon) {
        this.plan = plan;
        this.study = study;
        this.ours = ours;
        this.opponent = opponent;
        this.lexicon = lexicon;
    }

    /** {@return the card as one HTML page that needs no other file} */
    public String html() {
        StringBuilder body = new StringBuilder();
        body.append("<h1>")
                .append(escaped(ours))
                .append(" against ")
                .append(escaped(opponent))
                .append("</h1>");
        study.camp().ifPresent(camp -> body.append("<p class=\"when\">")
                .append(escaped(when(camp)))
                .append("</p>"));
        body.append("<h2>What we do</h2>");
        if (plan.steps().isEmpty()) {
            body.append("<p>No step has been written yet.</p>");
        }
        body.append("<ol>");
        plan.steps().forEach(step -> append(step, body));
        body.append("</ol>");
        if (!plan.stayOuts().isEmpty()) {
            body.append("<h2>Stay out of</h2><ul>");
            for (StayOut stayOut : plan.stayOuts()) {
                body.append("<li><b>").append(escaped(words(stayOut.where()))).append("</b>");
                if (!stayOut.why().isBlank()) {
                    body.append(" \u2013 ").append(escaped(stayOut.why()));
                }
                body.append("</li>");
            }
            body.append("</ul>");
        }
        cautions(plan, lexicon).forEach(caution -> body.append("<p class=\"caution\">")
                .append(escaped(caution))
                .append("</p>"));
        body.append(
                "<p class=\"caution\">The event\u2019s own rules decide what is allowed for age, belt and uniform.</p>");
        return """
                <!DOCTYPE html>
                <html lang="en"><head><meta charset="UTF-8"/><title>%s</title><style>
                @page { size: A5; margin: 14mm }
                body { font-family: 'Source Sans 3', sans-serif; font-size: 11pt; color: #22262b; max-width: 130mm }
                h1 { font-family: 'Source Serif 4', serif; font-size: 18pt; font-weight: 600; margin: 0 }
                h2 { font-size: 11pt; margin: 5mm 0 1mm; border-bottom: 0.3mm solid #22262b; padding-bottom: 1mm }
                .when { margin: 1mm 0 0; color: #5d5a52 }
                ol, ul { margin: 0; padding-left: 6mm } li { margin: 1.5mm 0 }
                table { border-collapse: collapse; margin-top: 0.5mm } td { padding: 0.3mm 3mm 0.3mm 0; vertical-align: top }
                .caution { font-size: 8pt; color: #5d5a52; margin: 2mm 0 0 }
                </style></head><body>%s</body></html>
                """
                .formatted(escaped(ours + " against " + opponent), body);
    }

    private static String when(Camp camp) {
        return "%s, %s, %s, %s"
                .formatted(
                        camp.event(),
                        camp.date(),
                        camp.uniform().label(),
                        camp.ruleset().replace('-', ' '));
    }

    private void append(PlanStep step, StringBuilder body) {
        body.append("<li>").append(escaped(words(step.situation()))).append(": <b>");
        body.append(escaped(words(step.choice()))).append("</b>");
        if (!step.fallbacks().isEmpty()) {
            body.append("<table>");
            for (Fallback fallback : step.fallbacks()) {
                body.append("<tr><td>if ")
                        .append(escaped(words(fallback.answer())))
                        .append("</td><td><b>")
                        .append(escaped(words(fallback.then())))
                        .append("</b></td></tr>");
            }
            body.append("</table>");
        }
        body.append("</li>");
    }

    /** A key of the lexicon is shown as its label, anything else as it was written. */
    private String words(String written) {
        return lexicon.position(written)
                .map(Term.class::cast)
                .or(() -> lexicon.technique(written))
                .map(Term::label)
                .orElse(written);
    }

    /** {@return what to say before anyone drills what the plan names, wherever in its words} */
    public static List<String> cautions(GamePlan plan, Lexicon lexicon) {
        String all = plan.steps().stream()
                .flatMap(step -> Stream.concat(
                        Stream.of(step.choice()), step.fallbacks().stream().map(Fallback::then)))
                .collect(Collectors.joining(" | "));
        return lexicon.techniques().stream()
                .filter(technique -> technique.caution().isPresent())
                .filter(technique -> Stream.concat(
                                Stream.of(technique.key(), technique.label()), technique.names().all().stream())
                        .anyMatch(words -> Words.holds(all, words)))
                .map(technique -> technique.label() + ": " + technique.caution().orElseThrow())
                .toList();
    }

    private static String escaped(String words) {
        return words.replace("&", "&amp;")
                .replace("<", "&lt;")
                .replace(">", "&gt;")
                .replace("\"", "&quot;")
                // Control characters are no part of XML, and would stop the PDF.
                .replaceAll("[\\p{Cc}&&[^\\n\\t]]", "");
    }

    public void writeHtml(Path target) {
        write(target, html().getBytes(StandardCharsets.UTF_8));
    }

    public void writePdf(Path target) {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try {
            PdfRendererBuilder builder = new PdfRendererBuilder();
            font(builder, "SourceSans3_400Regular.ttf", "Source Sans 3", 400);
            font(builder, "SourceSans3_600SemiBold.ttf", "Source Sans 3", 700);
            font(builder, "SourceSerif4_600SemiBold.ttf", "Source Serif 4", 600);
            builder.withHtmlContent(html().replace("<!DOCTYPE html>", ""), null);
            builder.toStream(out);
            builder.run();
        } catch (IOException e) {
            throw new LibraryException("The corner card could not be made: " + e.getMessage(), e);
        }
        write(target, out.toByteArray());
    }

    private static void font(PdfRendererBuilder builder, String file, String family, int weight) {
        builder.useFont(
                () -> resource(file),
                family,
                weight,
                com.openhtmltopdf.outputdevice.helper.BaseRendererBuilder.FontStyle.NORMAL,
                true);
    }

    private static InputStream resource(String file) {
        return CornerCard.class.getResourceAsStream("/farglass/library/report/fonts/" + file);
    }

    private static void write(Path target, byte[] bytes) {
        try {
            Path part = target.resolveSibling(target.getFileName() + ".part");
            Files.write(part, bytes);
            Files.move(part, target, StandardCopyOption.REPLACE_EXISTING);
        } catch (IOException e) {
            throw new LibraryException("%s cannot be written. Choose another folder.".formatted(target), e);
        }
    }
}
