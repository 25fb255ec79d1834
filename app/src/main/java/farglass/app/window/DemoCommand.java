package farglass.app.window;

import farglass.app.home.Home;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;

@Command(
        name = "demo",
        mixinStandardHelpOptions = true,
        description = "Opens made-up matches to look round in; you may spoil them.")
public final class DemoCommand implements Callable<Integer> {
    @Option(names = "--library", paramLabel = "PATH", description = "open or create this library instead")
    private Path library;

    @Option(names = "--fresh", description = "lay the demo anew; what was changed in it is kept aside")
    private boolean fresh;

    @Override
    public Integer call() {
        Path path = library != null ? library : Home.demo();
        try {
            if (fresh && Files.exists(path)) {
                System.out.println("The demo as it was is kept as " + DemoLibrary.setAside(path, Home.clock()));
            }
            if (!Files.exists(path)) {
                System.out.println("Laying the demo in " + path);
                DemoLibrary.lay(path, Home.clock());
            }
            return Window.open(Optional.of(path));
        } catch (IOException e) {
            throw new UncheckedIOException("The demo could not be laid in " + path, e);
        }
    }
}
