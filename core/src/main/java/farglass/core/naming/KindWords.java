package farglass.core.naming;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * Of what kind an action is that has no name, by the words with which people tell it: who "plants" something places a limb, who "circles"
 * somewhere takes a step. A verb tells only kinds that move nobody and earn nothing; a pass or a sweep has to be called one: "tilt sweep".
 */
final class KindWords {
    private static final Map<String, Set<String>> VERBS = new LinkedHashMap<>();

    static {
        VERBS.put(
                "placement", stems("put", "place", "plant", "pin", "tuck", "wedge", "insert", "lay", "hook", "thread"));
        VERBS.put(
                "step", stems("step", "back", "circle", "walk", "shuffle", "skip", "scoot", "retreat", "run", "chase"));
        VERBS.put("grip", stems("grab", "grip", "hold", "feed", "hug", "clasp", "catch", "cup", "wrap", "clamp"));
        VERBS.put("grip-break", stems("strip", "peel", "rip"));
        VERBS.put("frame", stems("brace", "block", "shield"));
        VERBS.put(
                "defence",
                stems(
                        "defend", "counter", "avoid", "protect", "hide", "resist", "deny", "stuff", "prevent",
                        "survive"));
        VERBS.put("keeping", stems("keep", "stay", "hang", "remain", "rest", "squeeze", "hover", "sink"));
        VERBS.put("reaction", stems("react", "hesitate", "freeze", "stumble", "wobble", "gasp", "panic", "slip"));
        VERBS.put(
                "movement",
                stems(
                        "push",
                        "pull",
                        "press",
                        "shove",
                        "drag",
                        "lift",
                        "turn",
                        "roll",
                        "spin",
                        "drop",
                        "dive",
                        "duck",
                        "sit",
                        "squat",
                        "lean",
                        "lower",
                        "raise",
                        "stretch",
                        "straighten",
                        "twist",
                        "swing",
                        "slide",
                        "drive",
                        "kick",
                        "bend",
                        "rotate",
                        "tilt",
                        "feint",
                        "fake",
                        "climb",
                        "twitch"));
    }

    private static final Set<String> BLOWS = stems("kick", "punch", "elbow", "knee", "slap", "stomp", "hammer");

    private static final Set<String> LIMBS = stems(
            "hand",
            "foot",
            "knee",
            "shin",
            "elbow",
            "forearm",
            "shoulder",
            "head",
            "heel",
            "hip",
            "chest",
            "leg",
            "arm",
            "thigh",
            "instep",
            "sole",
            "forehead",
            "chin",
            "palm",
            "toe",
            "back",
            "weight");

    private static final Set<String> CLOTH =
            stems("collar", "sleeve", "lapel", "belt", "skirt", "tail", "jacket", "cuff");

    private static final Set<String> OTHERWISE_HELD =
            stems("wrist", "ankle", "biceps", "triceps", "waist", "neck", "pants", "trousers", "body", "face");

    /** Said of which one it is. */
    private static final Set<String> WHICH = stems(
            "left", "right", "near", "far", "top", "bottom", "inside", "outside", "own", "other", "both", "free",
            "same", "cross", "lead", "second", "first");

    private static final Set<String> WHERE = stems(
            "on",
            "onto",
            "in",
            "inside",
            "into",
            "under",
            "underneath",
            "behind",
            "over",
            "between",
            "across",
            "against",
            "to",
            "through",
            "around",
            "round",
            "beside",
            "above",
            "below",
            "near",
            "along");

