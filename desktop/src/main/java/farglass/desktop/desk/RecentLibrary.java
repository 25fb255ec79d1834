package farglass.desktop.desk;

import java.nio.file.InvalidPathException;
import java.nio.file.Path;
import java.time.Instant;
import java.time.format.DateTimeParseException;
import java.util.Optional;

/** A library that was open here, and when it was last opened. */
public record RecentLibrary(Path path, Instant opened) {
    /** {@return one as settings keep it; empty where the words say none} */
    static Optional<RecentLibrary> parse(String words) {
        int gap = words.indexOf(' ');
        try {
            if (gap < 0) {
                return Optional.empty();
            }
            Path path = Path.of(words.substring(gap + 1));
            return path.isAbsolute() && path.getFileName() != null
                    ? Optional.of(new RecentLibrary(path, Instant.parse(words.substring(0, gap))))
                    : Optional.empty();
        } catch (InvalidPathException | DateTimeParseException e) {
            // Somebody wrote into the settings: one line less is remembered.
            return Optional.empty();
        }
    }

    String words() {
        return opened + " " + path;
    }
}
