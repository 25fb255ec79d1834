package farglass.core.catalogue.start;

import farglass.core.catalogue.tally.Hinges;
import farglass.core.entry.Kind;
import farglass.core.question.Chapter;
import farglass.core.question.Question;
import java.util.EnumSet;

/** What do their takedowns hang on? */
public final class TakedownHinges {
    public static final Question QUESTION = new Question(
            "takedown hinge",
            Chapter.THE_START,
            "What do their takedowns hang on?",
            "",
            "nothing is told of what {name}\u2019s takedowns hang on",
            new Hinges("takedown", "takedowns", EnumSet.of(Kind.TAKEDOWN)).asks());

    private TakedownHinges() {}
}
