package farglass.core.catalogue.tally;

import farglass.core.measure.OfEach;
import farglass.core.question.Ask;
import farglass.core.question.Wording;
import java.util.Optional;

/** To which of her own sides it works, apart for each: the side she likes need not be the side that works. */
public final class SideThatWorks {
    private SideThatWorks() {}

    private static Optional<String> side(farglass.core.corpus.CountedTry tried) {
        return Optional.of(tried.technique())
                .filter(technique -> technique.sideRule().isDirection())
                .flatMap(technique -> tried.attempt().side())
                .map(side -> side.side().label());
    }

    public static Ask of(Tries tries) {
        return new Ask(
                tries.id() + " side works",
                new OfEach(tries.each("side works", (sheet, tried) -> side(tried)), Tries.WORKED),
                Wording.plain("worked, going {option}", tries.many() + " to that side", "")
                        .under("Side"));
    }
}
