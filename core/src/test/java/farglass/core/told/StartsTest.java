package farglass.core.told;

import static org.assertj.core.api.Assertions.assertThat;

import farglass.core.entry.Role;
import farglass.core.lexicon.Lexicon;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.Locale;
import java.util.Objects;
import java.util.stream.Stream;
import org.junit.jupiter.api.DynamicTest;
import org.junit.jupiter.api.TestFactory;

/** Where techniques start, written down from what people do, and not from what the lexicon had. */
class StartsTest {
    private static final Lexicon LEXICON = Lexicon.shipped();

    @TestFactory
    Stream<DynamicTest> aTechniqueStartsWhereTheSportHasIt() throws IOException {
        try (InputStream in = Objects.requireNonNull(StartsTest.class.getResourceAsStream("starts.txt"))) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8)
                    .lines().filter(line -> !line.startsWith("#") && !line.isBlank()).toList().stream()
                            .map(line -> DynamicTest.dynamicTest(line, () -> {
                                String[] parts = line.split(" \\| ");
                                Role role = Role.valueOf(parts[2].toUpperCase(Locale.ROOT));
                                for (String place : parts[1].split(" ")) {
                                    assertThat(LEXICON.technique(parts[0])
                                                    .orElseThrow()
                                                    .canStart(
                                                            LEXICON.position(place)
                                                                    .orElseThrow(),
                                                            role))
                                            .as(place)
                                            .isTrue();
                                }
                            }));
        }
    }
}
