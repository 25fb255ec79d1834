package farglass.core.catalogue.underneath;

import farglass.core.catalogue.tally.Attacked;
import farglass.core.corpus.CountedTry;
import farglass.core.corpus.EachTally;
import farglass.core.entry.Kind;
import farglass.core.measure.OfEach;
import farglass.core.question.Ask;
import farglass.core.question.Chapter;
import farglass.core.question.Question;
import farglass.core.question.Wording;
import farglass.core.side.Line;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/** What does she do when a line is lost? Of the passes that got so far, how many were kept out; and with what. */
public final class LinesKept {
    private static final String KEPT = "kept out";
    private static final Attacked PASSED = new Attacked("a pass", Kind.PASS);

    private static Optional<Line> deepest(CountedTry tried) {
        return tried.worked() ? Optional.of(Line.PAST) : tried.attempt().deepest();
    }

    private static String beaten(Line line) {
        return "the %s line".formatted(line.label());
    }

    private static final EachTally REACHED =
            new EachTally("line kept", (sheet, seat) -> sheet.tried(seat.other(), Kind.PASS).stream()
                    .filter(tried -> !tried.cutOff())
                    .flatMap(tried -> deepest(tried).stream()
                            .flatMap(deepest -> Arrays.stream(Line.values())
                                    .filter(line -> line != Line.PAST && line.compareTo(deepest) <= 0))
                            .map(line -> new EachTally.Chance(
                                    beaten(line), tried.evidence(sheet.bout(), tried.worked() ? "passed" : KEPT))))
                    .toList());

    public static final Question QUESTION = new Question(
            "line kept",
            Chapter.UNDERNEATH,
            "What recovers when a line is lost?",
            "",
            "nobody has been seen trying to pass {name}",
            List.of(
                    new Ask(
                            "line kept",
                            new OfEach(REACHED, KEPT),
                            Wording.plain(
                                            "Kept out after {option} was beaten",
                                            "passes that got so far",
                                            "{name} kept the other out after {option} was beaten in {count}")
                                    .under("Lines")),
                    PASSED.answered(),
                    PASSED.linked()));

    private LinesKept() {}
}
