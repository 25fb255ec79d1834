package farglass.core.catalogue.underneath;

import farglass.core.bout.Moment;
import farglass.core.catalogue.tally.Sights;
import farglass.core.catalogue.tally.Tries;
import farglass.core.corpus.BoutSheet;
import farglass.core.corpus.EachTally;
import farglass.core.corpus.Evidence;
import farglass.core.corpus.Tally;
import farglass.core.entry.Kind;
import farglass.core.fact.Body;
import farglass.core.fact.BodyFact;
import farglass.core.fact.Fact;
import farglass.core.fact.Layer;
import farglass.core.measure.OfEach;
import farglass.core.measure.Options;
import farglass.core.measure.OwnSide;
import farglass.core.question.Ask;
import farglass.core.question.Chapter;
import farglass.core.question.Question;
import farglass.core.question.Wording;
import farglass.core.side.Part;
import farglass.core.side.Seat;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;

/** How does she lie and hold her hips underneath, with which hooks and which leg, and how does she lie when it works? */
public final class BodyUnderneath {
    private static final Set<Kind> FROM_UNDERNEATH =
            EnumSet.of(Kind.SWEEP, Kind.SUBMISSION, Kind.BACK_TAKE, Kind.ESCAPE);
    private static final Set<Part.Kind> LEG = EnumSet.of(Part.Kind.LEG, Part.Kind.FOOT, Part.Kind.KNEE, Part.Kind.SHIN);

    private static Ask of(BodyFact what, String heading) {
        String id = "body " + what.label();
        return new Ask(
                        id,
                        new Options(Sights.ofFacts(
                                id, Body.class, (sheet, seat, moment) -> value(sheet, seat, moment, what))),
                        Wording.plain("{option}", "times it was told underneath", "")
                                .under(heading))
                .needing(Layer.GRIPS);
    }

    private static Optional<String> value(BoutSheet sheet, Seat seat, Moment moment, BodyFact what) {
        return Guards.plays(sheet.timeline().before(moment), seat)
                ? told(sheet, moment, seat, what).findFirst()
                : Optional.empty();
    }

    private static Stream<String> told(BoutSheet sheet, Moment moment, Seat seat, BodyFact what) {
        return sheet.facts(moment, Body.class)
                .filter(fact -> fact.what() == what && fact.of().equals(Optional.of(seat)))
                .map(Body::value);
    }

    /** How she lay, told with any step of a try from underneath. */
    private static List<EachTally.Chance> ends(BoutSheet sheet, Seat seat) {
        return sheet.tried(seat, FROM_UNDERNEATH).stream()
                .flatMap(tried -> tried.attempt().steps().stream()
                        .flatMap(step -> told(sheet, step, seat, BodyFact.LIES))
                        .findFirst()
                        .flatMap(lies -> Tries.ended(sheet, tried, Optional.of(lies)))
                        .stream())
                .toList();
    }

    /** Which of her own legs works on the other. */
    private static List<Evidence> leg(BoutSheet sheet, Seat seat) {
        return sheet.telling(Fact.LimbOn.class).stream()
                .filter(moment -> Guards.plays(sheet.timeline().before(moment), seat))
                .flatMap(moment -> sheet.facts(moment, Fact.LimbOn.class)
                        .map(Fact.LimbOn::by)
                        .filter(part -> part.owner() == seat && LEG.contains(part.kind()))
                        .flatMap(part -> part.side().stream())
                        .map(side -> Sights.at(sheet, moment, side.label())))
                .toList();
    }

    public static final Question QUESTION = new Question(
            "body underneath",
            Chapter.UNDERNEATH,
            "How do they lie underneath?",
            "",
            "nothing is told of how {name} lies underneath",
            List.of(
                    of(BodyFact.LIES, "Lies")
                            .with(new Ask(
                                            "body works",
                                            new OfEach(new EachTally("body works", BodyUnderneath::ends), Tries.WORKED),
                                            Wording.plain("tries from there worked in {brief}", "tries lying so", ""))
                                    .needing(Layer.GRIPS)),
                    of(BodyFact.HIPS, "Hips"),
                    of(BodyFact.HOOKS, "Hooks"),
                    of(BodyFact.DISTANCE, "Distance kept"),
                    new Ask(
                                    "leg underneath",
                                    new OwnSide(new Tally("leg underneath", BodyUnderneath::leg)),
                                    Wording.plain(
                                                    "With their left leg",
                                                    "times a leg of theirs was told underneath",
                                                    "")
                                            .under("Which leg"))
                            .needing(Layer.GRIPS)));

    private BodyUnderneath() {}
}
