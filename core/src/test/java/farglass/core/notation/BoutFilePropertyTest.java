package farglass.core.notation;

import static org.assertj.core.api.Assertions.assertThat;

import farglass.core.AnyBout;
import farglass.core.Bouts;
import farglass.core.bout.Bout;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;

/** parse(print(b)) = b for any bout, whatever its fields, notes and unnamed words hold. */
class BoutFilePropertyTest {
    @Property(tries = 1000)
    void whatIsPrintedIsReadAsTheSame(@ForAll long seed) {
        Bout bout = AnyBout.of(seed);
        String printed = BoutFile.print(bout);
        BoutReading reading = BoutFile.parse(printed, Bouts.LEXICON);
        assertThat(reading.diagnostics()).as(printed).isEmpty();
        assertThat(reading.bout()).contains(bout);
        assertThat(BoutFile.print(reading.bout().orElseThrow())).isEqualTo(printed);
    }

    @Property(tries = 300)
    void aBoutMirroredTwiceIsItself(@ForAll long seed) {
        Bout bout = AnyBout.of(seed);
        assertThat(bout.mirrored().mirrored()).isEqualTo(bout);
    }

    @Property(tries = 300)
    void noTextWhateverMakesTheReaderFail(@ForAll String noise) {
        BoutReading reading = BoutFile.parse("far-glass bout 1\nA: x\nB: y\n" + noise, Bouts.LEXICON);
        assertThat(reading.bout().isPresent() || !reading.diagnostics().isEmpty())
                .isTrue();
    }

    /** Damage of one character in a good file: the nearest thing to a slip of the finger, and to a fuzzer. */
    @Property(tries = 1000)
    void noSlipMakesTheReaderFail(@ForAll long seed, @ForAll int place, @ForAll char slip) {
        StringBuilder text = new StringBuilder(BoutFile.print(AnyBout.of(seed)));
        text.setCharAt(Math.floorMod(place, text.length()), slip);
        BoutReading reading = BoutFile.parse(text, Bouts.LEXICON);
        reading.bout().ifPresent(bout -> assertThat(
                        BoutFile.parse(BoutFile.print(bout), Bouts.LEXICON).bout())
                .contains(bout));
        assertThat(reading.bout().isPresent() || !reading.diagnostics().isEmpty())
                .isTrue();
    }
}
