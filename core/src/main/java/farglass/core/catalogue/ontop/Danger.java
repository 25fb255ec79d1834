package farglass.core.catalogue.ontop;

import farglass.core.catalogue.tally.Attacks;
import farglass.core.catalogue.tally.Tries;
import farglass.core.measure.OfEach;
import farglass.core.question.Ask;
import farglass.core.question.Chapter;
import farglass.core.question.Question;
import farglass.core.question.Wording;
import java.util.List;

/** From which places does she get through? Of her tries from each place, how many worked: where most do, one stays out of. */
public final class Danger {
    public static final Question QUESTION = new Question(
            "danger",
            Chapter.ON_TOP_AND_BEHIND,
            "From which places do they get through?",
            "",
            "{name} has not been seen attacking from a place that was told",
            List.of(new Ask(
                    "danger",
                    new OfEach(Attacks.byPlace("danger", true), Tries.WORKED),
                    Wording.ofTerms(
                            "From {option}",
                            "attacks of theirs from there",
                            "most attacks of {name} come from {option}; they get through {often}, {raw}"))));

    private Danger() {}
}
