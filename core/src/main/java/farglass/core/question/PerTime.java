package farglass.core.question;

import farglass.core.corpus.Tally;
import java.util.ArrayList;
import java.util.List;

/** How often each option came in the time that was watched. */
public record PerTime(Tally tally) implements Measure {
    @Override
    public List<Drafted> drafted(Ask ask, Inquiry inquiry) {
        List<Drafted> drafted = new ArrayList<>();
        inquiry.listed(tally).forEach((option, evidence) -> inquiry.perMinute(tally, option)
                .map(rate -> Drafted.of(new Figure.Pace(ask, option, rate, evidence)))
                .ifPresent(drafted::add));
        return drafted;
    }
}
