package farglass.core.plan;

import java.util.ArrayList;
import java.util.List;

/**
 * What our athlete means to do against one opponent. A value: every change makes a new one.
 *
 * @param study id of the camp it belongs to
 * @param opponent id of the athlete it is made for
 */
public record GamePlan(String id, String study, String opponent, List<PlanStep> steps, List<StayOut> stayOuts) {
    public GamePlan {
        steps = List.copyOf(steps);
        stayOuts = List.copyOf(stayOuts);
    }

    /** {@return the same plan under another id} */
    public GamePlan under(String newId) {
        return new GamePlan(newId, study, opponent, steps, stayOuts);
    }

    /** {@return whether nothing is planned yet} */
    public boolean isEmpty() {
        return steps.isEmpty() && stayOuts.isEmpty();
    }

    /** {@return the plan with this step, in the place of the one with the same id or at the end} */
    public GamePlan with(PlanStep step) {
        List<PlanStep> all = new ArrayList<>(steps);
        int at = all.stream().map(PlanStep::id).toList().indexOf(step.id());
        if (at < 0) {
            all.add(step);
        } else {
            all.set(at, step);
        }
        return new GamePlan(id, study, opponent, all, stayOuts);
    }

    /** {@return the plan with this place to stay out of, in the place of the one with the same id or at the end} */
    public GamePlan with(StayOut stayOut) {
        List<StayOut> all = new ArrayList<>(stayOuts);
        int at = all.stream().map(StayOut::id).toList().indexOf(stayOut.id());
        if (at < 0) {
            all.add(stayOut);
        } else {
            all.set(at, stayOut);
        }
        return new GamePlan(id, study, opponent, steps, all);
    }

    /** {@return the plan without the step or place of that id} */
    public GamePlan without(String lineId) {
        return new GamePlan(
                id,
                study,
                opponent,
                steps.stream().filter(step -> !step.id().equals(lineId)).toList(),
                stayOuts.stream().filter(line -> !line.id().equals(lineId)).toList());
    }

    /** {@return the plan with that step one place earlier; as it is if it is the first or not there} */
    public GamePlan earlier(String stepId) {
        int at = steps.stream().map(PlanStep::id).toList().indexOf(stepId);
        if (at <= 0) {
            return this;
        }
        List<PlanStep> all = new ArrayList<>(steps);
        all.add(at - 1, all.remove(at));
        return new GamePlan(id, study, opponent, all, stayOuts);
    }
}
