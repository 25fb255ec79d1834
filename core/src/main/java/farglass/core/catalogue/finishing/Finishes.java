package farglass.core.catalogue.finishing;

import farglass.core.catalogue.tally.Tries;
import farglass.core.corpus.BoutSheet;
import farglass.core.corpus.CountedTry;
import farglass.core.corpus.Tally;
import farglass.core.entry.Kind;
import farglass.core.measure.OfEach;
import farglass.core.measure.Options;
import farglass.core.question.Ask;
import farglass.core.question.Chapter;
import farglass.core.question.Question;
import farglass.core.question.Wording;
import java.util.List;
import java.util.Optional;

/** What does she finish with? Tries at a submission, which they are, and how many of each end in a tap. */
public final class Finishes {
    private static final Tries TRIES = new Tries("finish", "tries at a submission", Kind.SUBMISSION);

    /** A technique and its variants are counted together; a submission without a method is one too. */
    private static Optional<String> which(BoutSheet sheet, CountedTry tried) {
        return Optional.of(sheet.lexicon().together(tried.technique().key()));
    }

    private static final Tally WHICH = TRIES.tally("which", Finishes::which);

    private static final Ask TAPS = new Ask(
            "finish ends",
            new OfEach(TRIES.each("ends", Finishes::which), Tries.WORKED),
            Wording.ofTerms("tap in {brief}", "tries at it", ""));

    private static final Ask BY_NAME = new Ask(
            "finish which",
            new Options(WHICH),
            Wording.ofTerms("{option}", "tries at a submission", "most often {option}, {count}{claims}"),
            List.of(TAPS, TRIES.variants()));

    public static final Question QUESTION = new Question(
            "finish",
            Chapter.FINISHING,
            "What do they finish with?",
            "",
            "{name} has not been seen trying a submission",
            List.of(
                    TRIES.done(
                            "Tries that end in a tap",
                            "{name} tried {n} {submission|submissions} and got the tap in {count}{claims}"),
                    BY_NAME));

    private Finishes() {}
}
