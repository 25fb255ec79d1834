package farglass.app.library;

import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import farglass.app.home.Home;
import farglass.app.home.Readable;
import farglass.core.bout.Bout;
import farglass.core.corpus.Corpus;
import farglass.core.lexicon.Lexicon;
import farglass.library.Library;
import farglass.library.contents.Contents;
import farglass.library.exchange.BoutExport;
import farglass.library.exchange.Destination;
import farglass.library.report.SheetTables;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;

@Command(
        name = "sheets",
        mixinStandardHelpOptions = true,
        description = "Writes every try and every stay of a library as tables (tries.csv, stays.csv).")
public final class SheetsCommand implements Callable<Integer> {
    @Option(names = "--library", required = true, paramLabel = "L", description = "the library")
    private Path library;

    @Option(names = "--out", required = true, paramLabel = "DIR", description = "where to write")
    private Path folder;

    @Option(names = "--full", description = "with private moments")
    private boolean full;

    @Option(names = "--force", description = "writes over tables that are there already")
    private boolean force;

    @Option(names = "--json", description = "as JSON")
    private boolean json;

    @Override
    public Integer call() throws IOException {
        try (Library open = Library.openToRead(library, Home.clock(), Home.person())) {
            Contents contents = Readable.of(open);
            Lexicon lexicon = Lexicon.shipped().with(contents.words().texts()).lexicon();
            List<Bout> bouts = full
                    ? contents.bouts()
                    : contents.bouts().stream().map(BoutExport::forSharing).toList();
            Corpus corpus = Corpus.of(bouts, lexicon);
            Map<Path, String> tables = new LinkedHashMap<>();
            tables.put(folder.resolve("tries.csv"), SheetTables.tries(corpus));
            tables.put(folder.resolve("stays.csv"), SheetTables.stays(corpus));
            write(tables);
            ObjectNode told = JsonNodeFactory.instance.objectNode().put("copy", full ? "full" : "for sharing");
            tables.keySet().forEach(table -> told.withArray("written").add(table.toString()));
            System.out.println(
                    json
                            ? told.toPrettyString()
                            : "Wrote tries.csv and stays.csv to %s, %s."
                                    .formatted(folder, full ? "with private moments" : "for sharing"));
            return 0;
        }
    }

    /** All or none: each is whole beside its place before any of them takes it. */
    private void write(Map<Path, String> tables) throws IOException {
        tables.keySet().forEach(table -> new Destination(table, force, List.of(library)).check());
        Files.createDirectories(folder);
        Map<Path, Path> whole = new LinkedHashMap<>();
        try {
            for (Map.Entry<Path, String> table : tables.entrySet()) {
                Path unfinished = Destination.unfinished(folder, ".csv");
                whole.put(unfinished, table.getKey());
                Files.writeString(unfinished, table.getValue());
            }
            for (Map.Entry<Path, Path> table : whole.entrySet()) {
                Files.move(table.getKey(), table.getValue(), StandardCopyOption.REPLACE_EXISTING);
            }
        } finally {
            for (Path unfinished : whole.keySet()) {
                Files.deleteIfExists(unfinished);
            }
        }
    }
}
