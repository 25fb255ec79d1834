package farglass.core.rules;

import static org.assertj.core.api.Assertions.assertThat;

import farglass.core.bout.Bout;
import farglass.core.bout.Times;
import farglass.core.lexicon.Lexicon;
import farglass.core.notation.BoutFile;
import farglass.core.notation.BoutReading;
import farglass.core.side.Seat;
import farglass.core.state.Timeline;
import java.io.IOException;
import java.net.URISyntaxException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.TreeMap;
import java.util.regex.Pattern;
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
                .map(file ->
                        DynamicTest.dynamicTest(file.getFileName().toString(), () -> check(Files.readString(file))));
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

    @TestFactory
    Stream<DynamicTest> neitherSeatIsFavoured() throws IOException, URISyntaxException {
        return files().stream()
                .map(file -> DynamicTest.dynamicTest(file.getFileName().toString(), () -> {
                    String swapped = exchanged(Files.readString(file), "A", "B")
                            .replaceAll("verdict (\\d+)-(\\d+)", "verdict $2-$1");
                    // judges' scores and lists are told in the order of the seats
                    Told told = new Told(swapped);
                    told.expected.forEach((key, words) ->
                            assertThat(told.of(key).split(", ")).as(key).containsExactlyInAnyOrder(words.split(", ")));
                }));
    }

    @TestFactory
    Stream<DynamicTest> leftAndRightScoreAlike() throws IOException, URISyntaxException {
        return files().stream()
                .map(file -> DynamicTest.dynamicTest(
                        file.getFileName().toString(),
                        () -> check(exchanged(Files.readString(file), "left", "right"))));
    }

    private static void check(String text) {
        Told told = new Told(text);
        told.expected.forEach((key, words) -> assertThat(told.of(key)).as(key).isEqualTo(words));
        if (told.findings != null) {
            assertThat(Timeline.of(told.bout, LEXICON).findings())
                    .anySatisfy(finding -> assertThat(finding.sentence()).contains(told.findings));
        }
    }

    private static String exchanged(String text, String one, String other) {
        return Pattern.compile(
                        "\\b(?:" + one + "|" + other + ")\\b(?! *, [AB] \\d)") // "4:00 left, A 2 0 0": of the clock
                .matcher(text)
                .replaceAll(found -> found.group().equals(one) ? other : one);
    }

    /** A situation's bout, its scorecard and what its header expects of them. */
    private static final class Told {
        final Bout bout;
        final Scorecard card;
        final Map<String, String> expected = new TreeMap<>();
        final String findings;

        Told(String text) {
            BoutReading reading = BoutFile.parse(text, LEXICON);
            assertThat(reading.diagnostics()).isEmpty();
            bout = reading.bout().orElseThrow();
            card = Scorecard.of(
                    bout, Rulesets.shipped().named(bout.header().ruleset()).orElseThrow(), LEXICON);
            bout.header().others().forEach((key, words) -> {
                if (key.startsWith("expect ")) {
                    expected.put(key, words);
                }
            });
            findings = expected.remove("expect findings");
            assertThat(expected).containsKeys("expect rules", "expect could", "expect arguable");
        }

        String of(String key) {
            return switch (key) {
                case "expect rules" -> calls(Call.Verdict.BY_RULES);
                case "expect could" -> calls(Call.Verdict.COULD);
                case "expect arguable" -> calls(Call.Verdict.ARGUABLE);
                case "expect lead" -> card.lead(Long.MAX_VALUE).brief();
                case "expect differs" -> orNothing(card.differences().stream().map(Difference::brief));
                case "expect taps" -> "A %d, B %d".formatted(card.taps(Seat.A), card.taps(Seat.B));
                case "expect overtime" -> {
                    EscapeTime time = card.escapeTime().orElseThrow();
                    yield "A %s, B %s".formatted(Times.exact(time.of(Seat.A)), Times.exact(time.of(Seat.B)));
                }
                default -> throw new AssertionError("no situation can expect \"" + key + "\"");
            };
        }

        private String calls(Call.Verdict verdict) {
            return orNothing(card.calls(verdict).stream().map(Call::brief));
        }

        private static String orNothing(Stream<String> words) {
            String all = words.collect(Collectors.joining(", "));
            return all.isEmpty() ? "nothing" : all;
        }
    }
}
