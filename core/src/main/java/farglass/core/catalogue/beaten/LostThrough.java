package farglass.core.catalogue.beaten;

import farglass.core.corpus.BoutSheet;
import farglass.core.corpus.CountedTry;
import farglass.core.corpus.Evidence;
import farglass.core.corpus.Tally;
import farglass.core.entry.Kind;
import farglass.core.measure.Options;
import farglass.core.question.Ask;
import farglass.core.question.Chapter;
import farglass.core.question.Question;
import farglass.core.question.Wording;
import farglass.core.side.Seat;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.function.Predicate;

/** What did those get done who beat her, and what those who did not? */
public final class LostThrough {
    private static final Set<Kind> KINDS =
            EnumSet.of(Kind.TAKEDOWN, Kind.SWEEP, Kind.PASS, Kind.BACK_TAKE, Kind.SUBMISSION);

    private static List<Evidence> done(BoutSheet sheet, Seat seat, boolean lost) {
        return Results.result(sheet, seat).isEmpty() || Results.lost(sheet, seat) != lost
                ? List.of()
                : sheet.tried(seat.other(), KINDS).stream()
                        .filter(CountedTry::worked)
                        .filter(Predicate.not(tried -> tried.technique().generic()))
                        .map(tried -> tried.evidence(
                                sheet.bout(),
                                sheet.lexicon().together(tried.technique().key())))
                        .toList();
    }

    private static Ask ask(String id, boolean lost, String heading) {
        return new Ask(
                id,
                new Options(new Tally(id, (sheet, seat) -> done(sheet, seat, lost))),
                Wording.ofTerms(
                                "{option}",
                                "things the other got done in bouts they %s".formatted(lost ? "lost" : "did not lose"),
                                lost ? "in lost bouts the other most often got {option} done, {raw}" : "")
                        .under(heading));
    }

    public static final Question QUESTION = new Question(
            "lost through",
            Chapter.BEATEN_OR_HELD,
            "What did those get done who beat them?",
            "",
            "nobody has been seen getting anything done in a bout that {name} lost",
            List.of(
                    ask("lost through", true, "Done by those who won"),
                    ask("not lost through", false, "Done by those who did not")));

    private LostThrough() {}
}
