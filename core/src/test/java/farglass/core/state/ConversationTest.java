package farglass.core.state;

import static org.assertj.core.api.Assertions.assertThat;

import farglass.core.Bouts;
import farglass.core.bout.Bout;
import farglass.core.bout.Moment;
import farglass.core.side.Seat;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** What responds to what, by hand and held against the rule as it is written. */
class ConversationTest {
    private static String after(Bout bout, String id) {
        return Conversation.of(bout)
                .after(bout.moment(id).orElseThrow())
                .map(reply -> reply.later().id() + (reply.confirmed() ? " linked" : ""))
                .orElse("nothing");
    }

    private static String before(Bout bout, String id) {
        return Conversation.of(bout)
                .before(bout.moment(id).orElseThrow())
                .map(turn -> turn.earlier().id() + (turn.confirmed() ? " linked" : ""))
                .orElse("nothing");
    }

    @Test
    void whatTheOtherDoesNextFollowsUnlessItComesTooLate() {
        Bout bout = Bouts.of("0:10 A knee-cut; failed", "0:14 B frame", "0:23 A toreando; failed");
        assertThat(after(bout, "m1")).isEqualTo("m2");
        assertThat(after(bout, "m2")).as("nine seconds are no reaction").isEqualTo("nothing");
        assertThat(before(bout, "m3")).as("but one may be asked about it").isEqualTo("m2");
        assertThat(before(bout, "m1")).isEqualTo("nothing");
    }

    @Test
    void whoActsTwiceIsAnsweredInTheSecond() {
        Bout bout = Bouts.of("0:10 A knee-cut; failed", "0:11 A toreando; failed", "0:12 B frame");
        assertThat(after(bout, "m1")).isEqualTo("nothing");
        assertThat(after(bout, "m2")).isEqualTo("m3");
    }

    @Test
    void aPlaceTakenIsAnAnswerThoughNothingIsSaidOfHow() {
        Bout bout = Bouts.of("0:10 A knee-cut; failed", "0:12 B reached; -> half-guard, A on top", "0:13 B frame");
        assertThat(after(bout, "m1")).isEqualTo("m2");
        assertThat(before(bout, "m2")).as("a place alone answers no deed").isEqualTo("nothing");
    }

    @Test
    void nothingAnswersAcrossAStop() {
        Bout bout = Bouts.of(
                "0:10 A knee-cut; failed",
                "0:11 - stop edge",
                "0:12 - restart same",
                "0:13 B frame",
                "0:14 A toreando");
        assertThat(after(bout, "m1")).isEqualTo("nothing");
        assertThat(before(bout, "m4")).isEqualTo("nothing");
        assertThat(before(bout, "m5")).isEqualTo("m4");
    }

    @Test
    void whatAPersonLinkedStandsBeforeWhatMerelyFollowed() {
        Bout bout = Bouts.of(
                "0:10 A knee-cut; failed",
                "0:12 B frame",
                "0:40 B hip-escape; failed; answers m1",
                "0:50 B bridge; failed; answers m1");
        assertThat(after(bout, "m1")).as("the first that was linked").isEqualTo("m3 linked");
        assertThat(before(bout, "m2")).isEqualTo("m1");
        assertThat(before(bout, "m4")).isEqualTo("m1 linked");
    }

    @Test
    void anAnswerToOneselfIsNoReplyOfTheOther() {
        Bout bout = Bouts.of("0:10 A knee-cut; failed", "0:12 A toreando; answers m1", "0:13 B frame");
        assertThat(after(bout, "m1")).isEqualTo("nothing");
        assertThat(before(bout, "m2")).isEqualTo("m1 linked");
    }

    @Test
    void whereNoTimeIsKnownTheOrderDecides() {
        Bout bout = Bouts.of("? A knee-cut; failed", "? B frame");
        assertThat(after(bout, "m1")).isEqualTo("m2");
    }

    private static boolean isDeedOf(Moment moment, Seat seat) {
        return moment.actor().equals(Optional.of(seat)) && moment.technique().isPresent();
    }

    private static boolean isBreak(Moment moment) {
        return moment.deed().stop().isPresent() || moment.deed().restart().isPresent();
    }

    /** The rule as it is written, looked up moment by moment. */
    private static Optional<String> follows(Bout bout, int at) {
        Moment done = bout.moments().get(at);
        if (done.actor().isEmpty() || done.technique().isEmpty()) {
            return Optional.empty();
        }
        Seat seat = done.actor().get();
        for (Moment later : bout.moments().subList(at + 1, bout.moments().size())) {
            boolean place = later.actor().equals(Optional.of(seat.other()))
                    && later.deed().onlyPlace();
            if (isBreak(later) || isDeedOf(later, seat)) {
                return Optional.empty();
            }
            if (place || isDeedOf(later, seat.other())) {
                return Optional.of(later)
                        .filter(next -> Conversation.isWithin(Conversation.WITHIN_MICROS, done, next))
                        .map(Moment::id);
            }
        }
        return Optional.empty();
    }

    @Test
    void whatFollowsIsFoundAsTheRuleSaysInAnyBout() {
        Random random = new Random(3);
        List<String> what =
                List.of("knee-cut; failed", "frame", "armlock", "reached; -> half-guard, A on top", "award 2 points");
        for (int round = 0; round < 300; round++) {
            List<String> lines = new ArrayList<>();
            int second = 0;
            for (int each = 0; each < 30; each++) {
                second += random.nextInt(6);
                String time = random.nextInt(8) == 0 ? "?" : "%d:%02d".formatted(second / 60, second % 60);
                int dice = random.nextInt(14);
                lines.add(time
                        + (dice == 0 ? " - stop edge" : dice == 1 ? " - restart same" : dice == 2 ? " - mark" : ""));
                if (dice > 2) {
                    lines.set(each, "%s %s %s".formatted(time, random.nextBoolean() ? "A" : "B", what.get(dice % 5)));
                }
            }
            Bout bout = Bouts.of(lines.toArray(String[]::new));
            Conversation conversation = Conversation.of(bout);
            for (int at = 0; at < bout.moments().size(); at++) {
                assertThat(conversation.after(bout.moments().get(at)).map(reply -> reply.later()
                                .id()))
                        .as("%s after %s", lines, bout.moments().get(at).id())
                        .isEqualTo(follows(bout, at));
            }
        }
    }
}
