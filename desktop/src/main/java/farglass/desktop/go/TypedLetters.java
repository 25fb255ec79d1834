package farglass.desktop.go;

import java.text.Normalizer;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;

/**
 * What somebody typed to find a thing by: words, beginnings of words, or the first letters of several. Accents and capitals do not matter,
 * nor the order of the words.
 */
final class TypedLetters {
    private static final double WHOLE_WORD = 4;
    private static final double BEGINNING = 3;
    private static final double FIRST_LETTERS = 2.5;
    private static final double WITHIN = 1;
    /** Fewer letters within a word would be found nearly everywhere. */
    private static final int LEAST_WITHIN = 3;

    private static final double AT_THE_FRONT = 1;
    /** So little that it only tells between what is alike: the shorter of two says more exactly what was typed. */
    private static final double PER_LETTER = 0.01;

    private static final double LEAST = 0.1;

    /** Nobody types more words to find a thing by; what was pasted may have a million. */
    private static final int MOST_WORDS = 12;

    private static final int MOST_LETTERS = 400;

    private final List<String> words;

    private TypedLetters(List<String> words) {
        this.words = words;
    }

    /** {@return what was typed; only its beginning, where it is longer than anybody types} */
    static TypedLetters of(String typed) {
        List<String> words = words(typed.substring(0, Math.min(MOST_LETTERS, typed.length())));
        return new TypedLetters(words.subList(0, Math.min(MOST_WORDS, words.size())));
    }

    /** {@return its words in small letters without accents} */
    static List<String> words(String text) {
        String plain = Normalizer.normalize(text, Normalizer.Form.NFD)
                .replaceAll("\\p{M}", "")
                .toLowerCase(Locale.ROOT);
        return Arrays.stream(plain.split("[^\\p{L}\\p{N}]+"))
                .filter(word -> !word.isEmpty())
                .toList();
    }

    boolean isEmpty() {
        return words.isEmpty();
    }

    /** {@return how well that text is meant, above 0; 0 where a word that was typed is not in it} */
    double weight(String text) {
        return weight(words(text), text.length());
    }

    /** {@return the same of a text that is in words already} */
    double weight(List<String> text, int length) {
        double sum = 0;
        for (String typed : words) {
            double best = 0;
            for (int i = 0; i < text.size(); i++) {
                best = Math.max(best, weight(typed, text.get(i), i));
            }
            String firsts = text.stream().map(word -> word.substring(0, 1)).collect(Collectors.joining());
            int at = typed.length() > 1 ? firsts.indexOf(typed) : -1;
            if (at >= 0) {
                best = Math.max(best, FIRST_LETTERS + (at == 0 ? AT_THE_FRONT : 0));
            }
            if (best == 0) {
                return 0;
            }
            sum += best;
        }
        return words.isEmpty() ? 0 : Math.max(LEAST, sum - PER_LETTER * length);
    }

    private static double weight(String typed, String word, int place) {
        double front = place == 0 ? AT_THE_FRONT : 0;
        if (word.equals(typed)) {
            return WHOLE_WORD + front;
        }
        if (word.startsWith(typed)) {
            return BEGINNING + front;
        }
        return typed.length() >= LEAST_WITHIN && word.contains(typed) ? WITHIN : 0;
    }
}
