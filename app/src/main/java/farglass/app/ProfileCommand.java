package farglass.app;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import farglass.core.bout.Bout;
import farglass.core.estimate.Share;
import farglass.core.lexicon.Lexicon;
import farglass.core.profile.Answer;
import farglass.core.profile.Dossier;
import farglass.core.profile.Figure;
import farglass.core.study.Athlete;
import farglass.core.study.Study;
import farglass.core.study.Weighing;
import farglass.library.Contents;
import farglass.library.Library;
import farglass.library.LibraryException;
import farglass.library.exchange.BoutExport;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.concurrent.Callable;
import java.util.stream.Collectors;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;

@Command(name = "profile", mixinStandardHelpOptions = true, description = "Prints the dossier of an athlete.")
final class ProfileCommand implements Callable<Integer> {
    @Option(names = "--library", required = true, paramLabel = "L", description = "the library")
    private Path library;

    @Option(names = "--athlete", required = true, paramLabel = "NAME", description = "whose dossier")
    private String athlete;

    @Option(names = "--study", paramLabel = "NAME", description = "weigh the bouts as this study or camp does")
    private String study;

    @Option(names = "--full", description = "count private moments too")
    private boolean full;

    @Option(names = "--json", description = "as JSON")
    private boolean json;

    @Override
    public Integer call() {
        try (Library open = Library.open(library, Home.clock(), Home.person())) {
            Contents contents = open.contents();
            if (contents.athleteNamed(athlete).isEmpty()) {
                throw new LibraryException("There is no athlete named %s in %s. Known are: %s."
                        .formatted(athlete, library, names(contents)));
            }
            List<Bout> bouts = full
                    ? contents.bouts()
                    : contents.bouts().stream().map(BoutExport::forSharing).toList();
            Lexicon lexicon = Lexicon.shipped().with(contents.words().texts()).lexicon();
            Dossier dossier = Dossier.of(athlete, bouts, weighing(contents), lexicon);
            String copy = full ? "a full copy" : "for sharing, without private moments";
            System.out.println(
                    json
                            ? json(dossier)
                                    .put("copy", full ? "full" : "for sharing")
                                    .toPrettyString()
                            : text(dossier) + "\n(" + copy + ")");
            return 0;
        }
    }

    static String names(Contents contents) {
        return contents.athletes().stream().map(Athlete::name).collect(Collectors.joining(", "));
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

    private static String text(Dossier dossier) {
        StringBuilder text = new StringBuilder(
                "%s: %d of %d known bouts watched%n".formatted(dossier.athlete(), dossier.watched(), dossier.known()));
        dossier.asides().forEach(aside -> text.append(aside).append(System.lineSeparator()));
        for (Answer answer : dossier.answers()) {
            text.append("%n%s%n%s%n".formatted(answer.question(), answer.sentence()));
            for (Figure figure : answer.figures()) {
                Share share = figure.share();
                text.append(String.format(
                        Locale.ROOT,
                        "  %-34s %3d of %3d  %3.0f %% (%2.0f to %3.0f)  %s%n",
                        figure.label(),
                        share.successes(),
                        share.chances(),
                        100 * share.point(),
                        100 * share.low80(),
                        100 * share.high80(),
                        figure.remark()));
            }
        }
        return text.toString();
    }

    private static ObjectNode json(Dossier dossier) {
        ObjectNode node = JsonNodeFactory.instance.objectNode();
        node.put("athlete", dossier.athlete()).put("known", dossier.known()).put("watched", dossier.watched());
        dossier.asides().forEach(node.putArray("asides")::add);
        ArrayNode answers = node.putArray("answers");
        for (Answer answer : dossier.answers()) {
            ObjectNode told = answers.addObject();
            told.put("question", answer.question()).put("sentence", answer.sentence());
            ArrayNode figures = told.putArray("figures");
            for (Figure figure : answer.figures()) {
                Share share = figure.share();
                ObjectNode one = figures.addObject();
                one.put("label", figure.label())
                        .put("successes", share.successes())
                        .put("chances", share.chances())
                        .put("bouts", share.bouts())
                        .put("denominator", figure.denominator())
                        .put("effectiveChances", share.effective())
                        .put("share", share.point())
                        .put("low80", share.low80())
                        .put("high80", share.high80())
                        .put("low95", share.low95())
                        .put("high95", share.high95())
                        .put("note", figure.note());
                share.population().ifPresent(others -> one.put("others", others));
                ArrayNode evidence = one.putArray("evidence");
                figure.evidence().forEach(sight -> {
                    ObjectNode seen = evidence.addObject().put("bout", sight.bout());
                    sight.moment().ifPresent(moment -> seen.put("moment", moment));
                });
            }
        }
        return node;
    }
}
