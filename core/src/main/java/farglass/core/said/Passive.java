package farglass.core.said;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;

/**
 * "Gets flattened", "is foot swept" and "gets her guard passed": who is named suffers it, and the act is the other's.
 *
 * @param act what the other did, in words: "foot swept", "passed the guard"
 * @param clear whether it can be nobody else's; "gets her arm trapped" may be said of the other's arm
 * @param done whether the words say that it came about: a sweep that one gets swept by has held
 */
public record Passive(String act, boolean clear, boolean done) {
    private static final Set<String> GETS = Set.of("gets", "got", "getting");
    private static final Set<String> IS = Set.of("is", "was", "are", "were", "being");
    private static final Set<String> HAS = Set.of("gets", "got", "getting", "has", "had");
    private static final Set<String> WHOSE = Set.of("her", "his", "their");
    private static final Set<String> HARDLY = Set.of("nearly", "almost");

    private static final Set<String> PARTICIPLES = Set.of(
            "swept", "thrown", "taken", "caught", "put", "held", "broken", "hit", "shot", "stuck", "choked", "beaten");

    /** Said of how somebody is, and of nothing that was done to her. */
    private static final Set<String> OF_ONESELF =
            Set.of("seated", "settled", "squared", "started", "based", "postured", "inverted", "need", "speed");

    private static final Set<String> DONE =
            Set.of("swept", "thrown", "passed", "taken", "submitted", "tapped", "reversed", "tripped");

    /** Of what somebody has, this is done only by the other. */
    private static final Set<String> BY_THE_OTHER = Set.of("passed", "taken", "broken");

    /** Of a limb this is done to the other's as often as it is suffered. */
    private static final Set<String> BY_EITHER = Set.of(
            "trapped",
            "caught",
            "isolated",
            "pinned",
            "controlled",
            "stripped",
            "attacked",
            "stapled",
            "exposed",
            "dragged",
            "hooked",
            "extended",
            "flattened",
            "swept",
            "stuck",
            "crushed");

    /** What may stand before the participle tells what with: "foot swept", "completely flattened". */
    private static final Set<String> NOT_BEFORE = Set.of(
            "the", "a", "an", "her", "his", "their", "to", "in", "into", "on", "onto", "up", "for", "with", "from",
            "of", "at", "by", "and", "one", "two", "both", "back");

    /** What may stand behind it; before a noun it is an adjective, as in "closed guard". */
    private static final Set<String> BEHIND = Set.of(
            "by",
            "with",
            "from",
            "to",
            "into",
            "onto",
            "in",
            "on",
            "at",
            "for",
            "out",
            "down",
            "off",
            "over",
            "up",
            "again",
            "flat",
            "back",
            "away",
            "through",
            "around",
            "round",
            "hard",
            "badly",
            "unconscious",
            "under",
            "against",
            "across",
            "near",
            "and",
            "quickly",
            "immediately",
            "completely");

    private static final List<String> CAUGHT = List.of("caught in", "caught with", "caught by", "caught on", "put in");
    private static final int FURTHEST = 3;

    /** {@return what the other one did, where the phrase tells what was done to somebody} */
    public static Optional<Passive> in(String phrase) {
        String[] written = phrase.strip().split("\\s+");
        if (written.length > 2 && HARDLY.contains(written[0].toLowerCase(Locale.ROOT))) {
            return of(Arrays.asList(written).subList(1, written.length))
                    .map(said -> new Passive(said.act + " " + written[0], said.clear, false));
        }
        return of(Arrays.asList(written));
    }

    private static Optional<Passive> of(List<String> written) {
        List<String> words =
                written.stream().map(word -> word.toLowerCase(Locale.ROOT)).toList();
        boolean been =
                words.size() > 2 && HAS.contains(words.get(0)) && words.get(1).equals("been");
        if (been) {
            return suffered(written, words, 2);
        }
        if (words.size() > 1 && (GETS.contains(words.get(0)) || IS.contains(words.get(0)))) {
            Optional<Passive> suffered = suffered(written, words, 1);
            if (suffered.isPresent()) {
                return suffered;
            }
        }
        return words.size() > 3 && HAS.contains(words.get(0)) && WHOSE.contains(words.get(1))
                ? ofHers(written, words)
                : Optional.empty();
    }

    private static Optional<Passive> suffered(List<String> written, List<String> words, int from) {
        for (int at = from; at < Math.min(words.size(), from + FURTHEST); at++) {
            String word = words.get(at);
            if (NOT_BEFORE.contains(word)) {
                return Optional.empty();
            }
            if (isParticiple(word) && isLast(words, at)) {
                String act = String.join(" ", written.subList(from, written.size()));
                return Optional.of(new Passive(withoutCaught(act), true, DONE.contains(word)));
            }
        }
        return Optional.empty();
    }

    /** "Gets her guard passed". */
    private static Optional<Passive> ofHers(List<String> written, List<String> words) {
        for (int at = 3; at < Math.min(words.size(), 3 + FURTHEST); at++) {
            String word = words.get(at);
            boolean other = BY_THE_OTHER.contains(word);
            if ((other || BY_EITHER.contains(word)) && isLast(words, at)) {
                String more = String.join(" ", written.subList(at + 1, written.size()));
                String act = "%s the %s %s".formatted(word, String.join(" ", written.subList(2, at)), more);
                return Optional.of(new Passive(act.strip(), other, DONE.contains(word)));
            }
        }
        return Optional.empty();
    }

    private static boolean isParticiple(String word) {
        return !OF_ONESELF.contains(word) && (PARTICIPLES.contains(word) || word.length() > 4 && word.endsWith("ed"));
    }

    private static boolean isLast(List<String> words, int at) {
        return at == words.size() - 1 || BEHIND.contains(words.get(at + 1));
    }

    /** Who is caught in a triangle suffers a triangle. */
    private static String withoutCaught(String act) {
        String lower = act.toLowerCase(Locale.ROOT);
        return CAUGHT.stream()
                .filter(caught -> lower.startsWith(caught + " "))
                .findFirst()
                .map(caught -> act.substring(caught.length() + 1))
                .orElse(act);
    }
}
