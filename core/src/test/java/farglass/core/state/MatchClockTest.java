package farglass.core.state;

import static org.assertj.core.api.Assertions.assertThat;

import farglass.core.Bouts;
import farglass.core.bout.Bout;
import org.junit.jupiter.api.Test;

class MatchClockTest {
    private static final long SECOND = 1_000_000;

    @Test
    void stoppagesAndCutInFootageDoNotRunIt() {
        Bout bout = Bouts.parsed(
                "length: 6:00\nsegment: talk 0:40 to 0:50\nsegment: replay 1:00 to 1:10 of 0:30\ncovered: story 0:00 to 6:00\n",
                "0:10 - stop edge",
                "0:20 - restart",
                "2:00 A mark");
        MatchClock clock = MatchClock.of(bout);
        assertThat(clock.playedMicros(15 * SECOND)).isEqualTo(10 * SECOND);
        assertThat(clock.runs(15 * SECOND)).isFalse();
        assertThat(clock.playedMicros(45 * SECOND)).isEqualTo(30 * SECOND);
        assertThat(clock.playedMicros(120 * SECOND)).isEqualTo(100 * SECOND);
        assertThat(clock.leftMicros(120 * SECOND)).hasValue(260 * SECOND);
    }

    @Test
    void aClockReadOffThePictureIsBelievedAndADoubtIsTold() {
        Bout bout = Bouts.parsed(
                "starts: 4:00 left, A 0 0 0\nlength: 6:00\ncovered: story 0:00 to 4:00\n",
                "0:30 - time-left 3:30",
                "1:00 - time-left 2:00");
        MatchClock clock = MatchClock.of(bout);
        assertThat(clock.leftMicros(60 * SECOND)).hasValue(120 * SECOND);
        assertThat(clock.leftMicros(70 * SECOND)).hasValue(110 * SECOND);
        assertThat(clock.findings()).singleElement().satisfies(finding -> assertThat(finding.sentence())
                .contains("2:00")
                .contains("3:00"));
    }

    @Test
    void everyReadingCountsFromWhereItWasTakenToTheNext() {
        MatchClock clock = MatchClock.of(Bouts.parsed(
                "length: 6:00\ncovered: story 0:00 to 6:00\n", "2:00 - time-left 3:30", "4:00 - time-left 1:20"));
        assertThat(clock.leftMicros(60 * SECOND)).hasValue(300 * SECOND);
        assertThat(clock.leftMicros(180 * SECOND)).as("from the first").hasValue(150 * SECOND);
        assertThat(clock.leftMicros(270 * SECOND)).as("from the second").hasValue(50 * SECOND);
        MatchClock unknown = MatchClock.of(
                Bouts.parsed("covered: story 0:00 to 6:00\n", "1:00 - time-left 4:00", "2:00 - time-left 3:00"));
        assertThat(unknown.leftMicros(30 * SECOND))
                .as("what is left before the first reading follows from it")
                .hasValue(270 * SECOND);
        assertThat(unknown.findings()).isEmpty();
    }

    @Test
    void withoutLengthOrClockTheTimeLeftIsUnknownAndOvertimeHasItsOwn() {
        assertThat(MatchClock.of(Bouts.of("0:10 A mark")).leftMicros(SECOND)).isEmpty();
        MatchClock clock = MatchClock.of(Bouts.parsed(
                "length: 1:00\ncovered: story 0:00 to 3:00\n",
                "1:00 - end round",
                "1:30 - begin overtime",
                "2:00 A mark"));
        assertThat(clock.leftMicros(70 * SECOND)).hasValue(0);
        assertThat(clock.inOvertime(100 * SECOND)).isTrue();
        assertThat(clock.leftMicros(100 * SECOND)).isEmpty();
        assertThat(clock.playedMicros(120 * SECOND)).isEqualTo(90 * SECOND);
    }
}
