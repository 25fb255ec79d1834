package farglass.core.question;

import farglass.core.corpus.Tally;
import farglass.core.estimate.Difference;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * How many of the chances were successes.
 *
 * @param yes the option that counts as success
 */
public record YesNo(Tally tally, String yes) implements Measure {
    private static final String CHANGE = " over the years";

    @Override
    public List<Drafted> drafted(Ask ask, Inquiry inquiry) {
        Inquiry.Count count = inquiry.yesOrNo(tally, yes);
        return count.chances() == 0
                ? List.of()
                : List.of(new Drafted(
                        family(ask, count, yes),
                        claims -> new Figure.Proportion(
                                ask,
                                yes,
                                count.shares().get(yes),
                                claimed(ask, count, yes, claims),
                                count.evidence(yes))));
    }

    private static String id(Ask ask, String option) {
        return ask.id() + "/" + option;
    }

    /** {@return what could be claimed of an option of a count} */
    static Map<String, Difference> family(Ask ask, Inquiry.Count count, String option) {
        Map<String, Difference> family = new LinkedHashMap<>();
        Optional.ofNullable(count.compared().get(option))
                .ifPresent(compared -> family.put(id(ask, option), compared.comparison()));
        Optional.ofNullable(count.trends().get(option))
                .ifPresent(changed -> family.put(id(ask, option) + CHANGE, changed.trend()));
        return family;
    }

    /** {@return what is claimed of it} */
    static List<Claim> claimed(Ask ask, Inquiry.Count count, String option, Claims claims) {
        List<Claim> claimed = new ArrayList<>();
        claims.of(id(ask, option))
                .map(direction -> count.compared()
                        .get(option)
                        .claim(direction, count.shares().get(option)))
                .ifPresent(claimed::add);
        claims.of(id(ask, option) + CHANGE)
                .map(direction -> count.trends().get(option).claim(direction))
                .ifPresent(claimed::add);
        return claimed;
    }
}
