package farglass.core.question;

import farglass.core.corpus.Tally;
import java.util.List;

/** Which of several options was taken, one at each chance; their shares add up to one. */
public record Options(Tally tally) implements Measure {
    @Override
    public List<Drafted> drafted(Ask ask, Inquiry inquiry) {
        Inquiry.Count count = inquiry.options(tally);
        return count.shares().entrySet().stream()
                .map(option -> new Drafted(
                        YesNo.family(ask, count, option.getKey()),
                        claims -> new Figure.Proportion(
                                ask,
                                option.getKey(),
                                option.getValue(),
                                YesNo.claimed(ask, count, option.getKey(), claims),
                                count.evidence(option.getKey()))))
                .toList();
    }
}
