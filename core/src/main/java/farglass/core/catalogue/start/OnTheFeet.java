package farglass.core.catalogue.start;

import farglass.core.catalogue.tally.Attacked;
import farglass.core.entry.Family;
import farglass.core.entry.Kind;
import farglass.core.fact.Layer;
import farglass.core.question.Chapter;
import farglass.core.question.Question;
import java.util.List;

/** What does she do when she is shot on, snapped down or pulled in, gripped, or pulled on? */
public final class OnTheFeet {
    public static final Question QUESTION = new Question(
            "on the feet",
            Chapter.THE_START,
            "What do they do when shot on, snapped, gripped or pulled on?",
            "",
            "nobody has been seen going for {name} on the feet",
            List.of(
                    new Attacked("a takedown", Kind.TAKEDOWN).answered(),
                    new Attacked("an entry, a snap or a drag", Kind.ENTRY).answered(),
                    new Attacked(
                                    "attacked grip",
                                    "a grip on the feet",
                                    Kind.GRIP,
                                    (sheet, tried) -> sheet.timeline()
                                                    .before(tried.first())
                                                    .position()
                                                    .family()
                                            == Family.STANDING)
                            .answered()
                            .needing(Layer.STORY),
                    new Attacked("a guard pull", Kind.PULL).answered()));

    private OnTheFeet() {}
}
