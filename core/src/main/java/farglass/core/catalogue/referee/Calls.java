package farglass.core.catalogue.referee;

import farglass.core.bout.Award;
import farglass.core.bout.Deed;
import farglass.core.bout.Moment;
import farglass.core.catalogue.tally.Sights;
import farglass.core.corpus.BoutSheet;
import farglass.core.measure.Listed;
import farglass.core.measure.YesNo;
import farglass.core.question.Ask;
import farglass.core.question.Chapter;
import farglass.core.question.Question;
import farglass.core.question.Wording;
import farglass.core.side.Seat;
import java.util.List;
import java.util.Optional;

/** What did the referee give and take, what did somebody rule otherwise, and which restarts were disputed? */
public final class Calls {
    private static final String DISPUTED = "disputed";

    static String words(Award award) {
        return switch (award.kind()) {
            case POINTS -> "%d point%s".formatted(award.points(), award.points() == 1 ? "" : "s");
            case ADVANTAGE -> "an advantage";
            case PENALTY -> "a penalty";
            case WARNING -> "a warning";
            case NEGATIVE -> "a negative";
            case DISQUALIFICATION -> "a disqualification";
        };
    }

    private static Optional<String> given(BoutSheet sheet, Seat seat, Moment moment) {
        return moment.deed().given().filter(award -> Sights.by(moment, seat)).map(Calls::words);
    }

    private static Optional<String> ruled(BoutSheet sheet, Seat seat, Moment moment) {
        return moment.deed().ruling().filter(award -> Sights.by(moment, seat)).map(Calls::words);
    }

    private static Optional<String> disputed(BoutSheet sheet, Seat seat, Moment moment) {
        return moment.deed().restart().map(restarted -> restarted.disputed() ? DISPUTED : "not disputed");
    }

    public static final Question QUESTION = new Question(
            "call",
            Chapter.REFEREE,
            "What was given, what should have been, and what was disputed?",
            "",
            "nothing of the referee\u2019s is told in a watched bout of {name}",
            List.of(
                    new Ask(
                            "given",
                            new Listed(Sights.ofHappenings("given", Deed.Awarded.class, Calls::given)),
                            Wording.plain("{option}", "", "{name} was given {option} {amount}")
                                    .under("Given to them")),
                    new Ask(
                            "ruled",
                            new Listed(Sights.ofHappenings("ruled", Deed.Ruled.class, Calls::ruled)),
                            Wording.plain("{option}", "", "").under("Ruled by an analyst, and not given")),
                    new Ask(
                            "restart disputed",
                            new YesNo(
                                    Sights.ofHappenings("restart disputed", Deed.Restarted.class, Calls::disputed),
                                    DISPUTED),
                            Wording.plain("Restarts disputed", "restarts", ""))));

    private Calls() {}
}
