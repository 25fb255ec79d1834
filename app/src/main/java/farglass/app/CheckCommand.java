package farglass.app;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import farglass.core.bout.Bout;
import farglass.core.lexicon.Lexicon;
import farglass.core.notation.BoutFile;
import farglass.core.notation.Diagnostic;
import farglass.core.rules.Rulesets;
import farglass.core.rules.Scorecard;
import farglass.core.state.Finding;
import farglass.core.state.Timeline;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

@Command(
        name = "check",
        mixinStandardHelpOptions = true,
        description = "Says what is wrong or doubtful in bout files. Leaves with 1 if one of them cannot be imported.")
final class CheckCommand implements Callable<Integer> {
    @Parameters(arity = "1..*", paramLabel = "FILE", description = "bout files, JSON documents or tables")
    private List<Path> files;

    @Option(names = "--json", description = "as JSON")
    private boolean json;

    @Override
    public Integer call() {
        Lexicon lexicon = Lexicon.shipped();
        Rulesets rulesets = Rules.all();
        boolean clean = true;
        ArrayNode told = JsonNodeFactory.instance.arrayNode();
        for (Path file : files) {
            BoutFile.Reading reading = BoutText.read(file, lexicon, "A", "B");
            clean &= reading.bout().isPresent();
            List<Diagnostic> all = new ArrayList<>(reading.diagnostics());
            reading.bout().ifPresent(bout -> all.addAll(doubts(bout, reading, lexicon, rulesets)));
            all.sort(Comparator.comparingInt(Diagnostic::line));
            all.forEach(diagnostic -> tell(told, file, diagnostic));
            if (reading.bout().isPresent() && !json) {
                System.out.println("%s: %d moments can be imported"
                        .formatted(file, reading.bout().get().moments().size()));
            }
        }
        if (json) {
            System.out.println(told.toPrettyString());
        }
        return clean ? 0 : 1;
    }

    /** Contradictions, as warnings at the line of their moment; those of the whole bout stand at line 1. */
    private static List<Diagnostic> doubts(Bout bout, BoutFile.Reading reading, Lexicon lexicon, Rulesets rulesets) {
        Timeline timeline = Timeline.of(bout, lexicon);
        List<Finding> findings = new ArrayList<>(timeline.findings());
        rulesets.named(bout.header().ruleset())
                .ifPresentOrElse(
                        ruleset -> findings.addAll(
                                Scorecard.of(bout, ruleset, lexicon, timeline).findings()),
                        () -> findings.add(new Finding(
                                "",
                                "There is no ruleset \"%s\" here, so nothing is scored. Name one of those that ship, or put its file into the folder \"rulesets\"."
                                        .formatted(bout.header().ruleset()))));
        return findings.stream()
                .map(finding -> new Diagnostic(
                        reading.lines().getOrDefault(finding.momentId(), 1), 1, false, finding.sentence()))
                .toList();
    }

    private void tell(ArrayNode told, Path file, Diagnostic diagnostic) {
        told.addObject()
                .put("file", file.toString())
                .put("line", diagnostic.line())
                .put("column", diagnostic.column())
                .put("kind", diagnostic.error() ? "error" : "warning")
                .put("message", diagnostic.message());
        if (!json) {
            System.out.println(diagnostic.in(file.toString()));
        }
    }
}
