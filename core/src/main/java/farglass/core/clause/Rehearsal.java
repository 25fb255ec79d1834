package farglass.core.clause;

import farglass.core.bout.Bout;
import farglass.core.bout.Contestant;
import farglass.core.bout.Header;
import farglass.core.lexicon.Lexicon;
import farglass.core.scribe.Expectation;
import farglass.core.scribe.LinePlace;
import farglass.core.state.Timeline;
import java.util.List;

/**
 * Lines that nobody typed, read so that the first one that somebody types waits for nothing: neither for the names to be ordered nor for what
 * reads them to be loaded, some four tenths of a second together.
 */
public final class Rehearsal {
    /** A name, the beginning of one, what somebody suffers, several things at once, and words that name nothing. */
    private static final List<String> LINES = List.of(
            "a knee cut left held",
            "b kn",
            "b gets swept",
            "a passes and goes straigh",
            "b frames, a hip bump to kimura",
            "a moves somewhow th");

    private Rehearsal() {}

    /** Reads them with these words. From any thread. */
    public static void of(Lexicon lexicon) {
        Bout nobody = new Bout(
                "rehearsal",
                Header.between(Contestant.named("Somebody"), Contestant.named("Another")),
                List.of(),
                List.of());
        LinePlace place = LinePlace.end(nobody, Timeline.of(nobody, lexicon).at(0));
        lexicon.naming().begun("kn");
        lexicon.naming().labelled("kn");
        LINES.forEach(line -> Clauses.read(line, place, lexicon, Expectation.NONE)
                .forEach(clause -> clause.reading().alternatives()));
    }
}
