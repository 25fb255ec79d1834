package farglass.app.library;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import farglass.app.home.Home;
import farglass.app.home.Readable;
import farglass.core.bout.Bout;
import farglass.core.catalogue.Catalogue;
import farglass.core.corpus.Corpus;
import farglass.core.estimate.Share;
import farglass.core.estimate.time.Rate;
import farglass.core.lexicon.Lexicon;
import farglass.core.prose.Answer;
import farglass.core.prose.FigureRow;
import farglass.core.prose.Page;
import farglass.core.prose.ScopeWords;
import farglass.core.question.Figure;
import farglass.core.scope.Scope;
import farglass.core.study.Study;
import farglass.core.study.Weighing;
import farglass.library.Library;
import farglass.library.SumsFile;
import farglass.library.contents.Contents;
import farglass.library.exchange.BoutExport;
import farglass.library.exchange.Destination;
import farglass.library.report.DossierReport;
import farglass.library.report.FigureTable;
import farglass.library.store.LibraryException;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.Optional;
import java.util.concurrent.Callable;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;

@Command(name = "profile", mixinStandardHelpOptions = true, description = "Prints the dossier of an athlete.")
public final class ProfileCommand implements Callable<Integer> {
    @Option(names = "--library", required = true, paramLabel = "L", description = "the library")
    private Path library;

    @Option(names = "--athlete", required = true, paramLabel = "NAME", description = "whose dossier")
    private String athlete;

    @Option(names = "--study", paramLabel = "NAME", description = "weigh the bouts as this study or camp does")
    private String study;

    @Mixin
    private ScopeOptions scope;

    @Option(names = "--full", description = "count private moments too")
    private boolean full;

    @Option(names = "--evidence", description = "name the moments behind each figure, as history takes them")
    private boolean evidence;

    @Option(names = "--json", description = "as JSON")
    private boolean json;

    @Option(names = "--csv", description = "every figure as one line of a table")
    private boolean csv;

    @Option(
            names = "--html",
            paramLabel = "FILE",
            description = "writes two pages for a coach; everything, with --whole")
    private Path html;

    @Option(names = "--pdf", paramLabel = "FILE", description = "the same as PDF")
    private Path pdf;

    @Option(names = "--force", description = "writes over what is there already")
    private boolean force;

    @Option(names = "--whole", description = "every figure on paper, not only what matters most")
    private boolean whole;

    @Override
    public Integer call() {
        if (csv && json || (csv || json) && (html != null || pdf != null)) {
            throw new LibraryException(
                    "A dossier is told in one form at a time: leave out all but one of --csv, --json and what goes on paper.");
        }
        try (Library open = Library.openToRead(library, Home.clock(), Home.person())) {
            Contents contents = Readable.of(open);
            KnownAthlete.check(athlete, contents, library);
            List<Bout> bouts = full
                    ? contents.bouts()
                    : contents.bouts().stream().map(BoutExport::forSharing).toList();
            Lexicon lexicon = Lexicon.shipped().with(contents.words().texts()).lexicon();
            Scope looked = scope.scope(contents, weighing(contents));
            List<String> through = ScopeWords.of(looked);
            Corpus corpus = Corpus.of(bouts, lexicon);
            // What the window kept of everybody; of whose bouts differ in the copy for sharing it is counted again.
            SumsFile.recall(corpus, Home.sums(), library, contents.words());
            Page page = Page.of(Catalogue.dossier(athlete, corpus, looked), lexicon);
            if (csv) {
                System.out.print(FigureTable.csv(page));
                return 0;
            }
            if (html != null || pdf != null) {
                print(page, through);
                return 0;
            }
            String copy = full ? "a full copy" : "for sharing, without private moments";
            if (json) {
                ObjectNode told = json(page).put("copy", full ? "full" : "for sharing");
                through.forEach(told.putArray("through")::add);
                System.out.println(told.toPrettyString());
            } else {
                through.forEach(words -> System.out.println("Looked at: " + words));
                System.out.println(text(page, evidence) + "\n(" + copy + ")");
            }
            return 0;
        }
    }

    private Destination destination(Path file) {
        return new Destination(file, force, List.of(library));
    }

    private void print(Page page, List<String> through) {
        String words = Stream.concat(
                        Optional.ofNullable(study).map(name -> "weighed as " + name).stream(), through.stream())
                .collect(Collectors.joining(", "));
        DossierReport report = new DossierReport(page, words, whole);
        Optional.ofNullable(html).map(this::destination).ifPresent(report::writeHtml);
        Optional.ofNullable(pdf).map(this::destination).ifPresent(report::writePdf);
        Stream.of(html, pdf).filter(Objects::nonNull).forEach(file -> System.out.println("Wrote " + file + "."));
    }

