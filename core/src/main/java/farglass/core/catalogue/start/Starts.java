package farglass.core.catalogue.start;

import farglass.core.bout.Moment;
import farglass.core.bout.Motive;
import farglass.core.corpus.BoutSheet;
import farglass.core.corpus.Evidence;
import farglass.core.corpus.Tally;
import farglass.core.entry.Family;
import farglass.core.entry.Kind;
import farglass.core.measure.Options;
import farglass.core.question.Ask;
import farglass.core.question.Chapter;
import farglass.core.question.Question;
import farglass.core.question.Wording;
import farglass.core.side.Seat;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** How does she start? The first commitment from standing in each bout whose start was watched. */
public final class Starts {
    private static final String PULLS = "Pulls guard first";
    private static final String SHOOTS = "Goes for a takedown first";
    private static final String WAITS = "Lets the other begin";
    private static final Set<Kind> COMMITTING = Set.of(Kind.PULL, Kind.TAKEDOWN, Kind.ENTRY);

    private static List<Evidence> start(BoutSheet sheet, Seat seat) {
        if (!sheet.sawStart()) {
            return List.of();
        }
        return sheet.deeds().stream()
                .filter(moment -> sheet.timeline().before(moment).position().family() == Family.STANDING)
                // Who is forced to pull has not chosen to.
                .filter(moment -> !moment.telling().motive().equals(Optional.of(Motive.FORCED)))
                .filter(moment -> sheet.technique(moment)
                        .filter(technique -> COMMITTING.contains(technique.kind()))
                        .isPresent())
                .findFirst()
                .map(first -> new Evidence(sheet.bout().id(), Optional.of(first.id()), option(sheet, first, seat)))
                .stream()
                .toList();
    }

    private static String option(BoutSheet sheet, Moment first, Seat seat) {
        if (!first.actor().equals(Optional.of(seat))) {
            return WAITS;
        }
        return sheet.technique(first).orElseThrow().kind() == Kind.PULL ? PULLS : SHOOTS;
    }

    public static final Question QUESTION = new Question(
            "start",
            Chapter.THE_START,
            "How do they start?",
            "",
            "no start of a bout has been watched yet",
            List.of(new Ask(
                    "start",
                    new Options(new Tally("start", Starts::start)),
                    Wording.plain(
                            "{option}",
                            "bouts whose start was watched",
                            "of {n} {bout|bouts} whose start was watched, {name} {each}"))));

    private Starts() {}
}
