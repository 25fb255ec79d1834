package farglass.core.catalogue.underneath;

import farglass.core.bout.Moment;
import farglass.core.bout.Motive;
import farglass.core.catalogue.tally.Places;
import farglass.core.catalogue.tally.Sights;
import farglass.core.corpus.BoutSheet;
import farglass.core.corpus.Evidence;
import farglass.core.corpus.Stays;
import farglass.core.corpus.Tally;
import farglass.core.corpus.TimedStay;
import farglass.core.entry.Kind;
import farglass.core.estimate.time.Stay;
import farglass.core.measure.Lasting;
import farglass.core.measure.Options;
import farglass.core.measure.TimeIn;
import farglass.core.question.Ask;
import farglass.core.question.Chapter;
import farglass.core.question.Question;
import farglass.core.question.Wording;
import farglass.core.side.Seat;
import farglass.core.state.Visit;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** How does she come to be underneath, what is tried first there, how soon, and how does it end? One visit, one count. */
public final class GuardEnds {
    /** What she can begin from underneath. */
    private static final Map<Kind, String> TRIES = new EnumMap<>(Map.of(
            Kind.SWEEP, "a sweep",
            Kind.SUBMISSION, "a submission",
            Kind.BACK_TAKE, "a back take",
            Kind.ESCAPE, "an escape or getting up"));

    private static final String PASS = "a pass of the other\u2019s";

    private static Optional<Moment> moment(BoutSheet sheet, Optional<String> id) {
        return id.flatMap(sheet.bout()::moment);
    }

    private static Tally ofVisits(String id, Sights.Of<Visit> option) {
        return Sights.ofVisits(id, Guards::played, option);
    }

    private static Optional<String> entered(BoutSheet sheet, Seat seat, Visit visit) {
        return moment(sheet, visit.openedBy())
                .filter(by -> by.actor().isPresent())
                .map(by -> {
                    Optional<Motive> motive = by.telling().motive();
                    if (!Sights.by(by, seat)) {
                        return motive.equals(Optional.of(Motive.CONCEDED))
                                ? "let in by the other"
                                : "by an act of the other\u2019s";
                    }
                    return motive.equals(Optional.of(Motive.FORCED)) ? "forced" : "by an act of their own";
                });
    }

    private static Optional<String> from(BoutSheet sheet, Seat seat, Visit visit) {
        return moment(sheet, visit.openedBy())
                .map(by -> Places.ledTo(sheet.timeline().before(by), seat));
    }

    private static Optional<String> ended(BoutSheet sheet, Seat seat, Visit visit) {
        return sheet.sawEnd(visit)
                ? moment(sheet, visit.endedBy())
                        .map(by -> Places.ledTo(sheet.timeline().after(by), seat))
                : Optional.empty();
    }

    /** The first thing either of the two tried within the visit. */
    private static Optional<Moment> firstTry(BoutSheet sheet, Seat seat, Visit visit) {
        return sheet.deeds().stream()
                .filter(deed -> deed.atMicros().isPresent()
                        && deed.atMicros().getAsLong() > visit.fromMicros()
                        && deed.atMicros().getAsLong() <= visit.toMicros())
                .filter(deed -> kind(sheet, seat, deed).isPresent())
                .findFirst();
    }

    private static Optional<String> kind(BoutSheet sheet, Seat seat, Moment deed) {
        return sheet.technique(deed).flatMap(technique -> {
            if (Sights.by(deed, seat)) {
                return Optional.ofNullable(TRIES.get(technique.kind()));
            }
            return technique.kind() == Kind.PASS ? Optional.of(PASS) : Optional.empty();
        });
    }

    private static Optional<String> first(BoutSheet sheet, Seat seat, Visit visit) {
        Optional<Moment> first = firstTry(sheet, seat, visit);
        return first.isEmpty()
                ? Optional.of("nothing").filter(nothing -> sheet.sawEnd(visit))
                : kind(sheet, seat, first.get());
    }

    private static List<TimedStay> untilSomething(BoutSheet sheet, Seat seat) {
        return Guards.played(sheet, seat)
                .map(visit -> {
                    Evidence evidence =
                            new Evidence(sheet.bout().id(), visit.openedBy(), "Until one of the two tries something");
                    Optional<Moment> first = firstTry(sheet, seat, visit);
                    double seconds = first.map(deed -> (sheet.timeline()
                                                    .clock()
                                                    .playedMicros(
                                                            deed.atMicros().getAsLong())
                                            - sheet.timeline().clock().playedMicros(visit.fromMicros()))
                                    / 1e6)
                            .orElse(visit.playedSeconds());
                    return new TimedStay(
                            evidence,
                            new Stay(
                                    Math.max(0, seconds),
                                    first.isPresent(),
                                    sheet.bout().id()));
                })
                .toList();
    }

    public static final Question QUESTION = new Question(
            "guard visit",
            Chapter.UNDERNEATH,
            "How do they come to be underneath, what is tried there, and how does it end?",
            "",
            "{name} has not been seen underneath in a guard",
            List.of(
                    new Ask(
                            "guard time",
                            new TimeIn(Sights.timeIn("guard time", Guards::plays)),
                            Wording.ofTerms("{option}", "", "{name} spent {amount} in {option}")
                                    .under("Share of the time watched")),
                    new Ask(
                            "guard entered",
                            new Options(ofVisits("guard entered", GuardEnds::entered)),
                            Wording.plain("{option}", "visits underneath of which it is told how they began", "")
                                    .under("Came there")),
                    new Ask(
                            "guard entered from",
                            new Options(ofVisits("guard entered from", GuardEnds::from)),
                            Wording.plain("{option}", "visits underneath of which it is told where from", "")
                                    .under("Came from")),
                    new Ask(
                            "guard first try",
                            new Options(ofVisits("guard first try", GuardEnds::first)),
                            Wording.plain(
                                            "{option}",
                                            "visits underneath",
                                            "the first thing tried there is most often {option}, {raw}")
                                    .under("The first thing tried")),
                    new Ask(
                            "guard until",
                            new Lasting(new Stays("guard until", GuardEnds::untilSomething)),
                            Wording.plain("{option}", "visits underneath", "").under("The first thing tried")),
                    new Ask(
                            "guard ends",
                            new Options(ofVisits("guard ends", GuardEnds::ended)),
                            Wording.plain(
                                            "To {option}",
                                            "visits underneath whose end was watched",
                                            "visits end most often in {option}, {count}{claims}")
                                    .under("How it ends"))));

    private GuardEnds() {}
}
