package farglass.library;

import java.nio.file.Path;

/** The file in which SQLite keeps the way back while it writes. */
final class Journal {
    private Journal() {}

    static Path of(Path library) {
        return library.resolveSibling(library.getFileName() + "-journal");
    }
}
