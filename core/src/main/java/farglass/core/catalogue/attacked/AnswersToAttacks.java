package farglass.core.catalogue.attacked;

import farglass.core.bout.Moment;
import farglass.core.bout.Motive;
import farglass.core.catalogue.tally.Attacked;
import farglass.core.catalogue.tally.Sights;
import farglass.core.corpus.BoutSheet;
import farglass.core.entry.Kind;
import farglass.core.measure.Options;
import farglass.core.question.Ask;
import farglass.core.question.Chapter;
import farglass.core.question.Question;
import farglass.core.question.Wording;
import farglass.core.side.Seat;
import java.util.List;
import java.util.Optional;

/** What does she do about sweeps, submissions and back takes, and how often does it stop them? */
public final class AnswersToAttacks {
    private static final Attacked SUBMISSION = new Attacked("a submission", Kind.SUBMISSION);
    private static final Attacked SWEEP = new Attacked("a sweep", Kind.SWEEP);
    private static final Attacked BACK_TAKE = new Attacked("a back take", Kind.BACK_TAKE);
    /** Later than this it was not what the thing given up had opened. */
    private static final long OPENED_MICROS = 20_000_000;

    private static Optional<String> opened(BoutSheet sheet, Seat seat, Moment moment) {
        return Sights.by(moment, seat) && moment.telling().motive().equals(Optional.of(Motive.CONCEDED))
                ? sheet.nextOwn(moment, OPENED_MICROS).flatMap(sheet::name)
                : Optional.empty();
    }

    public static final Question QUESTION = new Question(
            "answers",
            Chapter.UNDER_ATTACK,
            "What do they do about each attack, and does it work?",
            "",
            "nobody has been seen attacking {name}",
            List.of(
                    SUBMISSION.answered(),
                    SUBMISSION.linked(),
                    SWEEP.answered(),
                    SWEEP.linked(),
                    BACK_TAKE.answered(),
                    BACK_TAKE.linked(),
                    new Ask(
                            "conceded then",
                            new Options(Sights.ofMoments("conceded then", AnswersToAttacks::opened)),
                            Wording.ofTerms("{option}", "things given up on purpose", "")
                                    .under("What they did after giving something up on purpose"))));

    private AnswersToAttacks() {}
}
