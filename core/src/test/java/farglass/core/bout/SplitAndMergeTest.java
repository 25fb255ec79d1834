package farglass.core.bout;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;

import farglass.core.Bouts;
import farglass.core.fact.Certainty;
import farglass.core.fact.Grip;
import farglass.core.fact.Layer;
import farglass.core.fact.Mistake;
import farglass.core.fact.Tied;
import farglass.core.side.Line;
import farglass.core.side.OwnedSide;
import farglass.core.side.Seat;
import farglass.core.side.Side;
import java.util.List;
import java.util.OptionalLong;
import java.util.Set;
import org.junit.jupiter.api.Test;

class SplitAndMergeTest {
    private static final Bout BOUT = Bouts.of(
            "0:10 A guard-pull; held",
            "0:20 - mark",
            "0:21 B \"something with the knee\"; hidden",
            "0:22 B knee-cut; side B left; nearly; line hip",
            "0:24 A frame; answers m3");

    @Test
    void oneBecomesTwoAndTheOutcomeIsTheSeconds() {
        Bout split = SplitAndMerge.split(BOUT, "m4", "new", OptionalLong.of(23_000_000));
        assertThat(split.moments()).extracting(Moment::id).containsExactly("m1", "m2", "m3", "m4", "new", "m5");
        assertThat(split.moment("m4").orElseThrow().telling().became()).isEmpty();
        assertThat(split.moment("m4").orElseThrow().telling().side()).isPresent();
        assertThat(split.moment("new").orElseThrow().telling().line()).contains(Line.HIP);
        assertThat(split.moment("new").orElseThrow().atMicros()).hasValue(23_000_000);
        Bout untimed = SplitAndMerge.split(BOUT, "m4", "new", OptionalLong.empty());
        assertThat(untimed.moments()).extracting(Moment::id).containsSubsequence("m4", "new", "m5");
    }

    @Test
    void severalBecomeOneAndNothingToldOfThemIsLost() {
        Bout merged = SplitAndMerge.merged(BOUT, Set.of("m2", "m3", "m4"));
        assertThat(merged.moments()).extracting(Moment::id).containsExactly("m1", "m2", "m5");
        Moment whole = merged.moment("m2").orElseThrow();
        assertThat(whole.deed()).isEqualTo(new Deed.Did("knee-cut"));
        assertThat(whole.actor()).contains(Seat.B);
        assertThat(whole.atMicros()).hasValue(20_000_000);
        assertThat(whole.telling().line()).contains(Line.HIP);
        assertThat(whole.telling().certainty()).isEqualTo(Certainty.HIDDEN);
        assertThat(merged.moment("m5").orElseThrow().telling().answers())
                .as("what answered a part answers the whole")
                .contains("m2");
        assertThatIllegalArgumentException().isThrownBy(() -> SplitAndMerge.merged(BOUT, Set.of("m2")));
    }

    @Test
    void aMomentMergedWithWhatItAnswersDoesNotAnswerItself() {
        Bout merged = SplitAndMerge.merged(BOUT, Set.of("m3", "m5"));
        assertThat(merged.moment("m3").orElseThrow().telling().answers()).isEmpty();
    }

    /** A bout that names a moment which is not there cannot be read again. */
    @Test
    void whatPunishedAMistakeOrGaveAReasonIsNamedRightlyAfterMergingAndGoneAfterRemoving() {
        Bout told = Bouts.of(
                "0:10 A knee-cut; failed; mistake \"hips high\", by m3",
                "0:20 - mark",
                "0:21 B sweep; worked",
                "0:24 B cross-choke; because m3",
                "0:25 B cross-choke; because m3, \"she saw it\"");
        Bout merged = SplitAndMerge.merged(told, Set.of("m2", "m3"));
        assertThat(merged.moments().stream()
                        .flatMap(moment -> moment.telling().facts().stream())
                        .flatMap(fact -> fact.tied().stream())
                        .map(Tied::moment))
                .hasSize(3)
                .containsOnly("m2");
        Bout without = told.without("m3");
        assertThat(without.moments())
                .allSatisfy(moment -> assertThat(moment.telling().facts())
                        .allMatch(fact -> fact.tied().isEmpty()));
        assertThat(without.moment("m1").orElseThrow().telling().facts(Mistake.class))
                .as("the mistake stays")
                .hasSize(1);
        assertThat(without.moment("m4").orElseThrow().telling().facts()).isEmpty();
        assertThat(without.moment("m5").orElseThrow().telling().facts())
                .as("what was said of the reason stays")
                .hasSize(1);
    }

    @Test
    void whoWasTakenForTheOtherIsExchangedWithSidesAndGripsAndTwiceIsAsBefore() {
        Moment moment = Bouts.of("0:10 A knee-cut; side A left; held; grip A right hand on B left collar")
                .moments()
                .get(0);
        Moment other = moment.exchanged();
        assertThat(other.actor()).contains(Seat.B);
        assertThat(other.telling().side()).contains(new OwnedSide(Seat.B, Side.LEFT));
        assertThat(other.telling()
                        .facts(Grip.class)
                        .findFirst()
                        .orElseThrow()
                        .target()
                        .owner())
                .isEqualTo(Seat.A);
        assertThat(other.exchanged()).isEqualTo(moment);
    }

    @Test
    void whatIsNotLiveIsMarkedWithOneKeyAtEachEnd() {
        Footage replay = Footage.NONE.marked(Segment.Kind.REPLAY, 10, 100);
        assertThat(replay.segments()).containsExactly(new Segment(Segment.Kind.REPLAY, 10, 100, OptionalLong.empty()));
        Footage ended = replay.marked(Segment.Kind.LIVE, 30, 100);
        assertThat(ended.segments()).containsExactly(new Segment(Segment.Kind.REPLAY, 10, 30, OptionalLong.empty()));
        Footage talk = ended.marked(Segment.Kind.TALK, 20, 100);
        assertThat(talk.segments())
                .containsExactly(
                        new Segment(Segment.Kind.REPLAY, 10, 20, OptionalLong.empty()),
                        new Segment(Segment.Kind.TALK, 20, 100, OptionalLong.empty()));
        assertThat(ended.marked(Segment.Kind.TALK, 5, 100).segments().get(0).toMicros())
                .as("up to the next stretch")
                .isEqualTo(10);
        assertThat(ended.marked(Segment.Kind.LIVE, 10, 100).segments())
                .as("taken back")
                .isEmpty();
        assertThat(ended.replaying(15, 3).segments().get(0).liveMicros()).hasValue(3);
    }

    @Test
    void coveredStretchesThatTouchBecomeOneInTheirLayerOnly() {
        Footage covered = Footage.NONE
                .covering(new Covered(Layer.STORY, 0, 10, false))
                .covering(new Covered(Layer.STORY, 20, 30, false))
                .covering(new Covered(Layer.GRIPS, 5, 25, false))
                .covering(new Covered(Layer.STORY, 10, 20, false));
        assertThat(covered.covered())
                .isEqualTo(List.of(new Covered(Layer.STORY, 0, 30, false), new Covered(Layer.GRIPS, 5, 25, false)));
        assertThat(covered.covering(new Covered(Layer.STORY, 7, 7, false))).isSameAs(covered);
        assertThat(covered.covering(new Covered(Layer.STORY, 3, 9, false))).isSameAs(covered);
    }
}
