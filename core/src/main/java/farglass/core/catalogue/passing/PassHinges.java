package farglass.core.catalogue.passing;

import farglass.core.catalogue.tally.Hinges;
import farglass.core.entry.Kind;
import farglass.core.question.Chapter;
import farglass.core.question.Question;
import java.util.EnumSet;

/** What do their passes hang on? */
public final class PassHinges {
    public static final Question QUESTION = new Question(
            "pass hinge",
            Chapter.PASSING,
            "What do their passes hang on?",
            "",
            "nothing is told of what {name}\u2019s passes hang on",
            new Hinges("pass", "passes", EnumSet.of(Kind.PASS)).asks());

    private PassHinges() {}
}
