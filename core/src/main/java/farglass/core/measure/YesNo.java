package farglass.core.measure;

import farglass.core.corpus.Tally;
import farglass.core.question.Count;
import farglass.core.question.DraftFigure;
import farglass.core.question.Inquiry;
import farglass.core.question.Measure;
import farglass.core.question.Subject;
import java.util.List;

/**
 * How many of the chances were successes.
 *
 * @param yes the option that counts as success
 */
public record YesNo(Tally tally, String yes) implements Measure {
    @Override
    public List<DraftFigure> drafted(Subject subject, Inquiry inquiry) {
        Count count = inquiry.yesOrNo(tally, yes);
        return count.chances() == 0 ? List.of() : List.of(count.drafted(subject, yes));
    }

    @Override
    public List<String> tallies(String option) {
        return List.of(tally.id());
    }
}
