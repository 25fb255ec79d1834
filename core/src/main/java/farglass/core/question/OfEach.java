package farglass.core.question;

import farglass.core.corpus.Tally;
import java.util.List;
import java.util.function.Function;
import java.util.stream.Stream;

/**
 * How many of the chances were successes, apart for each option that was met.
 *
 * @param which tells the options
 * @param of the chances of one option
 * @param yes what counts as success
 */
public record OfEach(Tally which, Function<String, Tally> of, String yes) implements Measure {
    @Override
    public List<Drafted> drafted(Ask ask, Inquiry inquiry) {
        return inquiry.listed(which).keySet().stream()
                .flatMap(option -> {
                    Count count = inquiry.count(of.apply(option), yes);
                    return count.chances() == 0
                            ? Stream.<Drafted>empty()
                            : Stream.of(Drafted.of(new Figure.Proportion(
                                    ask, option, count.shares().get(yes), List.of(), count.evidence(yes))));
                })
                .toList();
    }

    @Override
    public List<String> tallies(String option) {
        return List.of(which.id(), of.apply(option).id());
    }
}
