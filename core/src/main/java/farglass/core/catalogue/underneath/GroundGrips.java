package farglass.core.catalogue.underneath;

import farglass.core.Spelling;
import farglass.core.bout.Moment;
import farglass.core.catalogue.tally.Sights;
import farglass.core.corpus.BoutSheet;
import farglass.core.corpus.Evidence;
import farglass.core.corpus.Stays;
import farglass.core.corpus.Tally;
import farglass.core.corpus.TimedStay;
import farglass.core.entry.Kind;
import farglass.core.estimate.time.Stay;
import farglass.core.fact.Grip;
import farglass.core.fact.Layer;
import farglass.core.measure.Lasting;
import farglass.core.measure.Options;
import farglass.core.measure.OwnSide;
import farglass.core.question.Ask;
import farglass.core.question.Chapter;
import farglass.core.question.Question;
import farglass.core.question.Wording;
import farglass.core.side.Part;
import farglass.core.side.Seat;
import farglass.core.side.Side;
import java.util.List;
import java.util.stream.Stream;

/** Which grip does she take first in a guard and which next, how long do her grips hold, and what ends them? */
public final class GroundGrips {
    private static boolean isUnder(BoutSheet sheet, Seat seat, Moment moment) {
        return Guards.plays(sheet.timeline().before(moment), seat);
    }

    private static Stream<Moment> grips(BoutSheet sheet, Seat seat) {
        return sheet.deeds().stream()
                .filter(moment -> Sights.by(moment, seat) && isUnder(sheet, seat, moment))
                .filter(moment -> sheet.technique(moment)
                        .filter(technique -> technique.kind() == Kind.GRIP && !technique.generic())
                        .isPresent());
    }

    /** The nth grip of each visit underneath, from 0: which that is only they know who looked for grips from its beginning. */
    private static List<Evidence> nth(BoutSheet sheet, Seat seat, int nth) {
        return sheet.visits().stream()
                .filter(visit -> Guards.plays(visit.stand(), seat))
                .flatMap(visit -> grips(sheet, seat)
                        .filter(moment -> moment.atMicros().isPresent()
                                && moment.atMicros().getAsLong() >= visit.fromMicros()
                                && moment.atMicros().getAsLong() < visit.toMicros())
                        .skip(nth)
                        .limit(1)
                        .filter(moment -> sheet.covers(Layer.GRIPS, visit.fromMicros(), moment)))
                .map(moment -> Sights.at(
                        sheet,
                        moment,
                        sheet.lexicon()
                                .together(sheet.technique(moment).orElseThrow().key())))
                .toList();
    }

    private static String words(Part target) {
        return "on the " + target.kind().label();
    }

    private record Lane(Moment moment, Grip grip) {}

    private static Stream<Lane> lanes(BoutSheet sheet, Seat seat) {
        return sheet.telling(Grip.class).stream()
                .filter(moment -> isUnder(sheet, seat, moment))
                .flatMap(moment -> sheet.facts(moment, Grip.class)
                        .filter(grip -> grip.holder().owner() == seat)
                        .map(grip -> new Lane(moment, grip)));
    }

    private static List<TimedStay> lasting(BoutSheet sheet, Seat seat) {
        return lanes(sheet, seat)
                .filter(lane -> lane.grip().untilMicros().isPresent()
                        && lane.grip().untilMicros().getAsLong()
                                >= lane.moment().atMicros().orElseThrow())
                .map(lane -> new TimedStay(
                        Sights.at(sheet, lane.moment(), words(lane.grip().target())),
                        new Stay(
                                (lane.grip().untilMicros().getAsLong()
                                                - lane.moment().atMicros().getAsLong())
                                        / 1e6,
                                lane.grip().ended().isPresent(),
                                sheet.bout().id())))
                .toList();
    }

    private static final Tally ENDED = new Tally("ground grip ended", (sheet, seat) -> lanes(sheet, seat)
            .flatMap(lane -> lane.grip().ended().stream().map(end -> Sights.at(sheet, lane.moment(), Spelling.of(end))))
            .toList());

    private static final Tally HAND = new Tally("ground hand", (sheet, seat) -> lanes(sheet, seat)
            .filter(lane -> lane.grip().holder().kind() == Part.Kind.HAND)
            .flatMap(lane -> lane.grip().holder().side().stream()
                    .map(Side::label)
                    .map(side -> Sights.at(sheet, lane.moment(), side)))
            .toList());

    private static Ask nthGrip(String id, int nth, String heading) {
        return new Ask(
                        id,
                        new Options(new Tally(id, (sheet, seat) -> nth(sheet, seat, nth))),
                        Wording.ofTerms(
                                        "{option}",
                                        "visits underneath in which one was told",
                                        nth == 0 ? "the first grip there is most often {option}, {raw}{claims}" : "")
                                .under(heading))
                .needing(Layer.GRIPS);
    }

    public static final Question QUESTION = new Question(
            "ground grip",
            Chapter.UNDERNEATH,
            "Which grips do they take underneath, and how long do they hold?",
            "",
            "no grip of {name} underneath is told",
            List.of(
                    nthGrip("ground grip first", 0, "First grip of a visit"),
                    nthGrip("ground grip next", 1, "The next one"),
                    new Ask(
                                    "ground grip lasting",
                                    new Lasting(new Stays("ground grip lasting", GroundGrips::lasting)),
                                    Wording.plain("{option}", "grips whose end was told", "")
                                            .under("For how long"))
                            .needing(Layer.GRIPS),
                    new Ask(
                                    "ground grip ended",
                                    new Options(ENDED),
                                    Wording.plain("{option}", "grips underneath whose end was told", "")
                                            .under("Ended by being"))
                            .needing(Layer.GRIPS),
                    new Ask(
                                    "ground hand",
                                    new OwnSide(HAND),
                                    Wording.plain("With the left hand", "grips underneath whose hand was told", "")
                                            .under("Which hand"))
                            .needing(Layer.GRIPS)));

    private GroundGrips() {}
}
