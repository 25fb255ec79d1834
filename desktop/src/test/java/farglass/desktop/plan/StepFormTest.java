package farglass.desktop.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import farglass.core.plan.Fallback;
import farglass.core.plan.PlanStep;
import farglass.desktop.Fields;
import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxToolkit;

/** The form of a step: opened and saved it is the same step, however many answers it has. */
class StepFormTest {
    @BeforeEach
    void toolkit() throws Exception {
        FxToolkit.registerPrimaryStage();
    }

    private static PlanStep step(int fallbacks) {
        return new PlanStep(
                "s",
                "standing",
                "single leg",
                IntStream.range(0, fallbacks)
                        .mapToObj(each -> new Fallback("answer " + each, each % 2 == 0 ? "then " + each : ""))
                        .toList());
    }

    @Test
    void whoeverOpensItAndSavesItHasChangedNothing() {
        // Two windows may each have written answers of their own to one step.
        for (int fallbacks = 0; fallbacks < 8; fallbacks++) {
            assertThat(new StepForm(step(fallbacks)).step()).isEqualTo(step(fallbacks));
        }
    }

    @Test
    void whatIsTypedIsKeptAndWhatIsHalfIsRefused() {
        StepForm form = new StepForm(new PlanStep("s", "", "", List.of()));
        assertThatThrownBy(form::step).hasMessageContaining("Say what we do there");
        Fields.type(form, "we-do", " collar drag ");
        assertThat(form.step()).isEqualTo(new PlanStep("s", "", "collar drag", List.of()));
        Fields.type(form, "then-we", "snap down");
        assertThatThrownBy(form::step).hasMessageContaining("Say which answer \"snap down\" is against");
        Fields.type(form, "if-the-answer-is", "sprawl");
        assertThat(form.step().fallbacks()).containsExactly(new Fallback("sprawl", "snap down"));
    }
}
