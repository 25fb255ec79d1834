package farglass.core.state;

import static farglass.core.Bouts.LEXICON;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import farglass.core.Bouts;
import farglass.core.bout.Bout;
import farglass.core.bout.Moment;
import farglass.core.corpus.Corpus;
import farglass.core.corpus.LearnedScale;
import farglass.core.side.Seat;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class TimelineTest {
    private static Timeline of(Bout bout) {
        return Timeline.of(bout, LEXICON);
    }

    @Test
    void whatTheRulesOfTheSportSettleIsWorkedOut() {
        Timeline timeline =
                of(Bouts.of("0:10 A guard-pull; held", "0:30 B knee-cut; held", "0:50 A hip-escape; threatened"));
        assertThat(timeline.visits())
                .extracting(visit -> visit.stand().position().key())
                .containsExactly("standing", "open-guard", "side-control");
        assertThat(timeline.visits().get(1).stand().top()).contains(Seat.B);
        assertThat(timeline.visits().get(1).playedSeconds()).isCloseTo(20, within(1e-9));
        assertThat(timeline.findings()).isEmpty();
    }

    @Test
    void aTryThatDidNotHoldMovesNobody() {
        Timeline timeline = of(Bouts.of("0:10 A single-leg; nearly", "0:20 A single-leg"));
        assertThat(timeline.visits()).hasSize(1);
        assertThat(timeline.visits().get(0).openEnd()).isTrue();
    }

    @Test
    void stoppedTimeIsNotPlayedAndARestartIsStanding() {
        Timeline timeline =
                of(Bouts.of("0:10 A guard-pull; held", "0:30 - stop edge", "0:50 - restart", "1:00 B award penalty"));
        Visit guard = timeline.visits().get(1);
        assertThat(guard.playedSeconds()).isCloseTo(20, within(1e-9));
        assertThat(guard.toMicros() - guard.fromMicros()).isEqualTo(40_000_000);
        assertThat(timeline.at(55_000_000).position().key()).isEqualTo("standing");
    }

    @Test
    void aRestartInPlaceStaysWhereItWas() {
        Timeline timeline = of(Bouts.of(
                "0:10 A reached; -> mount, A on top", "0:30 - stop edge", "0:50 - restart; -> mount, A on top"));
        assertThat(timeline.at(60_000_000).position().key()).isEqualTo("mount");
    }

    @Test
    void aScrambleIsCreditedToNobody() {
        Timeline timeline = of(Bouts.of("0:10 A reached; -> mount, A on top", "0:20 - reached; -> scramble"));
        assertThat(timeline.at(30_000_000).top()).isEmpty();
        assertThat(timeline.visits().get(1).playedSeconds()).isCloseTo(10, within(1e-9));
    }

    @Test
    void aFilmThatStartsLateHasNoStandingBeforeItsFirstMoment() {
        Timeline timeline = of(Bouts.parsed("covered: story 1:00 to 6:00\n", "1:10 A reached; -> mount, A on top"));
        assertThat(timeline.at(0).position().key()).isEqualTo("not-visible");
        assertThat(timeline.visits().get(0).openStart()).isTrue();
    }

    @Test
    void whatCannotStartThereIsAFinding() {
        Timeline timeline = of(Bouts.of("0:10 A guard-pull; held", "0:20 A knee-cut; held"));
        assertThat(timeline.findings()).hasSize(1);
        assertThat(timeline.findings().get(0).sentence())
                .contains("Knee cut")
                .contains("open guard")
                .contains("underneath");
        assertThat(of(Bouts.of("0:10 A reached; -> mount")).findings().get(0).sentence())
                .contains("needs somebody on top");
    }

    @Test
    void theTideOfOneIsTheMirrorOfTheOthers() {
        Bout bout = Bouts.of(
                "0:10 A guard-pull; held",
                "0:20 B knee-cut; line knee",
                "0:30 B knee-cut; held",
                "0:40 B kimura; stage deep",
                "0:50 A reached; -> mount, A on top");
        Timeline timeline = of(bout);
        for (Ladder ladder : Ladder.values()) {
            Tide ours = Tide.of(bout, timeline, LEXICON, Seat.A, ladder);
            Tide theirs = Tide.of(bout, timeline, LEXICON, Seat.B, ladder);
            for (long at = 0; at < 60_000_000; at += 1_000_000) {
                assertThat(ours.at(at)).isCloseTo(-theirs.at(at), within(1e-12)).isBetween(-1.0, 1.0);
            }
        }
        assertThat(Tide.of(bout, timeline, LEXICON, Seat.B, Ladder.POINTS).points())
                .filteredOn(Tide.Point::rung)
                .hasSize(2);
    }

    @Test
    void aDeletedAnswerLeavesNoDanglingLink() {
        Bout bout = Bouts.of("0:10 A single-leg; nearly", "0:12 B sprawl; answers m1")
                .without("m1");
        assertThat(bout.moments().get(0).telling().answers()).isEqualTo(Optional.empty());
    }

    @Test
    void replaysAndTalkNeverCount() {
        Bout bout = Bouts.parsed(
                "segment: replay 0:30 to 0:40 of 0:10\nsegment: talk 1:00 to 1:20\ncovered: story 0:00 to 2:00\n",
                "0:10 A guard-pull; held; -> open-guard, B on top",
                "0:35 B toreando; held; -> side-control, B on top",
                "0:50 B leg-pin; -> open-guard, B on top",
                "1:30 B toreando; held; -> side-control, B on top");
        Timeline timeline = of(bout);
        assertThat(timeline.visits())
                .extracting(visit -> visit.stand().position().key())
                .containsExactly(
                        "standing",
                        "open-guard",
                        "not-visible",
                        "not-visible",
                        "open-guard",
                        "not-visible",
                        "open-guard",
                        "side-control");
        assertThat(timeline.findings())
                .anySatisfy(finding -> assertThat(finding.momentId()).isEqualTo("m2"));
    }

    @Test
    void aRestartGoesOnAsItWasOrStanding() {
        Timeline same = of(Bouts.of(
                "0:10 A guard-pull; held; -> open-guard, B on top",
                "0:20 - stop edge",
                "0:30 - restart same",
                "0:40 B leg-pin"));
        assertThat(same.at(35_000_000).position().key()).isEqualTo("open-guard");
        assertThat(same.visits()).hasSize(2);
        assertThat(same.visits().get(1).playedSeconds()).isCloseTo(580, within(1e-6));
    }

    @Test
    void exchangesEndWhereThePositionSettles() {
        Timeline timeline = of(Bouts.of(
                "0:10 A single-leg; nearly",
                "0:12 B sprawl; held; -> front-headlock, B on top",
                "0:15 A sit-through; threatened",
                "0:20 - reached; -> scramble",
                "0:22 - reached; -> turtle, B on top",
                "0:30 B seat-belt"));
        assertThat(timeline.exchanges())
                .extracting(exchange -> exchange.moments().size())
                .containsExactly(2, 3, 1);
    }

    @Test
    void answersAreThoseAPersonGaveTheRestMerelyFollowed() {
        Bout bout = Bouts.of(
                "0:10 A single-leg; nearly",
                "0:11 A double-leg",
                "0:12 B sprawl; answers m1",
                "0:14 B go-behind",
                "0:15 A mark");
        Conversation conversation = Conversation.of(bout);
        assertThat(conversation.before(bout.moments().get(2)))
                .contains(new Conversation.Turn(bout.moments().get(0), true));
        assertThat(conversation.before(bout.moments().get(3)))
                .contains(new Conversation.Turn(bout.moments().get(1), false));
        assertThat(conversation.before(bout.moments().get(0))).isEmpty();
    }

    @Test
    void whatFollowedIsTheOthersNextDeedSoonAndBeforeOneActsAgain() {
        Bout bout = Bouts.of(
                "0:10 A single-leg",
                "0:12 B sprawl",
                "0:13 B go-behind",
                "0:20 A double-leg",
                "0:21 A ankle-pick",
                "0:30 B snap-down",
                "0:40 A knee-tap",
                "0:41 B whizzer-kick",
                "0:44 B hip-in; answers m7",
                "0:45 - mark");
        Conversation conversation = Conversation.of(bout);
        List<Moment> moments = bout.moments();
        assertThat(conversation.after(moments.get(0))).contains(new Conversation.Reply(moments.get(1), false));
        assertThat(conversation.after(moments.get(3))).as("A acted again first").isEmpty();
        assertThat(conversation.after(moments.get(4))).as("nine seconds").isEmpty();
        assertThat(conversation.after(moments.get(6)))
                .as("what a person linked comes before what merely followed")
                .contains(new Conversation.Reply(moments.get(8), true));
    }

    @Test
    void whatContradictsItselfIsFoundWithAWayToMendIt() {
        Bout bout = Bouts.parsed(
                "segment: talk 0:10 to 0:30\nsegment: reference 0:20 to 0:40\ncovered: story 0:00 to 5:00\nresult: A by submission kimura\n",
                "1:00 A sleeve-grip; grip A left hand on B right sleeve, until 0:50",
                "1:10 A knee-cut; answers m3; stage deep",
                "1:20 B kimura; line knee",
                "1:30 - reached; -> mount",
                "1:40 A kimura; stage deep");
        assertThat(of(bout).findings())
                .extracting(Finding::sentence)
                .anyMatch(text -> text.contains("overlap"))
                .anyMatch(text -> text.contains("yet it has no tap"))
                .anyMatch(text -> text.contains("grip ends before"))
                .anyMatch(text -> text.contains("only later"))
                .anyMatch(text -> text.contains("no stage \"deep\""))
                .anyMatch(text -> text.contains("is no pass"))
                .anyMatch(text -> text.contains("needs somebody on top"));
    }

    @Test
    void theLearnedScaleCountsForWhomTheNextScoreCameAndLeavesABoutOut() {
        Bout one = Bouts.of(
                "0:10 A reached; -> mount, A on top",
                "0:20 A award 4 points",
                "0:30 B reached; -> mount, B on top",
                "0:40 A award 2 points",
                "0:50 A reached; -> mount, A on top");
        double points = LEXICON.position("mount").orElseThrow().worth().points();
        LearnedScale scale = LearnedScale.of(Corpus.of(List.of(one), LEXICON));
        // Three stays: the first led to the top athlete's score, the second to the other's, the third to none.
        assertThat(scale.of(LEXICON.position("mount").orElseThrow())).isCloseTo((0 + 10 * points) / 13, within(1e-12));
        assertThat(scale.without(one.id()).of(LEXICON.position("mount").orElseThrow()))
                .isCloseTo(points, within(1e-12));
    }
}
