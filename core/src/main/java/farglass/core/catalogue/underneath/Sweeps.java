package farglass.core.catalogue.underneath;

import farglass.core.catalogue.tally.Conditions;
import farglass.core.catalogue.tally.SideThatWorks;
import farglass.core.catalogue.tally.Tries;
import farglass.core.entry.Kind;
import farglass.core.question.Chapter;
import farglass.core.question.Question;
import java.util.List;

/** Which sweeps does she try, what works, to which side and from where? */
public final class Sweeps {
    private static final Tries TRIES = new Tries("sweep", "sweeps", Kind.SWEEP);

    public static final Question QUESTION = new Question(
            "sweep",
            Chapter.UNDERNEATH,
            "Which sweeps do they try, and what works?",
            "",
            "{name} has not been seen trying a sweep",
            List.of(
                    TRIES.done(
                            "Sweeps tried and done",
                            "{name} tried {n} {sweep|sweeps} and {it|they} worked in {count}{claims}"),
                    TRIES.which(),
                    TRIES.side(),
                    TRIES.from(),
                    TRIES.stalled(),
                    TRIES.whenStopped(),
                    TRIES.thenOwn(),
                    SideThatWorks.of(TRIES),
                    new Conditions("sweep condition", Kind.SWEEP).met()));

    private Sweeps() {}
}
