package farglass.core.catalogue.beaten;

import farglass.core.bout.Moment;
import farglass.core.corpus.CountedTry;
import farglass.core.corpus.Evidence;
import farglass.core.corpus.Tally;
import farglass.core.entry.Kind;
import farglass.core.measure.Listed;
import farglass.core.measure.Options;
import farglass.core.question.Ask;
import farglass.core.question.Chapter;
import farglass.core.question.Question;
import farglass.core.question.Wording;
import farglass.core.side.Stage;
import java.util.List;
import java.util.Optional;

/** How far do submissions on her get? The deepest stage of each; what it was that got far. */
public final class Survived {
    /** {@return the deepest stage of a try at a submission, where one was told} */
    static Optional<Stage> deepest(CountedTry tried) {
        return tried.worked()
                ? Optional.of(Stage.TAP)
                : tried.attempt().steps().stream()
                        .map(Moment::telling)
                        .flatMap(told -> told.stage().stream())
                        .filter(stage -> stage.isOn(Stage.Ladder.SUBMISSION) && stage != Stage.ESCAPED)
                        .max(Stage::compareTo);
    }

    private static final Tally STAGES =
            new Tally("survived", (sheet, seat) -> sheet.tried(seat.other(), Kind.SUBMISSION).stream()
                    .flatMap(tried -> deepest(tried).stream().map(stage -> tried.evidence(sheet.bout(), stage.label())))
                    .toList());

    private static final Tally FAR =
            new Tally("survived far", (sheet, seat) -> sheet.tried(seat.other(), Kind.SUBMISSION).stream()
                    .filter(tried -> deepest(tried)
                            .filter(stage -> stage != Stage.THREAT)
                            .isPresent())
                    .map(tried -> new Evidence(
                            sheet.bout().id(),
                            Optional.of(tried.first().id()),
                            sheet.lexicon().together(tried.technique().key())))
                    .toList());

    public static final Question QUESTION = new Question(
            "survived",
            Chapter.BEATEN_OR_HELD,
            "Which submissions got far on them?",
            "",
            "nobody has been seen trying a submission on {name}, with its stage told",
            List.of(
                    new Ask(
                            "survived",
                            new Options(STAGES),
                            Wording.plain(
                                            "{option}",
                                            "submissions on them whose stage was told",
                                            "of {n} {submission|submissions} on {name} whose stage was told: {each}")
                                    .under("How far they got")
                                    .inOrder(List.of("threat", "locked", "deep", "tap"))),
                    new Ask(
                            "survived far",
                            new Listed(FAR),
                            Wording.ofTerms("{option}", "", "").under("Locked, deep or tapped"))));

    private Survived() {}
}
