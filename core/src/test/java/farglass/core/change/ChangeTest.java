package farglass.core.change;

import static org.assertj.core.api.Assertions.assertThat;

import farglass.core.Bouts;
import farglass.core.bout.Became;
import farglass.core.bout.Bout;
import farglass.core.bout.Covered;
import farglass.core.bout.Moment;
import farglass.core.fact.Fact;
import farglass.core.fact.Layer;
import farglass.core.plan.Fallback;
import farglass.core.plan.GamePlan;
import farglass.core.plan.PlanStep;
import farglass.core.plan.StayOut;
import farglass.core.side.Side;
import farglass.core.study.Athlete;
import farglass.core.study.Study;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** Two windows change the same library; what one cannot know of the other is neither lost nor undone. */
class ChangeTest {
    private static final Bout BOUT =
            Bouts.of("0:10 A guard-pull; held\n0:20 B knee-cut; nearly\n0:22 A frame; answers m2\n0:40 B wait");
    private static final Study CAMP = new Study("camp", "Pier Classic", List.of("runa"), Optional.empty());
    private static final GamePlan EMPTY = new GamePlan("p", "camp", "runa", List.of(), List.of());
    private final InMemory library = new InMemory();

    @BeforeEach
    void lay() {
        assertThat(library.lay(Change.added(BOUT))).isEmpty();
        assertThat(library.lay(Change.added(CAMP))).isEmpty();
    }

    private Bout now() {
        return library.bouts.get(BOUT.id());
    }

    private static Moment moment(String id) {
        return BOUT.moment(id).orElseThrow();
    }

    private static Moment fresh(String line) {
        Moment read = Bouts.of(line).moments().get(0);
        return new Moment("new", read.atMicros(), read.actor(), read.deed(), read.settled(), read.telling());
    }

    private static Bout noting(Bout bout, String id, String note) {
        Moment moment = bout.moment(id).orElseThrow();
        return bout.with(moment.with(moment.telling().withNote(note)));
    }

    @Test
    void whatTwoWindowsChangedOfOneBoutIsBothThere() {
        Bout here = BOUT.with(moment("m2").with(moment("m2").telling().withBecame(Became.HELD)));
        Bout there = noting(BOUT, "m2", "slow").with(fresh("0:30 A sprawl"));
        assertThat(library.lay(Change.of(BOUT, there))).isEmpty();
        assertThat(library.lay(Change.of(BOUT, here))).isEmpty();
        assertThat(now().moments()).extracting(Moment::id).containsExactly("m1", "m2", "m3", "new", "m4");
        assertThat(now().moment("m2").orElseThrow().telling().became()).contains(Became.HELD);
        assertThat(now().moment("m2").orElseThrow().telling().note()).contains("slow");
    }

    @Test
    void aHeaderIsChangedFieldByFieldAndLeavesTheMomentsAlone() {
        Bout other = noting(BOUT, "m1", "at once")
                .with(Bouts.parsed("round: final\ncovered: story 0:00 to 10:00\n")
                        .header());
        library.lay(Change.of(BOUT, other));
        Bout event = BOUT.with(Bouts.parsed("event: Harbour Cup\ncovered: story 0:00 to 10:00\n")
                .header());
        assertThat(library.lay(Change.of(BOUT, event))).isEmpty();
        assertThat(now().header().event()).contains("Harbour Cup");
        assertThat(now().header().round()).contains("final");
        assertThat(now().moment("m1").orElseThrow().telling().note()).contains("at once");
    }

    @Test
    void theSameFieldChangedTwiceIsRefusedInASentenceThatNamesBoth() {
        library.lay(Change.of(BOUT, noting(BOUT, "m2", "too slow")));
        Optional<String> refusal = library.lay(Change.of(BOUT, noting(BOUT, "m2", "too fast")));
        assertThat(refusal.orElseThrow())
                .startsWith("Nothing was saved: ")
                .contains("0:20 B knee-cut", "too slow", "too fast")
                .contains("change it again");
        assertThat(now()).isEqualTo(noting(BOUT, "m2", "too slow"));
        library.lay(Change.of(
                now(),
                now().with(Bouts.parsed("event: Harbour Cup\ncovered: story 0:00 to 10:00\n")
                        .header())));
        assertThat(library.lay(Change.of(
                                BOUT,
                                BOUT.with(Bouts.parsed("event: Pier Cup\ncovered: story 0:00 to 10:00\n")
                                        .header())))
                        .orElseThrow())
                .contains("Harbour Cup", "Pier Cup");
    }

    @Test
    void whatIsChangedHereAndTakenOutThereIsNeitherLostNorBack() {
        library.lay(Change.of(BOUT, BOUT.without("m2")));
        assertThat(library.lay(Change.of(BOUT, noting(BOUT, "m2", "slow"))).orElseThrow())
                .contains("nothing in place of", "slow");
        Bout fresh = now();
        library.lay(Change.of(fresh, noting(fresh, "m1", "late")));
        assertThat(library.lay(Change.of(fresh, fresh.without("m1"))).orElseThrow())
                .contains("late");
        assertThat(now().moment("m1")).isPresent();
        assertThat(library.lay(Change.removed(fresh)).orElseThrow())
                .as("the whole bout, too")
                .contains("Nothing was saved");
    }

