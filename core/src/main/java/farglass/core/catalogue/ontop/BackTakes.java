package farglass.core.catalogue.ontop;

import farglass.core.catalogue.tally.Tries;
import farglass.core.entry.Kind;
import farglass.core.question.Chapter;
import farglass.core.question.Question;
import java.util.List;

/** How does she get to the back: with what, from where, to which side? */
public final class BackTakes {
    private static final Tries TRIES = new Tries("back take", "back takes", Kind.BACK_TAKE);

    public static final Question QUESTION = new Question(
            "back take",
            Chapter.ON_TOP_AND_BEHIND,
            "How do they get to the back?",
            "",
            "{name} has not been seen trying to take the back",
            List.of(
                    TRIES.done(
                            "Back takes tried and done",
                            "{name} tried {n} {back take|back takes} and {it|they} worked in {count}{claims}"),
                    TRIES.which(),
                    TRIES.side(),
                    TRIES.from(),
                    TRIES.stalled()));

    private BackTakes() {}
}
