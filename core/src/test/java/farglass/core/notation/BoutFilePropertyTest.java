package farglass.core.notation;

import static org.assertj.core.api.Assertions.assertThat;

import farglass.core.Bouts;
import farglass.core.bout.Award;
import farglass.core.bout.Became;
import farglass.core.bout.Bout;
import farglass.core.bout.Certainty;
import farglass.core.bout.Contestant;
import farglass.core.bout.Deed;
import farglass.core.bout.Header;
import farglass.core.bout.Line;
import farglass.core.bout.Moment;
import farglass.core.bout.Motive;
import farglass.core.bout.OwnedSide;
import farglass.core.bout.Seat;
import farglass.core.bout.Settled;
import farglass.core.bout.Side;
import farglass.core.bout.Stage;
import farglass.core.bout.Telling;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.Random;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;

/** parse(print(b)) = b for any bout, whatever its notes and unnamed words hold. */
class BoutFilePropertyTest {
    private static final String[] WORDS = {
        "a",
        "\"",
        "\\",
        ";",
        "#",
        "->",
        "held",
        "0:10",
        "  two  ",
        "\u00e9\u4e2d",
        "m1",
        "\t",
        "\n",
        "side A left",
        "'",
        "=1+1"
    };

    @Property(tries = 400)
    void whatIsPrintedIsReadAsTheSame(@ForAll long seed) {
        Bout bout = bout(new Random(seed));
        String printed = BoutFile.print(bout);
        BoutFile.Reading reading = BoutFile.parse(printed, Bouts.LEXICON);
        assertThat(reading.diagnostics()).as(printed).isEmpty();
        assertThat(reading.bout()).contains(bout);
        assertThat(BoutFile.print(reading.bout().orElseThrow())).isEqualTo(printed);
    }

    @Property(tries = 300)
    void noTextWhateverMakesTheReaderFail(@ForAll String noise) {
        BoutFile.Reading reading = BoutFile.parse("far-glass bout 1\nA: x\nB: y\n" + noise, Bouts.LEXICON);
        assertThat(reading.bout().isPresent() || !reading.diagnostics().isEmpty())
                .isTrue();
    }

    private static Bout bout(Random random) {
        List<Moment> moments = new ArrayList<>();
        long at = 0;
        for (int i = 0; i < random.nextInt(8); i++) {
            at += random.nextInt(3) == 0 ? 0 : random.nextInt(90_000_000);
            moments.add(moment(random, at, moments));
        }
        Header header = Header.between(Contestant.named("Juno " + random.nextInt(9)), Contestant.named("Pip"));
        return new Bout("b" + random.nextInt(1000), header, moments, List.of());
    }

    private static Moment moment(Random random, long at, List<Moment> before) {
        Telling telling = new Telling(
                maybe(random, new OwnedSide(any(random, Seat.values()), any(random, Side.values()))),
                maybe(random, any(random, Became.values())),
                maybe(random, any(random, Line.values())),
                maybe(random, any(random, Stage.values())),
                maybe(random, any(random, Motive.values())),
                before.isEmpty()
                        ? Optional.empty()
                        : maybe(
                                random,
                                before.get(random.nextInt(before.size())).id()),
                any(random, Certainty.values()),
                random.nextBoolean(),
                maybe(random, words(random)));
        return new Moment(
                random.nextBoolean() ? "m" + (before.size() + 1) : "x" + before.size(),
                random.nextInt(5) == 0 ? OptionalLong.empty() : OptionalLong.of(at),
                maybe(random, any(random, Seat.values())),
                deed(random),
                maybe(random, new Settled("mount", maybe(random, Seat.A), random.nextBoolean())),
                telling);
    }

    private static Deed deed(Random random) {
        return switch (random.nextInt(6)) {
            case 0 -> new Deed.Unnamed("w" + words(random));
            case 1 -> new Deed.Awarded(Award.points(1 + random.nextInt(9)));
            case 2 -> new Deed.Awarded(random.nextBoolean() ? Award.advantage() : Award.penalty());
            case 3 -> new Deed.Stopped("edge " + random.nextInt(10));
            case 4 -> random.nextBoolean() ? new Deed.Mark() : new Deed.Restarted();
            default -> new Deed.Did("knee-cut");
        };
    }

    private static String words(Random random) {
        StringBuilder words = new StringBuilder();
        for (int i = 0; i <= random.nextInt(5); i++) {
            words.append(any(random, WORDS));
        }
        return words.toString();
    }

    private static <T> T any(Random random, T[] values) {
        return values[random.nextInt(values.length)];
    }

    private static <T> Optional<T> maybe(Random random, T value) {
        return random.nextBoolean() ? Optional.of(value) : Optional.empty();
    }
}
