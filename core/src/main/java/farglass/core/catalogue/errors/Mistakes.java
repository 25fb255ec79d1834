package farglass.core.catalogue.errors;

import farglass.core.catalogue.tally.Sights;
import farglass.core.corpus.BoutSheet;
import farglass.core.corpus.EachTally;
import farglass.core.corpus.Evidence;
import farglass.core.corpus.Tally;
import farglass.core.fact.Layer;
import farglass.core.fact.Mistake;
import farglass.core.measure.Listed;
import farglass.core.measure.OfEach;
import farglass.core.measure.Options;
import farglass.core.measure.YesNo;
import farglass.core.question.Ask;
import farglass.core.question.Chapter;
import farglass.core.question.Question;
import farglass.core.question.Wording;
import farglass.core.side.Seat;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;

/** Which mistakes come again, are they punished, what would have been better, and do they come early or late? */
public final class Mistakes {
    private static final String PUNISHED = "punished";

    private static List<Evidence> mistakes(BoutSheet sheet, Seat seat, Function<Mistake, Optional<String>> option) {
        return sheet.telling(Mistake.class).stream()
                .filter(moment -> Sights.by(moment, seat))
                .flatMap(moment -> sheet.facts(moment, Mistake.class).flatMap(mistake -> option.apply(mistake).stream()
                        .map(taken -> Sights.at(sheet, moment, taken))))
                .toList();
    }

    private static Optional<String> punished(Mistake mistake) {
        return mistake.punished().map(punished -> switch (punished) {
            case NO, LUCKY -> "not punished";
            case PARTLY, FULLY -> PUNISHED;
        });
    }

    private static final Tally CODES =
            new Tally("mistake", (sheet, seat) -> mistakes(sheet, seat, mistake -> Optional.of(mistake.code())));

    private static final EachTally EACH =
            new EachTally("mistake punished each", (sheet, seat) -> sheet.telling(Mistake.class).stream()
                    .filter(moment -> Sights.by(moment, seat))
                    .flatMap(moment -> sheet.facts(moment, Mistake.class).flatMap(mistake -> punished(mistake).stream()
                            .map(end -> new EachTally.Chance(mistake.code(), Sights.at(sheet, moment, end)))))
                    .toList());

    private static final Tally EARLY = new Tally("mistake early", (sheet, seat) -> {
        long half = sheet.timeline().endMicros() / 2;
        return sheet.telling(Mistake.class).stream()
                .filter(moment -> Sights.by(moment, seat) && moment.atMicros().isPresent())
                .flatMap(moment -> sheet.facts(moment, Mistake.class)
                        .map(mistake ->
                                Sights.at(sheet, moment, moment.atMicros().getAsLong() < half ? "early" : "late")))
                .toList();
    });

    public static final Question QUESTION = new Question(
            "mistake",
            Chapter.ERRORS,
            "Which mistakes come again, and are they punished?",
            "",
            "no mistake of {name} is told",
            List.of(
                    new Ask(
                                    "mistake",
                                    new Options(CODES),
                                    Wording.plain(
                                                    "{option}",
                                                    "mistakes told",
                                                    "of {n} {mistake|mistakes} told, {raw} {is|are} {option}{claims}")
                                            .under("Which"))
                            .with(new Ask(
                                            "mistake punished each",
                                            new OfEach(EACH, PUNISHED),
                                            Wording.plain("punished in {brief}", "", ""))
                                    .needing(Layer.ERRORS))
                            .needing(Layer.ERRORS),
                    new Ask(
                                    "mistake punished",
                                    new YesNo(
                                            new Tally(
                                                    "mistake punished",
                                                    (sheet, seat) -> mistakes(sheet, seat, Mistakes::punished)),
                                            PUNISHED),
                                    Wording.plain(
                                            "Punished",
                                            "mistakes of which it was told",
                                            "they were punished in {count}"))
                            .needing(Layer.ERRORS),
                    new Ask(
                                    "mistake early",
                                    new YesNo(EARLY, "early"),
                                    Wording.plain("In the first half of the film", "mistakes told", ""))
                            .needing(Layer.ERRORS),
                    new Ask(
                                    "mistake better",
                                    new Listed(new Tally(
                                            "mistake better", (sheet, seat) -> mistakes(sheet, seat, Mistake::better))),
                                    Wording.plain("{option}", "", "").under("What would have been better"))
                            .needing(Layer.ERRORS)));

    private Mistakes() {}
}
