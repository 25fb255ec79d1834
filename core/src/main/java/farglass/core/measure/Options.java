package farglass.core.measure;

import farglass.core.corpus.Tally;
import farglass.core.question.Count;
import farglass.core.question.DraftFigure;
import farglass.core.question.Inquiry;
import farglass.core.question.Measure;
import farglass.core.question.Subject;
import java.util.List;
import java.util.OptionalDouble;

/**
 * Which of several options was taken, one at each chance; their shares add up to one.
 *
 * @param usual a share of the others' from which on an option is a figure also where the athlete never took it, in (0, 1); empty where only
 *     what was taken is
 */
public record Options(Tally tally, OptionalDouble usual) implements Measure {
    private static final double USUAL = 0.15;

    /** Only what was taken. */
    public Options(Tally tally) {
        this(tally, OptionalDouble.empty());
    }

    /** {@return a choice of few, of which also that is asked which the athlete leaves alone} */
    public static Options andLeftAlone(Tally tally) {
        return new Options(tally, OptionalDouble.of(USUAL));
    }

    @Override
    public List<DraftFigure> drafted(Subject subject, Inquiry inquiry) {
        Count count = inquiry.options(tally, usual);
        return count.shares().keySet().stream()
                .map(option -> count.drafted(subject, option))
                .toList();
    }

    @Override
    public List<String> tallies(String option) {
        return List.of(tally.id());
    }
}
