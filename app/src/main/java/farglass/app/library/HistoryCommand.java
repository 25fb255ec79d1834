package farglass.app.library;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import farglass.app.home.Home;
import farglass.core.notation.BoutFile;
import farglass.library.Library;
import farglass.library.changelog.Edition;
import farglass.library.store.LibraryException;
import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;

@Command(
        name = "history",
        mixinStandardHelpOptions = true,
        description = "Tells who made what of a moment, and when, from the first telling to the last correction.")
public final class HistoryCommand implements Callable<Integer> {
    @Option(names = "--library", required = true, paramLabel = "L", description = "the library")
    private Path library;

    @Option(names = "--bout", required = true, paramLabel = "ID", description = "the bout's id")
    private String bout;

    @Option(names = "--moment", required = true, paramLabel = "ID", description = "the moment's id")
    private String moment;

    @Option(names = "--json", description = "as JSON")
    private boolean json;

    @Override
    public Integer call() {
        try (Library open = Library.openToRead(library, Home.clock(), Home.person())) {
            List<Edition> editions = open.history(bout, moment);
            if (editions.isEmpty()) {
                throw new LibraryException("No moment %s of a bout %s was ever in %s. far-glass export writes both ids."
                        .formatted(moment, bout, library));
            }
            ArrayNode told = JsonNodeFactory.instance.arrayNode();
            for (Edition edition : editions) {
                String line = edition.moment().map(BoutFile::line).orElse("(taken out)");
                ObjectNode node = told.addObject()
                        .put("at", edition.when().toString())
                        .put("who", edition.who())
                        .put("what", edition.what());
                edition.moment().ifPresent(known -> node.put("moment", line));
                if (!json) {
                    System.out.println(
                            "%s %s, %s%n  %s".formatted(edition.when(), edition.who(), edition.what(), line));
                }
            }
            if (json) {
                System.out.println(told.toPrettyString());
            }
            return 0;
        }
    }
}
