package farglass.app.library;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import farglass.app.home.Home;
import farglass.app.home.Readable;
import farglass.core.bout.Times;
import farglass.core.corpus.Corpus;
import farglass.core.lexicon.Lexicon;
import farglass.core.listing.Entry;
import farglass.core.listing.Flow;
import farglass.core.listing.Listing;
import farglass.core.scope.Scope;
import farglass.core.study.Weighing;
import farglass.library.Library;
import farglass.library.contents.Contents;
import farglass.library.exchange.BoutExport;
import farglass.library.store.LibraryException;
import java.nio.file.Path;
import java.util.Optional;
import java.util.concurrent.Callable;
import java.util.stream.Collectors;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

/** The page of a position or a technique, as text or JSON. */
abstract class ListingCommand implements Callable<Integer> {
    @Parameters(arity = "1..*", paramLabel = "WORDS", description = "its key, or any of its words")
    private String[] words;

    @Option(names = "--library", required = true, paramLabel = "L", description = "the library")
    private Path library;

    @Option(names = "--athlete", paramLabel = "NAME", description = "only of this athlete; everybody if left out")
    private String athlete;

    @Mixin
    private ScopeOptions scope;

    @Option(names = "--full", description = "private moments too")
    private boolean full;

    @Option(names = "--json", description = "as JSON")
    private boolean json;

    /** {@return the listing of what those words name} */
    abstract Listing listing(String named, Optional<String> whose, Corpus corpus, Scope within);

    @Override
    public Integer call() {
        try (Library open = Library.openToRead(library, Home.clock(), Home.person())) {
            Contents contents = Readable.of(open);
            if (athlete != null) {
                KnownAthlete.check(athlete, contents, library);
            }
            Lexicon lexicon = Lexicon.shipped().with(contents.words().texts()).lexicon();
            Corpus corpus = Corpus.of(
                    full
                            ? contents.bouts()
                            : contents.bouts().stream()
                                    .map(BoutExport::forSharing)
                                    .toList(),
                    lexicon);
            Listing listing = listing(
                    String.join(" ", words),
                    Optional.ofNullable(athlete),
                    corpus,
                    scope.scope(contents, Weighing.ALIKE));
            System.out.println(json ? json(listing).toPrettyString() : text(listing));
            return 0;
        }
    }

    private static String when(Entry entry) {
        return entry.day().map(Object::toString).orElse("no date")
                + (entry.atMicros().isPresent()
                        ? " " + Times.tenths(entry.atMicros().getAsLong())
                        : "");
    }

    private static String text(Listing listing) {
        StringBuilder text = new StringBuilder("%s%n%s%n".formatted(listing.label(), listing.summary()));
        for (Flow flow : listing.flows()) {
            String counts = flow.times().entrySet().stream()
                    .map(each -> "%s %d".formatted(each.getKey(), each.getValue()))
                    .collect(Collectors.joining("; "));
            text.append("%s: %s%n".formatted(flow.heading(), counts.isEmpty() ? "nothing told" : counts));
        }
        for (Entry entry : listing.entries()) {
            text.append("%n%s  %s, against %s (bout %s%s)%n"
                    .formatted(
                            when(entry),
                            entry.who(),
                            entry.against(),
                            entry.evidence().bout(),
                            entry.evidence()
                                    .moment()
                                    .map(id -> ", moment " + id)
                                    .orElse("")));
            text.append("    %s%n".formatted(entry.entered()));
            entry.tried().forEach(tried -> text.append("    %s%n".formatted(tried)));
            text.append("    %s%s%n".formatted(entry.came(), entry.gained().isEmpty() ? "" : "; " + entry.gained()));
        }
        return text.toString().stripTrailing();
    }

    private static ObjectNode json(Listing listing) {
        ObjectNode node = JsonNodeFactory.instance.objectNode();
        node.put("key", listing.key()).put("label", listing.label()).put("summary", listing.summary());
        for (Flow flow : listing.flows()) {
            ObjectNode told = node.withArray("flows").addObject().put("heading", flow.heading());
            flow.times().forEach(told.putObject("times")::put);
        }
        ArrayNode entries = node.putArray("entries");
        for (Entry entry : listing.entries()) {
            ObjectNode one = entries.addObject().put("bout", entry.evidence().bout());
            entry.evidence().moment().ifPresent(moment -> one.put("moment", moment));
            entry.day().ifPresent(day -> one.put("day", day.toString()));
            entry.atMicros().ifPresent(micros -> one.put("atSeconds", micros / 1e6));
            one.put("who", entry.who()).put("against", entry.against()).put("entered", entry.entered());
            entry.tried().forEach(one.putArray("tried")::add);
            one.put("came", entry.came()).put("gained", entry.gained());
        }
        return node;
    }

    /** @throws LibraryException always, with the nearest word */
    static <T> T unknown(String named, String what, Lexicon lexicon) {
        throw new LibraryException("\"%s\" is no %s of the lexicon.%s"
                .formatted(
                        named,
                        what,
                        lexicon.nearest(named)
                                .map(near -> " The nearest word is \"%s\".".formatted(near.key()))
                                .orElse("")));
    }
}
