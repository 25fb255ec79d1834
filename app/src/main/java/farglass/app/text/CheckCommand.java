package farglass.app.text;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import farglass.app.home.LexiconAtHand;
import farglass.app.home.Rules;
import farglass.core.bout.Bout;
import farglass.core.lexicon.Lexicon;
import farglass.core.notation.BoutReading;
import farglass.core.notation.Diagnostic;
import farglass.core.prose.HowMany;
import farglass.core.rules.Rulesets;
import farglass.core.rules.Scorecard;
import farglass.core.state.Counting;
import farglass.core.state.Finding;
import farglass.core.state.Timeline;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

@Command(
        name = "check",
        mixinStandardHelpOptions = true,
        description = "Says what is wrong or doubtful in bout files. Leaves with 1 if one of them cannot be imported.")
public final class CheckCommand implements Callable<Integer> {
    @Parameters(arity = "1..*", paramLabel = "FILE", description = "bout files, JSON documents or tables")
    private List<Path> files;

    @Option(names = "--json", description = "as JSON")
    private boolean json;

    @Option(names = "--library", paramLabel = "L", description = "with this library's own words")
    private Path library;

    /** One thing said of a file. */
    private record Said(int line, int column, String kind, String message, List<String> moments) {
        static Said of(Diagnostic diagnostic) {
            return new Said(
                    diagnostic.line(),
                    diagnostic.column(),
                    diagnostic.severity().label(),
                    diagnostic.message(),
                    List.of());
        }

        static Said of(Finding finding, BoutReading reading) {
            return new Said(
                    reading.lines().getOrDefault(finding.momentId(), 1),
                    1,
                    finding.sort().name().toLowerCase(Locale.ROOT),
                    finding.sentence(),
                    finding.moments());
        }
    }

    /** So many lines of one file are read; what comes after is mended and checked again. */
    private static final int MOST_TOLD = 500;

    private void more(ArrayNode told, Path file, int count) {
        if (json) {
            told.addObject().put("file", file.toString()).put("more", count);
        } else {
            System.out.println("%s: and %,d more; mend these, and check again".formatted(file, count));
        }
    }

    @Override
    public Integer call() {
        Lexicon lexicon = LexiconAtHand.of(library);
        Rulesets rulesets = Rules.all();
        boolean clean = true;
        ArrayNode told = JsonNodeFactory.instance.arrayNode();
        for (Path file : files) {
            for (BoutReading reading : BoutText.all(file, lexicon, "A", "B")) {
                clean &= reading.bout().isPresent();
                List<Said> all = new ArrayList<>();
                reading.diagnostics().forEach(diagnostic -> all.add(Said.of(diagnostic)));
                reading.bout().ifPresent(bout -> findings(bout, lexicon, rulesets)
                        .forEach(finding -> all.add(Said.of(finding, reading))));
                all.sort(Comparator.comparingInt(Said::line));
                all.stream().limit(MOST_TOLD).forEach(said -> tell(told, file, said));
                if (all.size() > MOST_TOLD) {
                    more(told, file, all.size() - MOST_TOLD);
                }
                if (reading.bout().isPresent() && !json) {
                    long unusual = all.stream()
                            .filter(said -> said.kind().equals("unusual"))
                            .mapToLong(said -> said.moments().size())
                            .sum();
                    System.out.println("%s: %s can be imported%s"
                            .formatted(
                                    file,
                                    HowMany.of(reading.bout().get().moments().size(), "moment"),
                                    unusual == 0 ? "" : "; %d of them unusual".formatted(unusual)));
                }
            }
        }
        if (json) {
            System.out.println(told.toPrettyString());
        }
        return clean ? 0 : 1;
    }

    /** What contradicts itself, what is unusual, and what is noted; of the whole bout at line 1, else at the line of its moment. */
    private static List<Finding> findings(Bout bout, Lexicon lexicon, Rulesets rulesets) {
        Timeline timeline = Timeline.of(bout, lexicon);
        List<Finding> findings = new ArrayList<>(timeline.findings());
        Counting.sentence(bout)
                .ifPresent(why -> findings.add(new Finding(Finding.Sort.NOTED, List.of(), why, Optional.empty())));
        rulesets.named(bout.header().ruleset())
                .ifPresentOrElse(
                        ruleset -> findings.addAll(
                                Scorecard.of(bout, ruleset, lexicon, timeline).findings()),
                        () -> findings.add(Finding.warning(
                                List.of(),
                                "There is no ruleset \"%s\" here, so nothing is scored. Name one of those that ship, or put its file into the folder \"rulesets\"."
                                        .formatted(bout.header().ruleset()))));
        return findings;
    }

    private void tell(ArrayNode told, Path file, Said said) {
        ObjectNode node = told.addObject()
                .put("file", file.toString())
                .put("line", said.line())
                .put("column", said.column())
                .put("kind", said.kind())
                .put("message", said.message());
        said.moments().forEach(node.putArray("moments")::add);
        if (!json) {
            System.out.println("%s:%d:%d: %s%s"
                    .formatted(
                            file,
                            said.line(),
                            said.column(),
                            said.kind().equals("error") ? "" : said.kind() + ": ",
                            said.message()));
        }
    }
}
