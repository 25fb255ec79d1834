package farglass.core.question;

import farglass.core.corpus.Tally;
import java.util.List;

/** Which of several options was taken, one at each chance; their shares add up to one. */
public record Options(Tally tally) implements Measure {
    @Override
    public List<Drafted> drafted(Ask ask, Inquiry inquiry) {
        Count count = inquiry.options(tally);
        return count.shares().keySet().stream()
                .map(option -> count.drafted(ask, option))
                .toList();
    }

    @Override
    public List<String> tallies(String option) {
        return List.of(tally.id());
    }
}
