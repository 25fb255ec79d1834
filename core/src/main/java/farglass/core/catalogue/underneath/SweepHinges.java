package farglass.core.catalogue.underneath;

import farglass.core.catalogue.tally.Hinges;
import farglass.core.entry.Kind;
import farglass.core.question.Chapter;
import farglass.core.question.Question;
import java.util.EnumSet;

/** What do their sweeps and back takes hang on? */
public final class SweepHinges {
    public static final Question QUESTION = new Question(
            "sweep hinge",
            Chapter.UNDERNEATH,
            "What do their sweeps and back takes hang on?",
            "",
            "nothing is told of what {name}\u2019s sweeps hang on",
            new Hinges("sweep", "sweeps and back takes", EnumSet.of(Kind.SWEEP, Kind.BACK_TAKE)).asks());

    private SweepHinges() {}
}
