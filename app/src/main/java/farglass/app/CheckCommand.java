package farglass.app;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import farglass.core.bout.Bout;
import farglass.core.lexicon.Lexicon;
import farglass.core.notation.BoutFile;
import farglass.core.notation.Diagnostic;
import farglass.core.notation.Times;
import farglass.core.state.Finding;
import farglass.core.state.Timeline;
import farglass.library.exchange.BoutImport;
import java.nio.file.Path;
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
    @Parameters(arity = "1..*", paramLabel = "FILE", description = "bout files")
    private List<Path> files;

    @Option(names = "--json", description = "as JSON")
    private boolean json;

    @Override
    public Integer call() {
        Lexicon lexicon = Lexicon.shipped();
        boolean clean = true;
        ArrayNode told = JsonNodeFactory.instance.arrayNode();
        for (Path file : files) {
            BoutFile.Reading reading = BoutImport.read(file, lexicon);
            clean &= reading.bout().isPresent();
            for (Diagnostic diagnostic : reading.diagnostics()) {
                tell(
                        told,
                        file,
                        diagnostic.error() ? "error" : "warning",
                        diagnostic.in(file.toString()),
                        diagnostic.line());
            }
            reading.bout().ifPresent(bout -> findings(bout, lexicon, file, told));
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

    private void findings(Bout bout, Lexicon lexicon, Path file, ArrayNode told) {
        for (Finding finding : Timeline.of(bout, lexicon).findings()) {
            String at = bout.moment(finding.momentId())
                    .filter(moment -> moment.atMicros().isPresent())
                    .map(moment -> "at " + Times.tenths(moment.atMicros().getAsLong()))
                    .orElse("at an unknown time");
            tell(told, file, "doubt", "%s, %s: %s".formatted(file, at, finding.sentence()), 0);
        }
    }

    private void tell(ArrayNode told, Path file, String kind, String sentence, int line) {
        told.addObject()
                .put("file", file.toString())
                .put("kind", kind)
                .put("line", line)
                .put("message", sentence);
        if (!json) {
            System.out.println(kind + ": " + sentence);
        }
    }
}
