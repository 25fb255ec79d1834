package farglass.core.clause;

import farglass.core.bout.Bout;
import farglass.core.bout.Moment;
import farglass.core.entry.Kind;
import farglass.core.entry.Technique;
import farglass.core.lexicon.Lexicon;
import farglass.core.said.Scene;
import farglass.core.scribe.Expectation;
import farglass.core.scribe.LinePlace;
import farglass.core.scribe.ScribeLine;
import farglass.core.side.Seat;
import farglass.core.state.Whereabouts;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalLong;

/** Reads the parts of one line, each where the one before it leads. */
final class ClauseReader {
    private final LinePlace start;
    private final Lexicon lexicon;
    private final Expectation expectation;
    /** What was read where the line begins: the same words are looked at more than once, as a whole and as a part. */
    private final Map<String, Optional<Clause>> atStart = new HashMap<>();

    ClauseReader(LinePlace start, Lexicon lexicon, Expectation expectation) {
        this.start = start;
        this.lexicon = lexicon;
        this.expectation = expectation;
    }

    Lexicon lexicon() {
        return lexicon;
    }

    /** {@return what the text tells there; empty for an empty text} */
    Optional<Clause> clause(String text, LinePlace place) {
        return place == start ? atStart.computeIfAbsent(text, any -> fresh(any, place)) : fresh(text, place);
    }

    private Optional<Clause> fresh(String text, LinePlace place) {
        return ScribeLine.read(text, place, lexicon, expectation).map(reading -> new Clause(text, place, reading));
    }

    /** {@return what the text tells of whoever is named in front of it, and else of whoever did what stands before} */
    Optional<Clause> by(String text, Seat before, LinePlace here) {
        List<String> words = List.of(text.split("\\s+"));
        // "A" in the middle of a line is an article.
        boolean named = words.get(0).length() > 1
                && here.actors().inFront(words, lexicon).isPresent();
        return clause(named ? text : before + " " + text, here);
    }

    /** {@return the same, with these words beside it} What names nothing is what was said of the act before it. */
    Clause noted(Clause clause, String words) {
        return clause(clause.text() + " note " + words, clause.place()).orElseThrow();
    }

    /** {@return the same with these words behind what was done, in front of what was noted beside it} */
    Optional<Clause> more(Clause clause, String words) {
        String[] noted = clause.text().split(" note ", 2);
        return clause(noted[0] + " " + words + (noted.length == 1 ? "" : " note " + noted[1]), clause.place());
    }

    /** {@return where the two are behind it, in a bout that has it: "armbar, bea taps" is a tap to that armbar} */
    LinePlace after(Clause clause) {
        LinePlace place = clause.place();
        Bout bout = place.bout();
        int at = Math.min(place.before(), bout.moments().size());
        Moment moment = clause.reading()
                .proposal()
                .at("part " + (at - start.before() + 1), OptionalLong.empty(), place.now(), lexicon);
        List<Moment> moments = new ArrayList<>(bout.moments());
        moments.add(at, moment);
        return new LinePlace(
                new Bout(bout.id(), bout.header(), moments, bout.comments()),
                Whereabouts.after(place.now(), moment, lexicon),
                place.answerable(),
                at + 1,
                Whereabouts.landing(moment, lexicon));
    }

    /** {@return whether the sport allows the act where it is told} */
    boolean canStart(Clause clause) {
        Scene scene = Scene.of(clause.place().now(), clause.place().bout().header());
        return technique(clause)
                .filter(technique -> lexicon.naming().fitsHere(technique, scene.by(clause.actor())))
                .isPresent();
    }

    /** {@return the technique that it tells was done} */
    Optional<Technique> technique(Clause clause) {
        return clause.reading().proposal().deed().did().flatMap(lexicon::technique);
    }

    /** {@return whether an act is told that moves one of the two; of a grip it is not told that it held} */
    boolean moves(Clause clause) {
        return technique(clause)
                .filter(technique -> !technique.kind().movesNobody())
                .isPresent();
    }

    boolean isSubmission(Clause clause) {
        return technique(clause)
                .filter(technique -> technique.kind() == Kind.SUBMISSION)
                .isPresent();
    }
}
