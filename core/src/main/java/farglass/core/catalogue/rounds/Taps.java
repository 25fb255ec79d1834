package farglass.core.catalogue.rounds;

import farglass.core.bout.BoutKind;
import farglass.core.corpus.BoutSheet;
import farglass.core.corpus.CountedTry;
import farglass.core.corpus.Evidence;
import farglass.core.corpus.Tally;
import farglass.core.entry.Kind;
import farglass.core.measure.Listed;
import farglass.core.measure.YesNo;
import farglass.core.question.Ask;
import farglass.core.question.Chapter;
import farglass.core.question.Question;
import farglass.core.question.Wording;
import farglass.core.side.Seat;
import java.util.List;
import java.util.stream.Stream;

/** In rounds that are no competition: taps each way, and by what. */
public final class Taps {
    private static final String WON = "won";

    private static Stream<CountedTry> taps(BoutSheet sheet, Seat whose) {
        return sheet.bout().header().kind() == BoutKind.COMPETITION
                ? Stream.empty()
                : sheet.tried(whose, Kind.SUBMISSION).stream().filter(CountedTry::worked);
    }

    private static List<Evidence> eachWay(BoutSheet sheet, Seat seat) {
        return Stream.concat(
                        taps(sheet, seat).map(tried -> tried.evidence(sheet.bout(), WON)),
                        taps(sheet, seat.other()).map(tried -> tried.evidence(sheet.bout(), "lost")))
                .toList();
    }

    private static Ask by(String id, boolean own, String heading) {
        return new Ask(
                id,
                new Listed(new Tally(id, (sheet, seat) -> taps(sheet, own ? seat : seat.other())
                        .map(tried -> tried.evidence(
                                sheet.bout(),
                                sheet.lexicon().together(tried.technique().key())))
                        .toList())),
                Wording.ofTerms("{option}", "", "").under(heading));
    }

    public static final Question QUESTION = new Question(
            "taps",
            Chapter.ROUNDS,
            "Who taps whom in training, and with what?",
            "",
            "no tap has been watched in a round of {name} that was no competition",
            List.of(
                    new Ask(
                            "taps",
                            new YesNo(new Tally("taps", Taps::eachWay), WON),
                            Wording.plain(
                                    "Theirs",
                                    "taps in rounds that were no competition",
                                    "{name} had {raw} of the taps")),
                    by("taps with", true, "They tapped the other with"),
                    by("tapped to", false, "They tapped to")));

    private Taps() {}
}
