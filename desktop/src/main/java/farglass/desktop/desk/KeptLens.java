package farglass.desktop.desk;

import java.util.Optional;

/**
 * A set of filters that somebody gave a name.
 *
 * @param text as the dossier reads it
 */
public record KeptLens(String name, String text) {
    private static final String BETWEEN = "\t";

    String words() {
        return name + BETWEEN + text;
    }

    static Optional<KeptLens> parse(String line) {
        String[] parts = line.split(BETWEEN, 2);
        return parts.length == 2 && !parts[0].isBlank()
                ? Optional.of(new KeptLens(parts[0], parts[1]))
                : Optional.empty();
    }
}
