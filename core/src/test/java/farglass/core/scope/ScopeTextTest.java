package farglass.core.scope;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import farglass.core.bout.BoutKind;
import farglass.core.bout.Uniform;
import farglass.core.corpus.PartOfBout;
import farglass.core.side.Level;
import farglass.core.side.Stance;
import farglass.core.state.ScoreLine;
import java.time.LocalDate;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** Filters kept as a line: what was kept is taken again as it was, and what is damaged is told apart. */
class ScopeTextTest {
    private final Random random = new Random(8);

    private <T> Optional<T> perhaps(T value) {
        return random.nextBoolean() ? Optional.of(value) : Optional.empty();
    }

    private <T> Optional<T> perhapsOf(T[] values) {
        return perhaps(values[random.nextInt(values.length)]);
    }

    private Scope any() {
        EnumSet<BoutKind> kinds = EnumSet.noneOf(BoutKind.class);
        for (BoutKind kind : BoutKind.values()) {
            perhaps(kind).ifPresent(kinds::add);
        }
        return Scope.ALL
                .in(new Period(
                        perhaps(LocalDate.of(2024, 1, 1 + random.nextInt(28))),
                        perhaps(LocalDate.of(2025, 1 + random.nextInt(12), 3))))
                .in(new Setting(
                        perhapsOf(Uniform.values()),
                        kinds,
                        perhaps("our own rules"),
                        perhaps("Imke of the  hall"),
                        perhaps("id-" + random.nextInt(9))))
                .against(new OpponentFilter(
                        perhapsOf(Stance.values()), perhapsOf(Level.values()), perhaps("Runa \"the\" Castellan")))
                .within(new PartOfBout(
                        perhaps(new PartOfBout.Minutes(random.nextBoolean(), 1 + random.nextInt(20))),
                        perhapsOf(ScoreLine.Lead.values())));
    }

    @Test
    void whatIsKeptIsTakenAgainAsItWas() {
        for (int round = 0; round < 500; round++) {
            Scope scope = any();
            String line = ScopeText.write(scope).orElseThrow();
            assertThat(ScopeText.read(line)).as(line).contains(scope);
        }
        assertThat(ScopeText.read(ScopeText.write(Scope.ALL).orElseThrow())).contains(Scope.ALL);
    }

    @Test
    void aNameThatWouldBreakTheLineIsNotKept() {
        for (String name : List.of("a; from 2020-01-01", "two\nlines", "two\rlines")) {
            assertThat(ScopeText.write(Scope.ALL.in(Setting.ANY.toldBy(Optional.of(name)))))
                    .as(name)
                    .isEmpty();
        }
    }

    @Test
    void whatIsDamagedIsNoScope() {
        for (String line : List.of(
                "from",
                "from yesterday",
                "from 2024-02-30",
                "from 2025-01-01; to 2024-01-01",
                "uniform cape",
                "kind of",
                "minutes last 0",
                "minutes middle 2",
                "score even",
                "weather fine",
                "stance southpaw;; level blue",
                ";")) {
            assertThat(ScopeText.read(line)).as(line).isEmpty();
        }
        assertThatThrownBy(() -> ScopeText.minutes("last 100")).hasMessageContaining("Write them as");
    }
}