    /** What people call a thing of that kind, behind a name of their own. */
    private static final Map<String, String> NOUNS = Map.ofEntries(
            Map.entry("sweep", "sweep"),
            Map.entry("pass", "pass"),
            Map.entry("choke", "choke"),
            Map.entry("strangle", "choke"),
            Map.entry("takedown", "takedown"),
            Map.entry("throw", "throw"),
            Map.entry("trip", "trip"),
            Map.entry("escape", "escape"),
            Map.entry("armlock", "armlock"),
            Map.entry("leglock", "leg-lock"),
            Map.entry("submission", "submission"),
            Map.entry("grip", "grip"),
            Map.entry("collar", "grip"),
            Map.entry("sleeve", "grip"),
            Map.entry("frame", "frame"),
            Map.entry("punch", "strike"),
            Map.entry("kick", "kick"),
            Map.entry("defence", "defence"),
            Map.entry("defense", "defence"));

    /** A name of more words is a sentence. */
    private static final int LONGEST_NAME = 3;

    private static final Set<String> NOT_DONE = Set.of(
            "fake",
            "fakes",
            "feint",
            "no",
            "not",
            "without",
            "never",
            "can't",
            "cannot",
            "couldn't",
            "doesn't",
            "didn't",
            "don't",
            "won't",
            "isn't");

    private static final Set<String> GOES = stems("get", "go", "come");
    /** The forms of a verb that tell what somebody did. */
    private static final String ACTS = ".*(s|ed|ing)";

    private KindWords() {}

    private static Set<String> stems(String... words) {
        return Stream.of(words).map(Stems::of1).collect(Collectors.toUnmodifiableSet());
    }

    /** {@return the key of the general entry for the kind; empty where the words tell no kind} */
    static Optional<String> kind(String plain, boolean strikes) {
        List<String> words = Stream.of(plain.split(" "))
                .filter(word -> !Stems.isSmall(word))
                .dropWhile(word -> WHICH.contains(Stems.of1(word)))
                .toList();
        if (words.isEmpty()) {
            return Optional.empty();
        }
        Optional<String> called = called(words);
        if (called.isPresent()) {
            return called;
        }
        String first = Stems.of1(words.get(0));
        String second = words.size() > 1 ? Stems.of1(words.get(1)) : "";
        // "Knees to the thigh" and "knee to the thigh" are blows, "knee behind her knee" is none.
        boolean acts = words.get(0).matches(ACTS);
        if (strikes && BLOWS.contains(first) && (acts || second.equals("to"))) {
            return Optional.of("strike");
        }
        if (WHERE.contains(second) && LIMBS.contains(first)) {
            return Optional.of("placement");
        }
        if (WHERE.contains(second) && CLOTH.contains(first)) {
            return Optional.of("grip");
        }
        if (WHERE.contains(second) && GOES.contains(first)) {
            return Optional.of("movement");
        }
        // "Right hand feeds the collar": the limb is only what does it.
        boolean limbActs =
                LIMBS.contains(first) && words.size() > 1 && words.get(1).matches(ACTS);
        if (limbActs) {
            return ofVerb(second);
        }
        boolean told = acts || words.size() > 1 && !LIMBS.contains(first);
        return told ? ofVerb(first) : Optional.empty();
    }

    private static Optional<String> called(List<String> words) {
        boolean name = words.size() > 1
                && words.size() <= LONGEST_NAME
                && words.stream().noneMatch(NOT_DONE::contains)
                && words.subList(0, words.size() - 1).stream()
                        .noneMatch(word -> word.matches(ACTS) || WHERE.contains(Stems.of1(word)));
        return name ? Optional.ofNullable(NOUNS.get(words.get(words.size() - 1))) : Optional.empty();
    }

    /** {@return whether that is the stem of a part of the body, or of the clothes, which one can hold} */
    static boolean isHeld(String stem) {
        return LIMBS.contains(stem) || CLOTH.contains(stem) || OTHERWISE_HELD.contains(stem);
    }

    /** {@return whether that is the stem of a verb with which people begin to tell what was done} */
    static boolean isVerb(String stem) {
        return ofVerb(stem).isPresent();
    }

    private static Optional<String> ofVerb(String stem) {
        return VERBS.entrySet().stream()
                .filter(kind -> kind.getValue().contains(stem))
                .map(Map.Entry::getKey)
                .findFirst();
    }
}
