package farglass.core.said;

import farglass.core.bout.Became;
import farglass.core.entry.Kind;
import farglass.core.entry.Technique;
import farglass.core.side.Stage;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * "Gets flattened", "is foot swept" and "gets her guard passed": who is named suffers it, and the act is the other's.
 *
 * @param act what the other did, in words: "foot swept", "passed the guard"
 * @param clear whether it can be nobody else's; "gets her arm trapped" may be said of the other's arm
 * @param done whether the words say that it came about: a sweep that one gets swept by has held
 * @param tapped whether whoever suffers it has tapped
 */
public record Passive(String act, boolean clear, boolean done, boolean tapped) {
    private static final Set<String> GETS = Set.of("gets", "got", "getting");
    private static final Set<String> IS = Set.of("is", "was", "are", "were", "being");
    private static final Set<String> HAS = Set.of("gets", "got", "getting", "has", "had");
    /** Before what is hers; the last ones are hers as well, though it is not said. */
    private static final Set<String> WHOSE = Set.of("her", "his", "their");

    private static final Set<String> ARTICLES = Set.of("a", "an", "the", "her", "his");

    private static final Set<String> HERS = Set.of("guard", "back", "posture");
    private static final Set<String> HARDLY = Set.of("nearly", "almost");

    private static final Set<String> PARTICIPLES =
            words("swept thrown taken caught put held broken hit shot choked beaten");

    /** Said of how somebody is, and of nothing that was done to her. */
    private static final Set<String> OF_ONESELF =
            words("seated settled squared started based postured inverted need speed");

    private static final Set<String> DONE = words("swept thrown passed taken submitted tapped reversed tripped");

    /** Of what somebody has, this is done only by the other. */
    private static final Set<String> BY_THE_OTHER = Set.of("passed", "taken", "broken");

    /** Of a limb this is done to the other's as often as it is suffered. */
    private static final Set<String> BY_EITHER =
            words("trapped caught isolated pinned controlled stripped attacked stapled exposed dragged hooked "
                    + "extended flattened swept stuck crushed");

    /** Before these it is told what with: "foot swept", "leg dragged"; before others stands what somebody did it with herself. */
    private static final Set<String> WITH_WHAT =
            words("swept dragged legged hooked tripped thrown choked reaped bumped submitted");

    /** Whoever gets the foot swept did it herself. */
    private static final Set<String> NOT_WITH_WHAT = words("the a an her his their to in into on up for with and");

    private static final Set<String> HOW =
            words("completely badly fully immediately quickly nearly almost easily just");

    /** What may stand behind it; before a noun it is an adjective, as in "closed guard". */
    private static final Set<String> BEHIND =
            words("by with from to into onto in on at for out down off over up again flat back away through around "
                    + "round hard badly unconscious under against across near and quickly immediately completely");

    private static final Pattern TAPS = Pattern.compile("(?:taps?|tapped)(?: out)? (?:to|from|against) .+");
    private static final Pattern TAPPED = Pattern.compile("(?:submitted|tapped)(?: out)?");

    /** What was suffered, as whoever did it did it: who is caught or stuck in a triangle suffers a triangle. */
    private static final Map<Pattern, String> DID = new LinkedHashMap<>();

    static {
        did("(?:submitted|tapped|taps?)(?: out)? (?:with|by|to|from|against)(?: an?| the| her| his)? ", "");
        did("(?:submitted|tapped)(?: out)?", "submission");
        did("choked (?:out|unconscious)", "choke");
        did("(?:(?:caught|stuck|trapped) (?:in|with|by|on|under|underneath)|put in) ", "");
        // Who is pulled down or forward is pulled into no guard.
        did("(?=.*\\bguard$)pulled (?:in)?to(?: an?| the| her| his)? ", "pulls ");
        did("pulled (?:in)?to(?: an?| the| her| his)? ", "");
        did("(?=pulled (?:forward|down|over|back|around|off)\\b)pulled ", "pulls her ");
        // "Taken" by itself would be read as what became of it.
        did("taken ", "takes ");
    }

    private static final int FURTHEST = 3;
    /** A longer phrase is a remark. */
    private static final int LONGEST = 9;

    private static Set<String> words(String text) {
        return Set.of(text.split(" "));
    }

    private static void did(String suffered, String act) {
        DID.put(Pattern.compile("^" + suffered + (suffered.endsWith(" ") ? "" : "$"), Pattern.CASE_INSENSITIVE), act);
    }

