package farglass.core.clause;

import farglass.core.scribe.LinePlace;
import farglass.core.side.Seat;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Pattern;

/**
 * What "and" joins, where a part of it has no name: "whizzers and kneels on the thigh". Its words stay as a note of what the same one does
 * beside it; what the other one does is a moment of its own.
 */
final class PartlyNamed {
    private static final Pattern AND = Pattern.compile(" (?:and then|and) ", Pattern.CASE_INSENSITIVE);

    private static final String VERB =
            "(?:[a-z]*[a-rt-z]s|[a-z]+ed|got|took|went|came|stood|shot|hit|threw|swept|fell|sat|ran|held|kept|lost|broke)(?: .+)?";

    /** What somebody does or did: no part of a name, as in "goes for the collar and elbow". */
    private static final Pattern ACT = Pattern.compile(VERB, Pattern.CASE_INSENSITIVE);

    /** The same with a name behind who does it, or what with: "bea knee cuts". */
    private static final Pattern NAMED_ACT = Pattern.compile("(?:[a-z]+ ){0,2}?" + VERB, Pattern.CASE_INSENSITIVE);

    private final ClauseReader reader;
    private final Seat actor;
    private final List<Clause> told = new ArrayList<>();
    /** Words of the actor's before anything was named. */
    private final List<String> ahead = new ArrayList<>();

    private PartlyNamed(ClauseReader reader, Seat actor) {
        this.reader = reader;
        this.actor = actor;
    }

    /**
     * {@return a moment for each part that has a name; empty where none has, or a part is not what somebody does}
     *
     * @param text with whoever acts in front of it
     */
    static Optional<List<Clause>> told(String text, LinePlace place, ClauseReader reader) {
        List<String> words = List.of(text.split("\\s+", 2));
        return place.actors()
                .inFront(words, reader.lexicon())
                .filter(actor -> words.size() > 1)
                .flatMap(actor -> new PartlyNamed(reader, actor).parted(words.get(1), place));
    }

    private Optional<List<Clause>> parted(String text, LinePlace place) {
        LinePlace here = place;
        for (String part : AND.split(text)) {
            Optional<Clause> clause = reader.by(part, actor, here);
            boolean named = clause.filter(Clause::isSure).isPresent();
            boolean first = told.isEmpty() && ahead.isEmpty();
            boolean act = (named ? NAMED_ACT : ACT).matcher(part).matches();
            if (clause.isEmpty() || !act && !(first && named)) {
                return Optional.empty();
            }
            Seat by = clause.get().actor().orElse(actor);
            if (named) {
                add(clause.get(), by, here);
            } else if (told.isEmpty() && by == actor) {
                ahead.add(part);
            } else if (!told.isEmpty() && last().actor().equals(Optional.of(by))) {
                told.set(told.size() - 1, reader.noted(last(), part));
            } else {
                return Optional.empty();
            }
            here = told.isEmpty() ? place : reader.after(last());
        }
        return told.isEmpty() ? Optional.empty() : Optional.of(told);
    }

    private void add(Clause clause, Seat by, LinePlace here) {
        String words = String.join(", ", ahead);
        ahead.clear();
        if (words.isEmpty()) {
            told.add(clause);
        } else if (by == actor) {
            told.add(reader.noted(clause, words));
        } else {
            // As they stand: in the middle of a line no word is finished.
            told.add(reader.clause("%s \"%s\"".formatted(actor, words), here).orElseThrow());
            told.add(clause);
        }
    }

    private Clause last() {
        return told.get(told.size() - 1);
    }
}
