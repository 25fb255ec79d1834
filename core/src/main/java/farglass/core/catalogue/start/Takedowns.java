package farglass.core.catalogue.start;

import farglass.core.catalogue.tally.Conditions;
import farglass.core.catalogue.tally.Tries;
import farglass.core.entry.Kind;
import farglass.core.question.Chapter;
import farglass.core.question.Question;
import java.util.List;

/** Which takedowns does she try, what works, and what does the other do about it? */
public final class Takedowns {
    private static final Tries TRIES = new Tries("takedown", "takedowns", Kind.TAKEDOWN);

    public static final Question QUESTION = new Question(
            "takedown",
            Chapter.THE_START,
            "Which takedowns do they try, and what works?",
            "",
            "{name} has not been seen trying a takedown",
            List.of(
                    TRIES.done(
                            "Takedowns tried and done",
                            "{name} tried {n} {takedown|takedowns} and {it|they} worked in {count}{claims}"),
                    TRIES.which(),
                    TRIES.side(),
                    TRIES.whenStopped(),
                    TRIES.stalled(),
                    TRIES.thenOwn(),
                    new Conditions("takedown condition", Kind.TAKEDOWN).met()));

    private Takedowns() {}
}
