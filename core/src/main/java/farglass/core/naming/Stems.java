package farglass.core.naming;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * Words without their endings: "cuts", "cut" and "cutting" are one, so that a technique is understood in every form of its verb. Only
 * compared with one another, never shown.
 */
public final class Stems {
    /** Said of whom or of which one: leaving them out changes no technique. */
    private static final Set<String> SMALL = Set.of(
            "the",
            "a",
            "an",
            "his",
            "her",
            "hers",
            "their",
            "theirs",
            "him",
            "them",
            "it",
            "its",
            "my",
            "your",
            "opponents",
            "is",
            "are",
            "was",
            "were");

    private static final Map<String, String> IRREGULAR = Map.ofEntries(
            Map.entry("took", "take"),
            Map.entry("taken", "take"),
            Map.entry("had", "has"),
            Map.entry("have", "has"),
            Map.entry("got", "get"),
            Map.entry("gotten", "get"),
            Map.entry("went", "go"),
            Map.entry("gone", "go"),
            Map.entry("goes", "go"),
            Map.entry("came", "come"),
            Map.entry("sat", "sit"),
            Map.entry("stood", "stand"),
            Map.entry("broke", "break"),
            Map.entry("broken", "break"),
            Map.entry("shot", "shoot"),
            Map.entry("swept", "sweep"),
            Map.entry("threw", "throw"),
            Map.entry("thrown", "throw"),
            Map.entry("held", "hold"),
            Map.entry("caught", "catch"),
            Map.entry("spun", "spin"),
            Map.entry("swung", "swing"),
            Map.entry("fell", "fall"),
            Map.entry("hid", "hide"),
            Map.entry("hidden", "hide"),
            Map.entry("ran", "run"),
            Map.entry("gave", "give"),
            Map.entry("fed", "feed"),
            Map.entry("lay", "lie"),
            Map.entry("lays", "lie"),
            Map.entry("lying", "lie"),
            Map.entry("wound", "wind"),
            Map.entry("slid", "slide"),
            Map.entry("hips", "hip"),
            Map.entry("feet", "foot"),
            Map.entry("x", "x"));

    private Stems() {}

    /** {@return the stems of the words of a text that is plain already, in their order, the small ones left out} */
    public static List<String> of(String plain) {
        List<String> stems = new ArrayList<>();
        for (String word : plain.split(" ")) {
            if (!SMALL.contains(word)) {
                stems.add(of1(word));
            }
        }
        return stems;
    }

    static boolean isSmall(String plain) {
        return SMALL.contains(plain);
    }

    /** {@return one word without its ending} */
    public static String of1(String word) {
        String known = IRREGULAR.get(word);
        return known != null ? withoutE(known) : withoutE(unbent(word));
    }

    private static String unbent(String word) {
        int length = word.length();
        if (length > 4 && (word.endsWith("ies") || word.endsWith("ied"))) {
            return word.substring(0, length - 3) + "y";
        }
        if (length > 4 && word.endsWith("ing")) {
            return undoubled(word.substring(0, length - 3), word);
        }
        if (length > 4 && word.endsWith("eed")) {
            return word.substring(0, length - 1);
        }
        if (length > 4 && word.endsWith("ed")) {
            return undoubled(word.substring(0, length - 2), word);
        }
        if (length > 4
                && (word.endsWith("sses")
                        || word.endsWith("shes")
                        || word.endsWith("ches")
                        || word.endsWith("xes")
                        || word.endsWith("zes"))) {
            return word.substring(0, length - 2);
        }
        boolean plural = length > 3 && word.endsWith("s") && !word.endsWith("ss") && !word.endsWith("us");
        return plural ? word.substring(0, length - 1) : word;
    }

    /** "Cutt" is "cut"; but "pass" stays, and what is left without a vowel was no verb. */
    private static String undoubled(String stem, String word) {
        if (stem.chars().noneMatch(c -> "aeiouy".indexOf(c) >= 0)) {
            return word;
        }
        int last = stem.length() - 1;
        boolean doubled = last > 1 && stem.charAt(last) == stem.charAt(last - 1);
        return doubled && "szaeiou".indexOf(stem.charAt(last)) < 0 ? stem.substring(0, last) : stem;
    }

    /** "Close", "closed" and "closing" differ in nothing but an e, "pummel" and "pummelling" in nothing but an l. */
    private static String withoutE(String word) {
        boolean silent = word.length() > 2 && word.endsWith("e") || word.length() > 3 && word.endsWith("ll");
        return silent ? word.substring(0, word.length() - 1) : word;
    }

    /** {@return how a joined word sounds, roughly: what a recogniser of speech or a hurried ear takes for the same} */
    static String sound(String joined) {
        String same = joined.replace("ph", "f")
                .replace("ck", "k")
                .replace("qu", "k")
                .replace('c', 'k')
                .replace('q', 'k')
                .replace('z', 's')
                .replace('y', 'i')
                .replace("ee", "i")
                .replace("ea", "i")
                .replace("oo", "u")
                .replace("ou", "u")
                .replace("h", "");
        StringBuilder once = new StringBuilder();
        for (char c : same.toCharArray()) {
            if (once.length() == 0 || once.charAt(once.length() - 1) != c) {
                once.append(c);
            }
        }
        return once.toString();
    }
}
