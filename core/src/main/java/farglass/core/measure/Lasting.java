package farglass.core.measure;

import farglass.core.corpus.Evidence;
import farglass.core.corpus.Stays;
import farglass.core.corpus.TimedStay;
import farglass.core.estimate.time.Durations;
import farglass.core.question.DraftFigure;
import farglass.core.question.Figure;
import farglass.core.question.Inquiry;
import farglass.core.question.Measure;
import farglass.core.question.Subject;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;

/** How long stays last, apart for each option. */
public record Lasting(Stays stays) implements Measure {
    @Override
    public List<DraftFigure> drafted(Subject subject, Inquiry inquiry) {
        Map<String, List<TimedStay>> byOption = inquiry.stays(stays).stream()
                .collect(Collectors.groupingBy(
                        timed -> timed.evidence().option(), LinkedHashMap::new, Collectors.toList()));
        return byOption.entrySet().stream()
                .map(option -> DraftFigure.of(new Figure.Length(
                        subject,
                        option.getKey(),
                        Durations.of(
                                option.getValue().stream().map(TimedStay::stay).toList()),
                        evidence(option.getValue()))))
                .toList();
    }

    private static List<Evidence> evidence(List<TimedStay> stays) {
        return stays.stream().map(TimedStay::evidence).toList();
    }

    @Override
    public List<String> tallies(String option) {
        return List.of(stays.id());
    }
}
