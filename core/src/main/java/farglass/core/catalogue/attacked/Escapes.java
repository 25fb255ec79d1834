package farglass.core.catalogue.attacked;

import farglass.core.catalogue.tally.Places;
import farglass.core.catalogue.tally.Tries;
import farglass.core.corpus.BoutSheet;
import farglass.core.corpus.CountedTry;
import farglass.core.corpus.Evidence;
import farglass.core.corpus.Stays;
import farglass.core.corpus.TimedStay;
import farglass.core.entry.Kind;
import farglass.core.estimate.time.Stay;
import farglass.core.measure.Lasting;
import farglass.core.measure.Options;
import farglass.core.question.Ask;
import farglass.core.question.Chapter;
import farglass.core.question.Question;
import farglass.core.question.Wording;
import farglass.core.side.Seat;
import java.util.List;
import java.util.Optional;

/** How does she escape, from which places, and what works? */
public final class Escapes {
    private static final Tries TRIES = new Tries("escape", "escapes", Kind.ESCAPE);

    /** From the beginning of the stay that she escapes from to the escape that worked, in seconds. */
    private static List<TimedStay> under(BoutSheet sheet, Seat seat) {
        return sheet.visits().stream()
                .filter(visit -> visit.endedBy().isPresent() && sheet.sawEnd(visit))
                .filter(visit -> sheet.tried(seat, Kind.ESCAPE).stream()
                        .anyMatch(tried -> tried.worked()
                                && tried.attempt()
                                        .last()
                                        .id()
                                        .equals(visit.endedBy().get())))
                .map(visit -> new TimedStay(
                        new Evidence(
                                sheet.bout().id(),
                                visit.endedBy(),
                                visit.stand().position().key()),
                        new Stay(visit.playedSeconds(), true, sheet.bout().id())))
                .toList();
    }

    private static final Ask UNDER = new Ask(
            "escape under",
            new Lasting(new Stays("escape under", Escapes::under)),
            Wording.ofTerms("{option}", "escapes that worked from there", "").under("How long under it"));

    private static Optional<String> to(BoutSheet sheet, CountedTry tried) {
        return tried.worked()
                ? Optional.of(Places.ledTo(
                        sheet.timeline().after(tried.attempt().last()),
                        tried.attempt().actor().orElseThrow()))
                : Optional.empty();
    }

    private static final Ask TO = new Ask(
            "escape to",
            new Options(TRIES.tally("to", Escapes::to)),
            Wording.plain("To {option}", "escapes that worked", "").under("To where"));

    public static final Question QUESTION = new Question(
            "escape",
            Chapter.UNDER_ATTACK,
            "How do they escape, and from where?",
            "",
            "{name} has not been seen trying to escape",
            List.of(
                    TRIES.done(
                            "Escapes tried and done",
                            "{name} tried {n} {escape|escapes} and {it|they} worked in {count}{claims}"),
                    TRIES.which(),
                    TRIES.side(),
                    TRIES.from(),
                    UNDER,
                    TO));

    private Escapes() {}
}
