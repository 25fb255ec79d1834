package farglass.core.catalogue.blows;

import farglass.core.Spelling;
import farglass.core.bout.Moment;
import farglass.core.catalogue.tally.Places;
import farglass.core.catalogue.tally.Sights;
import farglass.core.corpus.BoutSheet;
import farglass.core.corpus.Tally;
import farglass.core.entry.Kind;
import farglass.core.fact.Strike;
import farglass.core.measure.Options;
import farglass.core.measure.OwnSide;
import farglass.core.measure.YesNo;
import farglass.core.question.Ask;
import farglass.core.question.Chapter;
import farglass.core.question.Question;
import farglass.core.question.Wording;
import farglass.core.side.Seat;
import farglass.core.side.Side;
import java.util.List;
import java.util.Optional;

/** Under rules with blows: which, with which hand, from where, how many land, and what did they open? */
public final class Blows {
    private static final String CLEAN = "clean";
    private static final long OPENED_MICROS = 8_000_000;

    private static Optional<String> which(BoutSheet sheet, Seat seat, Moment moment) {
        return Sights.by(moment, seat)
                ? sheet.technique(moment)
                        .filter(technique -> !technique.generic())
                        .map(technique -> sheet.lexicon().together(technique.key()))
                : Optional.empty();
    }

    private static Optional<String> landed(BoutSheet sheet, Seat seat, Moment moment) {
        return Sights.by(moment, seat)
                ? sheet.facts(moment, Strike.class)
                        .map(Strike::contact)
                        .filter(contact -> contact != Strike.Contact.UNKNOWN)
                        .map(Spelling::of)
                        .findFirst()
                : Optional.empty();
    }

    private static Optional<String> hand(BoutSheet sheet, Seat seat, Moment moment) {
        return Sights.by(moment, seat)
                ? sheet.facts(moment, Strike.class)
                        .flatMap(strike -> strike.by().side().stream())
                        .map(Side::label)
                        .findFirst()
                : Optional.empty();
    }

    private static Optional<String> from(BoutSheet sheet, Seat seat, Moment moment) {
        return Sights.by(moment, seat)
                ? Optional.of(Places.broad(sheet.timeline().before(moment), seat))
                : Optional.empty();
    }

    private static Optional<String> opened(BoutSheet sheet, Seat seat, Moment moment) {
        return Sights.by(moment, seat)
                ? sheet.nextOwn(moment, OPENED_MICROS)
                        .flatMap(sheet::technique)
                        .map(technique -> technique.kind() == Kind.STRIKE
                                ? "another blow"
                                : "a " + technique.kind().label())
                        .or(() -> Optional.of("nothing within eight seconds")
                                .filter(nothing -> moment.atMicros().isPresent()))
                : Optional.empty();
    }

    private static Tally blows(String id, Sights.Of<Moment> option) {
        return Sights.ofActs(id, Kind.STRIKE, option);
    }

    private static Tally told(String id, Sights.Of<Moment> option) {
        return Sights.ofFacts(id, Strike.class, option);
    }

    public static final Question QUESTION = new Question(
            "blow",
            Chapter.BLOWS,
            "Which blows, from where, and how many land?",
            "",
            "no blow of {name} has been watched",
            List.of(
                    new Ask(
                            "blow",
                            new Options(blows("blow", Blows::which)),
                            Wording.ofTerms(
                                            "{option}",
                                            "blows that have a name",
                                            "{name} struck {times}, most often {option}, {count}{claims}")
                                    .under("Which")),
                    new Ask(
                            "blow landed",
                            new YesNo(told("blow landed", Blows::landed), CLEAN),
                            Wording.plain("Landed clean", "blows of which it is told whether they landed", "")),
                    new Ask(
                            "blow hand",
                            new OwnSide(told("blow hand", Blows::hand)),
                            Wording.plain("With the left", "blows whose side was told", "")),
                    new Ask(
                            "blow from",
                            new Options(blows("blow from", Blows::from)),
                            Wording.plain("{option}", "blows", "").under("From where")),
                    new Ask(
                            "blow opened",
                            new Options(blows("blow opened", Blows::opened)),
                            Wording.plain("{option}", "blows", "").under("Followed, of their own, by"))));

    private Blows() {}
}
