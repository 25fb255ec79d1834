package farglass.core.measure;

import farglass.core.corpus.Tally;
import farglass.core.question.DraftFigure;
import farglass.core.question.Figure;
import farglass.core.question.Inquiry;
import farglass.core.question.Measure;
import farglass.core.question.Subject;
import java.util.List;

/** The moments of each option, listed and not estimated: where there is no telling of how many chances. */
public record Listed(Tally tally) implements Measure {
    @Override
    public List<DraftFigure> drafted(Subject subject, Inquiry inquiry) {
        return inquiry.listed(tally).entrySet().stream()
                .map(option -> DraftFigure.of(
                        new Figure.Listing(subject, option.getKey(), option.getKey(), option.getValue())))
                .toList();
    }

    @Override
    public List<String> tallies(String option) {
        return List.of(tally.id());
    }
}
