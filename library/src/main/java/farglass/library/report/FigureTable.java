package farglass.library.report;

import farglass.core.estimate.Share;
import farglass.core.prose.Answer;
import farglass.core.prose.FigureRow;
import farglass.core.prose.Page;
import farglass.core.question.Figure;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;

/** The figures of a dossier as a table, for those who compute elsewhere; its columns stand in docs/estimates.md. */
public final class FigureTable {
    private static final String[] COLUMNS = {
        "athlete",
        "chapter",
        "question",
        "figure",
        "option",
        "heading",
        "label",
        "count",
        "of",
        "successes",
        "chances",
        "effective",
        "point",
        "low80",
        "high80",
        "low95",
        "high95",
        "others",
        "bouts",
        "moments"
    };

    private FigureTable() {}

    /** {@return the table as CSV (RFC 4180), with a line of headings} */
    public static String csv(Page page) {
        StringBuilder text = new StringBuilder();
        CSVFormat format = CSVFormat.RFC4180.builder().setHeader(COLUMNS).get();
        try (CSVPrinter table = new CSVPrinter(text, format)) {
            for (Answer answer : page.answers()) {
                for (FigureRow row : answer.rows()) {
                    table.printRecord(line(page, answer, row));
                }
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return text.toString();
    }

    private static List<String> line(Page page, Answer answer, FigureRow row) {
        Figure figure = row.figure();
        List<String> line = new ArrayList<>(List.of(
                SpreadsheetCell.of(page.athlete()),
                answer.chapter(),
                answer.question(),
                figure.subject().id(),
                SpreadsheetCell.of(figure.option()),
                row.heading(),
                SpreadsheetCell.of(row.label()),
                row.count(),
                row.of()));
        line.addAll(figure.match(
                proportion -> share(proportion.share()),
                pace -> numbers(
                        pace.rate().times(),
                        pace.rate().minutes(),
                        pace.rate().minutes(),
                        10 * pace.rate().point(),
                        10 * pace.rate().low80(),
                        10 * pace.rate().high80(),
                        10 * pace.rate().low95(),
                        10 * pace.rate().high95()),
                length -> numbers(length.durations().ended(), length.durations().stays()),
                listing -> numbers(listing.evidence().size()),
                part -> numbers(part.time().seconds(), part.time().ofSeconds()),
                longest -> numbers(longest.stay().seconds())));
        while (line.size() < COLUMNS.length - 2) {
            line.add("");
        }
        line.add(row.basis());
        line.add(String.join(
                " ",
                row.evidence().stream()
                        .map(seen ->
                                seen.bout() + seen.moment().map(id -> "/" + id).orElse(""))
                        .toList()));
        return line;
    }

    private static List<String> share(Share share) {
        List<String> numbers = new ArrayList<>(numbers(
                share.successes(),
                share.chances(),
                share.effective(),
                share.point(),
                share.low80(),
                share.high80(),
                share.low95(),
                share.high95()));
        numbers.add(
                share.population().isPresent()
                        ? numbers(share.population().getAsDouble()).get(0)
                        : "");
        return numbers;
    }

    private static List<String> numbers(double... values) {
        List<String> numbers = new ArrayList<>();
        for (double value : values) {
            numbers.add(
                    value == Math.rint(value)
                            ? String.format(Locale.ROOT, "%.0f", value)
                            : String.format(Locale.ROOT, "%.4f", value));
        }
        return numbers;
    }
}
