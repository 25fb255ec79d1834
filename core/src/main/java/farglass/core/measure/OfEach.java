package farglass.core.measure;

import farglass.core.corpus.EachTally;
import farglass.core.question.DraftFigure;
import farglass.core.question.Figure;
import farglass.core.question.Inquiry;
import farglass.core.question.Measure;
import farglass.core.question.Subject;
import java.util.List;

/**
 * How many of the chances were successes, apart for each sort of them; the sort met most often first.
 *
 * @param yes the end that counts as success
 */
public record OfEach(EachTally tally, String yes) implements Measure {
    @Override
    public List<DraftFigure> drafted(Subject subject, Inquiry inquiry) {
        return inquiry.each(tally, yes).entrySet().stream()
                .map(sort -> DraftFigure.of(new Figure.Proportion(
                        subject,
                        sort.getKey(),
                        sort.getValue().shares().get(yes),
                        List.of(),
                        sort.getValue().counted().of(yes).evidence())))
                .toList();
    }

    @Override
    public List<String> tallies(String option) {
        return List.of(tally.id());
    }
}
