package farglass.core.profile;

import farglass.core.estimate.Comparison;
import farglass.core.question.Claims;
import java.util.Map;
import java.util.function.Function;

/**
 * A question counted, and not yet put into words: what may be claimed depends on all the questions of the page.
 *
 * @param family what could be claimed, by id
 * @param answer words it
 */
record Draft(Map<String, Comparison> family, Function<Claims, Answer> answer) {
    Draft {
        family = Map.copyOf(family);
    }

    /** {@return an answer that claims nothing} */
    static Draft of(Answer answer) {
        return new Draft(Map.of(), claims -> answer);
    }
}
