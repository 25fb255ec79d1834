package farglass.core.state;

import static farglass.core.Bouts.LEXICON;
import static org.assertj.core.api.Assertions.assertThat;

import farglass.core.Bouts;
import farglass.core.bout.Bout;
import farglass.core.bout.Moment;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

/** What lies between one settled place and the next. */
class ExchangeTest {
    private static String told(Bout bout) {
        return Timeline.of(bout, LEXICON).exchanges().stream()
                .map(exchange -> exchange.from().position().key() + " "
                        + exchange.moments().stream().map(Moment::id).collect(Collectors.joining(" ")) + " "
                        + exchange.to().position().key())
                .collect(Collectors.joining(" | "));
    }

    @Test
    void anExchangeEndsWhereAnotherPlaceIsReached() {
        assertThat(told(Bouts.of(
                        "0:10 A single-leg; nearly",
                        "0:20 B guard-pull; held",
                        "0:30 A knee-cut; failed",
                        "0:40 A knee-cut; held",
                        "0:50 B hip-escape; failed")))
                .isEqualTo("standing m1 m2 open-guard | open-guard m3 m4 side-control | side-control m5 side-control");
    }

    @Test
    void aScrambleIsNoPlaceAndBelongsToTheExchangeItBegan() {
        assertThat(told(Bouts.of(
                        "0:10 B guard-pull; held",
                        "0:20 - reached; -> scramble",
                        "0:25 A come-up; failed",
                        "0:30 A reached; -> half-guard, A on top")))
                .isEqualTo("standing m1 open-guard | open-guard m2 m3 m4 half-guard");
    }

    @Test
    void whoIsOnTopMakesAnotherPlaceOfIt() {
        assertThat(told(Bouts.of(
                        "0:10 B reached; -> closed-guard, A on top",
                        "0:20 B scissor-sweep; held; -> closed-guard, B on top")))
                .isEqualTo("standing m1 closed-guard | closed-guard m2 closed-guard");
    }

    @Test
    void everyMomentLiesInOneExchangeAndEachBeginsWhereTheLastOneEnded() {
        Random random = new Random(21);
        List<String> what = List.of(
                "guard-pull; held",
                "knee-cut; held",
                "knee-cut; failed",
                "hip-escape; worked",
                "scissor-sweep; held",
                "reached; -> mount, A on top",
                "reached; -> turtle, B on top",
                "single-leg; nearly");
        for (int round = 0; round < 200; round++) {
            List<String> lines = new ArrayList<>();
            for (int each = 0; each < 25; each++) {
                String line = "%d:%02d ".formatted(each / 6, each % 6 * 10);
                int dice = random.nextInt(10);
                lines.add(line
                        + (dice == 8
                                ? "- reached; -> scramble"
                                : dice == 9 ? "- mark" : (random.nextBoolean() ? "A " : "B ") + what.get(dice)));
            }
            Bout bout = Bouts.of(lines.toArray(String[]::new));
            List<Exchange> exchanges = Timeline.of(bout, LEXICON).exchanges();
            assertThat(exchanges.stream().flatMap(exchange -> exchange.moments().stream()))
                    .as("%s", lines)
                    .containsExactlyElementsOf(bout.moments());
            for (int each = 0; each < exchanges.size(); each++) {
                Exchange exchange = exchanges.get(each);
                assertThat(exchange.moments()).isNotEmpty();
                if (each > 0) {
                    assertThat(exchange.from())
                            .isEqualTo(exchanges.get(each - 1).to());
                }
                if (each + 1 < exchanges.size()) {
                    assertThat(exchange.to()).isNotEqualTo(exchange.from());
                    assertThat(exchange.to().position().isSettled()).isTrue();
                }
            }
        }
    }
}
