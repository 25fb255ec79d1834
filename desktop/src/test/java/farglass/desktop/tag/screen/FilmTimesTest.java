package farglass.desktop.tag.screen;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.tuple;

import farglass.core.bout.Covered;
import farglass.core.bout.Moment;
import farglass.core.bout.Segment;
import farglass.core.fact.Layer;
import farglass.desktop.tag.TagDesk;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** How film, bout and match clock lie to each other: each said with one key, saved, and taken back with one. */
class FilmTimesTest {
    private static final long SECOND = TagDesk.SECOND;

    @TempDir
    Path folder;

    private TagDesk tag;

    @BeforeEach
    void lay() throws Exception {
        tag = new TagDesk(folder, TagDesk.bout("one", "0:10 A guard-pull; held", "1:00 B knee-cut; failed"));
        tag.open("one");
    }

    @AfterEach
    void clear() {
        tag.close();
    }

    private List<Segment> segments() throws Exception {
        return tag.saved().header().footage().segments();
    }

    private void mark(long second, Segment.Kind kind) throws Exception {
        tag.seek(second * SECOND);
        tag.done(() -> tag.model().segments().mark(kind));
    }

    @Test
    void aReplayReachesFromOneKeyToTheNextAndIsTakenBack() throws Exception {
        mark(70, Segment.Kind.REPLAY);
        assertThat(segments())
                .as("to the end, until it is said where it ends")
                .singleElement()
                .satisfies(replay -> {
                    assertThat(replay.fromMicros()).isEqualTo(70 * SECOND);
                    assertThat(replay.toMicros()).isEqualTo(TagDesk.END);
                });
        assertThat(tag.message()).contains("Press F5");
        mark(80, Segment.Kind.LIVE);
        assertThat(segments()).singleElement().satisfies(replay -> assertThat(replay.toMicros())
                .isEqualTo(80 * SECOND));
        tag.undo();
        tag.undo();
        assertThat(segments()).isEmpty();
    }

    @Test
    void aMarkWithinAStretchCutsItAndOneBehindAnotherEndsThere() throws Exception {
        mark(200, Segment.Kind.REPLAY);
        mark(220, Segment.Kind.LIVE);
        mark(100, Segment.Kind.REPLAY);
        assertThat(segments())
                .extracting(Segment::fromMicros, Segment::toMicros)
                .as("up to the one that was there")
                .containsExactlyInAnyOrder(tuple(100 * SECOND, 200 * SECOND), tuple(200 * SECOND, 220 * SECOND));
        mark(150, Segment.Kind.LIVE);
        assertThat(segments()).extracting(Segment::toMicros).containsExactlyInAnyOrder(150 * SECOND, 220 * SECOND);
    }

    @Test
    void aReplayShowsAMomentAgainOnlyWhereThereIsOne() throws Exception {
        tag.done(() -> {
            tag.model().choice().only("m2");
            tag.player().seek(70 * SECOND);
            tag.model().segments().replayShowsChosen();
        });
        assertThat(tag.message()).contains("Mark the replay");
        mark(70, Segment.Kind.REPLAY);
        tag.done(() -> {
            tag.model().choice().only("m2");
            tag.player().seek(72 * SECOND);
            tag.model().segments().replayShowsChosen();
        });
        assertThat(segments()).singleElement().satisfies(replay -> assertThat(replay.liveMicros())
                .hasValue(60 * SECOND));
    }

    @Test
    void theClockStopsAndGoesOnByTurnsWhereverTheFilmIs() throws Exception {
        for (long at : new long[] {30, 40, 50}) {
            tag.seek(at * SECOND);
            tag.done(() -> tag.model().segments().clockKey());
        }
        assertThat(clock()).containsExactly("stop 30", "go 40", "stop 50");
        tag.seek(35 * SECOND);
        tag.done(() -> tag.model().segments().clockKey());
        assertThat(clock()).as("it stands at 0:35").containsExactly("stop 30", "go 35", "go 40", "stop 50");
    }

