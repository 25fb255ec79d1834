package farglass.app;

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
import picocli.CommandLine.Option;

@Command(
        name = "actor",
        mixinStandardHelpOptions = true,
        description = "Tells what made-up bouts hold, beside what they are meant to.")
final class ActorCommand implements Callable<Integer> {
    @Option(names = "--demo", description = "measured on the demo's bouts alone, which are few")
    private boolean demo;

    @Option(
            names = "--matches",
            paramLabel = "N",
            defaultValue = "600",
            description = "measured on so many matches between everybody of the demo (${DEFAULT-VALUE})")
    private int matches;

    @Option(names = "--json", description = "as JSON")
    private boolean json;

    @Override
    public Integer call() {
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
                        "%-16s %9.3f   %6s to %-6s %-7s %s",
                        row.aim(),
                        row.value(),
                        number(row.from()),
                        number(row.to()),
                        row.isMet() ? "" : "MISSED",
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
                .put("value", row.value())
                .put("from", row.from())
                .put("to", row.to())
                .put("met", row.isMet()));
        return root;
    }
}
