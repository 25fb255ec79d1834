package farglass.core.scribe.typed;

import farglass.core.Spelling;
import farglass.core.bout.Bout;
import farglass.core.bout.Moment;
import farglass.core.bout.Telling;
import farglass.core.fact.Link;
import farglass.core.fact.Tie;
import farglass.core.side.Seat;
import java.util.List;
import java.util.Optional;

/**
 * What "answers", "continues" and "out-of" refer to in a typed line: the chosen moment, or the last one of the athlete it can be.
 *
 * @param chosen id of the moment the words refer to where "last" is not said; empty if there is none
 * @param before how many of the bout's moments lie before the line
 */
public record LinkTargets(Bout bout, Optional<String> chosen, int before) {
    static LinkTargets none(Bout bout) {
        return new LinkTargets(bout, Optional.empty(), 0);
    }

    Telling in(Telling told, List<String> words, Optional<Seat> actor, List<String> remarks) {
        Telling linked = told;
        for (Tie tie : List.of(Tie.ANSWERS, Tie.CONTINUES, Tie.OUT_OF)) {
            String word = Spelling.of(tie);
            if (words.contains(word)) {
                linked = linked(linked, tie, words.contains(Link.LAST), actor, remarks);
            }
        }
        return linked;
    }

    private Telling linked(Telling told, Tie tie, boolean last, Optional<Seat> actor, List<String> remarks) {
        Optional<Moment> meant = last || chosen.isEmpty() ? last(tie, actor) : chosen.flatMap(bout::moment);
        if (meant.isEmpty()) {
            remarks.add("There is no earlier moment that it could %s.".formatted(verb(tie)));
            return told;
        }
        boolean own = actor.isPresent() && meant.get().actor().equals(actor);
        if (tie == Tie.ANSWERS && own) {
            remarks.add(
                    "An answer belongs to a moment of the other one, and that moment is one's own: write \"continues\" for the same try. It is not linked.");
            return told;
        }
        if (tie != Tie.ANSWERS && actor.isPresent() && meant.get().actor().isPresent() && !own) {
            remarks.add(
                    "Only one's own try can be continued, and that moment is the other one's: write \"answers\". It is not linked.");
            return told;
        }
        String id = meant.get().id();
        return tie == Tie.ANSWERS
                ? told.withAnswers(Optional.of(id))
                : told.and(new Link(tie, id, Optional.empty(), Optional.empty()));
    }

    private static String verb(Tie tie) {
        return tie == Tie.ANSWERS ? "answer" : tie == Tie.CONTINUES ? "continue" : "have grown out of";
    }

    /** {@return the last thing done before the line, by the other one for an answer and by the same athlete for all else} */
    private Optional<Moment> last(Tie tie, Optional<Seat> actor) {
        Optional<Seat> whose = actor.map(seat -> tie == Tie.ANSWERS ? seat.other() : seat);
        List<Moment> earlier =
                bout.moments().subList(0, Math.min(before, bout.moments().size()));
        for (int i = earlier.size() - 1; i >= 0; i--) {
            Moment moment = earlier.get(i);
            boolean did =
                    moment.technique().isPresent() || moment.deed().unnamed().isPresent();
            if (did
                    && moment.actor().isPresent()
                    && (whose.isEmpty() || moment.actor().equals(whose))) {
                return Optional.of(moment);
            }
        }
        return Optional.empty();
    }
}
