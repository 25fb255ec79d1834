package farglass.core.plan;

import static farglass.core.Bouts.LEXICON;
import static org.assertj.core.api.Assertions.assertThat;

import farglass.core.Bouts;
import farglass.core.bout.Bout;
import farglass.core.corpus.Corpus;
import farglass.core.entry.Role;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class UsualAnswersTest {
    private static final Bout BOUT = Bouts.of(
            "0:10 A single-leg; nearly",
            "0:12 B sprawl; answers m1",
            "0:30 A single-leg; nearly",
            "0:33 B stand-off",
            "0:50 A single-leg; threatened",
            "1:30 B stand-off",
            "2:00 B single-leg; -> half-guard, B on top; held",
            "2:20 B knee-cut; held");

    @Test
    void linkedAnswersFollowersAndNothingAreToldApart() {
        List<UsualAnswers.Attacked> attacked = UsualAnswers.to("Pip", Corpus.of(List.of(BOUT), LEXICON));
        assertThat(attacked).hasSize(1);
        UsualAnswers.Attacked single = attacked.get(0);
        assertThat(single.attack()).isEqualTo("single-leg");
        assertThat(single.chances()).isEqualTo(3);
        assertThat(single.role()).isEqualTo(Role.NEUTRAL);
        assertThat(single.replies())
                .extracting(UsualAnswers.Reply::deed)
                .containsExactlyInAnyOrder(Optional.of("sprawl"), Optional.of("stand-off"), Optional.empty());
        assertThat(single.replies().stream()
                        .mapToInt(UsualAnswers.Reply::linked)
                        .sum())
                .isEqualTo(1);
    }

    @Test
    void whereTheOpponentGainsIsADanger() {
        List<UsualAnswers.Danger> dangers = UsualAnswers.dangers("Pip", Corpus.of(List.of(BOUT), LEXICON));
        assertThat(dangers).extracting(UsualAnswers.Danger::position).containsExactly("standing", "half-guard");
        assertThat(dangers.get(1).gains()).containsEntry("knee-cut", 1);
        assertThat(UsualAnswers.dangers("Nobody", Corpus.of(List.of(BOUT), LEXICON)))
                .isEmpty();
    }

    @Test
    void aPlanIsAValue() {
        PlanStep first = new PlanStep("1", "standing", "single leg", List.of());
        PlanStep second = new PlanStep("2", "guard", "kimura", List.of());
        GamePlan plan =
                new GamePlan("g", "s", "o", List.of(), List.of()).with(first).with(second);
        assertThat(plan.earlier("2").steps()).containsExactly(second, first);
        assertThat(plan.earlier("1")).isEqualTo(plan);
        PlanStep more = first.with(new Fallback("sprawl", "re-shoot")).with(new Fallback("sprawl", "stand up"));
        assertThat(more.fallbacks()).containsExactly(new Fallback("sprawl", "stand up"));
        assertThat(plan.with(more).steps()).containsExactly(more, second);
        assertThat(plan.with(more).without("1").without("2").steps()).isEmpty();
        assertThat(plan.with(new StayOut("x", "mount", "")).stayOuts()).hasSize(1);
    }
}
