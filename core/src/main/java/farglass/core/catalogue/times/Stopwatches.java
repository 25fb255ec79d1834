package farglass.core.catalogue.times;

import farglass.core.bout.Moment;
import farglass.core.catalogue.tally.Sights;
import farglass.core.corpus.BoutSheet;
import farglass.core.corpus.Stays;
import farglass.core.corpus.TimedStay;
import farglass.core.entry.Kind;
import farglass.core.measure.Lasting;
import farglass.core.question.Ask;
import farglass.core.question.Chapter;
import farglass.core.question.Question;
import farglass.core.question.Wording;
import farglass.core.side.Seat;
import java.util.List;
import java.util.stream.Stream;

/** How soon does she react, shoot from a grip, and try again? Only between moments a person tied together, or her own. */
public final class Stopwatches {
    private static final long FAR_MICROS = 30_000_000;

    /** From an act of the other's to her answer, as a person linked it. */
    private static Stream<TimedStay> reactions(BoutSheet sheet, Seat seat) {
        return sheet.deeds().stream().filter(moment -> Sights.by(moment, seat)).flatMap(moment -> sheet
                .conversation()
                .before(moment)
                .filter(turn -> turn.confirmed() && Sights.by(turn.earlier(), seat.other()))
                .stream()
                .flatMap(turn -> Sights.between(
                        sheet, turn.earlier(), moment, "From an act of the other\u2019s to the answer")));
    }

    private static boolean is(BoutSheet sheet, Moment moment, Kind kind) {
        return sheet.technique(moment)
                .filter(technique -> technique.kind() == kind)
                .isPresent();
    }

    private static Stream<TimedStay> fromGrip(BoutSheet sheet, Seat seat) {
        return sheet.deeds().stream()
                .filter(moment -> Sights.by(moment, seat) && is(sheet, moment, Kind.TAKEDOWN))
                .flatMap(moment ->
                        sheet.lastOwn(moment, FAR_MICROS).filter(before -> is(sheet, before, Kind.GRIP)).stream()
                                .flatMap(before ->
                                        Sights.between(sheet, before, moment, "From the last grip to the takedown")));
    }

    private static List<TimedStay> times(BoutSheet sheet, Seat seat) {
        return Stream.concat(reactions(sheet, seat), fromGrip(sheet, seat)).toList();
    }

    public static final Question QUESTION = new Question(
            "times",
            Chapter.TIMES,
            "How soon do they react?",
            "",
            "no two moments of {name} are tied together",
            List.of(new Ask(
                    "times",
                    new Lasting(new Stays("times", Stopwatches::times)),
                    Wording.plain("{option}", "pairs of moments", "{option}, {length}"))));

    private Stopwatches() {}
}
