package farglass.core.catalogue.start;

import farglass.core.bout.Deed;
import farglass.core.bout.Moment;
import farglass.core.catalogue.tally.Places;
import farglass.core.catalogue.tally.Sights;
import farglass.core.corpus.BoutSheet;
import farglass.core.measure.Options;
import farglass.core.question.Ask;
import farglass.core.question.Chapter;
import farglass.core.question.Question;
import farglass.core.question.Wording;
import farglass.core.side.Seat;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/** What stood when the edge stopped the match? Who is on top loses something by it unless it goes on as it was. */
public final class Edge {
    private static Optional<String> stopped(BoutSheet sheet, Seat seat, Moment moment) {
        return moment.deed()
                .stop()
                .filter(reason -> reason.toLowerCase(Locale.ROOT).contains("edge"))
                .map(reason -> Places.broad(sheet.timeline().before(moment), seat));
    }

    private static Optional<String> resumed(BoutSheet sheet, Seat seat, Moment moment) {
        return moment.deed()
                .restart()
                .flatMap(Deed.Restarted::resumed)
                .map(how -> how == Deed.Resumed.SAME ? "as it was" : "on the feet");
    }

    public static final Question QUESTION = new Question(
            "edge",
            Chapter.THE_START,
            "What stood when the edge stopped them?",
            "",
            "no stop at the edge has been watched",
            List.of(
                    new Ask(
                            "edge",
                            new Options(Sights.ofHappenings("edge", Deed.Stopped.class, Edge::stopped)),
                            Wording.plain(
                                            "{option}",
                                            "stops at the edge",
                                            "at {n} {stop|stops} at the edge {name} was {each}")
                                    .under("Stopped while they were")),
                    new Ask(
                            "edge resumed",
                            new Options(Sights.ofHappenings("edge resumed", Deed.Restarted.class, Edge::resumed)),
                            Wording.plain("{option}", "restarts of which it is told how", "")
                                    .under("And begun again"))));

    private Edge() {}
}
