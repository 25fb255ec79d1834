package farglass.core.rules;

import static org.assertj.core.api.Assertions.assertThat;

import farglass.core.bout.Bout;
import farglass.core.bout.Seat;
import farglass.core.lexicon.Lexicon;
import farglass.core.notation.BoutFile;
import farglass.core.notation.Times;
import farglass.core.state.Timeline;
import java.io.IOException;
import java.net.URISyntaxException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.DynamicTest;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestFactory;

/** Every situation written down beside the rules, with the scoreboard that was expected before there was an engine. */
class SituationsTest {
    private static final Lexicon LEXICON = Lexicon.shipped();

    private static List<Path> files() throws IOException, URISyntaxException {
        Path folder = Path.of(Objects.requireNonNull(SituationsTest.class.getResource("situations"))
                .toURI());
        try (Stream<Path> files = Files.walk(folder)) {
            return files.filter(file -> file.toString().endsWith(".bout"))
                    .sorted()
                    .toList();
        }
    }

    @TestFactory
    Stream<DynamicTest> theRulesSayWhatWasExpected() throws IOException, URISyntaxException {
        return files().stream()
                .map(file -> DynamicTest.dynamicTest(file.getFileName().toString(), () -> check(file)));
    }

    @Test
    void thereAreEnoughOfEach() throws IOException, URISyntaxException {
        Map<String, Long> counts = files().stream()
                .collect(Collectors.groupingBy(
                        file -> file.getParent().getFileName().toString(), Collectors.counting()));
        assertThat(counts.get("points-with-advantages")).isGreaterThanOrEqualTo(30);
        assertThat(counts.get("delayed-points")).isGreaterThanOrEqualTo(30);
        assertThat(counts.get("submission-only")).isGreaterThanOrEqualTo(10);
    }

    private static void check(Path file) throws IOException {
        BoutFile.Reading reading = BoutFile.parse(Files.readString(file), LEXICON);
        assertThat(reading.diagnostics()).isEmpty();
        Bout bout = reading.bout().orElseThrow();
        Map<String, String> expected = bout.header().others();
        Ruleset ruleset = Rulesets.shipped().named(bout.header().ruleset()).orElseThrow();
        Scorecard card = Scorecard.of(bout, ruleset, LEXICON);
        assertThat(said(card, Call.Verdict.BY_RULES)).as("by the rules").isEqualTo(expected.get("expect rules"));
        assertThat(said(card, Call.Verdict.COULD)).as("could").isEqualTo(expected.get("expect could"));
        assertThat(said(card, Call.Verdict.ARGUABLE)).as("arguable").isEqualTo(expected.get("expect arguable"));
        ifSaid(expected, "expect lead", card.lead(Long.MAX_VALUE).brief());
        ifSaid(expected, "expect differs", orNothing(card.differences().stream().map(Scorecard.Difference::brief)));
        ifSaid(expected, "expect taps", "A %d, B %d".formatted(card.taps(Seat.A), card.taps(Seat.B)));
        if (expected.containsKey("expect overtime")) {
            EscapeTime time = card.escapeTime().orElseThrow();
            ifSaid(
                    expected,
                    "expect overtime",
                    "A %s, B %s".formatted(Times.exact(time.of(Seat.A)), Times.exact(time.of(Seat.B))));
        }
        if (expected.containsKey("expect findings")) {
            assertThat(Timeline.of(bout, LEXICON).findings())
                    .anySatisfy(finding -> assertThat(finding.sentence()).contains(expected.get("expect findings")));
        }
    }

    private static void ifSaid(Map<String, String> expected, String key, String actual) {
        if (expected.containsKey(key)) {
            assertThat(actual).as(key).isEqualTo(expected.get(key));
        }
    }

    private static String said(Scorecard card, Call.Verdict verdict) {
        return orNothing(card.calls(verdict).stream().map(Call::brief));
    }

    private static String orNothing(Stream<String> words) {
        String all = words.collect(Collectors.joining(", "));
        return all.isEmpty() ? "nothing" : all;
    }
}
