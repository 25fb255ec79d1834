package farglass.core.told;

import static org.assertj.core.api.Assertions.assertThat;

import farglass.core.bout.Bout;
import farglass.core.bout.Deed;
import farglass.core.bout.Moment;
import farglass.core.corpus.Corpus;
import farglass.core.lexicon.Lexicon;
import farglass.core.notation.BoutFile;
import farglass.core.pick.Continuations;
import farglass.core.pick.Situation;
import farglass.core.state.Timeline;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.URISyntaxException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Objects;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** What the nine picks hold while a library has taught nothing, on bouts that people wrote and not the actor. */
class FirstPicksTest {
    private static final Lexicon LEXICON = Lexicon.shipped();
    private static final Continuations NOTHING = Continuations.learned(Corpus.of(List.of(), LEXICON));

    /** Deeds with a name, and how many of them were among the nine. */
    private record Count(int among, int deeds) {
        double share() {
            return (double) among / deeds;
        }
    }

    private static Count count(String folder) throws IOException, URISyntaxException {
        Path from = Path.of(
                Objects.requireNonNull(FirstPicksTest.class.getResource(folder)).toURI());
        int among = 0;
        int deeds = 0;
        try (Stream<Path> files = Files.walk(from)) {
            for (Bout bout : files.filter(file -> file.toString().endsWith(".bout"))
                    .flatMap(FirstPicksTest::bout)
                    .toList()) {
                Timeline timeline = Timeline.of(bout, LEXICON);
                for (int i = 0; i < bout.moments().size(); i++) {
                    Moment moment = bout.moments().get(i);
                    if (moment.deed() instanceof Deed.Did) {
                        deeds++;
                        Situation now = Situation.after(bout, i, timeline.before(moment));
                        among += NOTHING.next(now, 9).stream()
                                        .anyMatch(likely -> likely.proposal()
                                                        .actor()
                                                        .equals(moment.actor())
                                                && likely.proposal().deed().equals(moment.deed()))
                                ? 1
                                : 0;
                    }
                }
            }
        }
        return new Count(among, deeds);
    }

    private static Stream<Bout> bout(Path file) {
        try {
            return BoutFile.parse(Files.readString(file), LEXICON).bout().stream();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    @Test
    void whatEverybodyDoesIsAmongThemFromTheFirstMinute() throws Exception {
        Count situations = count("/farglass/core/rules/situations");
        Count told = count("/farglass/core/told");
        assertThat(situations.deeds()).isGreaterThan(200);
        assertThat(told.deeds()).isGreaterThan(700);
        // Measured 41.8 and 12.2 %; where nothing but the starts is weighed, 0 and 0.7.
        assertThat(situations.share()).isGreaterThan(0.38);
        assertThat(told.share()).isGreaterThan(0.11);
    }
}
