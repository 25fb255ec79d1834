package farglass.core.pass;

import static org.assertj.core.api.Assertions.assertThat;

import farglass.core.Bouts;
import farglass.core.bout.Bout;
import farglass.core.bout.Covered;
import farglass.core.fact.Layer;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;

class LookedThroughTest {
    private static final Bout BOUT = Bouts.of(
            "0:10 A guard-pull; held", "0:20 B knee-cut", "0:22 A frame", "0:30 B toreando", "0:33 A hip-escape");

    private static List<Covered> stretches(Set<String> replied, Set<String> open) {
        return LookedThrough.stretches(BOUT, Layer.ANSWERS, replied, open);
    }

    private static Covered from(long from, long to) {
        return new Covered(Layer.ANSWERS, from, to, true);
    }

    @Test
    void whatHasNoOpenQuestionInItIsLookedThrough() {
        assertThat(stretches(Set.of("m2", "m3"), Set.of("m4", "m5"))).containsExactly(from(0, 22_000_001));
        assertThat(stretches(Set.of("m2", "m5"), Set.of("m3", "m4")))
                .containsExactly(from(0, 20_000_001), from(30_000_001, 33_000_001));
        assertThat(stretches(Set.of("m4"), Set.of("m2")))
                .as("between the two nothing is asked")
                .containsExactly(from(20_000_001, 30_000_001));
        assertThat(stretches(Set.of(), Set.of("m2"))).isEmpty();
        assertThat(stretches(Set.of(), Set.of())).isEmpty();
    }

    @Test
    void anOpenQuestionAtTheSameInstantIsNotCovered() {
        Bout same = Bouts.of("0:10 A guard-pull; held", "0:20 B knee-cut", "0:20 A frame");
        assertThat(LookedThrough.stretches(same, Layer.GRIPS, Set.of("m3"), Set.of("m2")))
                .isEmpty();
        assertThat(LookedThrough.stretches(same, Layer.GRIPS, Set.of("m1", "m2"), Set.of("m3")))
                .containsExactly(new Covered(Layer.GRIPS, 0, 20_000_000, true));
    }
}
