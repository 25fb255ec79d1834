package farglass.core.state;

import static org.assertj.core.api.Assertions.assertThat;

import farglass.core.Bouts;
import farglass.core.bout.Bout;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
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

    /** Second by second: whether it was stopped last, and whether a picture is shown that is not the match. */
    private static long[] played(List<String> deeds, List<long[]> frozen) {
        long[] played = new long[END + 1];
        for (int second = 0; second < END; second++) {
            boolean stopped = false;
            for (int i = 0; i <= second && i < deeds.size(); i++) {
                stopped = deeds.get(i).startsWith("stop")
                        || stopped && !deeds.get(i).startsWith("restart");
            }
            int at = second;
            boolean shown = frozen.stream().noneMatch(stretch -> stretch[0] <= at && at < stretch[1]);
            played[second + 1] = played[second] + (!stopped && shown ? 1 : 0);
        }
        return played;
    }

    private static final int END = 120;

    @Test
    void itRunsAsOneWouldCountItSecondBySecond() {
        Random random = new Random(5);
        for (int round = 0; round < 200; round++) {
            List<String> deeds = new ArrayList<>();
            List<String> moments = new ArrayList<>();
            for (int second = 0; second < END; second++) {
                int dice = random.nextInt(12);
                deeds.add(dice == 0 ? "stop edge" : dice == 1 ? "restart same" : "mark");
                if (dice < 3) {
                    moments.add("%d:%02d - %s".formatted(second / 60, second % 60, deeds.get(second)));
                }
            }
            List<long[]> frozen = new ArrayList<>();
            StringBuilder header = new StringBuilder("length: 1:30\n");
            for (int each = random.nextInt(4); each > 0; each--) {
                long from = random.nextInt(END);
                long to = from + random.nextInt(20);
                String kind = List.of("talk", "reference", "replay", "stoppage").get(random.nextInt(4));
                header.append(
                        "segment: %s %d:%02d to %d:%02d\n".formatted(kind, from / 60, from % 60, to / 60, to % 60));
                if (!kind.equals("replay")) {
                    frozen.add(new long[] {from, to});
                }
            }
            MatchClock clock = MatchClock.of(Bouts.parsed(header.toString(), moments.toArray(String[]::new)));
            long[] played = played(deeds, frozen);
            for (int second = 0; second < END; second++) {
                assertThat(clock.playedMicros(second * SECOND))
                        .as("%s%s at %d", header, moments, second)
                        .isEqualTo(played[second] * SECOND);
                assertThat(clock.leftMicros(second * SECOND)).hasValue(Math.max(0, 90 - played[second]) * SECOND);
                assertThat(clock.runs(second * SECOND)).isEqualTo(played[second + 1] > played[second]);
            }
            for (int wanted = 1; wanted <= played[END]; wanted++) {
                int first = wanted;
                while (played[first] < wanted) {
                    first++;
                }
                assertThat(clock.whenPlayed(wanted * SECOND)).isEqualTo(first * SECOND);
            }
            lastMinute(clock, played);
        }
    }

    private static void lastMinute(MatchClock clock, long[] played) {
        Stretch last = clock.last(60 * SECOND, END * SECOND).orElseThrow();
        for (int second = 0; second <= END; second++) {
            assertThat(last.holds(second * SECOND)).as("at %d", second).isEqualTo(90 - played[second] <= 60);
        }
    }
}
