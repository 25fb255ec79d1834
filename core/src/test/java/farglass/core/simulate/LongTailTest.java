package farglass.core.simulate;

import static org.assertj.core.api.Assertions.assertThat;

import farglass.core.Demo;
import farglass.core.bout.Bout;
import farglass.core.bout.Moment;
import farglass.core.entry.Kind;
import farglass.core.lexicon.Lexicon;
import farglass.core.state.Timeline;
import java.util.List;
import java.util.Optional;
import org.assertj.core.data.Offset;
import org.junit.jupiter.api.Test;

class LongTailTest {
    private static final Lexicon LEXICON = Lexicon.shipped();

    private static Optional<Kind> kind(Moment moment) {
        return moment.technique().flatMap(LEXICON::technique).map(technique -> technique.kind());
    }

    @Test
    void aboutHalfIsSomethingElseOfItsKindAndEverybodyEndsWhereTheyDid() {
        List<Bout> bouts =
                Demo.SEASONS.bouts().stream().map(ActedBout::told).limit(20).toList();
        List<Bout> tail = LongTail.of(bouts, LEXICON, 3);
        int done = 0;
        int other = 0;
        for (int i = 0; i < bouts.size(); i++) {
            Bout before = bouts.get(i);
            Bout after = tail.get(i);
            assertThat(after.moments().stream().map(LongTailTest::kind).toList())
                    .isEqualTo(before.moments().stream().map(LongTailTest::kind).toList());
            assertThat(Timeline.of(after, LEXICON).visits())
                    .hasSameSizeAs(Timeline.of(before, LEXICON).visits());
            for (int k = 0; k < before.moments().size(); k++) {
                done += kind(before.moments().get(k)).isPresent() ? 1 : 0;
                other += before.moments()
                                .get(k)
                                .deed()
                                .equals(after.moments().get(k).deed())
                        ? 0
                        : 1;
            }
        }
        assertThat((double) other / done).isCloseTo(0.38, Offset.offset(0.07));
        assertThat(LongTail.of(bouts, LEXICON, 3)).isEqualTo(tail);
    }
}
