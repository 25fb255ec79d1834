package farglass.core.catalogue.attacked;

import farglass.core.bout.Motive;
import farglass.core.catalogue.tally.Places;
import farglass.core.catalogue.tally.Sights;
import farglass.core.corpus.BoutSheet;
import farglass.core.corpus.Stays;
import farglass.core.corpus.Tally;
import farglass.core.entry.Family;
import farglass.core.entry.Role;
import farglass.core.fact.Purpose;
import farglass.core.measure.Lasting;
import farglass.core.measure.Options;
import farglass.core.question.Ask;
import farglass.core.question.Chapter;
import farglass.core.question.Question;
import farglass.core.question.Wording;
import farglass.core.side.Seat;
import farglass.core.state.Visit;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** When does she turtle or give the back, by whose choice, and what comes of it? */
public final class Turtle {
    private static Stream<Visit> visits(BoutSheet sheet, Seat seat) {
        return sheet.visits().stream()
                .filter(visit -> visit.stand().position().family() == Family.TURTLE
                        && visit.stand().roleOf(seat) == Role.BOTTOM);
    }

    private static Tally ofVisits(String id, Sights.Of<Visit> option) {
        return Sights.ofVisits(id, Turtle::visits, option);
    }

    private static Optional<String> whose(BoutSheet sheet, Seat seat, Visit visit) {
        return visit.openedBy()
                .flatMap(sheet.bout()::moment)
                .filter(by -> by.actor().isPresent())
                .map(by -> {
                    if (!Sights.by(by, seat)) {
                        return "put there by the other";
                    }
                    Optional<Motive> motive = by.telling().motive();
                    return motive.equals(Optional.of(Motive.FORCED)) ? "forced" : "by an act of their own";
                });
    }

    private static Optional<String> from(BoutSheet sheet, Seat seat, Visit visit) {
        return visit.openedBy()
                .flatMap(sheet.bout()::moment)
                .map(by -> Places.ledTo(sheet.timeline().before(by), seat));
    }

    private static Optional<String> ended(BoutSheet sheet, Seat seat, Visit visit) {
        return sheet.sawEnd(visit)
                ? visit.endedBy()
                        .flatMap(sheet.bout()::moment)
                        .map(by -> Places.ledTo(sheet.timeline().after(by), seat))
                : Optional.empty();
    }

    /** What it is used for, as somebody said: attack, shelter, rest. */
    private static Optional<String> purpose(BoutSheet sheet, Seat seat, Visit visit) {
        return visit.openedBy().flatMap(sheet.bout()::moment).flatMap(by -> sheet.facts(by, Purpose.Why.class)
                .filter(why -> why.how() == Purpose.How.FOR && !why.words().isBlank())
                .map(Purpose.Why::words)
                .findFirst());
    }

    private static final Stays STAYS = new Stays("turtle", (sheet, seat) -> visits(sheet, seat)
            .map(visit -> Sights.stay(sheet, visit, "Stays in turtle"))
            .toList());

    public static final Question QUESTION = new Question(
            "turtle",
            Chapter.UNDER_ATTACK,
            "When do they turtle, by whose choice, and what comes of it?",
            "",
            "{name} has not been seen in turtle",
            List.of(
                    new Ask(
                            "turtle whose",
                            new Options(ofVisits("turtle whose", Turtle::whose)),
                            Wording.plain(
                                            "{option}",
                                            "visits to turtle of which it is told how they began",
                                            "{name} came to turtle {times}, {option} in {raw}{claims}")
                                    .under("Came there")),
                    new Ask(
                            "turtle from",
                            new Options(ofVisits("turtle from", Turtle::from)),
                            Wording.plain("{option}", "visits to turtle", "").under("Came from")),
                    new Ask(
                            "turtle for",
                            new Options(ofVisits("turtle for", Turtle::purpose)),
                            Wording.plain("{option}", "visits to turtle of which it is told what for", "")
                                    .under("Used for")),
                    new Ask(
                            "turtle ends",
                            new Options(ofVisits("turtle ends", Turtle::ended)),
                            Wording.plain(
                                            "To {option}",
                                            "visits to turtle whose end was watched",
                                            "most often it ends in {option}, {raw}{claims}")
                                    .under("What comes of it")),
                    new Ask(
                            "turtle lasting",
                            new Lasting(STAYS),
                            Wording.plain("{option}", "visits to turtle", "").under("What comes of it"))));

    private Turtle() {}
}
