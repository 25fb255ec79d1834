package farglass.core.catalogue.underneath;

import farglass.core.catalogue.tally.Sights;
import farglass.core.corpus.BoutSheet;
import farglass.core.corpus.Evidence;
import farglass.core.corpus.Stays;
import farglass.core.corpus.Tally;
import farglass.core.entry.Role;
import farglass.core.measure.Lasting;
import farglass.core.measure.Options;
import farglass.core.question.Ask;
import farglass.core.question.Chapter;
import farglass.core.question.Question;
import farglass.core.question.Wording;
import farglass.core.side.Seat;
import farglass.core.state.Stand;
import farglass.core.state.Visit;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** Which guards does she play, and for how long? One visit, one count. */
public final class Guards {
    static boolean plays(Stand stand, Seat seat) {
        return stand.position().family().isGuard() && stand.roleOf(seat) == Role.BOTTOM;
    }

    private static List<Evidence> visits(BoutSheet sheet, Seat seat) {
        return sheet.arrivals().stream()
                .filter(moment -> plays(sheet.timeline().after(moment), seat))
                .map(moment -> new Evidence(
                        sheet.bout().id(),
                        Optional.of(moment.id()),
                        sheet.timeline().after(moment).position().key()))
                .toList();
    }

    static Stream<Visit> played(BoutSheet sheet, Seat seat) {
        return sheet.visits().stream().filter(visit -> plays(visit.stand(), seat));
    }

    static final Stays STAYS = Sights.staysIn("guard", Guards::played);

    private static final Ask LASTING = new Ask(
            "guard lasting", new Lasting(STAYS), Wording.ofTerms("{length}", "stays underneath in it", "{length}"));

    private static final Ask WHICH = new Ask(
            "guard",
            new Options(new Tally("guard", Guards::visits)),
            Wording.ofTerms(
                    "{option}",
                    "visits underneath in a guard",
                    "{name} was underneath in a guard {times}; most often in {option}, {count}{claims}"),
            List.of(LASTING));

    public static final Question QUESTION = new Question(
            "guard",
            Chapter.UNDERNEATH,
            "Which guards do they play, and for how long?",
            "",
            "{name} has not been seen underneath in a guard",
            List.of(WHICH));

    private Guards() {}
}
