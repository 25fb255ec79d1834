package farglass.core.clause;

import farglass.core.entry.Kind;
import farglass.core.scribe.LinePlace;
import farglass.core.side.Stage;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;

/** A tap as the last thing that a line tells. */
final class LastTap {
    private static final Pattern TAP =
            Pattern.compile("(?:and )?(?:the )?(?:tap|tap ?out|submission)", Pattern.CASE_INSENSITIVE);

    /** No name of a submission has more. */
    private static final int MOST_WORDS = 7;

    private static final Set<Kind> DEFENDING = EnumSet.of(Kind.ESCAPE, Kind.DEFENCE, Kind.REACTION, Kind.RETENTION);

    private final ClauseReader reader;

    LastTap(ClauseReader reader) {
        this.reader = reader;
    }

    /**
     * "Armbar, tight, tap" and "triangle locked, tap".
     *
     * @return the submission that the words before it tell of, and of other words that there was one; empty where the part is no tap
     */
    Optional<Clause> behind(Clause last, String part, LinePlace here) {
        if (!TAP.matcher(part).matches()
                || last.actor().isEmpty()
                || last.text().contains(" note ")) {
            return Optional.empty();
        }
        String who = last.actor().get() + " ";
        if (reader.technique(last)
                .filter(technique -> DEFENDING.contains(technique.kind()))
                .isPresent()) {
            // Whoever defends taps herself; where nothing was on, it stays as words.
            return reader.clause(who + "taps", here).filter(Clause::isUnderstood);
        }
        List<String> words = List.of(last.text().split("\\s+"));
        for (int from = 1; from < words.size(); from++) {
            for (int until = Math.min(words.size(), from + MOST_WORDS); until > from; until--) {
                String name = String.join(" ", words.subList(from, until));
                if (!namesSubmission(name)) {
                    continue;
                }
                String named = who + name + " tap";
                Optional<Clause> tap = reader.clause(named, here).filter(this::isTap);
                if (tap.isPresent()) {
                    String rest = String.join(" ", words.subList(until, words.size()));
                    return !tap.get().isSameDeed(last) || rest.isEmpty()
                            ? tap
                            : reader.clause(named, last.place()).map(same -> reader.noted(same, rest));
                }
            }
        }
        return reader.clause(who + "submission tap", here).filter(this::isTap);
    }

    /** Looked up and not read: to read every part of a long line would take as long as hundreds of lines. */
    private boolean namesSubmission(String words) {
        return reader.lexicon().meanings(words).stream().anyMatch(term -> term.isOf(Kind.SUBMISSION));
    }

    private boolean isTap(Clause clause) {
        return clause.isSure() && isTold(clause) && reader.isSubmission(clause);
    }

    /** {@return whether a tap is told to what nobody taps to} */
    boolean isToNothing(Clause clause) {
        return isTold(clause) && !reader.isSubmission(clause);
    }

    private static boolean isTold(Clause clause) {
        return clause.reading().proposal().telling().stage().equals(Optional.of(Stage.TAP));
    }
}
