package farglass.core.catalogue.beaten;

import farglass.core.catalogue.tally.Tries;
import farglass.core.corpus.BoutSheet;
import farglass.core.corpus.CountedTry;
import farglass.core.corpus.Evidence;
import farglass.core.corpus.Tally;
import farglass.core.entry.Kind;
import farglass.core.measure.PerTime;
import farglass.core.measure.YesNo;
import farglass.core.question.Ask;
import farglass.core.question.Chapter;
import farglass.core.question.Question;
import farglass.core.question.Wording;
import farglass.core.side.Seat;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** What do the others get done? Their tries against her, by kind, how many of them worked, and how often that comes. */
public final class Conceded {
    private static final String CONCEDED = "conceded";
    private static final List<Kind> KINDS =
            List.of(Kind.TAKEDOWN, Kind.SWEEP, Kind.PASS, Kind.BACK_TAKE, Kind.SUBMISSION);

    private static Optional<Evidence> evidence(BoutSheet sheet, CountedTry tried) {
        return Tries.end(tried).map(end -> tried.evidence(sheet.bout(), end.equals(Tries.WORKED) ? CONCEDED : end));
    }

    private static Ask against(Kind kind) {
        return new Ask(
                "conceded " + kind.label(),
                new YesNo(
                        new Tally("conceded " + kind.label(), (sheet, seat) -> sheet.tried(seat.other(), kind).stream()
                                .flatMap(tried -> evidence(sheet, tried).stream())
                                .toList()),
                        CONCEDED),
                Wording.plain(
                        "Against a " + kind.label(),
                        "tries of a %s against them".formatted(kind.label()),
                        "{raw} by %s{claims}".formatted(kind.label())));
    }

    private static List<Evidence> everything(BoutSheet sheet, Seat seat) {
        return KINDS.stream()
                .flatMap(kind -> sheet.tried(seat.other(), kind).stream()
                        .filter(CountedTry::worked)
                        .map(tried -> tried.evidence(sheet.bout(), kind.label())))
                .toList();
    }

    private static final Ask PER_TIME = new Ask(
            "conceded per time",
            new PerTime(new Tally("conceded per time", Conceded::everything)),
            Wording.plain("By {option}, per ten minutes", "minutes watched", ""));

    public static final Question QUESTION = new Question(
            "conceded",
            Chapter.BEATEN_OR_HELD,
            "What do they concede?",
            "of what others tried, {name} conceded ",
            "nobody has been seen trying anything against {name}",
            Stream.concat(KINDS.stream().map(Conceded::against), Stream.of(PER_TIME))
                    .toList());

    private Conceded() {}
}
