package farglass.core.catalogue.attacked;

import farglass.core.catalogue.tally.Attacked;
import farglass.core.lexicon.Kind;
import farglass.core.question.Chapter;
import farglass.core.question.Question;
import java.util.List;

/** What does she do about sweeps, submissions and back takes, and how often does it stop them? */
public final class AnswersToAttacks {
    public static final Question QUESTION = new Question(
            "answers",
            Chapter.UNDER_ATTACK,
            "What do they do about each attack, and does it work?",
            "",
            "nobody has been seen attacking {name}",
            List.of(
                    new Attacked("a submission", Kind.SUBMISSION).answered(),
                    new Attacked("a sweep", Kind.SWEEP).answered(),
                    new Attacked("a back take", Kind.BACK_TAKE).answered()));

    private AnswersToAttacks() {}
}