    @Test
    void whatAnswersAMomentThatWasTakenOutIsRefused() {
        Bout answered = BOUT.with(moment("m4").with(moment("m4").telling().withAnswers(Optional.of("m1"))));
        library.lay(Change.of(BOUT, BOUT.without("m1")));
        assertThat(library.lay(Change.of(BOUT, answered)).orElseThrow()).contains("guard-pull");
        library.lay(Change.of(now(), now().with(moment("m1"))));
        library.lay(Change.of(now(), answered));
        assertThat(library.lay(Change.of(BOUT, BOUT.without("m1"))))
                .as("the other way round")
                .isPresent();
    }

    @Test
    void factsAndStretchesAreAddedUpAndARemovedOneStaysAway() {
        Fact left = new Fact.Unknown(Fact.Field.GRIP);
        Fact right = new Fact.Unknown(Fact.Field.SIDE);
        library.lay(Change.of(
                BOUT, BOUT.with(moment("m2").with(moment("m2").telling().and(left)))));
        Bout seen = now();
        library.lay(Change.of(
                BOUT, BOUT.with(moment("m2").with(moment("m2").telling().and(right)))));
        assertThat(now().moment("m2").orElseThrow().telling().facts()).contains(left, right);
        Bout without = seen.with(moment("m2"));
        assertThat(library.lay(Change.of(seen, without))).isEmpty();
        assertThat(now().moment("m2").orElseThrow().telling().facts())
                .contains(right)
                .doesNotContain(left);
        Bout base = now();
        Bout early = watched(base, 0, 20_000_000);
        Bout late = watched(base, 15_000_000, 40_000_000);
        library.lay(Change.of(base, early));
        assertThat(library.lay(Change.of(base, late))).isEmpty();
        assertThat(now().header().covered()).contains(new Covered(Layer.GRIPS, 0, 40_000_000, true));
    }

    private static Bout watched(Bout bout, long from, long to) {
        return bout.with(
                bout.header().with(bout.header().footage().covering(new Covered(Layer.GRIPS, from, to, true))));
    }

    @Test
    void movedPastWhatCameMeanwhileItStandsWhereItsTimePutsIt() {
        Moment fresh = fresh("0:15 A sprawl");
        library.lay(Change.of(BOUT, BOUT.with(fresh)));
        assertThat(library.lay(Change.of(BOUT, BOUT.with(moment("m4").at(12_000_000)))))
                .isEmpty();
        assertThat(now().moments()).extracting(Moment::id).containsExactly("m1", "m4", "new", "m2", "m3");
    }

    @Test
    void stepsOfAPlanTypedInTwoWindowsAreBothThereAlsoWhereBothBeganIt() {
        PlanStep one = new PlanStep("1", "standing", "single leg", List.of());
        PlanStep two = new PlanStep("2", "closed guard", "hip bump", List.of(new Fallback("posts", "kimura")));
        library.lay(new Change.OfPlan(EMPTY, EMPTY.with(one)));
        GamePlan elsewhere = EMPTY.under("another id");
        assertThat(library.lay(
                        new Change.OfPlan(elsewhere, elsewhere.with(two).with(new StayOut("3", "mount", "chokes")))))
                .isEmpty();
        GamePlan plan = library.plans.get("camp runa");
        assertThat(plan.id()).isEqualTo("p");
        assertThat(plan.steps()).containsExactlyInAnyOrder(one, two);
        assertThat(plan.stayOuts()).hasSize(1);
        PlanStep other = new PlanStep("1", "standing", "double leg", List.of());
        library.lay(new Change.OfPlan(plan, plan.with(other)));
        assertThat(library.lay(new Change.OfPlan(
                                plan, plan.with(new PlanStep("1", "standing", "snap-down", List.of()))))
                        .orElseThrow())
                .contains("standing: double leg", "standing: snap-down");
        library.lay(Change.removed(CAMP));
        assertThat(library.lay(new Change.OfPlan(plan, plan.with(two))).orElseThrow())
                .contains("camp");
    }

    @Test
    void namesAndWordsAreNotTakenTwice() {
        assertThat(library.lay(Change.added(new Athlete("runa", "Runa")))).isEmpty();
        assertThat(library.lay(Change.added(new Athlete("other", "Runa"))).orElseThrow())
                .contains("Runa");
        Change.OfTerm mine = new Change.OfTerm("snare", Optional.empty(), Optional.of("technique snare \"Snare\""));
        assertThat(library.lay(mine)).isEmpty();
        assertThat(library.lay(new Change.OfTerm("snare", Optional.empty(), Optional.of("technique snare \"Trap\"")))
                        .orElseThrow())
                .contains("Snare", "Trap");
        assertThat(library.lay(mine)).as("the same again").isEmpty();
    }

    @Test
    void theSideOfAMomentAndItsTimeAreChangedByTwo() {
        Bout sided = BOUT.with(moment("m2")
                .with(moment("m2")
                        .telling()
                        .withSide(new farglass.core.side.OwnedSide(farglass.core.side.Seat.B, Side.LEFT))));
        library.lay(Change.of(BOUT, sided));
        assertThat(library.lay(Change.of(BOUT, BOUT.with(moment("m2").at(19_000_000)))))
                .isEmpty();
        assertThat(now().moment("m2").orElseThrow().atMicros()).hasValue(19_000_000);
        assertThat(now().moment("m2").orElseThrow().telling().side()).isPresent();
    }
}
