package farglass.core.measure;

import farglass.core.corpus.Tally;
import farglass.core.question.DraftFigure;
import farglass.core.question.Figure;
import farglass.core.question.Inquiry;
import farglass.core.question.Measure;
import farglass.core.question.Subject;
import java.util.List;

/**
 * How often each variant of what is counted together was met.
 *
 * @param tally its options are the keys of variants
 */
public record Variants(Tally tally) implements Measure {
    @Override
    public List<DraftFigure> drafted(Subject subject, Inquiry inquiry) {
        return inquiry.listed(tally).entrySet().stream()
                .map(variant -> DraftFigure.of(new Figure.Listing(
                        subject, variant.getKey(), inquiry.together(variant.getKey()), variant.getValue())))
                .toList();
    }

    @Override
    public List<String> tallies(String option) {
        return List.of(tally.id());
    }
}
