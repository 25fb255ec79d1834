package farglass.core.scribe;

import static farglass.core.Bouts.LEXICON;
import static org.assertj.core.api.Assertions.assertThat;

import farglass.core.Bouts;
import farglass.core.bout.Award;
import farglass.core.bout.Became;
import farglass.core.bout.Bout;
import farglass.core.bout.Deed;
import farglass.core.bout.Line;
import farglass.core.bout.Moment;
import farglass.core.bout.OwnedSide;
import farglass.core.bout.Seat;
import farglass.core.bout.Settled;
import farglass.core.bout.Side;
import farglass.core.bout.Stage;
import farglass.core.state.Stand;
import farglass.core.state.Timeline;
import java.util.Optional;
import java.util.OptionalLong;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class ScribeLineTest {
    private static final Bout BOUT = Bouts.of("0:10 A guard-pull; held");
    private static final Stand GUARD = Timeline.of(BOUT, LEXICON).at(20_000_000);

    private static Proposal read(String text) {
        return ScribeLine.read(text, BOUT, GUARD, Optional.of("m1"), LEXICON).orElseThrow();
    }

    @Test
    void oneLineTellsAWholeMoment() {
        Proposal proposal = read("pip knee cut left nearly knee unsure");
        assertThat(proposal.actor()).contains(Seat.B);
        assertThat(proposal.deed()).isEqualTo(new Deed.Did("knee-cut"));
        assertThat(proposal.telling().side()).contains(new OwnedSide(Seat.B, Side.LEFT));
        assertThat(proposal.telling().became()).contains(Became.NEARLY);
        assertThat(proposal.telling().line()).contains(Line.KNEE);
    }

    @Test
    void whoDidItFollowsWhereOnlyOneCould() {
        assertThat(read("knee cut").actor()).contains(Seat.B);
        assertThat(read("tripod sweep").actor()).contains(Seat.A);
        assertThat(read("sleeve grip").actor()).isEmpty();
    }

    @Test
    void aSideBelongsToWhomTheTechniqueSays() {
        assertThat(read("a triangle choke left").telling().side()).contains(new OwnedSide(Seat.B, Side.LEFT));
        assertThat(read("a sleeve grip left").telling().side()).contains(new OwnedSide(Seat.A, Side.LEFT));
    }

    @Test
    void aSideWithoutAnOwnerIsKeptAsWordsAndNotGuessed() {
        Proposal proposal = read("sleeve grip left");
        assertThat(proposal.telling().side()).isEmpty();
        assertThat(proposal.telling().note()).contains("left");
    }

    @Test
    void aPositionIsReachedAndAGuardIsPlayedFromUnderneath() {
        assertThat(read("a mount").settled()).contains(new Settled("mount", Optional.of(Seat.A), false));
        assertThat(read("a half guard").settled()).contains(new Settled("half-guard", Optional.of(Seat.B), false));
        assertThat(read("a half guard on top").settled())
                .contains(new Settled("half-guard", Optional.of(Seat.A), false));
        assertThat(read("standing").settled()).contains(new Settled("standing", Optional.empty(), false));
    }

    @Test
    void whatTheRefereeGivesAndStopsIsShort() {
        assertThat(read("a +3").deed()).isEqualTo(new Deed.Awarded(Award.points(3)));
        assertThat(read("b adv").deed()).isEqualTo(new Deed.Awarded(Award.advantage()));
        assertThat(read("stop edge of mat").deed()).isEqualTo(new Deed.Stopped("edge of mat"));
        assertThat(read("restart").deed()).isEqualTo(new Deed.Restarted());
    }

    @Test
    void unknownWordsAreKeptAndNothingIsRefused() {
        assertThat(read("a flying thing held").deed()).isEqualTo(new Deed.Unnamed("flying thing"));
        assertThat(read("a knee cut with her head low").telling().note()).contains("with her head low");
        assertThat(read("???").deed()).isEqualTo(new Deed.Unnamed("???"));
        assertThat(ScribeLine.read("  ", BOUT, GUARD, Optional.empty(), LEXICON))
                .isEmpty();
    }

    @Test
    void anAnswerNamesTheMomentGiven() {
        assertThat(read("b stand off answers").telling().answers()).contains("m1");
    }

    @Test
    void whatHeldSettlesAndIsMarkedAsWorkedOut() {
        Moment moment = read("b knee cut held").at("x", OptionalLong.of(5), LEXICON);
        assertThat(moment.settled()).contains(new Settled("side-control", Optional.of(Seat.B), true));
        assertThat(read("b knee cut").at("x", OptionalLong.empty(), LEXICON).settled())
                .isEmpty();
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "b knee cut left nearly knee",
                "a triangle choke right deep",
                "a mount",
                "b half guard",
                "a half guard on top",
                "a +4",
                "b pen",
                "stop edge",
                "restart",
                "mark",
                "a flying thing held bait private",
                "b toreando foot unsure looked back"
            })
    void whatIsWrittenBackForChangingReadsAsTheSame(String text) {
        Proposal proposal = read(text);
        Moment moment = proposal.at("x", OptionalLong.of(1), LEXICON);
        String written = ScribeLine.written(moment, BOUT, LEXICON);
        assertThat(read(written).at("x", OptionalLong.of(1), LEXICON))
                .as(written)
                .isEqualTo(moment);
    }

    @Test
    void anUnfinishedWordIsCompletedBehindTheName() {
        assertThat(ScribeLine.completions("a torea", BOUT, LEXICON, 6))
                .extracting(term -> term.key())
                .contains("toreando");
        assertThat(ScribeLine.completed(
                        "a torea", BOUT, LEXICON, LEXICON.technique("toreando").orElseThrow()))
                .isEqualTo("a toreando pass ");
        assertThat(ScribeLine.completions("a t", BOUT, LEXICON, 6)).isEmpty();
    }

    @Test
    void theWordsForPeopleSayWhoseSideItIs() {
        Bout bout = Bouts.of(
                "0:10 A kimura; side B right; stage deep",
                "0:20 B knee-cut; side B left; line past",
                "0:30 A award 2 points");
        assertThat(Phrase.of(bout.moments().get(0), bout, LEXICON)).isEqualTo("Kimura, Pip\u2019s right arm, deep");
        assertThat(Phrase.of(bout.moments().get(1), bout, LEXICON)).isEqualTo("Knee cut, to own left, past");
        assertThat(Phrase.of(bout.moments().get(2), bout, LEXICON)).isEqualTo("Given 2 points");
        assertThat(read("a kimura").telling().stage()).isEqualTo(Optional.<Stage>empty());
    }

    @Test
    void theLikeliestNextMomentsComeFirstAndAllCanHappenThere() {
        Bout taught = Bouts.of(
                "0:10 A guard-pull; held",
                "0:20 B toreando; line foot",
                "0:30 B toreando; line foot",
                "0:40 B knee-cut; nearly",
                "0:50 A sleeve-grip; shown");
        Continuations learned = Continuations.learned(java.util.List.of(taught), LEXICON);
        var picks = learned.next(GUARD, Optional.empty(), 9);
        assertThat(picks).hasSize(9).doesNotHaveDuplicates();
        assertThat(picks.get(0).deed()).isEqualTo(new Deed.Did("toreando"));
        assertThat(picks).allSatisfy(pick -> assertThat(LEXICON.technique(((Deed.Did) pick.deed()).technique())
                        .orElseThrow()
                        .canStart(GUARD.position(), GUARD.roleOf(pick.actor().orElseThrow())))
                .isTrue());
        // After the pull, nobody has done anything but the toreando.
        assertThat(learned.next(GUARD, Optional.of(BOUT.moments().get(0)), 9)
                        .get(0)
                        .deed())
                .isEqualTo(new Deed.Did("toreando"));
    }

    @Test
    void whereItEndedIsTypedBehindAnArrow() {
        Moment moment = read("b single leg held; -> half guard, B on top").at("x", OptionalLong.of(5), LEXICON);
        assertThat(moment.settled()).contains(new Settled("half-guard", Optional.of(Seat.B), false));
        assertThat(read(ScribeLine.written(moment, BOUT, LEXICON)).settled()).isEqualTo(moment.settled());
        assertThat(read("b single leg held")
                        .at("x", OptionalLong.of(5), LEXICON)
                        .settled())
                .contains(new Settled("ground-not-told", Optional.of(Seat.B), true));
    }

    @Test
    void aSideIsReadFromWhoeversViewItWasCalled() {
        assertThat(read("a kimura left").telling().side()).contains(new OwnedSide(Seat.B, Side.LEFT));
        assertThat(read("a kimura own left").telling().side()).contains(new OwnedSide(Seat.A, Side.LEFT));
        assertThat(read("b knee cut their left").telling().side()).contains(new OwnedSide(Seat.A, Side.LEFT));
        assertThat(read("a kimura screen left facing").telling().side()).contains(new OwnedSide(Seat.B, Side.RIGHT));
        assertThat(read("a kimura left screen away").telling().side()).contains(new OwnedSide(Seat.B, Side.LEFT));
        Proposal unsettled = read("a kimura screen left");
        assertThat(unsettled.telling().side()).isEmpty();
        assertThat(unsettled.telling().note()).contains("screen left");
    }
}
