package farglass.core.naming;

import java.text.Normalizer;
import java.util.Locale;
import java.util.Set;
import java.util.regex.Pattern;

/** How words are compared: without case, accents, hyphens and doubled spaces. */
public final class Words {
    private static final Pattern MARKS = Pattern.compile("\\p{M}+");
    /** Keyboards and pages that set them nicely have others. */
    private static final Pattern APOSTROPHES = Pattern.compile("[\u2018\u2019\u00b4`]");

    private static final Pattern BETWEEN = Pattern.compile("[\\s\\-_]+");

    /** Written large wherever they stand; names of people and places are told by a capital behind the first letter. */
    private static final Set<String> NATIONS = Set.of("Russian", "Peruvian", "Japanese", "German", "Turkish", "Thai");

    private Words() {}

    /** {@return the form under which a word is looked up; in linear time} */
    public static String plain(String word) {
        return isPlain(word) ? word : made(word);
    }

    /** Most words are plain already, and are asked for more often than any other. */
    private static boolean isPlain(String word) {
        boolean blank = true;
        for (int i = 0; i < word.length(); i++) {
            char c = word.charAt(i);
            boolean between = c == ' ';
            if (between ? blank : (c < 'a' || c > 'z') && (c < '0' || c > '9') && c != '\'') {
                return false;
            }
            blank = between;
        }
        return !blank || word.isEmpty();
    }

    private static String made(String word) {
        String decomposed = Normalizer.normalize(word, Normalizer.Form.NFD);
        String unmarked = MARKS.matcher(decomposed).replaceAll("");
        return BETWEEN.matcher(APOSTROPHES.matcher(unmarked).replaceAll("'"))
                .replaceAll(" ")
                .strip()
                .toLowerCase(Locale.ROOT);
    }

    /** {@return whether a word says only of whom or of which one: an article, or a word such as "his"} */
    public static boolean isSmall(String word) {
        return Stems.isSmall(plain(word));
    }

    /** {@return the label within a sentence; one with a name in it, such as De La Riva guard, stays as it is} */
    public static String inSentence(String label) {
        // A letter by itself, as in X-guard, is a shape and stays large.
        if (label.length() > 1 && label.charAt(1) == '-') {
            return label;
        }
        if (NATIONS.contains(label.split(" ", 2)[0])) {
            return label;
        }
        boolean holdsName = label.substring(1).chars().anyMatch(Character::isUpperCase);
        return holdsName ? label : label.substring(0, 1).toLowerCase(Locale.ROOT) + label.substring(1);
    }

    /** {@return whether the text holds the word or words, whole, in any spelling} */
    public static boolean holds(String text, String words) {
        return (" " + plain(text) + " ").contains(" " + plain(words) + " ");
    }
}
