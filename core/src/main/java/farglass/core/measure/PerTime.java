package farglass.core.measure;

import farglass.core.corpus.Stretches;
import farglass.core.corpus.Tally;
import farglass.core.question.DraftFigure;
import farglass.core.question.Figure;
import farglass.core.question.Inquiry;
import farglass.core.question.Measure;
import farglass.core.question.Subject;
import java.util.List;
import java.util.Optional;

/**
 * How often each option came in the time that was watched.
 *
 * @param stretches the time of each option, where it is not all the time watched
 */
public record PerTime(Tally tally, Optional<Stretches> stretches) implements Measure {
    public PerTime(Tally tally) {
        this(tally, Optional.empty());
    }

    /** Its options are the stretches: how often anything came in each of them. */
    public PerTime(Tally tally, Stretches stretches) {
        this(tally, Optional.of(stretches));
    }

    @Override
    public List<DraftFigure> drafted(Subject subject, Inquiry inquiry) {
        return inquiry.perMinute(tally, stretches).entrySet().stream()
                .map(option -> DraftFigure.of(new Figure.Pace(
                        subject,
                        option.getKey(),
                        option.getValue().rate(),
                        option.getValue().evidence())))
                .toList();
    }

    @Override
    public List<String> tallies(String option) {
        return List.of(tally.id());
    }
}