    private Weighing weighing(Contents contents) {
        if (study == null) {
            return Weighing.ALIKE;
        }
        return contents.studies().stream()
                .filter(found -> found.name().equals(study))
                .map(Study::weighing)
                .findFirst()
                .orElseThrow(() -> new LibraryException("There is no study named %s in %s. Known are: %s."
                        .formatted(
                                study,
                                library,
                                contents.studies().stream().map(Study::name).collect(Collectors.joining(", ")))));
    }

    private static String text(Page page, boolean evidence) {
        StringBuilder text = new StringBuilder(
                "%s: %d of %d known bouts watched%n".formatted(page.athlete(), page.watched(), page.known()));
        page.asides().forEach(aside -> text.append(aside).append(System.lineSeparator()));
        String chapter = "";
        for (Answer answer : page.answers()) {
            if (!answer.chapter().equals(chapter)) {
                chapter = answer.chapter();
                text.append("%n%s%n".formatted(chapter.toUpperCase(Locale.ROOT)));
            }
            text.append("%n%s%n%s%n".formatted(answer.question(), answer.sentence()));
            String heading = "";
            for (FigureRow row : answer.rows()) {
                if (!row.heading().equals(heading)) {
                    heading = row.heading();
                    text.append("  %s%n".formatted(heading));
                }
                text.append("  %-38s %12s  %9s  %s%n".formatted(row.label(), row.count(), row.likely(), row.remark()));
                if (evidence) {
                    row.evidence()
                            .forEach(sight -> text.append("      --bout %s%s%n"
                                    .formatted(
                                            sight.bout(),
                                            sight.moment()
                                                    .map(moment -> " --moment " + moment)
                                                    .orElse(""))));
                }
            }
        }
        return text.toString();
    }

    private static ObjectNode part(ObjectNode one, Figure.Part figure) {
        one.put("seconds", figure.time().seconds())
                .put("ofSeconds", figure.time().ofSeconds());
        one.put("bouts", figure.time().bouts());
        figure.time().error().ifPresent(error -> one.put("point", error.point())
                .put("low80", error.low80())
                .put("high80", error.high80())
                .put("low95", error.low95())
                .put("high95", error.high95()));
        return one;
    }

    private static ObjectNode longest(ObjectNode one, Figure.Longest figure) {
        return one.put("seconds", figure.stay().seconds())
                .put("ended", figure.stay().ended());
    }

    private static ObjectNode json(Page page) {
        ObjectNode node = JsonNodeFactory.instance.objectNode();
        node.put("athlete", page.athlete()).put("known", page.known()).put("watched", page.watched());
        page.asides().forEach(node.putArray("asides")::add);
        ArrayNode answers = node.putArray("answers");
        for (Answer answer : page.answers()) {
            ObjectNode told = answers.addObject();
            told.put("id", answer.id())
                    .put("chapter", answer.chapter())
                    .put("question", answer.question())
                    .put("sentence", answer.sentence());
            ArrayNode figures = told.putArray("figures");
            for (FigureRow row : answer.rows()) {
                ObjectNode one = figures.addObject();
                one.put("label", row.label())
                        .put("heading", row.heading())
                        .put("denominator", row.of())
                        .put("note", row.remark());
                row.figure()
                        .match(
                                figure -> share(one, figure),
                                figure -> rate(one, figure),
                                figure -> one,
                                figure -> one,
                                figure -> part(one, figure),
                                figure -> longest(one, figure));
                ArrayNode evidence = one.putArray("evidence");
                row.evidence().forEach(sight -> {
                    ObjectNode seen = evidence.addObject().put("bout", sight.bout());
                    sight.moment().ifPresent(moment -> seen.put("moment", moment));
                });
            }
        }
        return node;
    }

    private static ObjectNode share(ObjectNode one, Figure.Proportion figure) {
        Share share = figure.share();
        share.population().ifPresent(others -> one.put("others", others));
        return one.put("successes", share.successes())
                .put("chances", share.chances())
                .put("bouts", share.bouts())
                .put("effectiveChances", share.effective())
                .put("share", share.point())
                .put("low80", share.low80())
                .put("high80", share.high80())
                .put("low95", share.low95())
                .put("high95", share.high95());
    }

    private static ObjectNode rate(ObjectNode one, Figure.Pace figure) {
        Rate rate = figure.rate();
        rate.population().ifPresent(others -> one.put("othersPerMinute", others));
        return one.put("times", rate.times())
                .put("minutes", rate.minutes())
                .put("bouts", rate.bouts())
                .put("perMinute", rate.point())
                .put("low80", rate.low80())
                .put("high80", rate.high80())
                .put("low95", rate.low95())
                .put("high95", rate.high95());
    }
}
