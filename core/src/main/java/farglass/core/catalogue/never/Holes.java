package farglass.core.catalogue.never;

import farglass.core.catalogue.tally.Attacks;
import farglass.core.catalogue.tally.Tries;
import farglass.core.measure.OfEach;
import farglass.core.question.Ask;
import farglass.core.question.Chapter;
import farglass.core.question.Question;
import farglass.core.question.Wording;
import java.util.List;

/** From which places do the others get through? Of their tries from each place, how many worked: where nothing stops them is a hole. */
public final class Holes {
    public static final Question QUESTION = new Question(
            "hole",
            Chapter.NEVER,
            "From which places do the others get through?",
            "",
            "nobody has been seen attacking {name} from a place that was told",
            List.of(new Ask(
                    "hole",
                    new OfEach(Attacks.byPlace("hole", false), Tries.WORKED),
                    Wording.ofTerms(
                            "From {option}",
                            "attacks of the other\u2019s from there",
                            "most attacks on {name} come from {option}; they get through {often}, {raw}"))));

    private Holes() {}
}
