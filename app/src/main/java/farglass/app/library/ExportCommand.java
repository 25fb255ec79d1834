package farglass.app.library;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import farglass.app.home.Home;
import farglass.app.home.Readable;
import farglass.core.bout.Bout;
import farglass.library.Library;
import farglass.library.contents.Contents;
import farglass.library.exchange.BoutExport;
import farglass.library.exchange.Destination;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;

@Command(
        name = "export",
        mixinStandardHelpOptions = true,
        description = "Writes bouts as bout files: for sharing (private moments left out), or a full copy.")
public final class ExportCommand implements Callable<Integer> {
    @Option(names = "--library", required = true, paramLabel = "L", description = "the library")
    private Path library;

    @Option(names = "--athlete", paramLabel = "NAME", description = "only bouts of this athlete")
    private String athlete;

    @Option(names = "--out", required = true, paramLabel = "DIR", description = "where to write")
    private Path folder;

    @Option(names = "--as", paramLabel = "FORM", description = "${COMPLETION-CANDIDATES}", defaultValue = "bout")
    private BoutExport.Form form;

    @Option(names = "--full", description = "a full copy, with private moments")
    private boolean full;

    @Option(names = "--json", description = "as JSON")
    private boolean json;

    @Option(names = "--force", description = "writes over what is there already")
    private boolean force;

    @Override
    public Integer call() throws IOException {
        try (Library open = Library.openToRead(library, Home.clock(), Home.person())) {
            Contents contents = Readable.of(open);
            List<Bout> bouts = athlete == null ? contents.bouts() : contents.boutsOf(athlete);
            if (athlete != null) {
                KnownAthlete.check(athlete, contents, library);
            }
            Files.createDirectories(folder);
            ArrayNode written = JsonNodeFactory.instance.arrayNode();
            for (Bout bout : bouts) {
                Path target = folder.resolve(BoutExport.fileName(bout, form));
                BoutExport.write(bout, new Destination(target, force, List.of(library)), form, full);
                written.add(target.toString());
            }
            System.out.println(
                    json
                            ? written.toPrettyString()
                            : "Wrote %d files to %s, %s."
                                    .formatted(bouts.size(), folder, full ? "a full copy" : "for sharing"));
            return 0;
        }
    }
}