    /** {@return what the other one did, where the phrase tells what was done to somebody} */
    public static Optional<Passive> in(String phrase) {
        List<String> written = List.of(phrase.strip().split("\\s+", LONGEST + 1));
        if (written.size() > LONGEST) {
            return Optional.empty();
        }
        if (TAPS.matcher(phrase.strip().toLowerCase(Locale.ROOT)).matches()) {
            return Optional.of(suffered(written, true, true));
        }
        if (written.size() > 2 && HARDLY.contains(written.get(0).toLowerCase(Locale.ROOT))) {
            return of(written.subList(1, written.size()))
                    .map(said -> new Passive(said.act + " " + written.get(0), said.clear, false, false));
        }
        return of(written);
    }

    /** {@return whether it can be that technique: nobody taps to what is no submission} */
    public boolean canBe(Optional<Technique> technique) {
        return !tapped
                || technique.filter(lock -> lock.kind() == Kind.SUBMISSION).isPresent();
    }

    /** {@return what the words say of how it went, beside what its act says itself} Who gets swept was swept, and who gets tapped has tapped. */
    public MannerTold manner(MannerTold act) {
        return new MannerTold(
                act.became().or(() -> Optional.of(Became.HELD).filter(held -> done)),
                act.stage().or(() -> Optional.of(Stage.TAP).filter(tap -> tapped)),
                act.feint(),
                true);
    }

    private static Passive suffered(List<String> words, boolean clear, boolean done) {
        String said = String.join(" ", words).strip();
        String act = said;
        for (Map.Entry<Pattern, String> did : DID.entrySet()) {
            Matcher matcher = did.getKey().matcher(act);
            if (matcher.find()) {
                act = matcher.replaceFirst(did.getValue());
                break;
            }
        }
        String lower = said.toLowerCase(Locale.ROOT);
        boolean tapped = TAPS.matcher(lower).matches() || TAPPED.matcher(lower).lookingAt();
        // By itself it may be into a guard, or only about.
        boolean open = act.equalsIgnoreCase("pulled");
        return new Passive(act, clear && !open, done || lower.matches("choked (out|unconscious)"), tapped);
    }

    private static Optional<Passive> of(List<String> written) {
        List<String> words =
                written.stream().map(word -> word.toLowerCase(Locale.ROOT)).toList();
        if (words.size() > 2 && HAS.contains(words.get(0)) && words.get(1).equals("been")) {
            return isDone(written, words, 2);
        }
        Optional<Passive> done = words.size() > 1 && (GETS.contains(words.get(0)) || IS.contains(words.get(0)))
                ? isDone(written, words, 1)
                : Optional.empty();
        if (done.isPresent() || words.size() < 3 || !HAS.contains(words.get(0))) {
            return done;
        }
        return WHOSE.contains(words.get(1))
                ? ofHers(written, words, 2)
                : HERS.contains(words.get(1)) ? ofHers(written, words, 1) : Optional.empty();
    }

    private static Optional<Passive> isDone(List<String> written, List<String> words, int from) {
        int at = participle(words, from);
        return at >= 0 && isLast(words, at)
                ? Optional.of(suffered(written.subList(from, written.size()), true, DONE.contains(words.get(at))))
                : Optional.empty();
    }

    /** "Gets foot swept": one or two words before the participle say what with. */
    private static int participle(List<String> words, int from) {
        int first = from;
        while (first < words.size() - 1 && HOW.contains(words.get(first))) {
            first++;
        }
        if (isParticiple(words.get(first)) || isStuckIn(words, first)) {
            return first;
        }
        for (int at = first; at < Math.min(words.size(), first + FURTHEST); at++) {
            if (WITH_WHAT.contains(words.get(at))) {
                return at;
            }
            if (NOT_WITH_WHAT.contains(words.get(at))) {
                return -1;
            }
        }
        return -1;
    }

    /** In what has an article one is caught; "stuck in half guard" tells where the two are, and either may be it. */
    private static boolean isStuckIn(List<String> words, int at) {
        return words.size() > at + 3 && words.get(at).equals("stuck") && ARTICLES.contains(words.get(at + 2));
    }

    /** "Gets her guard passed". */
    private static Optional<Passive> ofHers(List<String> written, List<String> words, int from) {
        for (int at = from + 1; at < Math.min(words.size(), from + 1 + FURTHEST); at++) {
            String word = words.get(at);
            boolean other = BY_THE_OTHER.contains(word);
            if ((other || BY_EITHER.contains(word)) && isLast(words, at)) {
                String what = String.join(" ", written.subList(from, at));
                String more = String.join(" ", written.subList(at + 1, written.size()));
                return Optional.of(suffered(List.of(word, "the", what, more), other, other && DONE.contains(word)));
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
}
