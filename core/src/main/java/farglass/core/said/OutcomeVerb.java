package farglass.core.said;

import farglass.core.bout.Became;
import farglass.core.entry.Kind;
import farglass.core.entry.Technique;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/**
 * A verb before a name that says what became of it: "loses the underhook", "threatens the armbar", "finishes the takedown".
 *
 * @param named the words behind the verb
 */
record OutcomeVerb(Became became, String named) {
    private static final List<String> LOSES = List.of("loses", "lost");
    private static final List<String> DENIES = List.of("denies", "denied", "refuses");
    private static final List<String> WINS = List.of("wins", "won");
    private static final List<String> THREATENS = List.of("threatens", "threatened");
    private static final List<String> COMPLETES = List.of("completes", "completed", "finishes", "finished");

    /** {@return the verb in front of a phrase, if it begins with one} */
    static Optional<OutcomeVerb> in(String phrase) {
        String[] parts = phrase.strip().split("\\s+", 2);
        return parts.length < 2
                ? Optional.empty()
                : became(parts[0].toLowerCase(Locale.ROOT)).map(became -> new OutcomeVerb(became, parts[1]));
    }

    private static Optional<Became> became(String verb) {
        if (LOSES.contains(verb)) {
            return Optional.of(Became.LOST);
        }
        if (DENIES.contains(verb)) {
            return Optional.of(Became.DENIED);
        }
        if (WINS.contains(verb)) {
            return Optional.of(Became.TAKEN);
        }
        if (THREATENS.contains(verb)) {
            return Optional.of(Became.THREATENED);
        }
        return COMPLETES.contains(verb) ? Optional.of(Became.HELD) : Optional.empty();
    }

    /** {@return whether that can become of the technique: only grips are taken, denied and lost} */
    boolean fits(Technique technique) {
        boolean grip = technique.kind() == Kind.GRIP;
        return switch (became) {
            case LOST, DENIED, TAKEN -> grip;
            default -> !grip && !technique.kind().movesNobody() || technique.kind() == Kind.STRIKE;
        };
    }
}
