package farglass.core.question;

import farglass.core.corpus.Evidence;
import farglass.core.corpus.Stretches;
import farglass.core.corpus.Tally;
import java.util.ArrayList;
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
    public List<Drafted> drafted(Ask ask, Inquiry inquiry) {
        List<Drafted> drafted = new ArrayList<>();
        inquiry.listed(tally).forEach((option, evidence) -> drafted(ask, inquiry, option, evidence)
                .ifPresent(drafted::add));
        return drafted;
    }

    private Optional<Drafted> drafted(Ask ask, Inquiry inquiry, String option, List<Evidence> evidence) {
        return inquiry.perMinute(tally, option, stretches)
                .map(rate -> Drafted.of(new Figure.Pace(ask, option, rate, evidence)));
    }

    @Override
    public List<String> tallies(String option) {
        return List.of(tally.id());
    }
}
