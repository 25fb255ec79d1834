package farglass.core.catalogue.beaten;

import farglass.core.bout.Method;
import farglass.core.bout.Result;
import farglass.core.catalogue.tally.Sights;
import farglass.core.corpus.BoutSheet;
import farglass.core.measure.Listed;
import farglass.core.measure.Options;
import farglass.core.measure.YesNo;
import farglass.core.question.Ask;
import farglass.core.question.Chapter;
import farglass.core.question.Question;
import farglass.core.question.Wording;
import farglass.core.side.Seat;
import java.util.List;
import java.util.Optional;

/** How do her matches end: won and lost, how, by how little, against whom? A bout whose result is not told says nothing. */
public final class Results {
    private static final String WON = "won";
    private static final String LOST = "lost";
    private static final String CLOSE = "close";
    /** So many points apart are one sweep. */
    private static final int FEW_POINTS = 2;

    static Optional<String> result(BoutSheet sheet, Seat seat) {
        return sheet.bout()
                .header()
                .result()
                .filter(result -> result.method() != Method.NO_CONTEST)
                .flatMap(result -> result.winner()
                        .map(winner -> winner == seat ? WON : LOST)
                        .or(() -> Optional.of("drawn").filter(drawn -> result.method() == Method.DRAW)));
    }

    static boolean lost(BoutSheet sheet, Seat seat) {
        return result(sheet, seat).filter(LOST::equals).isPresent();
    }

    private static Optional<String> how(BoutSheet sheet, Seat seat, String which) {
        return result(sheet, seat)
                .filter(which::equals)
                .flatMap(any -> sheet.bout().header().result())
                .map(Result::method)
                .filter(method -> method != Method.UNKNOWN)
                .map(method -> "by " + method.label().replace('-', ' '));
    }

    private static Optional<String> close(BoutSheet sheet, Seat seat) {
        return sheet.bout()
                .header()
                .result()
                .filter(result -> result(sheet, seat).isPresent())
                .flatMap(result -> switch (result.method()) {
                    case ADVANTAGES, PENALTIES, DECISION, DRAW, ESCAPE_TIME -> Optional.of(CLOSE);
                    case POINTS ->
                        result.score().map(score -> Math.abs(score.a() - score.b()) <= FEW_POINTS ? CLOSE : "clear");
                    case UNKNOWN, NO_CONTEST -> Optional.empty();
                    default -> Optional.of("clear");
                });
    }

    private static Optional<String> lostTo(BoutSheet sheet, Seat seat) {
        return lost(sheet, seat)
                ? Optional.of(sheet.bout().header().contestant(seat.other()).name())
                : Optional.empty();
    }

    public static final Question QUESTION = new Question(
            "result",
            Chapter.BEATEN_OR_HELD,
            "How do their matches end?",
            "",
            "no result of a watched bout is told",
            List.of(
                    new Ask(
                            "won",
                            new YesNo(Sights.ofBouts("won", Results::result), WON),
                            Wording.plain(
                                    "Won",
                                    "watched bouts whose result is told",
                                    "{name} won {raw} of the watched bouts whose result is told{claims}")),
                    new Ask(
                            "close",
                            new YesNo(Sights.ofBouts("close", Results::close), CLOSE),
                            Wording.plain(
                                    "By two points or less, advantages or a decision",
                                    "watched bouts of which it is told how they ended",
                                    "")),
                    new Ask(
                            "lost how",
                            new Options(Sights.ofBouts("lost how", (sheet, seat) -> how(sheet, seat, LOST))),
                            Wording.plain("{option}", "lost bouts of which it is told how", "lost {each}")
                                    .under("Lost")),
                    new Ask(
                            "won how",
                            new Options(Sights.ofBouts("won how", (sheet, seat) -> how(sheet, seat, WON))),
                            Wording.plain("{option}", "won bouts of which it is told how", "")
                                    .under("Won")),
                    new Ask(
                            "lost to",
                            new Listed(Sights.ofBouts("lost to", Results::lostTo)),
                            Wording.plain("{option}", "", "").under("Lost to"))));

    private Results() {}
}
