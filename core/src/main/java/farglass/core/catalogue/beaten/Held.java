package farglass.core.catalogue.beaten;

import farglass.core.catalogue.tally.Sights;
import farglass.core.corpus.BoutSheet;
import farglass.core.corpus.Evidence;
import farglass.core.corpus.Stays;
import farglass.core.corpus.Tally;
import farglass.core.entry.Family;
import farglass.core.entry.Role;
import farglass.core.measure.Lasting;
import farglass.core.measure.Longest;
import farglass.core.measure.PerTime;
import farglass.core.question.Ask;
import farglass.core.question.Chapter;
import farglass.core.question.Question;
import farglass.core.question.Wording;
import farglass.core.side.Seat;
import farglass.core.state.Stand;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;

/** Where is she held, how often does it come to that, and for how long? Pins, the back and turtle, from underneath. */
public final class Held {
    private static final Set<Family> POOR = EnumSet.of(Family.PIN, Family.BACK, Family.TURTLE, Family.FINISH);

    static boolean isHeld(Stand stand, Seat seat) {
        return POOR.contains(stand.position().family()) && stand.roleOf(seat) == Role.BOTTOM;
    }

    private static List<Evidence> conceded(BoutSheet sheet, Seat seat) {
        return sheet.arrivals().stream()
                .filter(moment -> isHeld(sheet.timeline().after(moment), seat))
                .map(moment -> Sights.at(
                        sheet, moment, sheet.timeline().after(moment).position().key()))
                .toList();
    }

    private static final Stays STAYS = Sights.staysIn(
            "held", (sheet, seat) -> sheet.visits().stream().filter(visit -> isHeld(visit.stand(), seat)));

    public static final Question QUESTION = new Question(
            "held",
            Chapter.BEATEN_OR_HELD,
            "Where are they held, and for how long?",
            "",
            "{name} has not been seen held anywhere",
            List.of(
                    new Ask(
                            "held per time",
                            new PerTime(new Tally("held per time", Held::conceded)),
                            Wording.ofTerms("{option}", "minutes watched", "")
                                    .under("Places given up, per ten minutes")),
                    new Ask(
                            "held lasting",
                            new Lasting(STAYS),
                            Wording.ofTerms("{option}", "stays held there", "").under("For how long")),
                    new Ask(
                            "held longest",
                            new Longest(STAYS),
                            Wording.ofTerms("{option}", "", "the longest {name} was held: {amount} in {option}")
                                    .under("The longest"))));

    private Held() {}
}
