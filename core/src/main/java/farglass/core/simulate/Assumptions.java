package farglass.core.simulate;

import farglass.core.Spelling;
import farglass.core.entry.Family;
import farglass.core.entry.Kind;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Locale;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.stream.Collectors;

/** What the actor assumes of how people fight, as {@code assumptions.txt} says it, where anybody can read and change it. */
final class Assumptions {
    private static final Assumptions SHIPPED = read();

    private final Map<String, Double> numbers;

    private Assumptions(Map<String, Double> numbers) {
        this.numbers = Map.copyOf(numbers);
    }

    static Assumptions shipped() {
        return SHIPPED;
    }

    private static Assumptions read() {
        try (BufferedReader in = new BufferedReader(new InputStreamReader(
                Assumptions.class.getResourceAsStream("assumptions.txt"), StandardCharsets.UTF_8))) {
            return new Assumptions(in.lines()
                    .filter(line -> !line.isBlank() && !line.startsWith("#"))
                    .map(line -> line.split(" : ", 2)[0].strip().split(" +"))
                    .collect(Collectors.toMap(words -> words[0], words -> Double.valueOf(words[1]))));
        } catch (IOException e) {
            throw new UncheckedIOException("The program's own assumptions cannot be read", e);
        }
    }

    double of(String name) {
        Double number = numbers.get(name);
        if (number == null) {
            throw new IllegalArgumentException("Nothing is assumed under the name " + name);
        }
        return number;
    }

    /** {@return how much longer than on average it stays quiet in such a place} */
    double dwell(Family family) {
        return of("dwell-" + family.name().toLowerCase(Locale.ROOT));
    }

    /** {@return how much of the long tail is of that kind; empty for kinds that are in no tail} */
    OptionalDouble rare(Kind kind) {
        Double share = numbers.get("rare-" + Spelling.of(kind));
        return share == null ? OptionalDouble.empty() : OptionalDouble.of(share);
    }

    /** {@return how often it works when somebody does something of that kind now and then, in [0, 1]} */
    double works(Kind kind) {
        return numbers.getOrDefault("works-" + Spelling.of(kind), of("works-other"));
    }
}
