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
import farglass.core.state.Stand;
import farglass.core.state.Timeline;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.OptionalLong;
import java.util.stream.Collectors;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What is typed in an hour in each school, line after line, each read where the ones before it led. Written before the code. */
class HoursTest {
    private static final Lexicon LEXICON = Lexicon.shipped();
    private static final long BETWEEN_LINES = 8_000_000;

    @ParameterizedTest
    @CsvSource({
        "english-wrestling, Ann, Bea",
        "english-guards-and-legs, Ann, Bea",
        "english-two-finals, Ann, Bea",
        "portuguese-with-the-gi, Ana, Bia",
        "portuguese-without-the-gi, Ana, Bia",
        "portuguese-guards, Lia, Mel",
        "japanese-on-the-feet, Aki, Ko",
        "japanese-on-the-ground, Aki, Ko"
    })
    void eachLineBecomesWhatWasMeant(String hour, String one, String two) throws IOException {
        Bout bout = BoutFile.parse("far-glass bout 1\nA: " + one + " Ames\nB: " + two + " Birk\n", LEXICON)
                .bout()
                .orElseThrow();
        List<String> asTold = new ArrayList<>();
        List<String> asMeant = lines(hour);
        long at = BETWEEN_LINES;
        for (String line : asMeant) {
            String typed = line.substring(0, line.indexOf(" | "));
            List<String> saved = new ArrayList<>();
            for (Clause clause : Clauses.read(typed, LinePlace.end(bout, stand(bout)), LEXICON, Expectation.NONE)) {
                // The window saves each part by reading it again once the one before it is told: it must say the same.
                assertThat(Clauses.read(clause.text(), LinePlace.end(bout, stand(bout)), LEXICON, Expectation.NONE))
                        .as(clause.text())
                        .singleElement()
                        .extracting(again -> again.reading().proposal().deed())
                        .isEqualTo(clause.reading().proposal().deed());
                Moment moment = clause.reading()
                        .proposal()
                        .at("m" + at, OptionalLong.of(at), clause.place().now(), LEXICON);
                saved.add(BoutFile.line(moment)
                        .replaceFirst("^\\S+ ", "")
                        .replaceFirst("; id m\\d+$", "")
                        .replaceFirst("(continues|answers) (?:m|part )\\d+", "$1"));
                bout = bout.with(moment);
                at += 1;
            }
            at += BETWEEN_LINES;
            asTold.add(typed + " | " + String.join(" & ", saved));
        }
        assertThat(asTold).isEqualTo(asMeant);
    }

    private static Stand stand(Bout bout) {
        Timeline told = Timeline.of(bout, LEXICON);
        return bout.moments().isEmpty()
                ? told.at(0)
                : told.after(bout.moments().get(bout.moments().size() - 1));
    }

    private static List<String> lines(String hour) throws IOException {
        try (var file = HoursTest.class.getResourceAsStream("hours/" + hour + ".txt")) {
            return new String(Objects.requireNonNull(file).readAllBytes(), StandardCharsets.UTF_8)
                    .lines()
                    .collect(Collectors.toList());
        }
    }
}
