package farglass.library.store;

import java.nio.file.Path;

/** The file in which SQLite keeps the way back while it writes. */
public final class Journal {
    private Journal() {}

    public static Path of(Path library) {
        return library.resolveSibling(library.getFileName() + "-journal");
    }
}
