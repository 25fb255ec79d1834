package farglass.desktop.go;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Something one can go to, or do.
 *
 * @param kind what it is, such as "Technique"
 * @param words as shown
 * @param inWords what it is found by: each name in words of its own, without capitals and accents, the one shown first
 * @param beside what is told beside it, such as its key; may be empty
 * @param hindrance why it cannot be done now; empty where it can
 * @param weight added to what the letters weigh: what is used more stands further in front, and what there is much of further back
 * @param going goes there, or does it
 */
record Target(
        String kind,
        String words,
        List<List<String>> inWords,
        String beside,
        Optional<String> hindrance,
        double weight,
        Runnable going) {
    private static final double OF_ANOTHER_NAME = 0.8;
    private static final double HINDERED = 0.5;
    private static final double LEAST = 0.05;

    Target {
        inWords = List.copyOf(inWords);
    }

    static Target of(String kind, String words, String beside, Runnable going) {
        return new Target(kind, words, List.of(Letters.words(words)), beside, Optional.empty(), 0, going);
    }

    /** {@return the same, so much further in front, or behind where that is negative} */
    Target weighing(double more) {
        return new Target(kind, words, inWords, beside, hindrance, more, going);
    }

    /** {@return the same, found by other names, too} */
    Target alsoCalled(List<String> names) {
        List<List<String>> all = new ArrayList<>(inWords);
        names.forEach(name -> all.add(Letters.words(name)));
        return new Target(kind, words, all, beside, hindrance, weight, going);
    }

    /** {@return how well it is meant by these letters, above 0; 0 if it is not} */
    double weight(Letters letters) {
        double best = 0;
        for (int i = 0; i < inWords.size(); i++) {
            double found = letters.weight(inWords.get(i), words.length());
            best = Math.max(best, i == 0 ? found : OF_ANOTHER_NAME * found);
        }
        return best == 0 ? 0 : Math.max(LEAST, best + weight) * (hindrance.isPresent() ? HINDERED : 1);
    }
}
