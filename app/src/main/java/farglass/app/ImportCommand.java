package farglass.app;

import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import farglass.core.lexicon.Lexicon;
import farglass.core.state.Counting;
import farglass.library.Library;
import farglass.library.exchange.BoutImport;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

@Command(
        name = "import",
        mixinStandardHelpOptions = true,
        description = "Imports bout files into a library: all of them, or none if one has errors.")
final class ImportCommand implements Callable<Integer> {
    @Option(names = "--library", required = true, paramLabel = "L", description = "the library; made if it is missing")
    private Path library;

    @Option(
            names = "--watched",
            description = "count bouts that do not say what was watched: from first to last moment")
    private boolean watched;

    @Option(names = "--preview", description = "only say what would be imported")
    private boolean preview;

    @Option(names = "--json", description = "as JSON")
    private boolean json;

    @Parameters(arity = "1..*", paramLabel = "FILE", description = "bout files")
    private List<Path> files;

    private int tenths;

    /** Many files take a while; the words go where no program reads them. */
    private void tell(double share) {
        if (files.size() >= 200 && (int) (share * 10) > tenths) {
            tenths = (int) (share * 10);
            System.err.println("%d %% written".formatted(tenths * 10));
        }
    }

    @Override
    public Integer call() {
        try (Library open = Files.exists(library)
                ? Library.open(library, Home.clock(), Home.person())
                : Library.create(library, Home.clock(), Home.person())) {
            Lexicon lexicon =
                    Lexicon.shipped().with(open.contents().words().texts()).lexicon();
            BoutImport read = BoutImport.preview(files, lexicon, open);
            BoutImport found = watched ? read.watched() : read;
            ObjectNode told = JsonNodeFactory.instance.objectNode();
            var items = told.putArray("files");
            for (BoutImport.Item item : found.items()) {
                var node = items.addObject()
                        .put("file", item.file().toString())
                        .put("importable", item.bout().isPresent())
                        .put("replaces", item.replaces());
                var messages = node.putArray("messages");
                item.messages().forEach(messages::add);
                Optional<String> why = item.bout().flatMap(Counting::sentence);
                node.put("counts", item.bout().isPresent() && why.isEmpty());
                why.ifPresent(sentence -> node.put("why", sentence));
                if (!json) {
                    item.messages().forEach(System.out::println);
                    why.ifPresent(sentence -> System.out.println(item.file().getFileName() + ": " + sentence
                            + (Counting.standing(item.bout().orElseThrow()) == Counting.Standing.NOT_WATCHED
                                    ? " Import it with --watched to say so."
                                    : "")));
                }
            }
            if (!preview && found.isClean()) {
                found.into(open, this::tell, () -> false);
            }
            told.put("imported", !preview && found.isClean());
            if (json) {
                System.out.println(told.toPrettyString());
            } else {
                System.out.println(
                        preview
                                ? "Preview only: nothing was imported."
                                : found.isClean()
                                        ? "Imported %d bouts into %s."
                                                .formatted(found.items().size(), library)
                                        : "Nothing was imported.");
            }
            return found.isClean() ? 0 : 1;
        }
    }
}
