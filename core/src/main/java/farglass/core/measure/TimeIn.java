package farglass.core.measure;

import farglass.core.corpus.BoutCounts;
import farglass.core.corpus.Evidence;
import farglass.core.corpus.Stays;
import farglass.core.corpus.TimedStay;
import farglass.core.estimate.time.TimeShare;
import farglass.core.question.DraftFigure;
import farglass.core.question.Figure;
import farglass.core.question.Inquiry;
import farglass.core.question.Measure;
import farglass.core.question.Subject;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * Which share of the time watched was spent in each option, the longest first.
 *
 * @param stays so many seconds of the time that was watched, whether their beginning was or not
 */
public record TimeIn(Stays stays) implements Measure {
    @Override
    public List<DraftFigure> drafted(Subject subject, Inquiry inquiry) {
        List<BoutCounts> sheets = inquiry.sheets();
        Map<String, double[]> seconds = new LinkedHashMap<>();
        Map<String, List<Evidence>> evidence = new LinkedHashMap<>();
        for (int i = 0; i < sheets.size(); i++) {
            for (TimedStay timed : inquiry.stays(stays, i)) {
                String option = timed.evidence().option();
                seconds.computeIfAbsent(option, any -> new double[sheets.size()])[i] +=
                        timed.stay().seconds();
                evidence.computeIfAbsent(option, any -> new ArrayList<>()).add(timed.evidence());
            }
        }
        return seconds.entrySet().stream()
                .map(option -> new Figure.Part(
                        subject,
                        option.getKey(),
                        TimeShare.of(inquiry.timeOf(option.getValue())),
                        evidence.get(option.getKey())))
                .sorted((one, other) ->
                        Double.compare(other.time().share(), one.time().share()))
                .map(DraftFigure::of)
                .toList();
    }

    @Override
    public List<String> tallies(String option) {
        return List.of(stays.id());
    }
}
