package farglass.core.told;

import static org.assertj.core.api.Assertions.assertThat;

import farglass.core.bout.Bout;
import farglass.core.bout.Moment;
import farglass.core.bout.Motive;
import farglass.core.entry.Kind;
import farglass.core.fact.Mistake;
import farglass.core.lexicon.Lexicon;
import farglass.core.notation.BoutFile;
import farglass.core.rules.Call;
import farglass.core.rules.Rulesets;
import farglass.core.rules.Scorecard;
import farglass.core.side.Seat;
import farglass.core.state.Attempt;
import farglass.core.state.Finding;
import farglass.core.state.Stand;
import farglass.core.state.Timeline;
import java.io.IOException;
import java.net.URISyntaxException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.DynamicTest;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestFactory;

/** Ten bouts told by hand, each with the board and the counts that a careful person worked out on paper. */
class ToldBoutsTest {
    private static final Lexicon LEXICON = Lexicon.shipped();

    private static List<Path> files() throws IOException, URISyntaxException {
        Path folder = Path.of(
                Objects.requireNonNull(ToldBoutsTest.class.getResource("")).toURI());
        try (Stream<Path> files = Files.list(folder)) {
            return files.filter(file -> file.toString().endsWith(".bout"))
                    .sorted()
                    .toList();
        }
    }

    @TestFactory
    Stream<DynamicTest> theyGiveWhatWasWorkedOutOnPaper() throws IOException, URISyntaxException {
        return files().stream()
                .map(file ->
                        DynamicTest.dynamicTest(file.getFileName().toString(), () -> check(Files.readString(file))));
    }

    @TestFactory
    Stream<DynamicTest> theirWordsAreKnown() throws IOException, URISyntaxException {
        return files().stream()
                .map(file -> DynamicTest.dynamicTest(file.getFileName().toString(), () -> assertThat(
                                BoutFile.parse(Files.readString(file), LEXICON).diagnostics())
                        .hasSizeLessThanOrEqualTo(1)));
    }

    @Test
    void fewerThanTwoInAHundredMomentsAreCalledUnusualAndNoneImpossible() throws IOException, URISyntaxException {
        int moments = 0;
        int unusual = 0;
        for (Path file : files()) {
            Bout bout = BoutFile.parse(Files.readString(file), LEXICON).bout().orElseThrow();
            moments += bout.moments().size();
            for (Finding finding : Timeline.of(bout, LEXICON).findings()) {
                assertThat(finding.sort()).as(finding.sentence()).isNotEqualTo(Finding.Sort.WARNING);
                assertThat(finding.moments())
                        .allSatisfy(id -> assertThat(finding.sentence()).contains(id));
                unusual += finding.sort() == Finding.Sort.UNUSUAL
                        ? finding.moments().size()
                        : 0;
            }
        }
        assertThat(moments).isGreaterThan(450);
        assertThat(unusual).isLessThan(moments / 50);
    }

    @TestFactory
    Stream<DynamicTest> printingAndReadingChangesNothing() throws IOException, URISyntaxException {
        return files().stream()
                .map(file -> DynamicTest.dynamicTest(file.getFileName().toString(), () -> {
                    Bout bout = BoutFile.parse(Files.readString(file), LEXICON)
                            .bout()
                            .orElseThrow();
                    String printed = BoutFile.print(bout);
                    assertThat(BoutFile.parse(printed, LEXICON).bout()).contains(bout);
                }));
    }

    private static void check(String text) {
        Bout bout = BoutFile.parse(text, LEXICON).bout().orElseThrow();
        Timeline timeline = Timeline.of(bout, LEXICON);
        Scorecard card = Scorecard.of(
                bout, Rulesets.shipped().named(bout.header().ruleset()).orElseThrow(), LEXICON, timeline);
        Map<String, String> expected = new TreeMap<>();
        Map<String, String> found = new TreeMap<>();
        bout.header().others().forEach((key, words) -> {
            if (key.startsWith("expect ")) {
                expected.put(key, words);
                found.put(key, told(key, words, bout, timeline, card));
            }
        });
        assertThat(found).isEqualTo(expected);
    }

    private static String told(String key, String words, Bout bout, Timeline timeline, Scorecard card) {
        return switch (key) {
            case "expect rules" -> calls(card, Call.Verdict.BY_RULES);
            case "expect could" -> calls(card, Call.Verdict.COULD);
            case "expect arguable" -> calls(card, Call.Verdict.ARGUABLE);
            case "expect lead" -> card.lead(Long.MAX_VALUE).brief();
            case "expect taps" -> "A %d, B %d".formatted(card.taps(Seat.A), card.taps(Seat.B));
            case "expect tries A" -> tries(bout, Seat.A);
            case "expect tries B" -> tries(bout, Seat.B);
            case "expect strikes A" -> count(bout, Seat.A, Kind.STRIKE);
            case "expect strikes B" -> count(bout, Seat.B, Kind.STRIKE);
            case "expect mistakes A" ->
                ""
                        + bout.moments().stream()
                                .filter(moment -> moment.actor().equals(Optional.of(Seat.A)))
                                .flatMap(moment -> moment.telling().facts(Mistake.class))
                                .count();
            case "expect deepest" ->
                each(words, id -> Attempt.byMoment(bout)
                        .get(id)
                        .deepest()
                        .orElseThrow()
                        .label());
            case "expect places" ->
                each(words, id -> place(timeline.after(bout.moment(id).orElseThrow())));
            default -> throw new AssertionError("nothing tells \"" + key + "\"");
        };
    }

    /** {@return each of the moments that the expectation names, with what was found of it} */
    private static String each(String words, java.util.function.UnaryOperator<String> found) {
        return Stream.of(words.split(", "))
                .map(part -> part.split(" ")[0] + " " + found.apply(part.split(" ")[0]))
                .collect(Collectors.joining(", "));
    }

    private static String place(Stand stand) {
        return stand.position().key() + stand.top().map(seat -> " " + seat).orElse("");
    }

    private static String calls(Scorecard card, Call.Verdict verdict) {
        String all = card.calls(verdict).stream().map(Call::brief).collect(Collectors.joining(", "));
        return all.isEmpty() ? "nothing" : all;
    }

    private static String count(Bout bout, Seat seat, Kind kind) {
        return ""
                + bout.moments().stream()
                        .filter(moment -> moment.actor().equals(Optional.of(seat)))
                        .flatMap(moment -> moment.technique().stream())
                        .flatMap(key -> LEXICON.technique(key).stream())
                        .filter(technique -> technique.kind() == kind)
                        .count();
    }

    private static String tries(Bout bout, Seat seat) {
        List<Attempt> own = Attempt.of(bout).stream()
                .filter(attempt -> attempt.actor().equals(Optional.of(seat)))
                .filter(attempt -> attempt.steps().stream().noneMatch(ToldBoutsTest::isFeint))
                .toList();
        return Stream.of(Kind.TAKEDOWN, Kind.SWEEP, Kind.PASS, Kind.BACK_TAKE, Kind.SUBMISSION)
                .map(kind -> {
                    List<Attempt> of = own.stream()
                            .filter(attempt -> attempt.technique(LEXICON)
                                    .filter(technique -> technique.kind() == kind)
                                    .isPresent())
                            .toList();
                    return "%s %d of %d"
                            .formatted(
                                    kind.label(),
                                    of.stream().filter(Attempt::succeeded).count(),
                                    of.size());
                })
                .collect(Collectors.joining(", "));
    }

    private static boolean isFeint(Moment moment) {
        return moment.telling().motive().equals(Optional.of(Motive.FEINT));
    }
}
