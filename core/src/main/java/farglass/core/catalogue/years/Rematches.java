package farglass.core.catalogue.years;

import farglass.core.bout.Uniform;
import farglass.core.catalogue.tally.Sights;
import farglass.core.corpus.BoutSheet;
import farglass.core.corpus.EachTally;
import farglass.core.corpus.Evidence;
import farglass.core.measure.Listed;
import farglass.core.measure.OfEach;
import farglass.core.question.Ask;
import farglass.core.question.Chapter;
import farglass.core.question.Question;
import farglass.core.question.Wording;
import farglass.core.side.Seat;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.BiFunction;

/** Against whom, how often; and how did it go by year, uniform and rules? What changed over the years stands beside each figure. */
public final class Rematches {
    private static final String WON = "won";

    private static Optional<String> won(BoutSheet sheet, Seat seat) {
        return sheet.bout()
                .header()
                .result()
                .flatMap(result -> result.winner())
                .map(winner -> winner == seat ? WON : "not won");
    }

    private static Optional<String> year(BoutSheet sheet, Seat seat) {
        return sheet.bout().header().date().map(date -> String.valueOf(date.getYear()));
    }

    private static Optional<String> uniform(BoutSheet sheet, Seat seat) {
        return Optional.of(sheet.bout().header().uniform() == Uniform.GI ? "in the gi" : "without the gi");
    }

    private static Optional<String> rules(BoutSheet sheet, Seat seat) {
        return Optional.of(
                sheet.bout().header().ruleset().toLowerCase(Locale.ROOT).replace('-', ' '));
    }

    private static Optional<String> opponent(BoutSheet sheet, Seat seat) {
        return Optional.of(sheet.bout().header().contestant(seat.other()).name());
    }

    private static Ask by(String id, String heading, BiFunction<BoutSheet, Seat, Optional<String>> of) {
        return new Ask(
                id,
                new OfEach(
                        new EachTally(id, (sheet, seat) -> of
                                .apply(sheet, seat)
                                .flatMap(sort -> won(sheet, seat)
                                        .map(end -> new EachTally.Chance(
                                                sort, new Evidence(sheet.bout().id(), Optional.empty(), end))))
                                .stream()
                                .toList()),
                        WON),
                Wording.plain("{option}", "watched bouts whose result is told", "")
                        .under(heading)
                        .inOrder());
    }

    public static final Question QUESTION = new Question(
            "years",
            Chapter.YEARS,
            "How did it go by year, uniform and rules, and against whom?",
            "",
            "no bout of {name} has been watched",
            List.of(
                    by("won by year", "Won, by year", Rematches::year),
                    by("won by uniform", "Won, by uniform", Rematches::uniform),
                    by("won by rules", "Won, by rules", Rematches::rules),
                    new Ask(
                            "met",
                            new Listed(Sights.ofBouts("met", Rematches::opponent)),
                            Wording.plain("{option}", "", "{name} met {option} {amount}")
                                    .under("Met"))));

    private Rematches() {}
}
