package farglass.core.question;

import farglass.core.corpus.Tally;
import java.util.List;

/** The moments of each option, listed and not estimated: where there is no telling of how many chances. */
public record Listed(Tally tally) implements Measure {
    @Override
    public List<Drafted> drafted(Ask ask, Inquiry inquiry) {
        return inquiry.listed(tally).entrySet().stream()
                .map(option -> Drafted.of(new Figure.Listing(ask, option.getKey(), option.getKey(), option.getValue())))
                .toList();
    }

    @Override
    public List<String> tallies(String option) {
        return List.of(tally.id());
    }
}
