package farglass.app.text;

import farglass.core.bout.Bout;
import farglass.core.lexicon.Lexicon;
import farglass.core.prose.HowMany;
import farglass.library.exchange.BoutExport;
import farglass.library.exchange.Destination;
import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

@Command(
        name = "convert",
        mixinStandardHelpOptions = true,
        description = "Writes a bout in another form: for sharing (private moments left out), or a full copy.")
public final class ConvertCommand implements Callable<Integer> {
    @Parameters(paramLabel = "FILE", description = "a bout file, JSON document or table")
    private Path file;

    @Option(names = "--to", required = true, paramLabel = "FORM", description = "${COMPLETION-CANDIDATES}")
    private BoutExport.Form form;

    @Option(names = "--out", paramLabel = "FILE", description = "where to write; else it is printed")
    private Path out;

    @Option(names = "--full", description = "a full copy, with private moments")
    private boolean full;

    @Option(names = "--a", paramLabel = "NAME", description = "athlete A, for a table", defaultValue = "A")
    private String a;

    @Option(names = "--b", paramLabel = "NAME", description = "athlete B, for a table", defaultValue = "B")
    private String b;

    @Option(names = "--force", description = "writes over what is there already")
    private boolean force;

    @Override
    public Integer call() {
        Bout bout = BoutText.bout(file, Lexicon.shipped(), a, b);
        if (out != null) {
            BoutExport.write(bout, new Destination(out, force, List.of(file)), form, full);
        } else {
            System.out.print(BoutExport.text(bout, form, full));
        }
        long hidden = bout.moments().stream()
                .filter(moment -> moment.telling().confidential())
                .count();
        System.err.println(
                full
                        ? "A full copy, with %d private moments.".formatted(hidden)
                        : "For sharing, without %s. --full gives a full copy."
                                .formatted(HowMany.of(hidden, "private moment")));
        return 0;
    }
}
