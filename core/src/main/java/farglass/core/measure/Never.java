package farglass.core.measure;

import farglass.core.corpus.Tally;
import farglass.core.question.DraftFigure;
import farglass.core.question.Figure;
import farglass.core.question.Inquiry;
import farglass.core.question.Measure;
import farglass.core.question.Subject;
import java.util.List;

/**
 * What others usually take at such chances, and this athlete was never seen to. Of too few chances nothing is said: never seen in three is
 * no habit.
 */
public record Never(Tally tally) implements Measure {
    /** A share of the others' from which on something is usual. */
    private static final double USUAL = 0.05;

    private static final int MOST = 6;

    @Override
    public List<DraftFigure> drafted(Subject subject, Inquiry inquiry) {
        return inquiry.never(tally, USUAL).entrySet().stream()
                .filter(never -> never.getValue().chances() >= Inquiry.FEWEST_CHANCES_OF_NEVER
                        && !never.getValue().isTooLittle())
                .limit(MOST)
                .map(never -> DraftFigure.of(
                        new Figure.Proportion(subject, never.getKey(), never.getValue(), List.of(), List.of())))
                .toList();
    }

    @Override
    public List<String> tallies(String option) {
        return List.of(tally.id());
    }
}
