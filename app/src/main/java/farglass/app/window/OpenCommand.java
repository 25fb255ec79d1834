package farglass.app.window;

import farglass.app.home.Home;
import farglass.library.Library;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Parameters;

@Command(name = "open", mixinStandardHelpOptions = true, description = "Opens a library in a window.")
public final class OpenCommand implements Callable<Integer> {
    @Parameters(arity = "0..1", paramLabel = "LIBRARY", description = "the library; without one the welcome page opens")
    private Path library;

    @Override
    public Integer call() {
        try {
            if (library != null && !Files.exists(library)) {
                Library.create(library, Home.clock(), Home.person()).close();
            }
            return Window.open(Optional.ofNullable(library));
        } catch (IOException e) {
            throw new UncheckedIOException("The settings in %s cannot be read".formatted(Home.settings()), e);
        }
    }
}
