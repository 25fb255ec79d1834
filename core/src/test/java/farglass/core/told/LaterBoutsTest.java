package farglass.core.told;

import static org.assertj.core.api.Assertions.assertThat;

import farglass.core.bout.Bout;
import farglass.core.bout.Deed;
import farglass.core.bout.Moment;
import farglass.core.lexicon.Lexicon;
import farglass.core.notation.BoutFile;
import farglass.core.state.Finding;
import farglass.core.state.Timeline;
import java.io.IOException;
import java.net.URISyntaxException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Objects;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.DynamicTest;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestFactory;

/** Bouts told in other styles, later: in short words, in sentences, in Portuguese. What was read wrong or not at all stays read. */
class LaterBoutsTest {
    private static final Lexicon LEXICON = Lexicon.shipped();

    private static List<Bout> bouts() throws IOException, URISyntaxException {
        Path folder = Path.of(Objects.requireNonNull(LaterBoutsTest.class.getResource("later"))
                .toURI());
        try (Stream<Path> files = Files.list(folder)) {
            return files.sorted().map(LaterBoutsTest::bout).toList();
        }
    }

    private static Bout bout(Path file) {
        try {
            return BoutFile.parse(Files.readString(file), LEXICON).bout().orElseThrow();
        } catch (IOException e) {
            throw new java.io.UncheckedIOException(e);
        }
    }

    @TestFactory
    Stream<DynamicTest> whatWasMeantIsRead() throws IOException, URISyntaxException {
        return bouts().stream()
                .map(bout -> DynamicTest.dynamicTest(
                        bout.header().contestant(farglass.core.side.Seat.A).name(), () -> {
                            String expected = bout.header().others().get("expect reads");
                            assertThat(Stream.of(expected.split(", "))
                                            .map(each -> each.split(" ")[0])
                                            .map(id -> id + " "
                                                    + read(bout.moment(id).orElseThrow()))
                                            .collect(Collectors.joining(", ")))
                                    .isEqualTo(expected);
                        }));
    }

    private static String read(Moment moment) {
        return moment.deed() instanceof Deed.Reached
                ? moment.settled().orElseThrow().position()
                : moment.technique().orElse("words");
    }

    @Test
    void fewWordsAreKeptWithoutAKindAndFewerThanTwoInAHundredAreUnusual() throws IOException, URISyntaxException {
        int moments = 0;
        int kept = 0;
        int unusual = 0;
        for (Bout bout : bouts()) {
            moments += bout.moments().size();
            kept += (int) bout.moments().stream()
                    .filter(moment -> moment.deed() instanceof Deed.Unnamed unnamed
                            && unnamed.kind().isEmpty())
                    .count();
            for (Finding finding : Timeline.of(bout, LEXICON).findings()) {
                assertThat(finding.sort()).as(finding.sentence()).isNotEqualTo(Finding.Sort.WARNING);
                unusual += finding.moments().size();
            }
        }
        assertThat(moments).isGreaterThan(450);
        assertThat(kept).isLessThan(moments / 11);
        assertThat(unusual).isLessThan(moments / 50);
    }
}
