package farglass.app.library;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import farglass.core.lexicon.Lexicon;
import farglass.core.simulate.Cast;
import farglass.core.simulate.Realism;
import java.util.List;
import java.util.Locale;
import java.util.concurrent.Callable;
import java.util.stream.Collectors;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.ParameterException;
import picocli.CommandLine.Spec;

@Command(
        name = "actor",
        mixinStandardHelpOptions = true,
        description = "Tells what made-up bouts hold, beside what they are meant to.")
public final class ActorCommand implements Callable<Integer> {
    @Option(names = "--demo", description = "measured on the demo's bouts alone, which are few")
    private boolean demo;

    @Option(
            names = "--matches",
            paramLabel = "N",
            defaultValue = "600",
            description = "measured on so many matches between everybody of the demo (${DEFAULT-VALUE})")
    private int matches;

    /** More take longer than anybody waits, and tell no more. */
    private static final int MOST_MATCHES = 10_000;

    @Spec
    private CommandSpec spec;

    @Option(names = "--json", description = "as JSON")
    private boolean json;

    @Override
    public Integer call() {
        if (matches < 1 || matches > MOST_MATCHES) {
            throw new ParameterException(
                    spec.commandLine(),
                    "--matches needs a number from 1 to %d but got %d".formatted(MOST_MATCHES, matches));
        }
        Lexicon lexicon = Lexicon.shipped();
        List<Realism.Row> rows =
                Realism.of(demo ? Cast.seasons(lexicon).bouts() : Cast.league(matches, lexicon), lexicon);
        System.out.println(json ? json(rows).toPrettyString() : text(rows));
        return 0;
    }

    private static String text(List<Realism.Row> rows) {
        return rows.stream()
                .map(row -> String.format(
                        Locale.ROOT,
                        "%-16s %9s   %6s to %-6s %-7s %s",
                        row.aim(),
                        row.isMeasured() ? String.format(Locale.ROOT, "%.3f", row.value()) : "-",
                        number(row.from()),
                        number(row.to()),
                        !row.isMeasured() ? "unknown" : row.isMet() ? "" : "MISSED",
                        row.words()))
                .collect(Collectors.joining("\n"));
    }

    private static String number(double value) {
        return value == Math.rint(value) ? "%d".formatted((long) value) : String.valueOf(value);
    }

    private static ObjectNode json(List<Realism.Row> rows) {
        ObjectNode root = JsonNodeFactory.instance.objectNode();
        ArrayNode aims = root.putArray("aims");
        rows.forEach(row -> aims.addObject()
                .put("aim", row.aim())
                .put("words", row.words())
                .put("value", row.isMeasured() ? (Double) row.value() : null)
                .put("from", row.from())
                .put("to", row.to())
                .put("met", row.isMet()));
        return root;
    }
}
