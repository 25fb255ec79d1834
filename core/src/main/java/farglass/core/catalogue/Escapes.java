package farglass.core.catalogue;

import farglass.core.lexicon.Kind;
import farglass.core.question.Chapter;
import farglass.core.question.Question;
import java.util.List;

/** How does she escape, from which places, and what works? */
final class Escapes {
    private static final Tries TRIES = new Tries("escape", "escapes", Kind.ESCAPE);

    static final Question QUESTION = new Question(
            "escape",
            Chapter.UNDER_ATTACK,
            "How do they escape, and from where?",
            "",
            "{name} has not been seen trying to escape",
            List.of(
                    TRIES.done(
                            "Escapes tried and done",
                            "{name} tried {n} {escape|escapes} and {it|they} worked in {count}{claims}"),
                    TRIES.which(),
                    TRIES.side(),
                    TRIES.from()));

    private Escapes() {}
}
