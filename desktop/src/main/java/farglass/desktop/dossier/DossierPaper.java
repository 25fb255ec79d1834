package farglass.desktop.dossier;

import farglass.core.prose.Page;
import farglass.core.prose.ScopeWords;
import farglass.desktop.desk.Desk;
import farglass.library.exchange.Destination;
import farglass.library.report.DossierReport;
import farglass.library.report.FigureTable;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** The dossier that is shown, on paper and as a table. */
record DossierPaper(DossierModel model) {
    /** {@return the dossier shown, for paper} @param whole whether every figure is told */
    Optional<DossierReport> report(boolean whole) {
        Lens now = model.lensProperty().get();
        String through = Stream.concat(
                        Stream.of(now.weights().words(model.choices().studysWeights())),
                        ScopeWords.of(now.filters()).stream())
                .collect(Collectors.joining(", "));
        return model.pageProperty().get().map(known -> new DossierReport(known, "weighed " + through, whole));
    }

    /** Writes the report; what it is follows from the file's ending. */
    void print(DossierReport report, Path file) {
        desk().work()
                .start(
                        "Writing " + file.getFileName(),
                        (progress, cancelled) -> {
                            if (file.toString().endsWith(".pdf")) {
                                report.writePdf(Destination.chosen(file));
                            } else {
                                report.writeHtml(Destination.chosen(file));
                            }
                            return file;
                        },
                        written -> desk().messages().say("Wrote %s.".formatted(written)),
                        desk().messages()::fail);
    }

    /** Writes every figure of the page as a table. */
    void write(Page known, Path file) {
        desk().work()
                .start(
                        "Writing " + file.getFileName(),
                        (progress, cancelled) -> {
                            Destination.chosen(file)
                                    .write(unfinished -> Files.writeString(unfinished, FigureTable.csv(known)));
                            return file;
                        },
                        written -> desk().messages().say("Wrote %s.".formatted(written)),
                        desk().messages()::fail);
    }

    private Desk desk() {
        return model.desk();
    }
}
