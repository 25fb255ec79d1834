package farglass.core.state;

import static org.assertj.core.api.Assertions.assertThat;

import farglass.core.Bouts;
import farglass.core.bout.Bout;
import farglass.core.bout.Moment;
import farglass.core.fact.Layer;
import farglass.core.side.Seat;
import java.util.List;
import org.junit.jupiter.api.Test;

/** One rule for what counts. */
class CountingTest {
    private static final String[] TWO_TAPS = {
        "0:10 A mount; held", "0:20 A armbar; stage tap", "1:00 A kimura", "1:05 A kimura; continues last; stage tap"
    };

    private static List<String> counted(Bout bout) {
        Counting counting = Counting.of(bout);
        return bout.moments().stream().filter(counting::counts).map(Moment::id).toList();
    }

    @Test
    void aBoutThatNobodySaysWasWatchedCountsForNothingAndOneKeyMendsIt() {
        Bout bout = Bouts.parsed("", TWO_TAPS);
        assertThat(Counting.standing(bout)).isEqualTo(Counting.Standing.NOT_WATCHED);
        assertThat(counted(bout)).isEmpty();
        assertThat(Counting.sentence(bout).orElseThrow())
                .contains("4 moments are told")
                .contains("from first to last moment (0:10 to 1:05)?");
        Bout declared = Counting.declared(bout);
        assertThat(Counting.standing(declared)).isEqualTo(Counting.Standing.COUNTS);
        assertThat(counted(declared)).containsExactly("m1", "m2", "m3", "m4");
        assertThat(declared.header().covered()).singleElement().satisfies(stretch -> {
            assertThat(stretch.layer()).isEqualTo(Layer.STORY);
            assertThat(stretch.fromMicros()).isEqualTo(10_000_000);
        });
        assertThat(Counting.sentence(declared)).isEmpty();
    }

    @Test
    void clipsAndDemonstrationsCountInNoRateThoughMarkedAsWatched() {
        for (String material : List.of("clips", "demonstration")) {
            Bout bout = Bouts.parsed("material: " + material + "\ncovered: story 0:00 to 2:00\n", TWO_TAPS);
            assertThat(counted(bout)).as(material).isEmpty();
            assertThat(Counting.sentence(bout)).as(material).isPresent();
        }
        assertThat(Counting.standing(Bouts.parsed("whole: no\ncovered: story 0:00 to 2:00\n", TWO_TAPS)))
                .as("as older files said it")
                .isEqualTo(Counting.Standing.CLIPS);
    }

    @Test
    void aMomentWithoutATimeCountsAsItsNeighboursDo() {
        assertThat(counted(Bouts.parsed(
                        "covered: story 0:00 to 1:00\n",
                        "? A double leg; held",
                        "0:20 A \"knee cut\"",
                        "? A kimura",
                        "? A armbar",
                        "0:50 A mount; held",
                        "? A \"cross choke\"",
                        "1:30 A back; held",
                        "? A armbar; stage tap")))
                .containsExactly("m1", "m2", "m3", "m4", "m5");
        assertThat(counted(Bouts.parsed("covered: story 0:00 to 1:00\n", "? A double leg; held", "? A knee cut; held")))
                .as("a bout told in order alone")
                .hasSize(2);
    }

    @Test
    void whatIsHiddenShownAgainOrNotWatchedIsLeftOut() {
        assertThat(counted(Bouts.parsed(
                        "segment: replay 0:30 to 0:40 of 0:10\ncovered: story 0:00 to 1:00\n",
                        "0:10 A double leg; held",
                        "0:35 A double leg; held",
                        "0:50 A kimura; hidden",
                        "1:10 A armbar")))
                .containsExactly("m1");
    }

    @Test
    void aTryThatGoesOnIsOneTryWithItsDeepestLineAndItsLastOutcome() {
        Bout bout = Bouts.of(
                "0:10 B guard pull; held",
                "0:20 A knee cut; line knee",
                "0:24 A knee cut; continues m2; line hip; side A left",
                "0:26 B frame; worked",
                "0:30 A smash pass; continues last; line knee; held",
                "1:00 A toreando; failed");
        List<Attempt> passes = Attempt.of(bout).stream()
                .filter(attempt -> attempt.actor().filter(Seat.A::equals).isPresent())
                .toList();
        assertThat(passes).hasSize(2);
        Attempt first = passes.get(0);
        assertThat(first.steps()).extracting(Moment::id).containsExactly("m2", "m3", "m5");
        assertThat(first.succeeded()).isTrue();
        assertThat(first.deepest().orElseThrow().label()).isEqualTo("hip");
        assertThat(first.lastedMicros()).hasValue(10_000_000);
        assertThat(first.side().orElseThrow().side().label()).isEqualTo("left");
        assertThat(first.technique(Bouts.LEXICON).orElseThrow().key()).isEqualTo("knee-cut");
        assertThat(passes.get(1).succeeded()).isFalse();
    }

    @Test
    void whatTheBellCutOffWasNotStoppedByAnybody() {
        Attempt cut = Attempt.of(Bouts.of("0:10 A armbar; cut-off")).get(0);
        assertThat(cut.wasCutOff()).isTrue();
        assertThat(cut.succeeded()).isFalse();
        Attempt failed = Attempt.of(Bouts.of("0:10 A armbar; failed")).get(0);
        assertThat(failed.wasCutOff()).isFalse();
    }
}
