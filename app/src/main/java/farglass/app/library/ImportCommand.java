package farglass.app.library;

import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import farglass.app.home.Home;
import farglass.app.home.Readable;
import farglass.app.text.BoutText;
import farglass.core.bout.Bout;
import farglass.core.bout.Header;
import farglass.core.lexicon.Lexicon;
import farglass.core.notation.BoutReading;
import farglass.core.prose.HowMany;
import farglass.core.state.Counting;
import farglass.library.Library;
import farglass.library.contents.OwnWords;
import farglass.library.exchange.BoutImport;
import farglass.library.store.LibraryException;
import farglass.library.table.Mapping;
import farglass.library.table.Table;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.Callable;
import java.util.stream.Collectors;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

@Command(
        name = "import",
        mixinStandardHelpOptions = true,
        description = "Imports bout files and tables into a library: all of them, or none if one has errors.")
public final class ImportCommand implements Callable<Integer> {
    @Option(names = "--library", required = true, paramLabel = "L", description = "the library; made if it is missing")
    private Path library;

    @Option(
            names = "--watched",
            description = "count bouts that do not say what was watched: from first to last moment")
    private boolean watched;

    @Option(
            names = "--header",
            paramLabel = "HEADER",
            description = "a bout file without moments, which says who the two of a table are and what else is known")
    private Path header;

    @Option(
            names = "--mapping",
            paramLabel = "NAME",
            description = "how tables are read, as it was kept in the window; without it, as their headings suggest")
    private String mapping;

    @Option(names = "--preview", description = "only say what would be imported")
    private boolean preview;

    @Option(names = "--json", description = "as JSON")
    private boolean json;

    @Parameters(arity = "1..*", paramLabel = "FILE", description = "bout files, JSON documents or tables")
    private List<Path> files;

    private int tenths;

    /** Many files take a while; the words go where no program reads them. */
    private void tell(double share) {
        if (files.size() >= 200 && (int) (share * 10) > tenths) {
            tenths = (int) (share * 10);
            System.err.println("%d %% written".formatted(tenths * 10));
        }
    }

    private Optional<Header> header() {
        if (header == null) {
            return Optional.empty();
        }
        BoutReading reading = BoutImport.readAll(header, Lexicon.shipped()).get(0);
        return Optional.of(reading.bout()
                .map(Bout::header)
                .orElseThrow(() -> new LibraryException(reading.diagnostics().stream()
                        .map(each -> each.in(header.toString()))
                        .collect(Collectors.joining("\n")))));
    }

    private List<BoutReading> read(Path file, Optional<Header> known, Library open, Lexicon lexicon) {
        if (!BoutText.isTable(file)) {
            return BoutImport.readAll(file, lexicon);
        }
        Header between = known.orElseThrow(() -> new LibraryException(
                "%s is a table, and nothing says who the two are. Name a bout file without moments: --header FILE."
                        .formatted(file)));
        return List.of(BoutText.table(file, between, table -> mapping(open, table, lexicon), lexicon));
    }

    private Mapping mapping(Library open, Table table, Lexicon lexicon) {
        if (mapping == null) {
            return Mapping.guessed(table, lexicon);
        }
        List<OwnWords.KeptMapping> kept = Readable.of(open).words().mappings();
        return kept.stream()
                .filter(each -> each.name().equals(mapping))
                .flatMap(each -> Mapping.read(each.text()).stream())
                .findFirst()
                .orElseThrow(() -> new LibraryException("No mapping \"%s\" is kept here. There %s."
                        .formatted(
                                mapping,
                                kept.isEmpty()
                                        ? "is none: keep one in the window, where a table is imported"
                                        : "are: "
                                                + kept.stream()
                                                        .map(OwnWords.KeptMapping::name)
                                                        .collect(Collectors.joining(", ")))));
    }

    @Override
    public Integer call() {
        try (Library open = Files.exists(library)
                ? Library.open(library, Home.clock(), Home.person())
                : Library.create(library, Home.clock(), Home.person())) {
            Lexicon lexicon =
                    Lexicon.shipped().with(Readable.of(open).words().texts()).lexicon();
            Optional<Header> known = header();
            BoutImport read = BoutImport.preview(files, file -> read(file, known, open, lexicon), open, share -> {});
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
                                        ? "Imported %s into %s."
                                                .formatted(
                                                        HowMany.of(found.items().size(), "bout"), library)
                                        : "Nothing was imported.");
            }
            return found.isClean() ? 0 : 1;
        }
    }
}
