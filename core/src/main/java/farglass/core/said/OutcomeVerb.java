package farglass.core.said;

import farglass.core.bout.Became;
import farglass.core.entry.Kind;
import farglass.core.entry.Technique;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

/**
 * A verb before a name that says what became of it: "loses the underhook", "threatens the armbar", "gives up on the choke".
 *
 * @param became what may have become of it; of a grip, and of anything else, not the same
 * @param named the words behind the verb
 */
record OutcomeVerb(List<Became> became, String named) {
    private static final Map<String, List<Became>> VERBS = new LinkedHashMap<>();

    static {
        say(List.of(Became.LOST, Became.ABANDONED), "lets go of", "let go of", "releases", "released");
        say(List.of(Became.LOST, Became.FAILED), "loses", "lost");
        say(List.of(Became.DENIED), "denies", "denied", "refuses");
        say(List.of(Became.HELD), "wins by", "won by", "wins with", "won with");
        say(List.of(Became.TAKEN), "wins", "won");
        say(List.of(Became.THREATENED), "threatens", "threatened");
        say(List.of(Became.HELD), "completes", "completed", "finishes", "finished");
        say(List.of(Became.NEARLY), "comes close to", "came close to", "comes close with", "came close with");
        say(List.of(Became.ABANDONED), "gives up on", "gave up on", "gives up", "gave up");
    }

    private static void say(List<Became> became, String... verbs) {
        for (String verb : verbs) {
            VERBS.put(verb, became);
        }
    }

    /** {@return the verb in front of a phrase, if it begins with one} */
    static Optional<OutcomeVerb> in(String phrase) {
        String plain = phrase.strip();
        String lower = plain.toLowerCase(Locale.ROOT);
        return VERBS.entrySet().stream()
                .filter(verb -> lower.startsWith(verb.getKey() + " "))
                .findFirst()
                .map(verb -> new OutcomeVerb(
                        verb.getValue(), plain.substring(verb.getKey().length()).strip()));
    }

    /** {@return what became of that technique; empty where none of it can} Only grips are taken, denied and lost. */
    Optional<Became> of(Technique technique) {
        boolean grip = technique.kind() == Kind.GRIP;
        return became.stream()
                .filter(told -> switch (told) {
                    case LOST, DENIED, TAKEN -> grip;
                    // Who loses a sweep may have been on top already; a submission is tried and comes to nothing.
                    case FAILED, ABANDONED -> technique.kind() == Kind.SUBMISSION;
                    default -> !grip && !technique.kind().movesNobody() || technique.kind() == Kind.STRIKE;
                })
                .findFirst();
    }
}
