package farglass.library.contents;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import farglass.core.bout.Uniform;
import farglass.core.plan.Fallback;
import farglass.core.plan.GamePlan;
import farglass.core.plan.PlanStep;
import farglass.core.plan.StayOut;
import farglass.core.study.Camp;
import farglass.core.study.Study;
import farglass.library.store.Row;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Studies and plans as their rows, and back. */
public final class StudyRows {
    private StudyRows() {}

    public static List<Row> rows(Study study) {
        Map<String, Object> columns = new HashMap<>();
        columns.put("name", study.name());
        columns.put("ours", study.camp().map(Camp::ours).orElse(null));
        columns.put("event", study.camp().map(Camp::event).orElse(null));
        columns.put("held_on", study.camp().map(camp -> camp.date().toString()).orElse(null));
        columns.put("ruleset", study.camp().map(Camp::ruleset).orElse(null));
        columns.put("uniform", study.camp().map(camp -> camp.uniform().name()).orElse(null));
        List<Row> rows = new ArrayList<>();
        rows.add(new Row("study", study.id(), columns));
        for (int i = 0; i < study.subjects().size(); i++) {
            String athlete = study.subjects().get(i);
            rows.add(new Row(
                    "study_subject",
                    study.id() + "/" + athlete,
                    Map.of("study", study.id(), "athlete", athlete, "ord", i)));
        }
        return rows;
    }

    public static Study study(Row row, List<Row> subjects, Optional<String> focus) {
        Optional<Camp> camp = Optional.ofNullable(row.text("ours"))
                .map(ours -> new Camp(
                        ours,
                        row.text("event"),
                        LocalDate.parse(row.text("held_on")),
                        row.text("ruleset"),
                        Uniform.valueOf(row.text("uniform"))));
        return new Study(
                row.key(),
                row.text("name"),
                subjects.stream().map(subject -> subject.text("athlete")).toList(),
                focus,
                camp);
    }

    public static List<Row> rows(GamePlan plan) {
        List<Row> rows = new ArrayList<>();
        rows.add(new Row("plan", plan.id(), Map.of("study", plan.study(), "opponent", plan.opponent())));
        int ord = 0;
        for (PlanStep step : plan.steps()) {
            ObjectNode more = JsonNodeFactory.instance.objectNode();
            ArrayNode fallbacks = more.putArray("fallbacks");
            step.fallbacks().forEach(fallback -> fallbacks
                    .addObject()
                    .put("answer", fallback.answer())
                    .put("then", fallback.then()));
            rows.add(line(plan, step.id(), ord++, "step", step.situation(), step.choice(), more));
        }
        for (StayOut stayOut : plan.stayOuts()) {
            ObjectNode more = JsonNodeFactory.instance.objectNode();
            rows.add(line(plan, stayOut.id(), ord++, "stay-out", stayOut.where(), stayOut.why(), more));
        }
        return rows;
    }

    private static Row line(
            GamePlan plan, String id, int ord, String sort, String situation, String choice, ObjectNode more) {
        return new Row(
                "plan_line",
                id,
                Map.of(
                        "plan",
                        plan.id(),
                        "ord",
                        ord,
                        "sort",
                        sort,
                        "situation",
                        situation,
                        "choice",
                        choice,
                        "more",
                        more.toString()));
    }

    public static GamePlan plan(Row row, List<Row> lines) {
        List<PlanStep> steps = new ArrayList<>();
        List<StayOut> stayOuts = new ArrayList<>();
        for (Row line : lines) {
            if (line.text("sort").equals("stay-out")) {
                stayOuts.add(new StayOut(line.key(), line.text("situation"), line.text("choice")));
            } else {
                List<Fallback> fallbacks = new ArrayList<>();
                JsonNode more = Json.read(line.text("more"));
                more.path("fallbacks")
                        .forEach(node -> fallbacks.add(new Fallback(
                                node.path("answer").asText(), node.path("then").asText())));
                steps.add(new PlanStep(line.key(), line.text("situation"), line.text("choice"), fallbacks));
            }
        }
        return new GamePlan(row.key(), row.text("study"), row.text("opponent"), steps, stayOuts);
    }
}
