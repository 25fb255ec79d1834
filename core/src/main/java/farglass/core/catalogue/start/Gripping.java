package farglass.core.catalogue.start;

import farglass.core.bout.Became;
import farglass.core.bout.Moment;
import farglass.core.catalogue.tally.Sights;
import farglass.core.corpus.BoutSheet;
import farglass.core.corpus.CountedTry;
import farglass.core.corpus.Stays;
import farglass.core.corpus.Tally;
import farglass.core.corpus.TimedStay;
import farglass.core.entry.Family;
import farglass.core.entry.Kind;
import farglass.core.estimate.time.Stay;
import farglass.core.fact.Grip;
import farglass.core.fact.Layer;
import farglass.core.measure.Lasting;
import farglass.core.measure.Options;
import farglass.core.measure.OwnSide;
import farglass.core.measure.YesNo;
import farglass.core.question.Ask;
import farglass.core.question.Chapter;
import farglass.core.question.Question;
import farglass.core.question.Wording;
import farglass.core.side.Part;
import farglass.core.side.Seat;
import farglass.core.side.Side;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** Who grips first on the feet, with which grip and hand, who wins the grips, and how soon do they touch? */
public final class Gripping {
    private static final String FIRST = "grips first";
    private static final String TAKEN = "taken";
    private static final Set<Kind> CONTACT =
            EnumSet.of(Kind.GRIP, Kind.HOLD, Kind.ENTRY, Kind.TAKEDOWN, Kind.PULL, Kind.STRIKE);

    private static boolean isStanding(BoutSheet sheet, Moment moment) {
        return sheet.timeline().before(moment).position().family() == Family.STANDING;
    }

    private static boolean isKind(BoutSheet sheet, Moment moment, Set<Kind> kinds) {
        return sheet.technique(moment)
                .filter(technique -> kinds.contains(technique.kind()))
                .isPresent();
    }

    /** The first grip of the match that was not denied, while both still stand: known only where grips were looked for from the start. */
    private static Optional<Moment> first(BoutSheet sheet) {
        if (!sheet.sawStart()) {
            return Optional.empty();
        }
        return sheet.deeds().stream()
                .takeWhile(moment -> isStanding(sheet, moment))
                .filter(moment -> isKind(sheet, moment, EnumSet.of(Kind.GRIP, Kind.HOLD)))
                .filter(moment -> !moment.became(Became.DENIED))
                .findFirst()
                .filter(moment -> sheet.covers(Layer.GRIPS, 0, moment));
    }

    private static final Tally WHO = new Tally("first grip", (sheet, seat) -> first(sheet)
            .map(moment -> List.of(Sights.at(sheet, moment, Sights.by(moment, seat) ? FIRST : "is gripped first")))
            .orElse(List.of()));

    private static final Tally WHICH = new Tally("first grip which", (sheet, seat) -> first(sheet)
            .filter(moment -> Sights.by(moment, seat))
            .flatMap(moment -> sheet.technique(moment)
                    .filter(technique -> !technique.generic())
                    .map(technique ->
                            List.of(Sights.at(sheet, moment, sheet.lexicon().together(technique.key())))))
            .orElse(List.of()));

    /** Which hand holds, of every grip on the feet whose hand was told. */
    private static Optional<String> hand(BoutSheet sheet, Seat seat, Moment moment) {
        return isStanding(sheet, moment)
                ? sheet.facts(moment, Grip.class)
                        .map(Grip::holder)
                        .filter(holder -> holder.owner() == seat && holder.kind() == Part.Kind.HAND)
                        .flatMap(holder -> holder.side().stream())
                        .map(Side::label)
                        .findFirst()
                : Optional.empty();
    }

    private static Optional<String> won(CountedTry tried) {
        return tried.attempt().became().flatMap(became -> switch (became) {
            case TAKEN, HELD, WORKED -> Optional.of(TAKEN);
            case DENIED, LOST, FAILED -> Optional.of("denied or lost");
            default -> Optional.empty();
        });
    }

    private static final Tally WON = new Tally("grips won", (sheet, seat) -> sheet.tried(seat, Kind.GRIP).stream()
            .filter(tried -> isStanding(sheet, tried.first()) && sheet.covers(Layer.GRIPS, tried.first()))
            .flatMap(tried -> won(tried).stream().map(end -> tried.evidence(sheet.bout(), end)))
            .toList());

    private static List<TimedStay> contact(BoutSheet sheet, Seat seat) {
        if (!sheet.sawStart()) {
            return List.of();
        }
        return sheet.deeds().stream()
                .filter(moment -> isKind(sheet, moment, CONTACT))
                .findFirst()
                .filter(moment -> moment.atMicros().isPresent())
                .map(moment -> List.of(new TimedStay(
                        Sights.at(sheet, moment, "From the start to the first contact"),
                        new Stay(
                                sheet.timeline()
                                                .clock()
                                                .playedMicros(moment.atMicros().getAsLong())
                                        / 1e6,
                                true,
                                sheet.bout().id()))))
                .orElse(List.of());
    }

    public static final Question QUESTION = new Question(
            "gripping",
            Chapter.THE_START,
            "Who grips first, and who wins the grips?",
            "",
            "no first grip has been watched",
            List.of(
                    new Ask(
                                    "first grip",
                                    new YesNo(WHO, FIRST),
                                    Wording.plain(
                                            "Grips first",
                                            "bouts whose first grip was watched",
                                            "{name} was the first to grip in {count}{claims}"))
                            .needing(Layer.GRIPS),
                    new Ask(
                                    "first grip which",
                                    new Options(WHICH),
                                    Wording.ofTerms("{option}", "bouts in which they gripped first", "")
                                            .under("Their first grip"))
                            .needing(Layer.GRIPS),
                    new Ask(
                                    "first hand",
                                    new OwnSide(Sights.ofFacts("first hand", Grip.class, Gripping::hand)),
                                    Wording.plain("With the left hand", "grips on the feet whose hand was told", "")
                                            .under("On the feet"))
                            .needing(Layer.GRIPS),
                    new Ask(
                                    "grips won",
                                    new YesNo(WON, TAKEN),
                                    Wording.plain(
                                                    "Grips they got",
                                                    "grips tried on the feet whose outcome was told",
                                                    "")
                                            .under("On the feet"))
                            .needing(Layer.GRIPS),
                    new Ask(
                            "contact",
                            new Lasting(new Stays("contact", Gripping::contact)),
                            Wording.plain("{option}", "bouts whose start was watched", "")
                                    .under("On the feet"))));

    private Gripping() {}
}
