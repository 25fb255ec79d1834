package farglass.core.catalogue.finishing;

import farglass.core.catalogue.tally.Hinges;
import farglass.core.entry.Kind;
import farglass.core.question.Chapter;
import farglass.core.question.Question;
import java.util.EnumSet;

/** What do their submissions hang on? */
public final class FinishHinges {
    public static final Question QUESTION = new Question(
            "finish hinge",
            Chapter.FINISHING,
            "What do their submissions hang on?",
            "",
            "nothing is told of what {name}\u2019s submissions hang on",
            new Hinges("finish", "submissions", EnumSet.of(Kind.SUBMISSION)).asks());

    private FinishHinges() {}
}
