package farglass.core.notation;

import java.util.Collection;
import java.util.Comparator;
import java.util.Optional;
import org.apache.commons.text.similarity.LevenshteinDistance;

/** Which of the words that may stand somewhere was most likely meant by one that may not. */
final class NearestWord {
    private NearestWord() {}

    /** {@return the word fewest letters away, within a third of the written one's letters; empty if none is} */
    static Optional<String> nearest(String written, Collection<String> words) {
        if (written.isBlank() || written.length() > 40) {
            return Optional.empty();
        }
        int reach = Math.max(1, written.length() / 3);
        LevenshteinDistance distance = new LevenshteinDistance(reach);
        record Near(String word, int slips) {}
        return words.stream()
                .map(word -> new Near(word, distance.apply(written, word)))
                .filter(near -> near.slips() >= 0)
                .min(Comparator.comparingInt(Near::slips))
                .map(Near::word);
    }
}
