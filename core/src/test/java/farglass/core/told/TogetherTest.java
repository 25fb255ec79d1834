package farglass.core.told;

import static org.assertj.core.api.Assertions.assertThat;

import farglass.core.bout.Bout;
import farglass.core.bout.Deed;
import farglass.core.bout.Moment;
import farglass.core.clause.Clauses;
import farglass.core.lexicon.Lexicon;
import farglass.core.notation.BoutFile;
import farglass.core.scribe.Expectation;
import farglass.core.scribe.LinePlace;
import farglass.core.side.Seat;
import farglass.core.state.Stand;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

/** What one line tells of several things, each credited to whoever did it: written by hand first. */
class TogetherTest {
    private static final Lexicon LEXICON = Lexicon.shipped();

    private static String told(String where, String typed) {
        String[] words = where.split(" ");
        Bout bout = BoutFile.parse("far-glass bout 1\nA: Ann Ames\nB: Bea Birk\n", LEXICON)
                .bout()
                .orElseThrow();
        Stand stand = new Stand(
                LEXICON.position(words[0]).orElseThrow(),
                words[1].equals("-") ? Optional.empty() : Optional.of(Seat.valueOf(words[1])));
        LinePlace place = LinePlace.end(bout, stand);
        return Clauses.read(typed, place, LEXICON, Expectation.NONE).stream()
                .map(clause -> clause.reading().proposal().at("m9", OptionalLong.empty(), place.now(), LEXICON))
                .map(TogetherTest::told)
                .collect(Collectors.joining(" + "));
    }

    private static String told(Moment moment) {
        return "%s %s %s%s%s"
                .formatted(
                        moment.actor().map(Seat::name).orElse("-"),
                        moment.technique().orElse(what(moment.deed())),
                        moment.telling().became().map(became -> became.label()).orElse("-"),
                        moment.telling().note().isPresent() ? " note" : "",
                        moment.settled()
                                .filter(where -> moment.deed().onlyPlace())
                                .map(where -> " -> " + where.position()
                                        + where.top().map(top -> " " + top).orElse(""))
                                .orElse(""));
    }

    private static String what(Deed deed) {
        return deed.onlyPlace() ? "reached" : deed.given().isPresent() ? "awarded" : "unnamed";
    }

    @Test
    void eachIsCreditedToWhoDidIt() throws IOException {
        List<String> lines;
        try (var file = TogetherTest.class.getResourceAsStream("together.txt")) {
            lines = new String(Objects.requireNonNull(file).readAllBytes(), StandardCharsets.UTF_8)
                    .lines()
                    .filter(line -> !line.startsWith("#") && !line.isBlank())
                    .toList();
        }
        assertThat(lines.stream()
                        .map(line -> line.split(" \\| "))
                        .map(line -> line[0] + " | " + line[1] + " | " + told(line[0], line[1]))
                        .toList())
                .isEqualTo(lines);
    }

    /** Each of these words may lead on to a sentence of its own; none may lead on for ever. */
    @Test
    void thousandsOfSmallWordsAreRead() {
        for (String word : List.of("they ", "ann gets ", "ann goes from ", "taps to ", "+2 ", "can't ", "for two ")) {
            assertThat(told("half-guard A", word.repeat(20_000) + "kimura")).isNotEmpty();
        }
    }
}
