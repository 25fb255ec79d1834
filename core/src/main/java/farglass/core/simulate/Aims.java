package farglass.core.simulate;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;

/** What made-up bouts should look like, as {@code aims.txt} says it. */
final class Aims {
    /**
     * One of them.
     *
     * @param from the least that will do
     * @param to the most that will do
     */
    record Aim(String name, double from, double to, String words) {}

    private Aims() {}

    /** {@return the aims in the order they are written} */
    static List<Aim> shipped() {
        try (BufferedReader in = new BufferedReader(
                new InputStreamReader(Aims.class.getResourceAsStream("aims.txt"), StandardCharsets.UTF_8))) {
            return in.lines()
                    .filter(line -> !line.isBlank() && !line.startsWith("#"))
                    .map(Aims::aim)
                    .toList();
        } catch (IOException e) {
            throw new UncheckedIOException("The program's own aims cannot be read", e);
        }
    }

    private static Aim aim(String line) {
        String[] parts = line.split(" : ", 2);
        String[] words = parts[0].strip().split(" +");
        return new Aim(words[0], Double.parseDouble(words[1]), Double.parseDouble(words[2]), parts[1].strip());
    }
}
