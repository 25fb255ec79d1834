package farglass.library.report;

import farglass.core.prose.Answer;
import farglass.core.prose.Bar;
import farglass.core.prose.FigureRow;
import farglass.core.prose.OneMinute;
import farglass.core.prose.Page;
import farglass.library.exchange.Destination;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/**
 * A dossier on paper: two pages for a coach, or everything. Estimates are drawn as lines of the page itself, so that they stay sharp.
 *
 * @param through through what the athlete is looked at, in words: "as the camp weighs them, since 2024"
 * @param whole whether every figure is told; otherwise what matters most, and of each chapter the answers that have film enough
 */
public record DossierReport(Page page, String through, boolean whole) {
    private static final int MOST_ANSWERS = 4;
    private static final int MOST_LETTERS = 360;

    /** {@return the report as one HTML page that needs no other file} */
    public String html() {
        StringBuilder body = new StringBuilder();
        body.append("<h1>").append(Paper.escaped(page.athlete())).append("</h1>");
        body.append(
                "<p class=\"quiet\">%d of %d known bouts were watched%s. In each line the dot is the best guess, the thick line holds the truth four times in five, the thin one nineteen in twenty; the tick is the other athletes. Shares run from 0 to 100 %%.</p>"
                        .formatted(
                                page.watched(), page.known(), through.isEmpty() ? "" : ", " + Paper.escaped(through)));
        page.asides().forEach(aside -> paragraph("quiet", aside, body));
        body.append("<h2>In one minute</h2><table>");
        page.oneMinute().forEach(point -> point(point, body));
        body.append("</table>");
        for (String chapter : page.chapters()) {
            chapter(chapter, body);
        }
        return """
                <!DOCTYPE html>
                <html lang="en"><head><meta charset="UTF-8"/><title>%s</title><style>
                @page { size: A4; margin: 14mm 16mm }
                body { font-family: 'Source Sans 3', sans-serif; font-size: 9.5pt; color: #22262b; max-width: 180mm; line-height: 1.25 }
                h1 { font-family: 'Source Serif 4', serif; font-size: 20pt; font-weight: 600; margin: 0 }
                h2 { font-family: 'Source Serif 4', serif; font-size: 12pt; font-weight: 600; margin: 3.5mm 0 0.5mm; border-bottom: 0.3mm solid #22262b; page-break-after: avoid }
                h3 { font-size: 9.5pt; margin: 1.5mm 0 0.3mm; page-break-after: avoid }
                p { margin: 0.8mm 0 } .quiet { color: #5d5a52; font-size: 8.5pt }
                table { border-collapse: collapse; width: 100%% } tr { page-break-inside: avoid }
                td { padding: 0.4mm 2mm 0.4mm 0; vertical-align: top; border-bottom: 0.2mm solid #d8d0bd }
                .label { width: 62mm } .count { width: 26mm } .glyph { width: 42mm } .minute { width: 96mm }
                .bar { position: relative; width: 40mm; height: 3.4mm; border-bottom: 0 }
                .bar i { position: absolute; display: block }
                .r { left: 0; width: 40mm; top: 1.6mm; height: 0.2mm; background: #cfc6b2 }
                .w { top: 1.5mm; height: 0.4mm; background: #1b567f } .n { top: 1.1mm; height: 1.2mm; background: #1b567f }
                .d { top: 0.6mm; width: 2.2mm; height: 2.2mm; border-radius: 1.1mm; background: #1b567f }
                .t { top: 0.1mm; width: 0.4mm; height: 3.2mm; background: #22262b }
                </style></head><body>%s</body></html>
                """
                .formatted(Paper.escaped(page.athlete()), body);
    }

    private static void paragraph(String style, String words, StringBuilder body) {
        body.append("<p class=\"")
                .append(style)
                .append("\">")
                .append(Paper.escaped(words))
                .append("</p>");
    }

    private static void cell(String style, String content, StringBuilder body) {
        body.append("<td class=\"").append(style).append("\">").append(content).append("</td>");
    }

    private static void point(OneMinute.Point point, StringBuilder body) {
        body.append("<tr>");
        cell("minute", "<b>%s.</b> %s".formatted(Paper.escaped(point.about()), Paper.escaped(point.words())), body);
        cell(
                "glyph",
                point.row().flatMap(FigureRow::bar).map(DossierReport::drawn).orElse("not known"),
                body);
        cell("count", Paper.escaped(point.row().map(FigureRow::count).orElse("")), body);
        body.append("</tr>");
    }

    private void chapter(String chapter, StringBuilder body) {
        List<Answer> answers = page.chapter(chapter);
        List<Answer> told = whole
                ? answers
                : answers.stream()
                        .filter(answer -> !answer.isThin())
                        .limit(MOST_ANSWERS)
                        .toList();
        if (told.isEmpty()) {
            return;
        }
        body.append("<h2>").append(Paper.escaped(chapter)).append("</h2>");
        for (Answer answer : told) {
            if (whole) {
                body.append("<h3>").append(Paper.escaped(answer.question())).append("</h3>");
                paragraph("", answer.sentence(), body);
                rows(answer, body);
            } else {
                paragraph("", shortened(answer.sentence()), body);
            }
        }
    }

    /** A long answer is told up to the part that still fits; the whole of it stands in the full report. */
    private static String shortened(String sentence) {
        if (sentence.length() <= MOST_LETTERS) {
            return sentence;
        }
        int end = sentence.lastIndexOf("; ", MOST_LETTERS);
        return end < 0 ? sentence : sentence.substring(0, end) + ".";
    }

    private static void rows(Answer answer, StringBuilder body) {
        Optional<String> heading = Optional.empty();
        body.append("<table>");
        for (FigureRow row : answer.rows()) {
            if (!row.heading().isEmpty() && !Optional.of(row.heading()).equals(heading)) {
                body.append("<tr><td colspan=\"4\"><b>")
                        .append(Paper.escaped(row.heading()))
                        .append("</b></td></tr>");
            }
            heading = Optional.of(row.heading());
            body.append("<tr>");
            cell("label", Paper.escaped(row.label()), body);
            cell("count", Paper.escaped(row.count()), body);
            cell("glyph", row.bar().map(DossierReport::drawn).orElse(""), body);
            String likely = row.likely().isEmpty() || row.remark().isEmpty() ? row.likely() : row.likely() + "; ";
            cell("quiet", Paper.escaped(likely + row.remark()), body);
            body.append("</tr>");
        }
        body.append("</table>");
    }

    private static String drawn(Bar bar) {
        String others = bar.others().isPresent()
                ? "<i class=\"t\" style=\"left:%s\"></i>"
                        .formatted(at(bar.others().getAsDouble()))
                : "";
        return "<div class=\"bar\"><i class=\"r\"></i>%s%s%s<i class=\"d\" style=\"left:%s\"></i></div>"
                .formatted(
                        line("w", bar.low95(), bar.high95()),
                        line("n", bar.low80(), bar.high80()),
                        others,
                        String.format(Locale.ROOT, "%.2fmm", 40 * bar.point() - 1.1));
    }

    private static String at(double share) {
        return String.format(Locale.ROOT, "%.2fmm", 40 * share);
    }

    private static String line(String style, double from, double to) {
        return "<i class=\"%s\" style=\"left:%s;width:%s\"></i>".formatted(style, at(from), at(to - from));
    }

    public void writeHtml(Destination target) {
        new Paper(html(), "dossier").writeHtml(target);
    }

    public void writePdf(Destination target) {
        new Paper(html(), "dossier").writePdf(target);
    }
}
