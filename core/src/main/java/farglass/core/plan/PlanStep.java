package farglass.core.plan;

import java.util.List;

/**
 * One line of the plan.
 *
 * @param situation where or when it holds, in the analyst's words or a position's key
 * @param choice what we do: a technique's key or plain words
 * @param fallbacks what we do against each answer, in the order they are to be tried
 */
public record PlanStep(String id, String situation, String choice, List<Fallback> fallbacks) {
    public PlanStep {
        fallbacks = List.copyOf(fallbacks);
    }

    public PlanStep with(Fallback fallback) {
        List<Fallback> all = new java.util.ArrayList<>(fallbacks);
        all.removeIf(old -> old.answer().equals(fallback.answer()));
        all.add(fallback);
        return new PlanStep(id, situation, choice, all);
    }

    public PlanStep without(Fallback fallback) {
        return new PlanStep(
                id,
                situation,
                choice,
                fallbacks.stream().filter(old -> !old.equals(fallback)).toList());
    }
}
