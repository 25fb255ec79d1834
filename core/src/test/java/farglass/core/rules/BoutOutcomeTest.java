package farglass.core.rules;

import static org.assertj.core.api.Assertions.assertThat;

import farglass.core.Bouts;
import farglass.core.bout.Bout;
import farglass.core.side.Seat;
import farglass.core.state.Timeline;
import java.util.List;
import java.util.OptionalLong;
import org.junit.jupiter.api.Test;

/** The score, in sentences that are right. */
class BoutOutcomeTest {
    private static Scorecard card(Bout bout) {
        return card(bout, bout.header().ruleset());
    }

    private static Scorecard card(Bout bout, String rules) {
        return Scorecard.of(bout, Rulesets.shipped().named(rules).orElseThrow(), Bouts.LEXICON);
    }

    private static String told(Bout bout, long micros) {
        return String.join(
                " ", BoutOutcome.sentences(bout, card(bout), Bouts.LEXICON, micros, OptionalLong.of(90_000_000)));
    }

    @Test
    void ofABoutThatIsOverNobodyIsAheadAndNoTimeIsLeft() {
        Bout bout = Bouts.parsed(
                "covered: story 0:00 to 6:00\nresult: B by submission armbar\n",
                "0:10 A double leg; held; -> half-guard, A on top",
                "1:00 B armbar; side A right",
                "1:10 B armbar; continues last; stage tap");
        assertThat(told(bout, 30_000_000)).contains("Juno is ahead").contains("left");
        assertThat(told(bout, 80_000_000))
                .contains("Pip won by armbar, Juno\u2019s right arm, at 1:10 (m3)")
                .doesNotContain("ahead")
                .doesNotContain("left.");
    }

    @Test
    void headerAndMomentsAgreeOrItIsSaid() {
        String[] moments = {"1:00 B armbar; stage tap"};
        String covered = "covered: story 0:00 to 6:00\n";
        assertThat(told(Bouts.parsed(covered + "result: A by submission armbar\n", moments), 90_000_000))
                .contains("disagree")
                .contains("the last tap is Pip's, armbar");
        assertThat(told(Bouts.parsed(covered + "result: B by points 2-0\n", moments), 90_000_000))
                .contains("the header says points, and the moments tell a tap");
        assertThat(told(Bouts.parsed(covered + "result: B by submission kimura\n", moments), 90_000_000))
                .contains("the header says kimura, and the tap is told as armbar");
        assertThat(told(Bouts.parsed(covered, moments), 90_000_000)).contains("The header tells no result");
    }

    @Test
    void oneWhoWasNeverUnderneathDoesNotSweep() {
        Bout fifty = Bouts.of("0:10 - reached; -> fifty-fifty", "0:30 A fifty-fifty sweep; held");
        assertThat(card(fifty).calls(Call.Verdict.BY_RULES))
                .extracting(Call::brief)
                .noneMatch(brief -> brief.contains("sweep"));
        Bout passerUp = Bouts.of("0:10 - reached; -> fifty-fifty; passing A", "0:30 A comes up; held");
        assertThat(card(passerUp).calls()).isEmpty();
        Bout otherUp = Bouts.of("0:10 - reached; -> fifty-fifty; passing A", "0:30 B comes up; held");
        assertThat(card(otherUp).calls(Call.Verdict.COULD))
                .extracting(Call::brief)
                .containsExactly("B sweep 2");
    }

    @Test
    void gripsOnTheGroundMakeNoPoints() {
        for (String grip : List.of("double underhooks", "body lock", "collar tie", "pulls the lapel out")) {
            Bout bout =
                    Bouts.of("0:10 - reached; -> headquarters, A on top", "0:20 A " + grip + "; held", "1:00 B frame");
            assertThat(card(bout).calls()).as(grip).noneMatch(call -> call.moments()
                    .contains("m2"));
        }
    }

    @Test
    void stallingIsSuggestedOnlyWhereTheStoryWasWatchedAndNeverOfOneHeldDown() {
        String[] still = {
            "0:10 A double leg; held; -> side-control, A on top",
            "0:30 A wait",
            "0:40 B wait",
            "4:00 A kimura",
            "4:01 B frame"
        };
        Bout watched = Bouts.parsed("covered: story 0:00 to 5:00\n", still);
        Bout unwatched = Bouts.parsed("covered: story 0:00 to 0:35\n", still);
        assertThat(card(watched).calls())
                .filteredOn(call -> call.reason() == Reason.STALLING)
                .isNotEmpty()
                .allMatch(call -> call.to() == Seat.A);
        assertThat(card(unwatched).calls()).noneMatch(call -> call.reason() == Reason.STALLING);
    }

    @Test
    void everyCallNamesItsMomentsAndNothingIsSaidTwice() {
        Bout bout = Bouts.parsed(
                "length: 10:00\ncovered: story 0:00 to 10:00\n",
                "1:00 A double leg; held; -> half-guard, A on top",
                "2:00 A knee cut; nearly",
                "6:00 A crossface pass; held; -> side-control, A on top");
        List<String> said =
                OtherRules.sentences(bout, card(bout, "delayed-points"), card(bout, "points-with-advantages"));
        assertThat(said).doesNotHaveDuplicates().anyMatch(sentence -> sentence.contains("nothing before 5:00"));
        assertThat(card(bout).calls())
                .allSatisfy(call -> assertThat(call.moments()).isNotEmpty());
    }

    @Test
    void aRoundWithBlowsTellsKindsLandedKnockDownsAndTimeOnTop() {
        Bout bout = Bouts.parsed(
                "ruleset: mixed-with-strikes\ncovered: story 0:00 to 6:00\n",
                "0:00 - begin round",
                "0:10 A jab; held",
                "0:12 A jab; failed",
                "0:13 A cross",
                "1:00 A double leg; held; -> side-control, A on top",
                "2:00 - end round");
        RoundSheet round = RoundSheet.of(bout, Timeline.of(bout, Bouts.LEXICON), Bouts.LEXICON)
                .get(0);
        assertThat(round.a().thrown()).isEqualTo(3);
        assertThat(round.a().landed()).isEqualTo(1);
        assertThat(round.a().topMicros()).isEqualTo(60_000_000);
        assertThat(round.b().thrown()).isZero();
    }
}
