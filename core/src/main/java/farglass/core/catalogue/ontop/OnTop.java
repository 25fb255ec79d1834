package farglass.core.catalogue.ontop;

import farglass.core.bout.Moment;
import farglass.core.bout.Motive;
import farglass.core.catalogue.tally.Places;
import farglass.core.catalogue.tally.Sights;
import farglass.core.corpus.BoutSheet;
import farglass.core.corpus.Stays;
import farglass.core.corpus.Tally;
import farglass.core.entry.Family;
import farglass.core.entry.Kind;
import farglass.core.entry.Role;
import farglass.core.measure.Lasting;
import farglass.core.measure.Options;
import farglass.core.measure.TimeIn;
import farglass.core.measure.YesNo;
import farglass.core.question.Ask;
import farglass.core.question.Chapter;
import farglass.core.question.Question;
import farglass.core.question.Wording;
import farglass.core.side.Seat;
import farglass.core.state.Stand;
import farglass.core.state.Visit;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;

/** Which pins, the mount and the back does she hold, for how long, what does she do there, and how are they lost? */
public final class OnTop {
    private static final Set<Family> PLACES = EnumSet.of(Family.PIN, Family.BACK, Family.TURTLE);
    private static final Set<Kind> TRIED = EnumSet.of(Kind.SUBMISSION, Kind.TRANSITION, Kind.BACK_TAKE);
    private static final String NOTHING = "nothing";
    private static final String LONG = "without a try";
    private static final double LONG_SECONDS = 20;

    private static boolean isOnTop(Stand stand, Seat seat) {
        return PLACES.contains(stand.position().family()) && stand.roleOf(seat) == Role.TOP;
    }

    private static Stream<Visit> visits(BoutSheet sheet, Seat seat) {
        return sheet.visits().stream().filter(visit -> isOnTop(visit.stand(), seat));
    }

    private static final Stays STAYS = Sights.staysIn("on top", OnTop::visits);

    private static Tally ofVisits(String id, Sights.Of<Visit> option) {
        return Sights.ofVisits(id, OnTop::visits, option);
    }

    private static boolean isWithin(Visit visit, Moment moment) {
        return moment.atMicros().isPresent()
                && moment.atMicros().getAsLong() > visit.fromMicros()
                && moment.atMicros().getAsLong() <= visit.toMicros();
    }

    private static Optional<String> first(BoutSheet sheet, Seat seat, Visit visit) {
        Optional<String> first = sheet.deeds().stream()
                .filter(deed -> Sights.by(deed, seat) && isWithin(visit, deed))
                .flatMap(deed -> sheet.technique(deed).stream())
                .filter(technique -> TRIED.contains(technique.kind()))
                .map(technique -> technique.kind() == Kind.TRANSITION
                        ? "another place"
                        : "a " + technique.kind().label())
                .findFirst();
        return first.or(() -> Optional.of(NOTHING).filter(nothing -> sheet.sawEnd(visit)));
    }

    private static Optional<String> ended(BoutSheet sheet, Seat seat, Visit visit) {
        if (!sheet.sawEnd(visit)) {
            return Optional.empty();
        }
        return visit.endedBy().flatMap(sheet.bout()::moment).map(by -> {
            String to = Places.ledTo(sheet.timeline().after(by), seat);
            boolean given = by.telling().motive().equals(Optional.of(Motive.CONCEDED));
            return given && Sights.by(by, seat) ? to + ", given up on purpose" : to;
        });
    }

    private static Optional<String> untried(BoutSheet sheet, Seat seat, Visit visit) {
        return visit.playedSeconds() < LONG_SECONDS
                ? Optional.empty()
                : first(sheet, seat, visit)
                        .map(first -> first.equals("a submission") ? "with a try" : first)
                        .map(first -> first.equals(NOTHING) || first.equals("another place") ? LONG : "with a try");
    }

    public static final Question QUESTION = new Question(
            "on top",
            Chapter.ON_TOP_AND_BEHIND,
            "What do they hold on top, what do they do there, and how is it lost?",
            "",
            "{name} has not been seen on top past the legs",
            List.of(
                    new Ask(
                            "on top time",
                            new TimeIn(Sights.timeIn("on top time", OnTop::isOnTop)),
                            Wording.ofTerms("{option}", "", "{name} spent {amount} in {option} on top")
                                    .under("Share of the time watched")),
                    new Ask(
                            "on top lasting",
                            new Lasting(STAYS),
                            Wording.ofTerms("{option}", "stays there on top", "")
                                    .under("For how long")),
                    new Ask(
                            "on top first",
                            new Options(ofVisits("on top first", OnTop::first)),
                            Wording.plain(
                                            "{option}",
                                            "stays on top past the legs",
                                            "the first thing tried there is {option} in {raw}")
                                    .under("The first thing tried")),
                    new Ask(
                            "on top ends",
                            new Options(ofVisits("on top ends", OnTop::ended)),
                            Wording.plain("To {option}", "stays on top whose end was watched", "")
                                    .under("How it ends")),
                    new Ask(
                            "control without a try",
                            new YesNo(ofVisits("control without a try", OnTop::untried), LONG),
                            Wording.plain(
                                    "Held over twenty seconds without a try at a submission or the back",
                                    "stays of over twenty seconds on top",
                                    ""))));

    private OnTop() {}
}
