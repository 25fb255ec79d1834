package farglass.desktop.plan;

import farglass.core.plan.Fallback;
import farglass.core.plan.PlanStep;
import farglass.desktop.parts.Form;
import java.util.ArrayList;
import java.util.List;
import javafx.scene.control.TextField;
import javafx.scene.layout.VBox;

/** The fields of one step: where, what we do, and what we do when it is stopped in each way. */
final class StepForm extends VBox {
    /** So many are asked for; of a step that has more, all are shown. */
    static final int USUAL_FALLBACKS = 4;

    private final String id;
    private final TextField situation;
    private final TextField choice;
    private final List<TextField> answers = new ArrayList<>();
    private final List<TextField> thens = new ArrayList<>();

    StepForm(PlanStep step) {
        this.id = step.id();
        Form form = new Form();
        getChildren().add(form);
        situation = form.text("Where or when", step.situation(), "such as: standing, same stance");
        choice = form.text("We do", step.choice(), "such as: single leg");
        for (int i = 0; i < Math.max(USUAL_FALLBACKS, step.fallbacks().size()); i++) {
            boolean filled = i < step.fallbacks().size();
            answers.add(form.text(
                    "If the answer is", filled ? step.fallbacks().get(i).answer() : "", "such as: sprawl"));
            thens.add(form.text("then we", filled ? step.fallbacks().get(i).then() : "", "what we do next"));
        }
    }

    /**
     * {@return what the fields say}
     *
     * @throws IllegalArgumentException with a sentence if something needed is missing
     */
    PlanStep step() {
        if (choice.getText().isBlank()) {
            throw new IllegalArgumentException("Say what we do there.");
        }
        List<Fallback> fallbacks = new ArrayList<>();
        for (int i = 0; i < answers.size(); i++) {
            String answer = answers.get(i).getText().strip();
            String then = thens.get(i).getText().strip();
            if (answer.isEmpty() && !then.isEmpty()) {
                throw new IllegalArgumentException("Say which answer \"%s\" is against.".formatted(then));
            }
            if (!answer.isEmpty()) {
                fallbacks.add(new Fallback(answer, then));
            }
        }
        return new PlanStep(id, situation.getText().strip(), choice.getText().strip(), fallbacks);
    }
}
