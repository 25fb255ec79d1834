package farglass.core.naming;

import farglass.core.entry.Kind;
import java.util.List;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/**
 * Verbs of little meaning that people put before a name: "gets the kimura", "goes to half guard". They are left away; but not every name
 * stays the same without each of them.
 */
final class LightVerbs {
    private static final Set<String> LIGHT = stems(
            "take",
            "get",
            "go",
            "hit",
            "do",
            "use",
            "try",
            "attempt",
            "look",
            "enter",
            "reach",
            "secure",
            "establish",
            "grab",
            "grip",
            "hold",
            "catch",
            "transition",
            "land",
            "find",
            "move",
            "come",
            "play",
            "settle",
            "switch",
            "start",
            "set",
            "put",
            "throw",
            "shoot",
            "dig",
            "sneak",
            "drive",
            "dive",
            "apply",
            "force",
            "hunt",
            "work",
            "attack",
            "snatch",
            "lock",
            "win",
            "deliver",
            "has");

    /** Who catches, finds or locks a limb deals no blow with it. */
    private static final Set<String> HOLDS = stems("catch", "hold", "grab", "grip", "find", "lock", "take");

    /** Who takes one of these by the name of what is held has a grip of it; "works the wrist" or "drives the hip" says none. */
    private static final Set<String> TAKES = stems(
            "take",
            "get",
            "go",
            "grab",
            "grip",
            "hold",
            "catch",
            "secure",
            "establish",
            "reach",
            "win",
            "find",
            "snatch",
            "try",
            "attempt",
            "hunt",
            "look",
            "has");

    /** What is looked for is not had: a place is not reached by that. */
    private static final Set<String> SEEKS = stems("look", "hunt", "try", "attempt", "work", "attack", "shoot");

    /** Of what is switched or moved something else is said than of what is switched or moved to. */
    private static final Set<String> CHANGES = stems("switch", "move", "come", "look");

    /** What makes the last word a thing, and not the way somebody goes. */
    private static final Pattern OF_A_THING = Pattern.compile(".* (the|a|an|his|her|their|to|on) .*");

    private static final Set<String> DEALS = stems("land", "throw", "deliver", "hit");
    private static final Set<String> LEADING = stems("to", "for", "into", "in", "up", "at", "onto");
    private static final Set<String> TRAILING = stems("attempt", "try");

    private LightVerbs() {}

    static Set<String> stems(String... words) {
        return Set.of(words).stream().map(Stems::of1).collect(Collectors.toUnmodifiableSet());
    }

    /** {@return whether the word is a verb that says little: "goes", "gets", "switches"} */
    static boolean isLight(String word) {
        return LIGHT.contains(Stems.of1(Words.plain(word)));
    }

    /** {@return whether the first of the stems says that something is held} */
    static boolean holds(List<String> stems) {
        return !stems.isEmpty() && HOLDS.contains(stems.get(0));
    }

    /** {@return whether the word leads on to what is meant: "to", "into", "for"} */
    static boolean leads(String word) {
        return LEADING.contains(Stems.of1(word));
    }

    /** {@return what a phrase means without its light verb; nothing where there is none, or where it may not be left away} */
    static List<WordIndex.Meaning> left(String plain, List<String> stems, WordIndex index) {
        List<String> bare = without(stems);
        return bare.size() < stems.size() && !goesBack(plain) ? done(stems.get(0), bare, index.stems(bare)) : List.of();
    }

    /** {@return the stems without the light verb in front and what follows it} */
    private static List<String> without(List<String> stems) {
        int from = 0;
        int to = stems.size();
        if (to > 1 && TRAILING.contains(stems.get(to - 1))) {
            to--;
        }
        boolean leads = to > 1 && LEADING.contains(stems.get(1));
        boolean setsUp = to > 1 && stems.get(0).equals("set") && stems.get(1).equals("up");
        if (to > 1 && LIGHT.contains(stems.get(0)) && (leads || !CHANGES.contains(stems.get(0))) && !setsUp) {
            from = 1;
            while (from < to - 1 && LEADING.contains(stems.get(from))) {
                from++;
            }
        }
        return stems.subList(from, to);
    }

    /** "Reaches back" and "goes back" tell where to; "goes to the back" tells of a place. */
    private static boolean goesBack(String plain) {
        return plain.endsWith(" back") && !OF_A_THING.matcher(plain).matches();
    }

    /** What the verb leaves of the meanings of what it is said of: who holds a knee deals no blow, who drives a hip has no grip. */
    private static List<WordIndex.Meaning> done(String verb, List<String> of, List<WordIndex.Meaning> meanings) {
        boolean limb = of.size() == 1 && KindWords.isHeld(of.get(0)) && LIGHT.contains(verb) && !TAKES.contains(verb);
        boolean locks = verb.equals("lock");
        boolean shoots = verb.equals("shoot");
        return meanings.stream()
                // Nobody shoots to sit down.
                .filter(meaning -> !shoots || !meaning.term().isOf(Kind.PULL))
                // "Locks the choke" tells how far it got, which a choke alone would not.
                .filter(meaning -> !locks || !meaning.term().isOf(Kind.SUBMISSION))
                .filter(meaning ->
                        !SEEKS.contains(verb) || meaning.term().asPosition().isEmpty())
                .filter(meaning -> meaning.isBlow() ? !HOLDS.contains(verb) && (!limb || DEALS.contains(verb)) : !limb)
                .toList();
    }
}
