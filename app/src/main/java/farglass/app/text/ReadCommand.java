package farglass.app.text;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import farglass.app.home.LexiconAtHand;
import farglass.core.Spelling;
import farglass.core.bout.Bout;
import farglass.core.bout.Contestant;
import farglass.core.bout.Deed;
import farglass.core.bout.Header;
import farglass.core.bout.Moment;
import farglass.core.clause.Clause;
import farglass.core.clause.Clauses;
import farglass.core.entry.Position;
import farglass.core.lexicon.Lexicon;
import farglass.core.notation.BoutFile;
import farglass.core.phrase.AthleteWords;
import farglass.core.phrase.Phrase;
import farglass.core.scribe.Expectation;
import farglass.core.scribe.LinePlace;
import farglass.core.scribe.Reading;
import farglass.core.side.Seat;
import farglass.core.state.Stand;
import farglass.library.store.LibraryException;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

@Command(
        name = "read",
        mixinStandardHelpOptions = true,
        description =
                "Prints what the typed line of Tag would save, what of it was guessed, and what else it could say. Reads lines from standard input if none is given. Saves nothing.")
public final class ReadCommand implements Callable<Integer> {
    private static final long MOST_LINES = 100_000;

    @Parameters(arity = "0..*", paramLabel = "LINE", description = "typed lines, each in quotes")
    private List<String> lines = List.of();

    @Option(names = "--place", paramLabel = "POSITION", description = "where the two are; standing if left out")
    private String place = "standing";

    @Option(names = "--top", paramLabel = "A|B", description = "who is on top there")
    private Seat top;

    @Option(names = "--a", paramLabel = "NAME", description = "who A is; Ann if left out")
    private String a = "Ann";

    @Option(names = "--b", paramLabel = "NAME", description = "who B is; Bea if left out")
    private String b = "Bea";

    @Option(names = "--ruleset", paramLabel = "NAME", description = "the rules: only mixed rules know blows")
    private String ruleset = Header.DEFAULT_RULESET;

    @Option(names = "--library", paramLabel = "L", description = "with this library's own words")
    private Path library;

    @Option(names = "--json", description = "as JSON")
    private boolean json;

    @Override
    public Integer call() {
        Lexicon lexicon = LexiconAtHand.of(library);
        Position where = lexicon.position(place)
                .or(() -> lexicon.place(place))
                .orElseThrow(() -> new LibraryException("\"%s\" is no position of the lexicon.%s"
                        .formatted(
                                place,
                                lexicon.nearest(place)
                                        .map(near -> " The nearest word is \"%s\".".formatted(near.key()))
                                        .orElse(""))));
        if (where.hasTop() && top == null) {
            throw new LibraryException(
                    "In %s somebody is on top: say who, with --top A or --top B.".formatted(where.label()));
        }
        Stand stand = new Stand(where, where.hasTop() ? Optional.of(top) : Optional.empty());
        Header header = Header.between(Contestant.named(a), Contestant.named(b)).under(ruleset);
        LinePlace at = LinePlace.end(new Bout("typed", header, List.of(), List.of()), stand);
        ArrayNode told = JsonNodeFactory.instance.arrayNode();
        for (String line : lines.isEmpty() ? standardInput() : lines) {
            for (Clause clause : Clauses.read(line, at, lexicon, Expectation.NONE)) {
                Reading reading = clause.reading();
                Moment moment = reading.proposal()
                        .at("m1", OptionalLong.empty(), clause.place().now(), lexicon);
                if (json) {
                    json(
                            told.addObject(),
                            clause.text(),
                            reading,
                            moment,
                            clause.place().bout(),
                            lexicon);
                } else {
                    say(clause.text(), reading, moment, clause.place().bout(), lexicon);
                }
            }
        }
        if (json) {
            System.out.println(told.toPrettyString());
        }
        return 0;
    }

    private static List<String> standardInput() {
        BufferedReader in = new BufferedReader(new InputStreamReader(System.in, StandardCharsets.UTF_8));
        try (in) {
            return in.lines().limit(MOST_LINES).toList();
        } catch (UncheckedIOException | IOException e) {
            throw new LibraryException("Standard input cannot be read as UTF-8 text.");
        }
    }

    /** The moment as a bout file has it, without time and id. */
    private static String saved(Moment moment) {
        return BoutFile.line(moment).replaceFirst("^\\? ", "").replaceFirst("; id m1$", "");
    }

    private static void say(String line, Reading reading, Moment moment, Bout bout, Lexicon lexicon) {
        System.out.println(line);
        System.out.println("  saves: " + saved(moment));
        System.out.println(
                "  in words: " + AthleteWords.actor(moment.actor(), bout) + ": " + Phrase.of(moment, bout, lexicon)
                        + moment.settled()
                                .map(where -> " -> " + AthleteWords.settled(where, bout, lexicon))
                                .orElse(""));
        reading.how()
                .ifPresent(how -> System.out.println("  read: " + how.name().toLowerCase(Locale.ROOT)));
        reading.remarks().forEach(remark -> System.out.println("  note: " + remark));
        reading.alternatives()
                .forEach(other -> System.out.println("  or: " + other.label() + " (" + other.why() + "), typed as: "
                        + other.text().strip()));
    }

    private static void json(ObjectNode node, String line, Reading reading, Moment moment, Bout bout, Lexicon lexicon) {
        node.put("line", line).put("saves", saved(moment));
        node.put("words", Phrase.of(moment, bout, lexicon));
        moment.actor().ifPresent(seat -> node.put("actor", seat.name()));
        node.put("is", Spelling.of(Kind.of(moment.deed())));
        moment.deed().did().ifPresent(key -> node.put("technique", key));
        moment.deed().unnamed().ifPresent(unnamed -> {
            node.put("unnamed", unnamed.words());
            unnamed.kind().ifPresent(kind -> node.put("kind", kind));
        });
        moment.telling().became().ifPresent(became -> node.put("became", became.label()));
        moment.settled().ifPresent(where -> {
            ObjectNode settled = node.putObject("settled").put("position", where.position());
            where.top().ifPresent(seat -> settled.put("top", seat.name()));
            settled.put("workedOut", where.workedOut());
        });
        moment.telling().note().ifPresent(note -> node.put("note", note));
        node.put(
                "read",
                reading.how().map(how -> how.name().toLowerCase(Locale.ROOT)).orElse("kept"));
        reading.remarks().forEach(node.putArray("remarks")::add);
        ArrayNode others = node.putArray("alternatives");
        reading.alternatives().forEach(other -> others.addObject()
                .put("label", other.label())
                .put("text", other.text().strip())
                .put("why", other.why()));
    }

    /** What sort of thing the line tells. */
    private enum Kind {
        TECHNIQUE,
        POSITION,
        UNNAMED,
        OTHER;

        static Kind of(Deed deed) {
            return deed.did().isPresent()
                    ? TECHNIQUE
                    : deed.onlyPlace() ? POSITION : deed.unnamed().isPresent() ? UNNAMED : OTHER;
        }
    }
}
