package farglass.core.measure;

import farglass.core.corpus.Evidence;
import farglass.core.corpus.Stays;
import farglass.core.corpus.Timed;
import farglass.core.estimate.Durations;
import farglass.core.question.Ask;
import farglass.core.question.Drafted;
import farglass.core.question.Figure;
import farglass.core.question.Inquiry;
import farglass.core.question.Measure;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;

/** How long stays last, apart for each option. */
public record Lasting(Stays stays) implements Measure {
    @Override
    public List<Drafted> drafted(Ask ask, Inquiry inquiry) {
        Map<String, List<Timed>> byOption = inquiry.stays(stays).stream()
                .collect(Collectors.groupingBy(
                        timed -> timed.evidence().option(), LinkedHashMap::new, Collectors.toList()));
        return byOption.entrySet().stream()
                .map(option -> Drafted.of(new Figure.Length(
                        ask,
                        option.getKey(),
                        Durations.of(option.getValue().stream().map(Timed::stay).toList()),
                        evidence(option.getValue()))))
                .toList();
    }

    private static List<Evidence> evidence(List<Timed> stays) {
        return stays.stream().map(Timed::evidence).toList();
    }

    @Override
    public List<String> tallies(String option) {
        return List.of(stays.id());
    }
}
