package farglass.core.scribe;

import static org.assertj.core.api.Assertions.assertThat;

import farglass.core.bout.Bout;
import farglass.core.bout.Moment;
import farglass.core.fact.Certainty;
import farglass.core.lexicon.Lexicon;
import farglass.core.notation.BoutFile;
import farglass.core.state.Stand;
import farglass.core.state.Timeline;
import java.io.IOException;
import java.net.URISyntaxException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** Words put back into the line to be changed: what nobody changed of them stays, whatever the moment. */
class RewordingTest {
    private static final Lexicon LEXICON = Lexicon.shipped();

    /** Every bout that was written by hand for a test. */
    private static List<Bout> bouts() throws IOException, URISyntaxException {
        Path all = Path.of(
                RewordingTest.class.getResource("/farglass/core/told/README.md").toURI());
        List<Bout> bouts = new ArrayList<>();
        try (Stream<Path> files = Files.walk(all.getParent().getParent())) {
            for (Path file :
                    files.filter(path -> path.toString().endsWith(".bout")).toList()) {
                BoutFile.parse(Files.readString(file), LEXICON).bout().ifPresent(bouts::add);
            }
        }
        return bouts;
    }

    private static Moment read(Moment moment, String line, Bout bout, Stand before) {
        LinePlace place =
                new LinePlace(bout, before, Optional.empty(), bout.moments().indexOf(moment));
        return ScribeLine.read(line, place, LEXICON, Expectation.NONE)
                .orElseThrow()
                .proposal()
                .at(moment.id(), moment.atMicros(), before, LEXICON);
    }

    private static Moment reworded(Moment moment, String more, Bout bout) {
        Stand before = Timeline.of(bout, LEXICON).before(moment);
        String line = WrittenLine.of(moment);
        return Rewording.of(moment, read(moment, line, bout, before), read(moment, line + more, bout, before));
    }

    @Test
    void whoeverOpensAMomentAndSavesItHasChangedNothing() throws Exception {
        int moments = 0;
        for (Bout bout : bouts()) {
            for (Moment moment : bout.moments()) {
                assertThat(reworded(moment, " ", bout))
                        .as("%s: %s", bout.id(), WrittenLine.of(moment))
                        .isEqualTo(moment);
                moments++;
            }
        }
        assertThat(moments).isGreaterThan(1000);
    }

    @Test
    void aWordThatIsAddedChangesThatAlone() throws Exception {
        for (Bout bout : bouts()) {
            for (Moment moment : bout.moments()) {
                Moment noted = reworded(moment, "; note added", bout);
                assertThat(noted.telling().note().orElseThrow()).endsWith("added");
                assertThat(noted.with(
                                noted.telling().withNote(moment.telling().note().orElse(""))))
                        .as(WrittenLine.of(moment))
                        .isEqualTo(moment.with(moment.telling()
                                .withNote(moment.telling().note().orElse(""))));
            }
        }
    }

    private static Moment only(String line) {
        return bout(line).moments().get(0);
    }

    private static Bout bout(String line) {
        return BoutFile.parse("far-glass bout 1\nid: x\nA: Ann\nB: Bea\n" + line + "\n", LEXICON)
                .bout()
                .orElseThrow();
    }

    /** {@return what is kept when those words are written in place of the moment's own} */
    private static Moment written(String moment, String words) {
        Bout bout = bout(moment);
        Moment before = bout.moments().get(0);
        Stand stand = Timeline.of(bout, LEXICON).before(before);
        return Rewording.of(
                before, read(before, WrittenLine.of(before), bout, stand), read(before, words, bout, stand));
    }

    @Test
    void whatIsSaidAnewIsSo() {
        assertThat(written("0:10 - reached; -> mount, A on top", "mount; -> mount, B on top")
                        .settled())
                .isEqualTo(only("0:10 - reached; -> mount, B on top").settled());
        assertThat(written("0:10 A corner \"stay heavy\" followed", "a corner \"stay heavy\" not")
                        .deed())
                .isEqualTo(only("0:10 A corner \"stay heavy\" not").deed());
        assertThat(written("0:10 A armlock; threatened", "a armlock threatened unsure")
                        .telling()
                        .certainty())
                .isEqualTo(Certainty.UNSURE);
        assertThat(written("0:10 A armlock; threatened", "a armlock threatened unsure")
                        .technique())
                .as("a word that means several things here was clear where it came from")
                .contains("armlock");
        assertThat(written("0:10 A armlock; threatened", "a kimura threatened").technique())
                .contains("kimura");
        assertThat(written("0:10 A armlock; threatened", "b armlock threatened").actor())
                .isEqualTo(only("0:10 B armlock").actor());
        assertThat(written("0:10 A knee-cut; failed; private", "a knee-cut failed")
                        .telling()
                        .confidential())
                .as("what was taken out of the line is taken out")
                .isFalse();
    }
}
