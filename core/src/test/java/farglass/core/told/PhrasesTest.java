package farglass.core.told;

import static org.assertj.core.api.Assertions.assertThat;

import farglass.core.bout.Became;
import farglass.core.bout.Bout;
import farglass.core.bout.Deed;
import farglass.core.bout.Moment;
import farglass.core.bout.Telling;
import farglass.core.lexicon.Lexicon;
import farglass.core.naming.Naming;
import farglass.core.notation.BoutFile;
import farglass.core.scribe.Expectation;
import farglass.core.scribe.LinePlace;
import farglass.core.scribe.Reading;
import farglass.core.scribe.ScribeLine;
import farglass.core.side.Seat;
import farglass.core.side.Settled;
import farglass.core.state.Stand;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.stream.Stream;
import org.junit.jupiter.api.DynamicTest;
import org.junit.jupiter.api.TestFactory;

/** Typed lines written by hand, each with what Enter has to save. */
class PhrasesTest {
    private static final Lexicon LEXICON = Lexicon.shipped();
    private static final Bout BOUT = BoutFile.parse("far-glass bout 1\nA: Ann Ames\nB: Bea Birk\n\n", LEXICON)
            .bout()
            .orElseThrow();

    @TestFactory
    Stream<DynamicTest> whatIsTypedIsSavedAsItWasMeant() throws IOException {
        return lines().map(line -> DynamicTest.dynamicTest(line[0] + ": " + line[1], () -> {
            Stand stand = stand(line[0]);
            Reading reading = ScribeLine.read(line[1], LinePlace.end(BOUT, stand), LEXICON, Expectation.NONE)
                    .orElseThrow();
            assertThat(told(reading, stand)).startsWith(line[2].replaceAll(" -$", ""));
            boolean kept = reading.how().isEmpty() && reading.proposal().deed() instanceof Deed.Unnamed;
            assertThat(kept && reading.remarks().isEmpty())
                    .as("what was not understood is said")
                    .isFalse();
        }));
    }

    /** A bout file has no finished words, but reads every whole phrase as the line does. */
    @TestFactory
    Stream<DynamicTest> aFileReadsTheSame() throws IOException {
        return lines().filter(line -> line[1].startsWith("ann ") || line[1].startsWith("bea "))
                .map(line -> DynamicTest.dynamicTest(line[0] + ": " + line[1], () -> {
                    Stand stand = stand(line[0]);
                    Reading typed = ScribeLine.read(line[1], LinePlace.end(BOUT, stand), LEXICON, Expectation.NONE)
                            .orElseThrow();
                    Deed deed = typed.proposal().deed();
                    if (typed.how().filter(how -> how != Naming.How.FINISHED).isEmpty()
                            || !saidInItsWords(line[1], typed.proposal().telling())) {
                        return;
                    }
                    String seat = line[1].startsWith("ann") ? "A" : "B";
                    String place = stand.position().key()
                            + stand.top().map(top -> ", " + top + " on top").orElse("");
                    Bout read = BoutFile.parse(
                                    "far-glass bout 1\nA: Ann Ames\nB: Bea Birk\n\n? - reached; -> %s\n? %s %s\n"
                                            .formatted(place, seat, line[1].substring(4)),
                                    LEXICON)
                            .bout()
                            .orElseThrow();
                    Moment moment = read.moments().get(1);
                    assertThat(moment.deed()).isEqualTo(deed);
                    assertThat(moment.telling()).isEqualTo(typed.proposal().telling());
                }));
    }

    /** An outcome, a stage, a line or a fact in words of their own stand in fields of a file, and names in its header alone. */
    private static boolean saidInItsWords(String line, Telling telling) {
        return telling.line().isEmpty()
                && telling.stage().isEmpty()
                && telling.facts().isEmpty()
                && !line.matches(".+ (ann|bea)\\b.*")
                && Stream.of("almost", "misses", "stuffed").noneMatch(line::contains)
                && Stream.of(Became.values())
                        .noneMatch(became -> List.of(line.split(" ")).contains(became.label()));
    }

    private static Stream<String[]> lines() throws IOException {
        try (InputStream in = Objects.requireNonNull(PhrasesTest.class.getResourceAsStream("phrases.txt"))) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8)
                            .lines()
                            .filter(line -> !line.startsWith("#") && !line.isBlank())
                            .map(line -> line.split(" \\| "))
                            .toList()
                            .stream();
        }
    }

    private static Stand stand(String place) {
        String[] words = place.split(" ");
        return new Stand(
                LEXICON.position(words[0]).orElseThrow(),
                words[1].equals("-") ? Optional.empty() : Optional.of(Seat.valueOf(words[1])));
    }

    /** In the words of the file: WHO KEY WHAT-BECAME [-> PLACE TOP]. */
    private static String told(Reading reading, Stand stand) {
        Moment moment = reading.proposal().at("m", OptionalLong.empty(), stand, LEXICON);
        Deed deed = moment.deed();
        if (deed instanceof Deed.Unnamed
                && reading.remarks().stream().anyMatch(said -> said.contains("several things"))) {
            return "ask";
        }
        String key = deed instanceof Deed.Did did
                ? did.technique()
                : deed instanceof Deed.Unnamed
                        ? "unnamed"
                        : deed.getClass()
                                .getSimpleName()
                                .toLowerCase(Locale.ROOT)
                                .replace("restarted", "restart");
        String became =
                moment.telling().became().map(each -> " " + each.label()).orElse("");
        Optional<Settled> where = moment.settled();
        return moment.actor().map(Seat::name).orElse("-") + " " + key
                + (became.isEmpty() && where.isPresent() ? " -" : became)
                + where.map(at -> " -> " + at.position() + " "
                                + at.top().map(Seat::name).orElse("-"))
                        .orElse("");
    }
}
