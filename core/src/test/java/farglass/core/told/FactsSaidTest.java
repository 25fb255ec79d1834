package farglass.core.told;

import static org.assertj.core.api.Assertions.assertThat;

import farglass.core.bout.Bout;
import farglass.core.bout.Moment;
import farglass.core.clause.Clause;
import farglass.core.clause.Clauses;
import farglass.core.lexicon.Lexicon;
import farglass.core.notation.BoutFile;
import farglass.core.scribe.Expectation;
import farglass.core.scribe.LinePlace;
import farglass.core.state.Timeline;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.List;
import java.util.Objects;
import java.util.OptionalLong;
import java.util.TreeSet;
import org.junit.jupiter.api.Test;

/** What is said of a moment beyond its story, each line with the fields it must become: written by hand first. */
class FactsSaidTest {
    private static final Lexicon LEXICON = Lexicon.shipped();
    /** A frame at 0:20, and Ann on top of a guard. */
    private static final Bout BOUT = BoutFile.parse(
                    """
                    far-glass bout 1
                    A: Ann Ames
                    B: Bea Birk

                    0:10 B pulls guard; held; -> open guard, A on top
                    0:20 B frame
                    """,
                    LEXICON)
            .bout()
            .orElseThrow();

    private static String told(String typed) {
        LinePlace place = LinePlace.end(BOUT, Timeline.of(BOUT, LEXICON).at(30_000_000));
        List<Clause> clauses = Clauses.read(typed, place, LEXICON, Expectation.NONE);
        Moment moment = clauses.get(0).reading().proposal().at("m9", OptionalLong.of(30_000_000), place.now(), LEXICON);
        String line = BoutFile.line(moment).replaceFirst("^\\S+ ", "");
        return clauses.size() + " " + sorted(line);
    }

    private static String sorted(String line) {
        return String.join(
                "; ",
                new TreeSet<>(Arrays.stream(line.split("; "))
                        .filter(field -> !field.startsWith("->") && !field.startsWith("id ") && !field.isBlank())
                        .toList()));
    }

    @Test
    void eachBecomesItsFields() throws IOException {
        List<String> lines;
        try (var file = FactsSaidTest.class.getResourceAsStream("facts-said.txt")) {
            lines = new String(Objects.requireNonNull(file).readAllBytes(), StandardCharsets.UTF_8)
                    .lines()
                    .filter(line -> !line.startsWith("#") && !line.isBlank())
                    .toList();
        }
        assertThat(lines.stream()
                        .map(line -> line.split(" \\| ")[0] + " | " + told(line.split(" \\| ")[0]))
                        .toList())
                .isEqualTo(lines.stream()
                        .map(line -> line.split(" \\| ")[0] + " | 1 "
                                + sorted(line.charAt(0) + " " + line.split(" \\| ")[1]))
                        .toList());
    }
}