    private List<String> clock() throws Exception {
        return tag.saved().moments().stream()
                .filter(moment -> moment.deed().stop().isPresent()
                        || moment.deed().restart().isPresent())
                .map(moment -> (moment.deed().stop().isPresent() ? "stop " : "go ")
                        + moment.atMicros().orElseThrow() / SECOND)
                .toList();
    }

    @Test
    void whatIsDeclaredReachesToTheInstantShownAlsoAtTheVeryStart() throws Exception {
        tag.done(() -> tag.model().times().declareCovered());
        tag.seek(60 * SECOND);
        tag.done(() -> tag.model().times().declareCovered());
        assertThat(tag.saved().header().covered()).contains(new Covered(Layer.STORY, 0, 60 * SECOND, true));
        assertThat(tag.saved().header().covers(Layer.STORY, 0, 60 * SECOND)).isTrue();
        assertThat(tag.saved().header().covers(Layer.STORY, 61 * SECOND)).isFalse();
        assertThat(tag.saved().header().covers(Layer.ANSWERS, 0)).isFalse();
    }

    @Test
    void aBoutThatBeginsLaterOnTheFilmKeepsTheTimesOfItsMoments() throws Exception {
        tag.seek(25 * SECOND);
        tag.done(() -> tag.model().times().beginHere());
        assertThat(tag.saved().header().films().get(0).startMicros()).isEqualTo(25 * SECOND);
        assertThat(tag.saved().moments())
                .extracting(each -> each.atMicros().orElseThrow())
                .containsExactly(10 * SECOND, 60 * SECOND);
        assertThat(tag.asked(() -> tag.model().playhead().micros()))
                .as("here it begins")
                .hasValue(0);
        tag.done(() -> tag.model().playhead().goTo("m2"));
        assertThat(tag.asked(() -> tag.player().timeProperty().get())).isEqualTo(85 * SECOND);
    }

    @Test
    void aFilmThatBeganLateIsLaidUnderTheMomentChosen() throws Exception {
        tag.done(() -> {
            tag.model().choice().only("m2");
            tag.player().seek(20 * SECOND);
            tag.model().choice().only("m2");
            tag.model().times().alignHere();
        });
        assertThat(tag.saved().header().films().get(0).startMicros()).isEqualTo(-40 * SECOND);
        assertThat(tag.message()).contains("into the bout");
        assertThat(tag.asked(() -> tag.model().playhead().micros())).hasValue(60 * SECOND);
        tag.done(() -> tag.model().choice().none());
        tag.done(() -> tag.model().times().alignHere());
        assertThat(tag.message()).contains("Choose a moment");
    }

    @Test
    void aMomentBeforeTheFilmBeganIsToldWhereItCannotBeShown() throws Exception {
        tag.done(() -> {
            tag.model().choice().only("m2");
            tag.player().seek(20 * SECOND);
            tag.model().choice().only("m2");
            tag.model().times().alignHere();
        });
        tag.done(() -> tag.model().playhead().goTo("m1"));
        assertThat(tag.asked(() -> tag.player().timeProperty().get())).isGreaterThanOrEqualTo(0);
        Moment first = tag.saved().moment("m1").orElseThrow();
        assertThat(first.atMicros()).hasValue(10 * SECOND);
    }

    @Test
    void theStopwatchTimesFromOneKeyToTheNext() throws Exception {
        tag.seek(30 * SECOND);
        tag.done(() -> tag.model().stopwatch().key());
        assertThat(tag.saved().moments()).hasSize(2);
        tag.seek(34 * SECOND);
        tag.done(() -> tag.model().stopwatch().key());
        assertThat(tag.saved().moments()).hasSize(3);
        tag.undo();
        assertThat(tag.saved().moments()).hasSize(2);
    }
}
