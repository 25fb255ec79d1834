package farglass.core.catalogue.passing;

import farglass.core.catalogue.tally.SideThatWorks;
import farglass.core.catalogue.tally.Tries;
import farglass.core.corpus.CountedTry;
import farglass.core.entry.Kind;
import farglass.core.measure.Options;
import farglass.core.question.Ask;
import farglass.core.question.Chapter;
import farglass.core.question.Question;
import farglass.core.question.Wording;
import farglass.core.side.Line;
import java.util.List;
import java.util.Optional;

/** With what, where and to which side does she pass, and how deep? Tries, lines and successes are three different numbers. */
public final class Passes {
    private static final Tries TRIES = new Tries("pass", "tries to pass", Kind.PASS);

    /** A pass told line by line is one try: its deepest line counts. */
    private static Optional<Line> line(CountedTry tried) {
        return tried.worked() ? Optional.of(Line.PAST) : tried.attempt().deepest();
    }

    private static final Ask DEPTH = new Ask(
            "pass depth",
            new Options(TRIES.tally("depth", (sheet, tried) -> line(tried).map(Line::label))),
            Wording.plain("{option}", "tries to pass whose deepest line was told", "")
                    .under("Deepest line")
                    .inOrder(List.of("foot", "knee", "hip", "past")));

    private static final Ask STOPPED_AT = new Ask(
            "pass stopped at",
            new Options(TRIES.tally("stopped at", (sheet, tried) -> Tries.end(tried)
                    .filter(end -> !end.equals(Tries.WORKED))
                    .flatMap(end -> tried.attempt().deepest())
                    .map(Line::label))),
            Wording.plain(
                    "",
                    "tries to pass that were stopped and whose deepest line was told",
                    "when stopped, most often after beating the {option} line, {count}"));

    public static final Question QUESTION = new Question(
            "pass",
            Chapter.PASSING,
            "Where and to which side do they pass, and how deep?",
            "",
            "{name} has not been seen trying to pass",
            List.of(
                    TRIES.done("Passes", "{name} tried to pass {times} and passed in {count}{claims}"),
                    TRIES.which(),
                    TRIES.side(),
                    TRIES.from(),
                    DEPTH,
                    STOPPED_AT,
                    TRIES.whenStopped(),
                    TRIES.thenOwn(),
                    SideThatWorks.of(TRIES)));

    private Passes() {}
}
