package farglass.core.catalogue.underneath;

import farglass.core.bout.Became;
import farglass.core.bout.Moment;
import farglass.core.catalogue.tally.Sights;
import farglass.core.catalogue.tally.Tries;
import farglass.core.corpus.BoutSheet;
import farglass.core.corpus.CountedTry;
import farglass.core.corpus.EachTally;
import farglass.core.corpus.Evidence;
import farglass.core.corpus.Tally;
import farglass.core.entry.Kind;
import farglass.core.fact.Body;
import farglass.core.fact.BodyFact;
import farglass.core.measure.OfEach;
import farglass.core.measure.YesNo;
import farglass.core.question.Ask;
import farglass.core.question.Chapter;
import farglass.core.question.Question;
import farglass.core.question.Wording;
import farglass.core.side.Seat;
import farglass.core.side.Stage;
import java.util.List;
import java.util.Optional;

/** Is the other off balance before the sweep, and is a sweep repeated until it works? */
public final class OffBalanced {
    private static final long BEFORE_MICROS = 20_000_000;
    private static final String OFF_BALANCED = "with the other off balance within twenty seconds before";
    private static final String NOT = "without";

    private static boolean isOffBalancing(Moment moment, Seat seat) {
        return Sights.by(moment, seat)
                && (moment.became(Became.OFF_BALANCED)
                        || moment.telling()
                                .stage()
                                .filter(stage -> stage == Stage.OFF_BALANCED)
                                .isPresent());
    }

    private static String before(BoutSheet sheet, Seat seat, CountedTry tried) {
        if (tried.first().atMicros().isEmpty()) {
            return NOT;
        }
        long at = tried.first().atMicros().getAsLong();
        return sheet.deeds().stream()
                        .filter(moment -> moment.atMicros().isPresent()
                                && moment.atMicros().getAsLong() < at
                                && at - moment.atMicros().getAsLong() <= BEFORE_MICROS)
                        .anyMatch(moment -> isOffBalancing(moment, seat))
                ? OFF_BALANCED
                : NOT;
    }

    private static final EachTally WHICH =
            new EachTally("off balanced", (sheet, seat) -> sheet.tried(seat, Kind.SWEEP).stream()
                    .flatMap(tried -> Tries.ended(sheet, tried, Optional.of(before(sheet, seat, tried))).stream())
                    .toList());

    /** A sweep that had failed before in the same bout, and is tried again. */
    private static List<Evidence> again(BoutSheet sheet, Seat seat) {
        List<CountedTry> sweeps = sheet.tried(seat, Kind.SWEEP);
        return sweeps.stream()
                .filter(tried -> sweeps.stream()
                        .anyMatch(earlier -> earlier.place() < tried.place()
                                && !earlier.worked()
                                && !earlier.technique().generic()
                                && earlier.technique()
                                        .key()
                                        .equals(tried.technique().key())))
                .flatMap(tried -> Tries.end(tried).stream().map(end -> tried.evidence(sheet.bout(), end)))
                .toList();
    }

    /** Where the other is tipped, told with any step of a sweep: in the other's own directions. */
    private static List<EachTally.Chance> tipped(BoutSheet sheet, Seat seat) {
        return sheet.tried(seat, Kind.SWEEP).stream()
                .flatMap(tried -> tried.attempt().steps().stream()
                        .flatMap(step -> sheet.facts(step, Body.class))
                        .filter(body ->
                                body.what() == BodyFact.TIPPED && body.of().equals(Optional.of(seat.other())))
                        .findFirst()
                        .flatMap(body -> Tries.ended(sheet, tried, Optional.of("to the other\u2019s " + body.value())))
                        .stream())
                .toList();
    }

    public static final Question QUESTION = new Question(
            "off balanced",
            Chapter.UNDERNEATH,
            "Is the other off balance first, and is a sweep repeated until it works?",
            "",
            "{name} has not been seen trying a sweep",
            List.of(
                    new Ask(
                            "off balanced",
                            new OfEach(WHICH, Tries.WORKED),
                            Wording.plain("Worked {option}", "sweeps so", "")),
                    new Ask(
                            "sweep tipped",
                            new OfEach(new EachTally("sweep tipped", OffBalanced::tipped), Tries.WORKED),
                            Wording.plain("Tipped {option}", "sweeps of which it was told", "")),
                    new Ask(
                            "sweep again",
                            new YesNo(new Tally("sweep again", OffBalanced::again), Tries.WORKED),
                            Wording.plain(
                                    "Worked when tried again in the same bout",
                                    "sweeps that had failed before in that bout",
                                    "tried again in the same bout, a sweep that had failed worked in {raw}"))));

    private OffBalanced() {}
}
