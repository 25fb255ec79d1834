package farglass.core.said;

import java.util.Locale;
import java.util.Optional;
import java.util.Set;

/** "Gets flattened" and "is swept": who is named suffers it, and the act is the other's. */
public final class Passive {
    private static final Set<String> AUXILIARIES = Set.of("is", "gets", "got", "was", "are", "were", "being");
    private static final Set<String> PARTICIPLES = Set.of(
            "swept", "thrown", "taken", "caught", "put", "held", "broken", "hit", "shot", "stuck", "choked", "beaten");

    private Passive() {}

    /** {@return what the other one did, where the phrase tells what was done to somebody} */
    public static Optional<String> act(String phrase) {
        String[] words = phrase.strip().toLowerCase(Locale.ROOT).split("\\s+");
        boolean passive = words.length > 1
                && AUXILIARIES.contains(words[0])
                && (words[1].endsWith("ed") || PARTICIPLES.contains(words[1]));
        return passive ? Optional.of(phrase.strip().split("\\s+", 2)[1]) : Optional.empty();
    }
}
